import type { Page } from '@playwright/test'
import { expect, expectAccessible, reckoned, RIVER, test, typeDate } from '../fixtures.js'

interface StoredMap {
  readonly beds: readonly { readonly outline: readonly unknown[]; readonly plants: readonly { readonly species: string }[] }[]
  readonly flora: readonly { readonly id: string }[]
}
const mapOf = async (page: Page, app: string): Promise<StoredMap> =>
  (await (await page.request.get(`${app}/api/tanks/${RIVER}/plan`)).json()) as StoredMap

const SHALLOW = '01920000-0000-7000-8000-000000000002'
const UNMAPPED = { beds: [], spots: [], flora: [] }
/** The shallow tank, described otherwise by another hand. */
async function describeAnew(page: Page, app: string, edit: (plan: { readonly lamps: readonly object[] }) => object): Promise<void> {
  const held = await page.request.get(`${app}/api/tanks/${SHALLOW}/plan`)
  const data = edit((await held.json()) as { lamps: object[] })
  const headers = { 'If-Match': held.headers()['etag'] ?? '' }
  expect((await page.request.put(`${app}/api/tanks/${SHALLOW}/plan`, { data, headers })).ok()).toBe(true)
}

test('a patch is drawn by keys alone, planted by an older name, counted, seen from the front, and taken back', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/planting`)
  const legend = page.getByRole('region', { name: 'Patches' })
  await expect(legend.getByRole('row')).toHaveCount(8)
  await expectAccessible(page)
  await page.getByRole('button', { name: 'draws a patch' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('group', { name: 'Planting map of Reading-room river from above', exact: true }).focus()
  for (const key of ['Enter', 'Shift+ArrowRight', 'Shift+ArrowRight', 'Enter', 'Shift+ArrowUp', 'Shift+ArrowUp', 'Enter'])
    await page.keyboard.press(key)
  await page.getByRole('button', { name: 'Close the outline' }).focus()
  await page.keyboard.press('Enter')
  await expect(legend.getByRole('row')).toHaveCount(9)
  await expect(page.getByText('A patch of the planting map has no plant yet.')).toBeVisible()
  await page.getByRole('combobox', { name: /^Add a plant/ }).focus()
  await page.keyboard.type('nesaea ped')
  await page
    .getByRole('option', { name: /Ammannia pedicellata/ })
    .first()
    .waitFor()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(legend.getByRole('row').last()).toContainText('Ammannia pedicellata')
  await expect(page.getByText(/^\d+ portions, 6 cm apart; \d+ pots?, /)).toBeVisible()
  await expect
    .poll(async () => (await mapOf(page, demoApp)).beds.at(-1)?.plants.map(({ species }) => species))
    .toEqual(['ammannia-pedicellata'])
  const slider = page.getByRole('slider', { name: 'Weeks after planting' })
  await slider.focus()
  await page.keyboard.press('End')
  await expect(page.getByTestId('planting-front')).toHaveAttribute(
    'aria-label',
    'Reading-room river from the front, 12 weeks after planting',
  )
  // The address follows once the slider rests.
  await expect(page).toHaveURL(/week=12/)
  await page.reload()
  await expect(page.getByTestId('planting-front')).toHaveAttribute(
    'aria-label',
    'Reading-room river from the front, 12 weeks after planting',
  )
  await expect(legend.getByRole('row')).toHaveCount(9)
  await page.getByRole('button', { name: 'Undo' }).click()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(legend.getByRole('row')).toHaveCount(8)
  await page.getByRole('button', { name: 'Put down Eleocharis pusilla' }).dragTo(page.getByTestId('planting-plan'))
  await expect(legend.getByRole('row')).toHaveCount(9)
  await expect(legend.getByRole('row').last()).toContainText('Eleocharis pusilla')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(legend.getByRole('row')).toHaveCount(8)
  await page.getByRole('button', { name: 'paints one' }).click()
  const floor = (await page.getByTestId('planting-plan').boundingBox())!
  await page.mouse.move(floor.x + floor.width * 0.45, floor.y + floor.height * 0.75)
  await page.mouse.down()
  await page.mouse.move(floor.x + floor.width * 0.5, floor.y + floor.height * 0.5, { steps: 6 })
  await page.mouse.move(floor.x + floor.width * 0.55, floor.y + floor.height * 0.7, { steps: 6 })
  await page.mouse.up()
  await expect(legend.getByRole('row')).toHaveCount(9)
  await expect(legend.getByRole('row').last()).toContainText('no plant yet')
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await mapOf(page, demoApp)).beds.length).toBe(8)
})

test('a tank told by shares gets its map in one step, and the forecast and the shopping list follow it', async ({ page, demoApp }) => {
  await describeAnew(page, demoApp, (plan) => ({ ...plan, ...UNMAPPED }))
  await page.goto(`${demoApp}/tanks/${SHALLOW}/plan/planting`)
  await page.getByRole('button', { name: 'Turn the shares into a map' }).click()
  const legend = page.getByRole('region', { name: 'Patches' })
  await expect(legend.getByRole('row').first()).toBeVisible()
  await expect(page.getByText('Floor planted')).toBeVisible()
  await page.goto(`${demoApp}/tanks/${SHALLOW}/plan`)
  await expect(page.getByText('Carpet: as the planting map shows.')).toBeVisible()
  await page.goto(`${demoApp}/tanks/${SHALLOW}/plan/shopping`)
  await expect(page.getByRole('row', { name: /^Carpet/ })).toBeVisible()
})

test('ten pots added in week 3 change the forecast; the map’s patch tells of them', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/balance`)
  await reckoned(page)
  const strand = page.locator('[data-strand="room"] path').nth(1)
  const before = await strand.getAttribute('d')
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/planting?patch=b6`)
  await page.getByRole('link', { name: 'Log plants that came, went or were moved' }).click()
  const form = page.getByRole('form', { name: 'Plants' })
  await form.getByRole('combobox', { name: 'Plant', exact: true }).fill('limnophila sess')
  await page.getByRole('option', { name: 'Limnophila sessiliflora' }).click()
  await form.getByLabel('How many').fill('10')
  await expect(form.getByText(/^About \d+ portions/)).toBeVisible()
  await expect(form.getByText(/Farm-grown plants may carry insecticide/)).toBeVisible()
  await expectAccessible(page)
  await form.getByRole('button', { name: 'Earlier …' }).click()
  await typeDate(page, 'When', '121020261800')
  await form.getByRole('button', { name: 'Log plants' }).click()
  await expect(form).toBeHidden()
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/planting?patch=b6`)
  await expect(page.getByText('10 pots Limnophila sessiliflora, added')).toBeVisible()
  await page.goto(`${demoApp}/tanks/${RIVER}/balance`)
  await reckoned(page)
  await expect.poll(() => strand.getAttribute('d')).not.toBe(before)
})

