import type { Page } from '@playwright/test'
import { expect, goByKeys, reckoned, RIVER, test } from '../fixtures.js'

/** Tabs until the wanted thing has focus; fails when it cannot be reached. */
async function tabTo(page: Page, name: string): Promise<void> {
  for (let press = 0; press < 120; press++) {
    await page.keyboard.press('Tab')
    const focused = await page.evaluate(() => {
      const element = document.activeElement
      if (!element) return ''
      const labelled = element.getAttribute('aria-labelledby')
      return (
        element.getAttribute('aria-label') ??
        (labelled ? document.getElementById(labelled)?.textContent : null) ??
        (element instanceof HTMLInputElement ? element.labels?.[0]?.textContent : null) ??
        element.textContent ??
        ''
      )
    })
    if (focused.trim() === name) return
  }
  throw new Error(`Tab never reached ${name}`)
}

test('the whole way by keyboard: describe, keep, move a lever, keep the plan', async ({ page, emptyApp }) => {
  await page.goto(emptyApp)
  await expect(page.getByRole('heading', { name: 'An empty shelf' })).toBeVisible()
  await page.keyboard.press('n')
  await expect(page.getByRole('heading', { name: 'A new tank' })).toBeVisible()
  await tabTo(page, 'Lights off')
  await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('slider', { name: 'Lights off' })).toHaveAttribute('aria-valuetext', '19:05')
  await tabTo(page, 'Length, cm')
  await page.keyboard.type('75')
  await expect(page.getByText('Outer length, from the left pane’s outside to the right one’s.').first()).toBeVisible()
  await tabTo(page, 'Watts, W')
  await page.keyboard.type('40')
  await page.getByRole('heading', { name: 'A new tank' }).evaluate(() => (document.activeElement as HTMLElement).blur())
  await tabTo(page, 'Save the tank')
  await page.keyboard.press('Enter')
  await reckoned(page)
  await tabTo(page, 'Week looked at')
  await page.keyboard.press('ArrowRight')
  await expect(page).toHaveURL(/week=1/)
  await tabTo(page, 'Hours')
  await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('ArrowLeft')
  await expect(page.getByText('Against the saved plan')).toBeVisible()
  await tabTo(page, 'Save this plan')
  await page.keyboard.press('Enter')
  await expect(page.getByRole('dialog')).toBeVisible()
  await page.keyboard.press('Enter')
  await expect(page.getByText('The plan was saved.')).toBeVisible()
})

test('shortcuts: the list, places, units, colours, undo and redo', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan`)
  await expect(page.getByLabel('Length, cm', { exact: true })).toHaveValue('110')
  await page.keyboard.press('?')
  await expect(page.getByRole('dialog', { name: 'Keyboard shortcuts' })).toBeVisible()
  await page.keyboard.press('Escape')
  await expect(page.getByRole('dialog')).toHaveCount(0)
  await page.keyboard.press('u')
  await expect(page.getByLabel('Length, in', { exact: true })).toHaveValue('43.31')
  await page.keyboard.press('u')
  const mode = await page.locator('html').getAttribute('data-mode')
  await page.keyboard.press('d')
  await expect(page.locator('html')).not.toHaveAttribute('data-mode', mode ?? '')

  await page.getByRole('slider', { name: 'Lights off' }).focus()
  await page.keyboard.press('ArrowRight')
  await expect(page.getByLabel('Hours, h')).toHaveValue('8.083')
  await expect(page.getByRole('button', { name: 'Undo' })).toBeEnabled()
  await page.keyboard.press('Control+z')
  await expect(page.getByLabel('Hours, h')).toHaveValue('8')
  await page.keyboard.press('Control+Shift+z')
  await expect(page.getByLabel('Hours, h')).toHaveValue('8.083')
  await page.reload()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByLabel('Hours, h')).toHaveValue('8')
  await page.locator('body').click()
  await goByKeys(page, 'b', /^Balance · /)
  await reckoned(page)
  await goByKeys(page, 's', 'Shelf · Jovrin')
  await expect(page.getByRole('heading', { name: 'Shelf' })).toBeVisible()
})
