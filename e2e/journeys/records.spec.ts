import type { Page } from '@playwright/test'
import { expect, reckoned, RIVER, test, typeDate } from '../fixtures.js'

const journal = (base: string): string => `${base}/tanks/${RIVER}/journal`
const entry = (page: Page, text: string) =>
  page.getByRole('region', { name: 'What happened' }).getByRole('listitem').filter({ hasText: text })

test('log, edit, undo, put away, bring back, find', async ({ page, demoApp }) => {
  await page.goto(journal(demoApp))
  // With the keyboard alone: from pH to KH, and Enter logs.
  await page.getByLabel('pH', { exact: true }).focus()
  await page.keyboard.type('6.05')
  await page.keyboard.press('Tab')
  await page.keyboard.type('3')
  await page.keyboard.press('Enter')
  await expect(entry(page, 'pH 6.05')).toHaveCount(1)
  await expect(page.getByLabel('pH', { exact: true })).toBeFocused()

  // What is wrong is said at the field, and nothing typed is lost.
  await page.getByLabel('pH', { exact: true }).fill('66')
  await page.getByLabel('Nitrate, mg NO3/L').fill('1.000,5')
  await page.keyboard.press('Enter')
  await expect(page.getByText('Give a value from 3 to 11.')).toBeVisible()
  await expect(page.getByText(/either a comma or a point/)).toBeVisible()
  await expect(page.getByLabel('pH', { exact: true })).toHaveValue('66')
  await page.reload()
  await expect(page.getByLabel('pH', { exact: true })).toHaveValue('66')
  await page.getByLabel('Nitrate, mg NO3/L').fill('')
  await page.getByLabel('pH', { exact: true }).fill('')

  await entry(page, 'pH 6.05').getByRole('button', { name: 'Edit' }).click()
  const dialog = page.getByRole('dialog', { name: 'Change what was logged' })
  await dialog.getByLabel('measured').fill('6.15')
  await dialog.getByRole('button', { name: 'Save' }).click()
  await expect(entry(page, 'pH 6.15')).toHaveCount(1)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(entry(page, 'pH 6.05')).toHaveCount(1)

  await entry(page, 'pH 6.05').getByRole('button', { name: 'Delete' }).click()
  await expect(entry(page, 'pH 6.05')).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(entry(page, 'pH 6.05')).toHaveCount(1)

  await page.getByRole('button', { name: 'Note', exact: true }).click()
  await page.getByRole('form', { name: 'Note' }).getByLabel('Note').fill('Moved the outlet to the left <b>corner</b>')
  await page.getByRole('button', { name: 'Log note' }).click()
  await page.getByLabel('Find').fill('outlet to the')
  await expect(entry(page, '<b>corner</b>')).toHaveCount(1)
  await expect(page).toHaveURL(/q=outlet/)
  await page.reload()
  await expect(entry(page, 'Moved the outlet')).toHaveCount(1)
  await page.getByLabel('Find').fill('no such words')
  await expect(page.getByText('Nothing fits this filter.')).toBeVisible()
})

test('what was measured stands beside the forecast, with its figures as a table', async ({ page, demoApp }) => {
  await page.goto(`${journal(demoApp)}?quantity=nitrate`)
  await expect(page.getByText(/\d+ of \d+ readings lie in the band\./)).toBeVisible({ timeout: 60_000 })
  const chart = page.getByRole('region', { name: 'Measured beside the forecast' })
  await chart.getByText('As a table').click()
  await expect(chart.getByRole('row').nth(1)).toContainText(/mg NO3\/L\s*\d.*–/)
  await chart.getByLabel('Quantity').click()
  await page.getByRole('option', { name: 'Evaporated' }).click()
  await expect(chart.getByText('The model does not calculate this quantity')).toBeVisible()
  await expect(page).toHaveURL(/quantity=evaporated/)
})