test('a start too thin for its light is warned of, with pots and power, and mended by one click', async ({ page, demoApp }) => {
  await describeAnew(page, demoApp, (plan) => ({
    ...plan,
    ...UNMAPPED,
    startedOn: '2026-12-05',
    patches: ['carpet', 'stems'].map((kind) => ({ id: kind, kind, footFraction: 0.15, density: 'thin', pots: null })),
    lamps: plan.lamps.map((lamp) => ({ ...lamp, dimFraction: 1 })),
  }))
  await page.goto(`${demoApp}/tanks/${SHALLOW}/plan/planting`)
  const warning = page.getByText(/^Thinly planted for this light: .* times the algae of a dense start\. About \d+ more pots/)
  await expect(warning).toBeVisible()
  await page.getByRole('button', { name: /^Plan \d+ more pots of stems$/ }).click()
  await expect(warning).toBeHidden()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(warning).toBeVisible()
})

test('moss and a fern go on a branch by keys alone; a rhizome in the ground is told and lifted out', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/planting`)
  const spots = page.getByRole('region', { name: 'On wood and stone' })
  await expect(spots.getByRole('row')).toHaveCount(4)
  await spots.getByRole('combobox', { name: 'Piece' }).focus()
  await page.keyboard.press('Enter')
  await page.getByRole('option', { name: 'Long branch' }).press('Enter')
  await spots.getByRole('button', { name: 'Add a spot' }).press('Enter')
  const spot = page.getByRole('region', { name: 'Spot e' })
  await expect(page.getByText(/A spot on .*Long branch.* has no plant yet/)).toBeVisible()
  await spot.getByRole('combobox', { name: /^Add a plant/ }).focus()
  await page.keyboard.type('microsorum pteropus')
  await page
    .getByRole('option', { name: /Leptochilus pteropus/ })
    .first()
    .waitFor()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(spot.getByText(/^covers \d+ cm²: \d portions?; 1 pot; about .* of gel glue$/)).toBeVisible()
  const mark = page.getByRole('button', { name: 'Spot e; arrow keys move it on its piece' })
  const buried = page.getByText(/would reach below the ground .* never bury its rhizome/)
  await mark.focus()
  for (let press = 0; press < 4; press++) await page.keyboard.press('Shift+ArrowDown')
  await expect(buried).toBeVisible()
  await page.getByRole('button', { name: 'Move it above the ground' }).press('Enter')
  await expect(buried).toBeHidden()
  await spots.getByRole('button', { name: 'Add a spot' }).press('Enter')
  const second = page.getByRole('region', { name: 'Spot f' })
  await second.getByRole('combobox', { name: /^Add a plant/ }).focus()
  await page.keyboard.type('vesicularia montagnei')
  await page
    .getByRole('option', { name: /Vesicularia montagnei/ })
    .first()
    .waitFor()
  await page.keyboard.press('ArrowDown')
  await page.keyboard.press('Enter')
  await expect(second.getByRole('button', { name: 'chopped fine' })).toHaveAttribute('aria-pressed', 'true')
  await expectAccessible(page)
  await page.reload()
  await expect(spots.getByRole('row')).toHaveCount(6)
  const held = (await (await page.request.get(`${demoApp}/api/tanks/${RIVER}/plan`)).json()) as {
    spots: { species: string; laying: string }[]
  }
  expect(held.spots.slice(-2).map(({ species, laying }) => [species, laying])).toEqual([
    ['leptochilus-pteropus', 'clump'],
    ['vesicularia-montagnei', 'chopped'],
  ])
})

test('a blank 110 cm tank: from a layout to a printed map that somebody else can plant from', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/new`)
  await page.getByLabel('Name').fill('Hall valley')
  await page.getByLabel('Length, cm', { exact: true }).fill('110')
  await page.getByLabel('Width, cm').fill('50')
  await page.getByLabel('Height, cm').fill('45')
  await page.getByRole('button', { name: 'Plan it sheet by sheet' }).click()
  await page.getByRole('link', { name: 'Planting' }).click()
  await page.getByRole('region', { name: 'Layouts to begin with' }).getByRole('button', { name: 'valley' }).click()
  const legend = page.getByRole('region', { name: 'Patches' })
  await expect(legend.getByRole('row')).toHaveCount(10)
  await expect(page.getByText('Floor planted')).toBeVisible()
  await expectAccessible(page)

  // Another layout takes its place, and Undo brings the first one back.
  await page.getByRole('button', { name: 'Layouts to begin with …' }).click()
  await page.getByRole('region', { name: 'Layouts to begin with' }).getByRole('button', { name: 'island' }).click()
  await expect(legend.getByRole('row')).toHaveCount(6)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(legend.getByRole('row')).toHaveCount(10)

  // On paper: key, portions, order of work and how each plant is made ready; nothing to click.
  await page.emulateMedia({ media: 'print' })
  await expect(
    page
      .getByRole('img', { name: 'Planting map of Hall valley from above' })
      .or(page.getByRole('group', { name: 'Planting map of Hall valley from above', exact: true }))
      .first(),
  ).toBeVisible()
  await expect(legend.getByRole('row')).toHaveCount(10)
  await expect(page.getByText('Make ready')).toBeVisible()
  await expect(page.getByRole('button', { name: 'Add a patch' })).toBeHidden()
  await expect(page.getByRole('button', { name: 'Layouts to begin with …' })).toBeHidden()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  expect(pdf.length).toBeGreaterThan(20_000)
})

