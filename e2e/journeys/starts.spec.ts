import type { Page } from '@playwright/test'
import { CUBE, expect, expectAccessible, NOW, RIVER, test } from '../fixtures.js'

interface Job {
  readonly kind: string
  readonly on: string
  readonly values: Readonly<Record<string, { readonly value: number }>>
}
const jobsOf = async (page: Page, app: string, tank: string, from: string, to: string): Promise<Job[]> =>
  ((await (await page.request.get(`${app}/api/tanks/${tank}/jobs?from=${from}&to=${to}`)).json()) as { jobs: Job[] }).jobs
const kindsOn = async (page: Page, app: string, tank: string, day: string): Promise<string[]> =>
  (await jobsOf(page, app, tank, day, day)).filter(({ on }) => on === day).map(({ kind }) => kind)

test('a dry start from misting to flooding: everything after it moves along, also when it is taken back', async ({ page, demoApp }) => {
  await page.clock.setSystemTime(NOW)
  await page.goto(`${demoApp}/tanks/${CUBE}/calendar`)
  const weeks = page.getByRole('region', { name: 'In the dry weeks' })
  await expect(weeks).toContainText(/flooding Dec.* 2026|flooding .*Dec/)
  await expect(weeks).toContainText(/Closed today, by the model\s*about \d+ %/)
  await expectAccessible(page)
  // Today’s mist is told; nothing of a filled tank is asked.
  await page.getByRole('button', { name: 'Done: Mist and air' }).click()
  await expect(page.getByText(/Mist and air.*done/i).first()).toBeVisible()
  expect(await kindsOn(page, demoApp, CUBE, '2026-11-25')).toContain('mist')
  expect(await kindsOn(page, demoApp, CUBE, '2026-11-25')).not.toContain('change')

  // Earlier than planned, by eye.
  await weeks.getByRole('button', { name: 'Flooded today' }).click()
  await expect(weeks).toHaveCount(0)
  await page.reload()
  await expect(page.getByRole('heading', { name: 'Calendar' })).toBeVisible()
  await expect(weeks).toHaveCount(0)
  const tomorrow = await jobsOf(page, demoApp, CUBE, '2026-11-25', '2026-11-25')
  expect(tomorrow.find(({ kind }) => kind === 'change')?.values['share']?.value).toBe(0.9)
  expect(tomorrow.map(({ kind }) => kind)).not.toContain('mist')
  // The light is that of a tank in its first week under water.
  expect(
    (await jobsOf(page, demoApp, CUBE, '2026-11-24', '2026-11-24')).find(({ kind }) => kind === 'light-step')?.values['light']?.value,
  ).toBe(6)
  await page.goto(`${demoApp}/tanks/${CUBE}/balance`)
  await expect(page.getByText('The water in that week')).toBeVisible({ timeout: 30_000 })

  // It was the wrong tank.
  await page.request.delete(`${demoApp}/api/tanks/${CUBE}/jobs/prepare%3Aflood/2026-11-24`, {
    headers: { 'If-Match': `"${await toldAt(page, demoApp)}"` },
  })
  await page.goto(`${demoApp}/tanks/${CUBE}/calendar`)
  await expect(weeks).toBeVisible()
  expect(await kindsOn(page, demoApp, CUBE, '2026-11-25')).toContain('mist')
})
const toldAt = async (page: Page, app: string): Promise<string> => {
  const { jobs } = (await (await page.request.get(`${app}/api/tanks/${CUBE}/jobs?from=2026-11-24&to=2026-11-24`)).json()) as {
    jobs: { kind: string; record: { at: string } | null }[]
  }
  const told = jobs.find(({ kind }) => kind === 'flood')
  return told?.record?.at ?? ''
}

test('a dark start in soft water is warned of, stalls by its tests, is told what to do, and ends with planting', async ({
  page,
  demoApp,
}) => {
  await page.clock.setSystemTime(NOW)
  const like = (await (await page.request.get(`${demoApp}/api/tanks/${RIVER}/plan`)).json()) as {
    sources: readonly object[]
    water: object
    logistics: object
  }
  const made = await page.request.post(`${demoApp}/api/tanks`, {
    data: {
      plan: {
        ...like,
        name: 'Foyer dark',
        startedOn: '2026-11-03',
        sources: [{ ...like.sources[0], alkalinityMeqPerL: 0.36 }],
        water: { ...like.water, minerals: [], alkalinityMeqPerL: null },
        logistics: { ...like.logistics, purifiedFraction: 0 },
      },
    },
  })
  const { id } = (await made.json()) as { id: string }
  await page.goto(`${demoApp}/tanks/${id}/plan/programme`)
  await expect(page.getByText(/^planted and filled at once: /)).toBeVisible()
  await page.getByRole('button', { name: /^dark start: filled/ }).click()
  const ends = page.getByRole('textbox', { name: /^Ends on day/ })
  await ends.fill('0')
  await expect(ends).toHaveAttribute('aria-invalid', 'true')
  await ends.fill('35')
  await page.keyboard.press('Tab')
  await expect(page.getByText(/^Dark start with new water of 1/)).toBeVisible()
  await expectAccessible(page)
  // The plan’s water is mended with one click; what stands in the tank is another matter.
  await page.getByRole('button', { name: /^Aim the new water at 4/ }).click()
  await expect(page.getByText(/^Dark start with new water of 1/)).toHaveCount(0)

  const log = async (quantity: string, value: number, day: string): Promise<void> => {
    const logged = await page.request.post(`${demoApp}/api/tanks/${id}/journal`, {
      data: {
        id: crypto.randomUUID().replace(/^(.{14})./, '$17'),
        kind: 'reading',
        at: `${day}T08:00:00.000Z`,
        recordedBy: null,
        note: null,
        quantity,
        value,
        qualifier: '=',
        enteredText: String(value),
        enteredUnit: quantity === 'alkalinity' ? 'meq/L' : 'mg N/L',
        basis: null,
        method: null,
        moment: null,
        eventId: null,
      },
    })
    expect(logged.status()).toBe(201)
  }
  await log('ammonia', 4, '2026-11-15')
  await log('ammonia', 4, '2026-11-23')
  await log('nitrite', 0.5, '2026-11-23')
  await log('alkalinity', 0.3, '2026-11-23')
  await page.goto(`${demoApp}/tanks/${id}/calendar`)
  const weeks = page.getByRole('region', { name: 'In the dark weeks' })
  await expect(weeks.getByRole('status')).toHaveText(/^The cycle stands still/)
  await expect(weeks).toContainText(/dissolve [\d.]+ g of potassium bicarbonate/)
  await expectAccessible(page)
  expect(await kindsOn(page, demoApp, id, '2026-11-26')).not.toContain('change')

  await weeks.getByRole('button', { name: 'Planted today' }).click()
  await expect(weeks).toHaveCount(0)
  // The one large change stands on the day of planting, the pattern from there.
  const today = await jobsOf(page, demoApp, id, '2026-11-24', '2026-11-24')
  expect(today.find(({ kind }) => kind === 'change')?.values['share']?.value).toBe(0.9)
  expect(await kindsOn(page, demoApp, id, '2026-11-25')).toContain('change')
})
