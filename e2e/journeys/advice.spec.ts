import type { Page } from '@playwright/test'
import { expect, reckoned, test, typeDate } from '../fixtures.js'

async function describe(page: Page, answers: Readonly<Record<string, string>>): Promise<void> {
  for (const [label, value] of Object.entries(answers))
    if (label === 'Running since') await typeDate(page, label, value)
    else await page.getByLabel(label, { exact: true }).fill(value)
}

test('a beginner’s bright tank without gas: what holds it back, what to try first, one click tries it', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/new`)
  await describe(page, { Name: 'First one', 'Running since': '20092026', 'Length, cm': '60', 'Width, cm': '30', 'Height, cm': '36' })
  await describe(page, { 'Watts, W': '45', 'Power, %': '100', 'Hours, h': '10' })
  await page.locator('[data-question="gasLines/*/control"]').getByRole('button', { name: 'none' }).click()
  await page.getByRole('button', { name: 'Save the tank' }).click()
  await reckoned(page)

  await expect(page.getByText(/^Algae gaining; wipe the glass/)).toBeVisible()
  await expect(page.getByText(/Plants grow at \d+ % of what this light allows, held back by carbon\./)).toBeVisible()
  const tried = page.getByRole('region', { name: 'What to try first' }).getByRole('listitem')
  await expect(tried.first()).toBeVisible()
  // Under strong light without gas less light comes first, and nothing is advised that needs more of it.
  await expect(tried.first()).toContainText(/^Dim the light to \d+ %/)
  await expect(tried.first()).toContainText(/algae −\d+ %, growth as before/)
  for (const text of await tried.allTextContents()) expect(text).not.toMatch(/Raise the light|Lengthen|gas/)
  const percent = /\d+/.exec((await tried.first().textContent()) ?? '')?.[0] ?? ''
  await tried
    .first()
    .getByRole('button', { name: /^Try it/ })
    .click()
  await expect(page.getByRole('slider', { name: 'Light', exact: true })).toHaveAttribute('aria-valuetext', `${percent} %`)
  await expect(page.getByText('Against the saved plan')).toBeVisible()
  await page.getByRole('button', { name: 'Save this plan' }).click()
  await page.getByRole('button', { name: 'Save from this day' }).click()
  await expect(page.getByText('The plan was saved.')).toBeVisible()
})

test('a shrimp tank over-gassed by its plan is stopped before water', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/new`)
  await describe(page, { Name: 'Shrimp cube', 'Running since': '11012027', 'Length, cm': '45', 'Width, cm': '27', 'Height, cm': '30' })
  await page.getByRole('button', { name: 'reactor', exact: true }).click()
  await describe(page, { 'Bubbles, /s': '4' })
  await page.getByRole('button', { name: 'Shrimps live here' }).click()
  await page
    .getByRole('group', { name: 'Grazing shrimps, kind unknown' })
    .getByLabel(/^Number/)
    .fill('10')
  const stop = page
    .getByRole('list', { name: 'To look at' })
    .getByRole('listitem')
    .filter({ hasText: 'The gas that is planned comes to about' })
  await expect(stop).toContainText('▲')
  await expect(stop).toContainText('animals bear at most')
  await page.getByRole('button', { name: 'Plan it sheet by sheet' }).click()

  // It is told on every sheet, with a way to the one that holds the gas, and cannot be let be.
  await expect(stop).toBeVisible()
  await expect(stop.getByRole('button', { name: /^Let be/ })).toHaveCount(0)
  await stop.getByRole('link', { name: 'Gas', exact: true }).click()
  await expect(page).toHaveURL(/supply\/gas$/)
  await stop.getByRole('button', { name: /^Lower it to [\d.]+ mg\/L at gas-off/ }).click()
  await expect(stop).toHaveCount(0)
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  const bubbles = Number(await page.getByLabel('Bubbles, /s').inputValue())
  expect(bubbles).toBeGreaterThan(0)
  expect(bubbles).toBeLessThan(2)
  // The balance says the same: nothing is left to warn of.
  await page
    .getByRole('link', { name: 'See its balance' })
    .or(page.getByRole('button', { name: 'See its balance' }))
    .click()
  await reckoned(page)
  await expect(page.getByText(/(Far too much|Too much|More) CO2/)).toHaveCount(0)
})
