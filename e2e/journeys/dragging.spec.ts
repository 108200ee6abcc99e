import type { Locator, Page } from '@playwright/test'
import { expect, RIVER, test } from '../fixtures.js'

/** Grips a thing and lets it go in the middle of another place. */
async function drag(page: Page, grip: Locator, to: { readonly x: number; readonly y: number }): Promise<void> {
  const from = await grip.boundingBox()
  if (from === null) throw new Error('the grip is not to be seen')
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(to.x, to.y, { steps: 12 })
  await page.mouse.up()
}

test('a job is dragged to another day, by pointer and by keys; a reason is still asked', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/calendar`)
  const day = page.getByRole('region', { name: 'On the day' })
  const grip = day.getByRole('button', { name: /^Drag: / }).first()
  const days = page.getByRole('slider', { name: /Care by week/ })
  await grip.waitFor()
  const name = (await grip.getAttribute('aria-label'))?.replace('Drag: ', '') ?? ''
  const board = await days.boundingBox()
  if (board === null) throw new Error('no calendar')
  // The last column but one is Saturday, 26 December.
  await drag(page, grip, { x: board.x + board.width - ((board.width - 172) / 42) * 1.5, y: board.y + 120 })
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('group', { name: 'To' })).toContainText(/26.*12.*2026/)
  await dialog.getByRole('button', { name: 'Cancel' }).click()
  await expect(dialog).toBeHidden()

  await grip.focus()
  await page.keyboard.press('Space')
  await expect(page.getByText(`${name}: lifted.`)).toBeAttached()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByText(`${name}: now at `)).toBeAttached()
  await page.keyboard.press('Escape')
  await expect(page.getByText(`${name}: back where it was.`)).toBeAttached()
  await expect(dialog).toBeHidden()
  await page.keyboard.press('Space')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('ArrowRight')
  await page.keyboard.press('Space')
  await dialog.getByLabel('Why').fill('away over the weekend')
  await dialog.getByRole('button', { name: 'Move it' }).click()
  await expect(day.getByText(/^moved to /).first()).toBeVisible()
})

test('layers of ground and stones are dragged into another order, and Undo brings the old one back', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/ground?zone=left`)
  const layers = page.getByRole('group', { name: /^Layer \d from the top/ })
  const grounds = (): Promise<string[]> => layers.getByRole('combobox', { name: 'Ground' }).allInnerTexts()
  await expect(layers).toHaveCount(2)
  const before = await grounds()
  const below = await layers.nth(1).boundingBox()
  if (below === null) throw new Error('one layer only')
  await drag(page, page.getByRole('button', { name: 'Drag: Layer 1 from the top' }), {
    x: below.x + below.width - 60,
    y: below.y + below.height - 6,
  })
  await expect.poll(grounds).toEqual([...before].reverse())
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(grounds).toEqual(before)

  await page.getByRole('link', { name: 'Hardscape' }).click()
  const pieces = page.getByRole('region', { name: 'Pieces' }).getByRole('row')
  await expect(pieces.first()).toContainText('Main stone')
  await page.getByRole('button', { name: 'Drag: Main stone' }).focus()
  await page.keyboard.press('Space')
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Space')
  await expect(pieces.nth(1)).toContainText('Main stone')
  await expect(page.getByText(/^Saved/)).toBeVisible()
  await page.reload()
  await expect(pieces.nth(1)).toContainText('Main stone')
})
