import type { Locator, Page } from '@playwright/test'
import { expect, RIVER, test } from '../fixtures.js'

/** Grips a thing, takes it to another place, and lets it go once that place is told, as an eye would see it. */
async function drag(page: Page, grip: Locator, to: { readonly x: number; readonly y: number }, told: RegExp): Promise<void> {
  const from = await grip.boundingBox()
  if (from === null) throw new Error('the grip is not to be seen')
  await page.mouse.move(from.x + from.width / 2, from.y + from.height / 2)
  await page.mouse.down()
  await page.mouse.move(to.x, to.y, { steps: 12 })
  await expect(page.getByText(told)).toBeAttached()
  await page.mouse.up()
}

/** Presses a key and waits for what is told of it. */
async function press(page: Page, key: string, told: string | RegExp): Promise<void> {
  await page.keyboard.press(key)
  await expect(page.getByText(told)).toBeAttached()
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
  await drag(page, grip, { x: board.x + board.width - ((board.width - 172) / 42) * 1.5, y: board.y + 120 }, /: now at 26 Dec/)
  const dialog = page.getByRole('dialog')
  await expect(dialog.getByRole('group', { name: 'To' })).toContainText(/26.*12.*2026/)
  await dialog.getByRole('button', { name: 'Cancel' }).click()
  await expect(dialog).toBeHidden()

  await grip.focus()
  await press(page, 'Space', `${name}: lifted.`)
  await press(page, 'ArrowRight', `${name}: now at `)
  await press(page, 'Escape', `${name}: back where it was.`)
  await expect(dialog).toBeHidden()
  await press(page, 'Space', `${name}: lifted.`)
  await press(page, 'ArrowRight', /: now at 25 Nov/)
  await press(page, 'ArrowRight', /: now at 26 Nov/)
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
  await drag(
    page,
    page.getByRole('button', { name: 'Drag: Layer 1 from the top' }),
    { x: below.x + below.width - 60, y: below.y + below.height - 6 },
    /: now at Layer 2 from the top/,
  )
  await expect.poll(grounds).toEqual([...before].reverse())
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(grounds).toEqual(before)

  await page.getByRole('link', { name: 'Hardscape' }).click()
  const pieces = page.getByRole('region', { name: 'Pieces' }).getByRole('row')
  await expect(pieces.first()).toContainText('Main stone')
  await page.getByRole('button', { name: 'Drag: Main stone' }).focus()
  await press(page, 'Space', 'Main stone: now at Main stone.')
  await press(page, 'ArrowDown', 'Main stone: now at Second stone.')
  await page.keyboard.press('Space')
  await expect(pieces.nth(1)).toContainText('Main stone')
  await expect(page.getByText(/^Saved/)).toBeVisible()
  await page.reload()
  await expect(pieces.nth(1)).toContainText('Main stone')
})