test('readings that lie apart from the forecast: how many, which way, how far, what stands behind it and what to check', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${journal(demoApp)}?quantity=ammonia`)
  const chart = page.getByRole('region', { name: 'Measured beside the forecast' })
  const inBand = (text: RegExp) => expect(chart.getByText(text)).toBeVisible({ timeout: 60_000 })
  const counted = /\d+ of (\d+) readings lie in the band\./
  await inBand(counted)
  const readings = Number(counted.exec(await chart.innerText())?.[1])
  expect(readings).toBeGreaterThan(5)
  await expect(chart.getByText(/^Most readings lie above the forecast, by about \d[\d.]* mg N\/L\.$/)).toBeVisible()
  const reasons = chart.getByRole('listitem')
  expect(await reasons.count()).toBeGreaterThan(1)
  // Each reason says what to check.
  for (const reason of await reasons.allInnerTexts()) expect(reason.split('. ').length, reason).toBeGreaterThan(1)
  await expect(chart.getByText(/^If the test is sound, correct the description/)).toBeVisible()
  // What is logged now counts at once.
  await page.getByLabel('More …').click()
  await page.getByRole('option', { name: 'Ammonia (total)' }).click()
  await page.getByLabel(/^Ammonia \(total\), /).fill('0,6')
  await page.getByRole('button', { name: 'Log readings' }).click()
  await inBand(new RegExp(`\\d+ of ${readings + 1} readings lie in the band\\.`))
  // Where readings and forecast agree nothing is explained away.
  await page.goto(`${journal(demoApp)}?quantity=iron`)
  await inBand(/[34] of 4 readings lie in the band\./)
  await expect(chart.getByText(/^What mostly stands behind/)).toHaveCount(0)
})

test('several pictures at once, with a caption; each opens large, and its caption and spot are changed there', async ({
  page,
  demoApp,
}) => {
  await page.goto(journal(demoApp))
  const gallery = page.getByRole('region', { name: 'Pictures', exact: true })
  await expect(gallery.getByRole('listitem')).toHaveCount(4)
  await page.getByRole('button', { name: 'Photo', exact: true }).click()
  await page.getByLabel('Caption').fill('After the trim')
  const shots = [await page.screenshot(), await gallery.screenshot()]
  await page
    .getByLabel('Choose or take pictures')
    .setInputFiles(shots.map((buffer, index) => ({ name: `tank-${index}.png`, mimeType: 'image/png', buffer })))
  await expect(gallery.getByRole('listitem')).toHaveCount(6)
  await expect(gallery.getByText('After the trim')).toHaveCount(2)

  await gallery.getByRole('button', { name: /Sep/ }).click()
  const large = page.getByRole('dialog')
  await expect(large.getByRole('img', { name: 'Three days after planting' })).toBeVisible()
  await expect(large.getByRole('button', { name: 'Older' })).toBeDisabled()
  await page.keyboard.press('ArrowRight')
  await expect(large.getByRole('heading')).toContainText('Oct')
  await large.getByRole('button', { name: 'Edit' }).click()
  await page.getByLabel('Caption').last().fill('Carpet half closed')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(large.getByText('Carpet half closed')).toBeVisible()
  await large.getByRole('button', { name: 'Close' }).click()
  await page.reload()
  await expect(gallery.getByText('Carpet half closed')).toBeVisible()
})

test('a setting that changed yesterday: the forecast answers, and the journal tells it', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/balance`)
  await reckoned(page)
  const strand = page.locator('[data-strand="light"] path').nth(1)
  const before = await strand.getAttribute('d')
  await page.getByRole('slider', { name: 'Light', exact: true }).focus()
  await page.keyboard.press('Home')
  await expect(page.getByText('Against the saved plan')).toBeVisible()
  await page.getByRole('button', { name: 'Save this plan' }).click()
  await typeDate(page, 'Valid from', '23112026')
  await page.getByLabel('Why (stands in the journal)').fill('dust on the glass')
  await page.getByRole('button', { name: 'Save from this day' }).click()
  await expect(page.getByText('The plan was saved.')).toBeVisible()
  await reckoned(page)
  await expect.poll(() => strand.getAttribute('d')).not.toBe(before)
  await page.getByRole('link', { name: 'Journal' }).click()
  const history = page.getByRole('region', { name: 'Settings over time' })
  await expect(history.getByRole('listitem').first()).toContainText(/23 Nov 2026: Power 72 % → .*dust on the glass/)

  // The same from the Plan: an edit that is a change from a day, not a correction.
  await page.getByRole('link', { name: 'Plan', exact: true }).click()
  await page.getByLabel('What an edit means').click()
  await page.getByRole('option', { name: 'Change from' }).click()
  await page.getByLabel('Water temperature, °C').fill('25')
  await page.getByLabel('Water temperature, °C').blur()
  await expect(page.getByText('Saved', { exact: true })).toBeVisible()
  await page.getByRole('link', { name: 'Journal' }).click()
  await expect(history.getByRole('listitem').first()).toContainText('24 Nov 2026: Water temperature 24 °C → 25 °C')
})

test('two windows and another device: nobody’s change is lost, and a rival change is said', async ({ page, context, demoApp }) => {
  await page.goto(journal(demoApp))
  const other = await context.newPage()
  await other.goto(journal(demoApp))
  await page.getByLabel('pH', { exact: true }).fill('6.11')
  await other.getByLabel('pH', { exact: true }).fill('6.22')
  await Promise.all([page, other].map((window) => window.getByRole('button', { name: 'Log readings' }).click()))
  await page.reload()
  await expect(entry(page, 'pH 6.11')).toHaveCount(1)
  await expect(entry(page, 'pH 6.22')).toHaveCount(1)

  await other.reload()
  await entry(page, 'pH 6.11').getByRole('button', { name: 'Edit' }).click()
  await entry(other, 'pH 6.11').getByRole('button', { name: 'Edit' }).click()
  await page.getByRole('dialog').getByLabel('measured').fill('6.5')
  await page.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(entry(page, 'pH 6.5')).not.toHaveCount(0)
  await other.getByRole('dialog').getByLabel('measured').fill('6.9')
  await other.getByRole('dialog').getByRole('button', { name: 'Save' }).click()
  await expect(other.getByText('Somebody changed this since you looked.')).toBeVisible()
  await expect(other.getByRole('dialog').getByLabel('measured')).toHaveValue('6.9')
})

