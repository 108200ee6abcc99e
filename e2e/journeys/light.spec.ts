import type { Page } from '@playwright/test'
import { expect, expectAccessible, RIVER, test } from '../fixtures.js'

interface Lit {
  readonly lamps: readonly {
    readonly fluxUmolPerS: number | null
    readonly dimFraction: number | null
    readonly xCm: number | null
    readonly yCm: number | null
    readonly aboveWaterCm: number | null
    readonly tiltDeg: number
  }[]
  readonly light: { readonly attenuationPerM: number | null; readonly readings: readonly { readonly ppfd: number }[] }
  readonly lightWindows: readonly { readonly hours: number }[]
}
const planOf = async (page: Page, app: string): Promise<Lit> =>
  (await (await page.request.get(`${app}/api/tanks/${RIVER}/plan`)).json()) as Lit

test('light of the river is designed: the lamp is hung by keys and by hand, a place is read, a way is taken, and taken back', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/supply`)
  await expect(page).toHaveURL(/supply\/light$/)
  const map = page.getByTestId('light-map')
  await expect(map.locator('[data-isoline]').first()).toBeVisible()
  await expect(page.getByRole('row', { name: /Micranthemum tweediei/ })).toContainText(/\d+ \(\d+\)/)
  await expectAccessible(page)
  // The mark is moved by keys, and says what is there.
  const mark = page.getByRole('slider', { name: 'Place on the map' })
  await mark.focus()
  const before = await mark.getAttribute('aria-valuetext')
  for (let step = 0; step < 9; step++) await page.keyboard.press('Shift+ArrowLeft')
  await expect(mark).not.toHaveAttribute('aria-valuetext', before ?? '')
  await expect(mark).toHaveAttribute('aria-valuetext', /µmol\/m²\/s · (low|medium|high)$/)
  // The lamp by keys: to the back, and higher.
  const lamp = map.getByRole('button', { name: /^Lamp 1, 16 cm above/ })
  await lamp.focus()
  await page.keyboard.press('Shift+ArrowUp')
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.yCm).toBeCloseTo(29, 0)
  await page.keyboard.press('PageUp')
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.aboveWaterCm).toBe(17)
  const height = page.getByRole('slider', { name: /^Height of lamp 1/ })
  await height.focus()
  await page.keyboard.press('ArrowRight')
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.tiltDeg).toBe(5)
  // And by hand.
  const box = (await map.getByRole('button', { name: /^Lamp 1/ }).boundingBox())!
  await page.mouse.move(box.x + box.width / 4, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + box.width / 4 - 60, box.y + box.height / 2 + 10, { steps: 6 })
  await page.mouse.up()
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.xCm ?? 54).toBeLessThan(50)
  // What would serve the patches better is one click away, and one more takes it back.
  const ways = page.getByRole('region', { name: 'What would serve the patches better' })
  await ways.getByRole('button', { name: /^Set lamps to / }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.dimFraction ?? 0).not.toBe(0.72)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.dimFraction).toBe(0.72)
})

test('meter readings correct lamp and water; nonsense is refused at its field and nothing is lost over a reload', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/light?part=readings`)
  await expect(page.getByRole('region', { name: 'What the readings say' })).toContainText(/Lamp 1 gives 1\.\d+ times/)
  await page.getByRole('button', { name: 'Add a reading at the mark' }).click()
  const fifth = page.getByRole('region', { name: 'Reading 5' })
  const reading = fifth.getByRole('textbox', { name: /^Reading/ })
  await reading.fill('9000')
  await reading.blur()
  await expect(fifth.getByText(/3000/)).toBeVisible()
  await page.reload()
  await expect(reading).toHaveValue('9000')
  await reading.fill('96')
  await reading.press('Enter')
  await expect.poll(async () => (await planOf(page, demoApp)).light.readings.at(-1)?.ppfd).toBe(96)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Fit the map to them' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.fluxUmolPerS ?? 0).toBeGreaterThan(98)
  await expect(page.getByText('The map agrees with the readings.')).toBeVisible()
})

test('hours: the day split, the same light at another power, the start chosen, sun by month; two lamps side by side', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/light?part=hours`)
  await page.getByRole('button', { name: 'Split the day' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).lightWindows.map(({ hours }) => hours)).toEqual([4, 4])
  await page.getByRole('button', { name: 'Delete window 2' }).click()
  await expect(page.getByRole('group', { name: 'Window 2' })).toHaveCount(0)
  await page
    .getByRole('group', { name: 'Window 1' })
    .getByRole('textbox', { name: /^Hours/ })
    .fill('8')
  await page.keyboard.press('Enter')
  const power = page.getByRole('slider', { name: 'Power', exact: true })
  await power.focus()
  for (let step = 0; step < 10; step++) await page.keyboard.press('ArrowRight')
  await page.getByRole('button', { name: /^Set 82 % for 7\.\d h/ }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.dimFraction).toBeCloseTo(0.82, 2)
  await expect.poll(async () => (await planOf(page, demoApp)).lightWindows[0]?.hours ?? 8).toBeLessThan(7.4)
  await expect(page.getByRole('region', { name: 'Sun through the window' }).getByRole('cell')).toHaveCount(12)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Lamps', exact: true }).click()
  await page.getByRole('button', { name: 'Hold these lamps as A' }).click()
  await page.getByRole('textbox', { name: /^Above the water/ }).fill('30')
  await page.keyboard.press('Enter')
  const side = page.getByRole('region', { name: 'Side by side' })
  await expect(side.getByRole('row')).toHaveCount(6)
  await expect(page.getByTestId('light-map')).toHaveCount(2)
  await expectAccessible(page)
  await side.getByRole('button', { name: 'Go back to A' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).lamps[0]?.aboveWaterCm).toBe(16)
})
