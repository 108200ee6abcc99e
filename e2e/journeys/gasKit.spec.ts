import type { Page } from '@playwright/test'
import { expect, expectAccessible, RIVER, test } from '../fixtures.js'

const RACK_LEFT = '01920000-0000-7000-8000-000000000004'
const RACK_RIGHT = '01920000-0000-7000-8000-000000000005'

interface Piped {
  readonly gasLines: readonly {
    readonly control: string
    readonly regulator: string | null
    readonly sharedWith: string | null
    readonly bubblesPerS: number | null
  }[]
  readonly lamps: readonly { readonly dimFraction: number }[]
}
const planOf = async (page: Page, app: string, tank = RIVER): Promise<Piped> =>
  (await (await page.request.get(`${app}/api/tanks/${tank}/plan`)).json()) as Piped

/** A picture of a cup and an indicator, as a camera under a warm lamp would keep it. */
const pictureOf = (page: Page, white: string, liquid: string): Promise<Buffer> =>
  page
    .evaluate(
      ([cup, dye]) => {
        const canvas = document.createElement('canvas')
        Object.assign(canvas, { width: 400, height: 300 })
        const pen = canvas.getContext('2d')!
        for (const [colour, x, y, width, height] of [
          ['#3c4a3a', 0, 0, 400, 300],
          [cup!, 40, 60, 120, 180],
          [dye!, 240, 60, 120, 180],
        ] as const) {
          pen.fillStyle = colour
          pen.fillRect(x, y, width, height)
        }
        return canvas.toDataURL('image/png').split(',')[1]!
      },
      [white, liquid],
    )
    .then((base64) => Buffer.from(base64, 'base64'))

test('how much is dissolved: each way beside the others, which errs, and the indicator by colour and by photograph', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/gas?part=level`)
  const ways = page.getByRole('region', { name: 'CO2 by each way' })
  await expect(ways.getByRole('button', { name: /mg\/L/ })).toHaveCount(2) // the journal knows pH, KH and a degassed sample
  await expectAccessible(page)
  const field = (name: RegExp) => page.getByRole('textbox', { name })
  await field(/^pH$/).fill('14')
  await expect(page.getByText(/from 4 to 10/)).toBeVisible()
  for (const [name, value] of [
    [/^pH$/, '6.3'],
    [/^KH, /, '4'],
    [/^pH, degassed/, '7.4'],
    [/^CO2 of the room/, '700'],
  ] as const)
    await field(name).fill(value)
  await expect(ways.getByText(/^pH and KH show more than the drop/)).toBeVisible()
  await expect(ways.getByText(/stands .* lower: other acids/)).toBeVisible()
  // What it is reckoned from opens at the figure, and typing is not lost over a reload.
  await ways.getByRole('button', { name: /mg\/L/ }).first().click()
  await expect(page.getByRole('dialog', { name: 'CO2 from pH and alkalinity' })).toContainText('6.3')
  await page.keyboard.press('Escape')
  await page.reload()
  await expect(field(/^pH$/)).toHaveValue('6.3')

  // The colour by keys.
  await page.getByRole('radio', { name: 'like 3 mg/L' }).focus()
  await page.keyboard.press('Space')
  for (let press = 0; press < 5; press++) await page.keyboard.press('ArrowRight')
  await expect(page.getByRole('radio', { name: 'like 25 mg/L' })).toBeChecked()
  await expect(ways.getByRole('button', { name: /^25 mg\/L/ })).toBeVisible()
  await page.getByRole('button', { name: 'Log this colour' }).click()
  await expect(page.getByText(/colour of the indicator.*logged|logged.*colour of the indicator/i)).toBeVisible()

  // And from a photograph: what is no picture, what is no white, then a warm lamp's green.
  await page.getByText('From a photograph').click()
  const input = page.getByLabel('Open a picture')
  await input.setInputFiles({ name: 'poem.png', mimeType: 'image/png', buffer: Buffer.from('roses are red') })
  await expect(page.getByText('This picture cannot be read here.')).toBeVisible()
  await input.setInputFiles({ name: 'indicator.png', mimeType: 'image/png', buffer: await pictureOf(page, '#e6d9b4', '#7bb26a') })
  const picture = page.getByTestId('indicator-picture')
  await picture.click({ position: { x: 5, y: 5 } })
  await picture.click({ position: await spotOf(page, 0.75, 0.5) })
  await expect(page.getByText(/What was chosen as white is too dark/)).toBeVisible()
  await page.getByRole('button', { name: 'White', exact: true }).click()
  await picture.click({ position: await spotOf(page, 0.25, 0.5) })
  await expect(page.getByText(/of the dye is blue/)).toBeVisible()
  const read = await ways.getByRole('row', { name: /^indicator/ }).textContent()
  const level = Number(/indicator([\d.]+) mg/.exec(read ?? '')?.[1])
  expect(level).toBeGreaterThan(20)
  expect(level).toBeLessThan(40)
  // The same by keys.
  await picture.focus()
  for (let press = 0; press < 3; press++) await page.keyboard.press('ArrowLeft')
  await page.keyboard.press('Enter')
  await expect(page.getByText(/of the dye is blue/)).toBeVisible()
  await expectAccessible(page)
})
async function spotOf(page: Page, x: number, y: number): Promise<{ x: number; y: number }> {
  const box = (await page.getByTestId('indicator-picture').boundingBox())!
  return { x: box.width * x, y: box.height * y }
}

test('the kit is put together by steps that are ticked and kept, with cautions; two stages do not surge', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/gas?part=kit`)
  await expect(page.getByTestId('kit-line')).toBeVisible()
  await expectAccessible(page)
  const assembly = page.getByRole('region', { name: 'Put it together' })
  const seal = assembly.getByRole('checkbox', { name: /put a new seal in/ })
  await seal.focus()
  await page.keyboard.press('Space')
  await expect(assembly.getByText('1 of 17 done.')).toBeVisible()
  await page.reload()
  await expect(seal).toBeChecked()
  await expect(assembly.getByText(/never lying while in use/)).toBeVisible()
  await page.getByRole('button', { name: 'stone or disc in the tank' }).click()
  await expect(assembly.getByText(/Soak the disc/)).toBeVisible()
  await expect(page.getByRole('region', { name: 'What dissolves, by bubble and height' }).getByRole('row')).toHaveCount(6)
  await page.getByRole('button', { name: 'two stages' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).gasLines[0]?.regulator).toBe('dual')
  await page.getByRole('button', { name: 'Cylinder', exact: true }).click()
  await expect(page.getByText(/Behind two stages the gas hardly grows/)).toBeVisible()
})