test('today: done, skipped, moved with a reason, taken back; the calendar shows the same', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/today`)
  const archive = page.getByRole('region', { name: 'Archive tank' })
  await archive.getByRole('button', { name: 'Done: Wipe the glass' }).click()
  const row = (title: string) => archive.getByRole('listitem').filter({ hasText: title })
  await expect(row('Wipe the glass')).toContainText('✓ done')
  await expect(page.getByText('Archive tank: Wipe the glass, done')).toBeVisible()
  await archive.getByRole('button', { name: 'Skip: Trim' }).click()
  await expect(row('Trim')).toContainText('skipped')
  await archive.getByRole('button', { name: 'Move …: Clean the filter' }).click()
  await typeDate(page, 'To', '27112026')
  await page.getByRole('button', { name: 'Move it' }).click()
  await expect(page.getByLabel('Why')).toHaveAccessibleDescription('This is needed.')
  await expect(page.getByLabel('Why')).toBeFocused()
  await page.getByLabel('Why').fill('no spare gasket')
  await page.getByRole('button', { name: 'Move it' }).click()
  await expect(archive.getByRole('button', { name: 'Done: Clean the filter' })).toHaveCount(0)
  await expect(row('Clean the filter')).toContainText('moved to 27 Nov')
  await row('Trim').getByRole('button', { name: 'Undo: Trim' }).click()
  await expect(archive.getByRole('button', { name: 'Done: Trim' })).toBeVisible()

  await archive.getByRole('link', { name: 'Archive tank' }).click()
  await page.getByRole('link', { name: 'Calendar' }).click()
  const days = page.getByRole('slider', { name: /Care by week/ })
  await days.focus()
  for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowRight')
  await expect(page).toHaveURL(/day=2026-11-27/)
  const day = page.getByRole('region', { name: 'On the day' })
  await expect(day).toContainText('moved from 24 Nov')
  await expect(day).toContainText('no spare gasket')
})

test('a step of the first weeks is set in one tap, from today', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/01920000-0000-7000-8000-000000000002/calendar?day=2026-11-26`)
  await expect(page.getByText('brown film', { exact: true })).toBeVisible()
  await page.getByRole('button', { name: 'Set it' }).click()
  await expect(page.getByText(/The light was set from today on|Light, next step, done/)).toBeVisible()
  await page.getByRole('link', { name: 'Journal' }).click()
  await expect(page.getByRole('region', { name: 'Settings over time' })).toContainText(/24 Nov 2026: Hours 7 h → 6.5 h/)
})

test('answers: gas and animals from readings, sums without any tank, all two clicks away', async ({ page, demoApp, emptyApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal`)
  await page.getByRole('link', { name: 'Answers' }).click()
  await page.getByRole('link', { name: /Is the gas enough/ }).click()
  await expect(page.getByRole('table', { name: 'CO2 over the gas day' })).toContainText('gas off')
  await page.getByRole('table').getByRole('button', { name: /mg\/L/ }).first().click()
  await expect(page.getByRole('dialog', { name: 'CO2 from pH and alkalinity' })).toContainText('Plummer & Busenberg')
  await page.keyboard.press('Escape')
  await page.getByRole('link', { name: /May animals go in/ }).click()
  await expect(page.getByText(/Not tested of late|at zero/).first()).toBeVisible()

  await page.goto(emptyApp)
  await page.getByRole('link', { name: 'Answers' }).click()
  await page.getByRole('link', { name: /How much of this salt/ }).click()
  await page.getByLabel('To add, mg/L').first().fill('10')
  await page.getByLabel('Water, L').first().fill('100')
  await expect(page.getByRole('status', { name: 'Result' })).toHaveText(/1\.631 g/)
  await page.getByRole('link', { name: 'Open the calculator' }).click()
  await expect(page).toHaveURL(/feed\.salt-grams\?.*addMgPerL=10/)
  await page.reload()
  await expect(page.getByRole('status', { name: 'Result' })).toHaveText(/1\.631 g/)
})

test('the emergency card opens from every place, by button and by key', async ({ page, demoApp }) => {
  for (const path of [
    '/',
    '/today',
    '/answers',
    '/workings',
    '/settings',
    '/new',
    `/tanks/${RIVER}/plan`,
    `/tanks/${RIVER}/balance`,
    `/tanks/${RIVER}/calendar`,
    `/tanks/${RIVER}/journal`,
  ]) {
    await page.goto(`${demoApp}${path}`)
    await page.getByRole('heading', { level: 1 }).waitFor()
    await page.keyboard.press('!')
    await expect(page.getByRole('dialog', { name: /Animals in trouble/ }), path).toBeVisible()
    await page.keyboard.press('Escape')
    await expect(page.getByRole('dialog')).toHaveCount(0)
  }
})
