import type { Locator, Page } from '@playwright/test'
import { expect, expectAccessible, RIVER, test } from '../fixtures.js'

/** Types over a cell of a table, as in a spreadsheet. */
async function write(page: Page, cell: Locator, text: string, end = 'Enter'): Promise<void> {
  await cell.click()
  await page.keyboard.press('ControlOrMeta+a')
  if (text === '') await page.keyboard.press('Delete')
  else await page.keyboard.type(text)
  await page.keyboard.press(end)
}

test('the library is typed into like a spreadsheet: what is wrong stays in its cell, what is kept can be taken back', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/library/products`)
  const grounds = page.getByRole('grid', { name: 'Grounds' })
  const bag = grounds
    .getByRole('row', { name: /Fine gravel/ })
    .getByRole('gridcell')
    .nth(2)
  await write(page, bag, '9000')
  await expect(page.getByRole('tooltip')).toHaveText('Give a value from 0.1 to 2000 L.')
  await expect(bag.getByRole('textbox')).toHaveValue('9000')
  await page.keyboard.press('ControlOrMeta+a')
  await page.keyboard.type('7,5')
  await page.keyboard.press('Enter')
  await expect(bag).toHaveText('7.5')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(bag).toHaveText('6')
  // By keys alone: along the row, typing begins at once, Escape takes back.
  await bag.click()
  await page.keyboard.press('Escape')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.type('1,6')
  await page.keyboard.press('Escape')
  await expect(bag.locator('xpath=following-sibling::*[1]')).toHaveText('1.52')
  await expectAccessible(page)

  await page.getByRole('button', { name: 'Add a ground' }).click()
  await page.getByRole('button', { name: 'Delete My ground' }).click()
  await expect(page.getByText('My ground was deleted.')).toBeVisible()
  await expect(grounds.getByRole('row', { name: /My ground/ })).toHaveCount(0)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(grounds.getByRole('row', { name: /My ground/ })).toHaveCount(1)
  // A sample stays.
  await expect(grounds.getByRole('button', { name: /^Delete Fine gravel/ })).toHaveCount(0)
  await grounds.getByRole('columnheader', { name: 'Bag, L' }).click()
  await expect(grounds.getByRole('columnheader', { name: 'Bag, L' })).toHaveAttribute('aria-sort', 'ascending')
  await expect(grounds.getByRole('row').nth(1)).toHaveText(/Rich soil, bag of 3 L/)
})

test('a cell that is still being kept takes neither the focus nor the keys of the next one', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/library/products`)
  await page.getByRole('button', { name: 'Add a ground' }).click()
  const row = page.getByRole('row', { name: /My ground/ })
  const cell = (nth: number): Locator => row.getByRole('gridcell').nth(nth)
  await expect(row).toBeVisible()
  // The house is slow: each answer waits until it is let go.
  const waiting: (() => void)[] = []
  await page.route('**/api/products/*', async (route) => {
    if (route.request().method() === 'PUT') await new Promise<void>((resolve) => waiting.push(resolve))
    await route.continue()
  })
  await write(page, cell(5), '7', 'Tab')
  await expect.poll(() => waiting.length).toBe(1)
  await cell(0).click()
  await page.keyboard.press('ControlOrMeta+a')
  await page.keyboard.type('Slow')
  waiting.shift()?.()
  await expect(cell(5).getByRole('textbox')).toHaveCount(0)
  await page.keyboard.type(' river soil')
  await page.keyboard.press('Tab')
  await expect.poll(() => waiting.length).toBe(1)
  waiting.shift()?.()
  await expect(
    page
      .getByRole('row', { name: /Slow river soil/ })
      .getByRole('gridcell')
      .nth(5),
  ).toHaveText('7')
})

test('readings in a table: changed, logged, deleted and taken back cell by cell, in the list as in the table', async ({
  page,
  emptyApp,
  request,
}) => {
  const id = '01920000-0000-7000-8000-0000000000e1'
  await page.goto(emptyApp)
  await page
    .getByRole('link', { name: /^Describe/ })
    .first()
    .click()
  await page.getByLabel('Name', { exact: true }).fill('Window tank')
  await page.getByRole('button', { name: 'Save the tank' }).click()
  await expect(page).toHaveURL(/\/tanks\/[0-9a-f-]+\//)
  const tank = /\/tanks\/([0-9a-f-]+)/.exec(page.url())?.[1] ?? id
  await page.goto(`${emptyApp}/tanks/${tank}/journal`)
  await page.getByLabel('pH', { exact: true }).fill('6,9')
  await page.getByLabel(/^Nitrate, /).fill('22')
  await page.getByRole('button', { name: 'Log readings' }).click()
  await expect(page.getByText('Logged: pH 6,9, Nitrate 22')).toBeVisible()
  await page.getByRole('button', { name: 'Readings in a table' }).click()
  const sheet = page.getByRole('grid', { name: 'Readings' })
  await expect(sheet).toBeVisible()
  const cell = (field: string, row = 0): Locator => sheet.locator(`[role=row][data-rowindex="${row}"] [data-field=${field}]`)
  await expect(cell('pH')).toHaveText('6,9')
  const list = async (): Promise<Record<string, unknown>[]> =>
    (
      (await (await request.get(`${emptyApp}/api/tanks/${tank}/journal?kinds=reading`)).json()) as {
        entries: { record: Record<string, unknown> }[]
      }
    ).entries.map(({ record }) => record)
  await write(page, cell('nitrate'), 'much')
  await expect(page.getByRole('tooltip')).toHaveText('This is not a number.')
  await page.keyboard.press('ControlOrMeta+a')
  await page.keyboard.type('<5')
  await page.keyboard.press('Enter')
  await expect(cell('nitrate')).toHaveText('<5')
  expect((await list()).find(({ quantity }) => quantity === 'nitrate')).toMatchObject({
    qualifier: '<',
    enteredText: '<5',
    enteredUnit: 'mg NO3/L',
  })
  await write(page, cell('temperature'), '24,5')
  await expect(cell('temperature')).toHaveText('24,5')
  const readings = await list()
  expect(readings).toHaveLength(3)
  // One sitting: the new one is of the same moment.
  expect(new Set(readings.map(({ at }) => at)).size).toBe(1)
  await write(page, cell('pH'), '')
  await expect(page.getByText('Deleted.', { exact: true })).toBeVisible()
  await expect(cell('pH')).toHaveText('')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(cell('pH')).toHaveText('6,9')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'As a list' }).click()
  await expect(page.getByRole('region', { name: 'What happened' }).getByRole('listitem')).toHaveCount(4)
})

test('readings of another window are never written over from a cell', async ({ page, context, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal?view=sheet`)
  // The newest nitrate.
  const cell = (of: Page): Locator =>
    of.getByRole('grid', { name: 'Readings' }).locator('[role=gridcell][data-field=nitrate]').filter({ hasText: /\d/ }).first()
  await expect(cell(page)).toBeVisible()
  const other = await context.newPage()
  await other.goto(`${demoApp}/tanks/${RIVER}/journal?view=sheet`)
  await write(other, cell(other), '36')
  await expect(other.getByText('The record was changed.')).toBeVisible()
  await write(page, cell(page), '35')
  await expect(page.getByText(/Somebody changed this since you looked/)).toBeVisible()
  await expect(page.getByRole('grid', { name: 'Readings' }).getByRole('textbox')).toHaveValue('35')
  await other.reload()
  await expect(cell(other)).toHaveText('36')
})
