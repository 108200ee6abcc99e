import type { Page } from '@playwright/test'
import { expect, expectAccessible, expectAccessibleDayAndNight, NOW, RIVER, test, typeDate } from '../fixtures.js'

interface Absence {
  readonly id: string
  readonly leaveOn: string
  readonly backOn: string
}
interface Stored {
  readonly plan: { readonly absences: readonly Absence[] }
  readonly revision: number
}

/** The same absence on other days, as if time had passed. */
async function shift(page: Page, demoApp: string, dates: Readonly<Record<string, string>>): Promise<void> {
  const { plan, revision } = (await (await page.request.get(`${demoApp}/api/tanks/${RIVER}/plan/revision`)).json()) as Stored
  const stored = await page.request.put(`${demoApp}/api/tanks/${RIVER}/plan`, {
    data: { ...plan, absences: plan.absences.map((one) => ({ ...one, ...dates })) },
    headers: { 'If-Match': `"${revision}"` },
  })
  expect(stored.status()).toBe(200)
}

test('ten days away: planned, kept, told on Today and to who looks in, and the way back', async ({ page, demoApp }) => {
  await page.clock.setSystemTime(NOW)
  await page.goto(`${demoApp}/tanks/${RIVER}/calendar`)
  await page.getByRole('link', { name: 'I leave for some days' }).click()
  await expect(page.getByRole('status')).toContainText('Tell the two dates')

  // A return before the leave is told at its field, and nothing is lost.
  await typeDate(page, 'You leave on', '08122026')
  await typeDate(page, 'You are back on', '05122026')
  await expect(page.getByText('The day of your return lies after the day on which you leave.')).toBeVisible()
  await typeDate(page, 'You are back on', '18122026')
  await expect(page.getByText(/^10 days away, /)).toBeVisible()
  await expect(page.getByRole('img', { name: /^Reading-room river, day by day around the absence/ })).toBeVisible()
  await expect(page.getByRole('region', { name: 'What you need' })).toContainText(/3 portions of [\d.]+ g/)
  await expect(page.getByRole('region', { name: 'The tank meanwhile, by the model' })).toContainText(/Oxygen, lowest.*mg\/L \(/, {
    timeout: 60_000,
  })
  await expectAccessibleDayAndNight(page)

  // What is typed outlives a reload; what opens tells its sum.
  await page.getByLabel('For who looks in').fill('Key at the front desk')
  await page.reload()
  await expect(page.getByLabel('For who looks in')).toHaveValue('Key at the front desk')
  await page.getByRole('region', { name: 'What you need' }).getByRole('button', { name: / L$/ }).first().click()
  await expect(page.getByText('evaporated a day', { exact: false }).first()).toBeVisible()
  await page.keyboard.press('Escape')

  await page.getByRole('button', { name: 'Keep this absence' }).click()
  await expect(page.getByText(/^Kept\. Its jobs stand on Today/)).toBeVisible()
  await page.getByRole('button', { name: 'Card for who looks in' }).click()
  const card = page.getByRole('dialog', { name: 'Card for who looks in' })
  await expect(card.getByRole('img')).toBeVisible()
  await expect(card).toContainText('close the gas at the cylinder')
  await expect(card).toContainText('Key at the front desk')
  await expectAccessible(page)
  await card.getByRole('button', { name: 'Close' }).click()
  await page.getByRole('link', { name: 'Calendar' }).last().click()
  await expect(page.getByText(/^Away /)).toBeVisible()
  await expect(page.getByText('Before you leave: stocks').first()).toBeVisible()

  // Fourteen days before leaving the light is to be lowered today.
  await shift(page, demoApp, { lowerFrom: '2026-11-24' })
  await page.goto(`${demoApp}/today`)
  const river = page.getByRole('region', { name: 'Reading-room river' })
  await expect(river).toContainText(/Light for the absence6 h at \d+ %/)

  // Away: nothing but the visit is asked for.
  await shift(page, demoApp, { leaveOn: '2026-11-21', backOn: '2026-12-01', lowerFrom: '2026-11-07', cleanOn: '2026-11-16' })
  await page.reload()
  await expect(river).toContainText('Visit while you are away')
  await expect(river).not.toContainText('Change water')

  // Back: animals first.
  await shift(page, demoApp, { leaveOn: '2026-11-14', backOn: '2026-11-24', lowerFrom: '2026-10-31', cleanOn: '2026-11-09' })
  await page.reload()
  await expect(river).toContainText('Back home: first look')
  await expect(river).toContainText('Change water')

  // Deleted, and taken back.
  await page.goto(`${demoApp}/answers/away?tank=${RIVER}`)
  const kept = page.getByRole('region', { name: 'Kept absences' })
  await kept.getByRole('button', { name: 'Delete' }).click()
  await expect(kept).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(kept).toBeVisible()
})