test('two maps side by side, with what each asks for; the other one is taken, and the first is kept', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/planting`)
  const legend = page.getByRole('region', { name: 'Patches' })
  await expect(legend.getByRole('row')).toHaveCount(8)
  await page.getByLabel('Name', { exact: true }).fill('River')
  await page.getByRole('button', { name: 'Keep this map aside' }).click()
  await page.getByRole('button', { name: 'Layouts to begin with …' }).click()
  await page.getByRole('region', { name: 'Layouts to begin with' }).getByRole('button', { name: 'island' }).click()
  await expect(legend.getByRole('row')).not.toHaveCount(8)
  const islands = await legend.getByRole('row').count()
  const maps = page.getByRole('region', { name: 'What each asks for' })
  const row = (name: string) => maps.getByRole('row', { name: new RegExp(`^${name} `) })
  await expect(row('River')).toContainText(/\d+ % ?\d+/)
  await expect(row('River')).not.toContainText('…')
  await expect(row('The plan')).not.toContainText('…')
  await expectAccessible(page)
  await page.getByRole('button', { name: 'Rename map River' }).click()
  await page.getByRole('textbox', { name: 'New name of map River' }).fill('Two banks')
  await page.keyboard.press('Enter')
  await expect(row('Two banks')).toBeVisible()
  await page.getByRole('button', { name: 'Make map Two banks the plan; the plan of now is kept aside' }).click()
  await expect(legend.getByRole('row')).toHaveCount(8)
  await page.reload()
  await expect(legend.getByRole('row')).toHaveCount(8)
  await page.getByRole('button', { name: 'Make map A the plan; the plan of now is kept aside' }).click()
  await expect(legend.getByRole('row')).toHaveCount(islands)
})

test('plants that arrive wait apart with their days, and are a job on the day that they may go in', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/journal?log=plants`)
  const form = page.getByRole('form', { name: 'Plants' })
  await form.getByRole('combobox', { name: 'What was done' }).click()
  await page.getByRole('option', { name: /^arrived/ }).click()
  await form.getByRole('combobox', { name: 'Plant', exact: true }).fill('anubias nana')
  await page
    .getByRole('option', { name: /^Anubias barteri var\. nana/ })
    .first()
    .click()
  await form.getByLabel('How many').fill('2')
  await typeDate(page, 'Kept apart until', '24112026')
  await form.getByRole('button', { name: 'Earlier …' }).click()
  await typeDate(page, 'When', '031120260900')
  await form.getByRole('button', { name: 'Log plants' }).click()
  await expect(form).toBeHidden()
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/planting`)
  await expect(
    page
      .getByRole('region', { name: 'Waiting to be planted' })
      .getByText(/^8 portions Anubias barteri var\. nana, kept 21 days; .* kept apart until 24 Nov$/),
  ).toBeVisible()
  await page.goto(`${demoApp}/today`)
  await expect(page.getByText('Plants kept apart may go in').first()).toBeVisible()
})