test('two tanks on one cylinder: each valve and the total, weighed where it stands; ordering and swapping are jobs of its owner', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RACK_RIGHT}/supply/gas?part=cylinder`)
  await expect(page.getByRole('row', { name: /^Rack left/ })).toContainText('g/day')
  await expect(page.getByRole('row', { name: /^Together/ })).toBeVisible()
  await expect(page.getByRole('link', { name: 'It is weighed in the journal of Rack left.' })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('combobox', { name: 'Cylinder' }).click()
  await page.getByRole('option', { name: 'its own' }).click()
  await expect.poll(async () => (await planOf(page, demoApp, RACK_RIGHT)).gasLines[0]?.sharedWith).toBeNull()
  await expect(page.getByText(/Weigh the cylinder as it stands/)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect(page.getByRole('row', { name: /^Together/ })).toBeVisible()
  expect((await planOf(page, demoApp, RACK_RIGHT)).gasLines[0]?.sharedWith).toBe(RACK_LEFT)

  const jobsOf = async (tank: string): Promise<string[]> => {
    const answer = await page.request.get(`${demoApp}/api/tanks/${tank}/jobs?from=2026-11-24&to=2027-12-20`)
    return ((await answer.json()) as { jobs: { kind: string }[] }).jobs.map(({ kind }) => kind)
  }
  for (const tank of [RIVER, RACK_LEFT])
    expect((await jobsOf(tank)).filter((kind) => ['order-gas', 'swap-cylinder'].includes(kind))).toEqual(['order-gas', 'swap-cylinder'])
  expect(await jobsOf(RACK_RIGHT)).not.toContain('order-gas')
  await page.goto(`${demoApp}/tanks/${RIVER}/calendar?day=2026-12-02`)
  await expect(page.getByText('Order CO2').first()).toBeVisible()
})

test('aims by stage: what animals forbid is not offered; gas and light are given up step by step, and taken back', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/gas?part=aim`)
  const aim = page.getByRole('region', { name: 'What to aim at, at gas-off' })
  await expect(aim).toBeVisible()
  await expectAccessible(page)
  await aim.getByRole('button', { name: 'no animals yet' }).click()
  await expect(aim.getByText('not with the animals of this plan')).toBeVisible()
  await aim.getByRole('button', { name: 'going without gas' }).click()
  await expect(aim.getByRole('row')).toHaveCount(4)
  const before = await planOf(page, demoApp)
  await aim.getByRole('button', { name: 'Set the plan to it' }).first().click()
  await expect
    .poll(async () => (await planOf(page, demoApp)).gasLines[0]?.bubblesPerS ?? 9)
    .toBeLessThan(before.gasLines[0]?.bubblesPerS ?? 0)
  const then = await planOf(page, demoApp)
  expect(then.lamps[0]?.dimFraction ?? 1).toBeLessThan(before.lamps[0]?.dimFraction ?? 0)
  await expect(aim.getByText(/^Begun on /)).toBeVisible()
  await expect(aim.getByText('as planned')).toHaveCount(1)
  await page.reload()
  await expect(aim.getByText(/^Begun on /)).toBeVisible()
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).gasLines[0]?.bubblesPerS).toBe(before.gasLines[0]?.bubblesPerS)
})

test('a fermentation bottle for a small tank: weeks, when to mix anew, what it costs beside cylinder and cartridges', async ({
  page,
  demoApp,
}) => {
  await page.goto(`${demoApp}/tanks/${RACK_LEFT}/supply/gas?part=bottle`)
  const bottle = page.getByRole('region', { name: 'Fermentation bottle' })
  await expect(bottle.getByText(/It cannot be shut: by night/)).toBeVisible()
  await expectAccessible(page)
  await bottle.getByRole('textbox', { name: /^Dry yeast/ }).fill('400')
  await expect(page.getByText(/from 0\.1 to 10/)).toBeVisible()
  const mixAnew = async (): Promise<number> =>
    Number(/after ([\d.]+) days/.exec((await bottle.getByText(/^Mix anew/).textContent()) ?? '')?.[1])
  await bottle.getByRole('textbox', { name: /^Dry yeast/ }).fill('0.5')
  const slow = await mixAnew()
  await bottle.getByRole('textbox', { name: /^Dry yeast/ }).fill('3')
  await expect.poll(mixAnew).toBeLessThan(slow)
  const costs = page.getByRole('region', { name: 'What gas costs' })
  await costs.getByRole('textbox', { name: /^Sugar, a kg/ }).fill('1.2')
  await costs.getByRole('textbox', { name: /^A cartridge costs/ }).fill('2')
  await expect(costs.getByRole('row', { name: /^cartridges €125/ })).toBeVisible()
  await page.reload()
  await expect(costs.getByRole('textbox', { name: /^A cartridge costs/ })).toHaveValue('2')
})
