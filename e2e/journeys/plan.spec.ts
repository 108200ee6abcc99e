import { readFileSync } from 'node:fs'
import { expect, RIVER, test, typeDate } from '../fixtures.js'
import type { Page } from '@playwright/test'

const saved = (page: Page) => expect(page.getByRole('status').filter({ hasText: 'Saved' })).toBeVisible()
const storedPlan = async (page: Page, app: string, tank: string) =>
  (await (await page.request.get(`${app}/api/tanks/${tank}/plan`)).json()) as {
    zones: { id: string; name: string; outline: { xCm: number; yCm: number }[] }[]
    hardscape: { id: string; name: string; outline: { xCm: number; yCm: number }[] | null; fixing: string }[]
    barriers: unknown[]
  }

test('from intent to a printed shopping list, before anything is bought', async ({ page, emptyApp }) => {
  await page.goto(`${emptyApp}/new`)
  await page.getByLabel('Name').fill('Hall island')
  await typeDate(page, 'Running since', '01032027')
  await page.getByLabel('Length, cm', { exact: true }).fill('80')
  await page.getByLabel('Width, cm').fill('40')
  await page.getByLabel('Height, cm').fill('40')
  await page.getByRole('button', { name: 'Plan it sheet by sheet' }).click()

  // Intent: what is wanted, and what does not go together.
  await page.getByRole('button', { name: 'fast', exact: true }).click()
  await page.getByRole('button', { name: 'island', exact: true }).click()
  await page.getByLabel('Time a week, h').fill('0.5')
  await page.getByLabel('Money to begin with, EUR').fill('100')
  await page.getByLabel('animals that jump').check()
  await expect(page.getByText(/^You said 30 min a week; this plan asks for \d/)).toBeVisible()
  await expect(page.getByRole('list', { name: 'To look at' })).toContainText('You said 30 min a week; this asks for')
  await page.getByLabel('Time a week, h').fill('3')
  await page.getByRole('button', { name: 'Plan the moderate level' }).click()
  await saved(page)

  // Vessel: weight, level with shims, and a finding that mends itself.
  await page.getByRole('link', { name: 'Vessel' }).click()
  for (const [corner, mm] of [
    ['Back left', '0'],
    ['Back right', '0'],
    ['Front left', '0'],
    ['Front right', '6'],
  ] as const)
    await page.getByLabel(`${corner}, mm`).fill(mm)
  await expect(page.getByText(/twist 3\.0 mm/)).toBeVisible()
  await expect(page.getByText(/The diagonals differ by 3 mm; more than 2 mm is twist/)).toBeVisible()
  await page.getByLabel('Front right, mm').fill('1')
  await expect(page.getByText(/is twist, which breaks glass/)).toHaveCount(0)
  await page.getByRole('button', { name: 'Plan a cover' }).click()
  await expect(page.getByRole('button', { name: 'covered' })).toHaveAttribute('aria-pressed', 'true')

  // Ground: a path, whose missing barrier is set by one click.
  await page.getByRole('link', { name: 'Ground', exact: true }).click()
  await page.getByRole('button', { name: 'Add a path' }).click()
  await expect(page.getByText(/Path lies beside soil with nothing between/)).toBeVisible()
  await page.getByRole('button', { name: /^Add a separator of/ }).click()
  await expect(page.getByText(/with nothing between/)).toHaveCount(0)
  await page.getByRole('button', { name: 'Compare ways to build the ground' }).click()
  const comparison = page.getByRole('dialog', { name: 'Ways to build the ground of this tank' })
  await expect(comparison.getByRole('columnheader')).toHaveCount(4)
  await expect(comparison.getByRole('row', { name: /Tests may allow animals/ })).toContainText(/from day \d+, ammonia peaks at/)
  await comparison.getByRole('button', { name: 'Close' }).click()

  // Hardscape: a stone and a branch that must be held down.
  await page.getByRole('link', { name: 'Hardscape' }).click()
  await page.getByRole('button', { name: 'Add a stone' }).click()
  await page.getByRole('button', { name: 'Add wood' }).click()
  // The stone's answers make room for the wood's first.
  await expect(page.getByLabel('Name', { exact: true })).toHaveValue(/wood/i)
  await page.getByLabel('Fixed by').click()
  await page.getByRole('option', { name: 'nothing' }).click()
  await expect(page.getByText(/floats when new/)).toBeVisible()
  await page.getByRole('button', { name: /^Weigh it down/ }).click()
  await expect(page.getByText(/stones on it/).first()).toBeVisible()

  // Kit, shopping with prices, running cost.
  await page.getByRole('link', { name: 'Kit', exact: true }).click()
  await page.getByRole('button', { name: 'Add a filter' }).click()
  await page.getByLabel('Rated flow, L/h').fill('1200')
  await page.getByRole('button', { name: 'Add an outlet' }).click()
  await expect(page.getByText(/^Outside every jet: \d+/)).toBeVisible()
  await page.getByRole('link', { name: 'Shopping' }).click()
  await page.getByLabel(/^Tank 80 cm × 40 cm × 40 cm.*Price each, Shop 1$/).fill('150')
  await page.getByLabel(/^Tank 80 cm.*Price each, Shop 1$/).press('Enter')
  await page.getByRole('button', { name: 'Add a column' }).click()
  await page.getByLabel(/^Tank 80 cm.*Price each, Shop 2$/).fill('90,5')
  await page.getByLabel(/^Tank 80 cm.*Price each, Shop 2$/).press('Enter')
  await expect(page.getByTestId('column-total').nth(0)).toHaveText('€150.00')
  await expect(page.getByTestId('column-total').nth(1)).toHaveText('€90.50')
  await expect(page.getByText(/over your sum|within your sum/).first()).toBeVisible()
  await page.getByLabel(/^Tank 80 cm.*have it$/).check()
  await expect(page.getByTestId('column-total').nth(0)).toHaveText('€0.00')
  await page.getByLabel(/^Tank 80 cm.*have it$/).uncheck()
  await page.getByLabel('Currency').fill('chf')
  await page.getByLabel('Currency').press('Tab')
  await expect(page.getByTestId('column-total').nth(0)).toHaveText(/CHF\s150\.00/)

  const download = page.waitForEvent('download')
  await page.getByRole('button', { name: 'Save as CSV' }).click()
  const csv = readFileSync(await (await download).path(), 'utf8')
  expect(csv).toContain('Tank and stand,"Tank 80 cm × 40 cm × 40 cm')
  expect(csv.split('\r\n').length).toBeGreaterThan(20)
  // On paper: the list without the shell, and nothing wider than the sheet.
  await page.emulateMedia({ media: 'print' })
  await expect(page.getByRole('heading', { name: /Shopping list/ })).toBeVisible()
  await expect(page.getByRole('button', { name: 'Print' })).toBeHidden()
  const pdf = await page.pdf({ format: 'A4' })
  expect(pdf.subarray(0, 5).toString()).toBe('%PDF-')
  await page.emulateMedia({ media: 'screen' })

  // What may stay so is dismissed with a note, and looked at again.
  await page.getByRole('link', { name: 'Hardscape' }).click()
  await page.getByRole('button', { name: /^Dismiss: With wood, flood/ }).click()
  await page.getByLabel('Why it is fine here').fill('soaked since autumn')
  await page.keyboard.press('Enter')
  await expect(page.getByText('1 dismissed')).toBeVisible()
  await page.reload()
  await page.getByText('1 dismissed').click()
  await expect(page.getByText('soaked since autumn')).toBeVisible()
  await page.getByRole('button', { name: 'Show again' }).click()
  await expect(page.getByText(/With wood, flood the layout/)).toBeVisible()

  // The programme counts back from planting.
  await page.getByRole('link', { name: 'Programme' }).click()
  await expect(page.getByRole('row', { name: /soak the wood/ })).toContainText('1 Feb 2027')
  await expect(page.getByText(/times the tank/)).toBeVisible()
  await page.reload()
  await expect(page.getByRole('row', { name: /Planting: about/ })).toContainText('1 Mar 2027')

  // Each preparation is a job: done is done, also though the planting day moves.
  const tank = /tanks\/([^/]+)/.exec(page.url())?.[1] ?? ''
  await page.goto(`${emptyApp}/tanks/${tank}/calendar?day=2027-02-22`)
  const day = page.getByRole('region', { name: 'On the day' })
  await expect(day.getByText('Order the plants')).toBeVisible()
  await day.getByRole('button', { name: 'Done: Order the plants' }).click()
  await expect(page.getByText('Order the plants, done', { exact: false }).first()).toBeVisible()
  await page.goto(`${emptyApp}/tanks/${tank}/plan/programme`)
  await typeDate(page, 'Planting day', '08032027')
  await page.keyboard.press('Tab')
  // “Saved” stood there before, too: only the server knows that the new day is kept.
  await expect
    .poll(async () => ((await (await page.request.get(`${emptyApp}/api/tanks/${tank}/plan`)).json()) as { startedOn: string }).startedOn)
    .toBe('2027-03-08')
  await page.goto(`${emptyApp}/tanks/${tank}/calendar?day=2027-02-22`)
  await expect(day.getByRole('listitem').filter({ hasText: 'Order the plants' })).toContainText('done')
  await page.goto(`${emptyApp}/tanks/${tank}/calendar?day=2027-03-07`)
  await expect(day.getByText('Plants arrive')).toBeVisible()
})

test('zones are made, shaped, split, merged and taken back by keyboard alone', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/ground`)
  const press = async (key: string, times = 1): Promise<void> => {
    for (let time = 0; time < times; time++) await page.keyboard.press(key)
  }
  const tabTo = async (name: string | RegExp): Promise<void> => {
    const target = page.getByRole('button', { name, exact: typeof name === 'string' }).first()
    await expect(target).toBeVisible()
    for (let step = 0; step < 160; step++) {
      if (await target.evaluate((node) => node === document.activeElement)) return
      await page.keyboard.press('Tab')
    }
    throw new Error(`${String(name)} is not reached by Tab`)
  }
  const zones = async () => (await storedPlan(page, demoApp, RIVER)).zones
  await tabTo('Add a zone')
  await press('Enter')
  await saved(page)
  expect((await zones()).at(-1)?.name).toBe('Zone 4')
  const before = (await zones()).at(-1)!.outline

  // The whole outline by 5 cm, then one corner by 1 cm and 1 mm, then another corner, then the corner away.
  await page.evaluate(() => (document.activeElement as HTMLElement | null)?.blur())
  await tabTo(/^Outline of Zone 4/)
  await press('Shift+ArrowLeft')
  await expect.poll(async () => (await zones()).at(-1)!.outline[0]!.xCm).toBeCloseTo(before[0]!.xCm - 5, 5)
  await tabTo(/^Corner 1: /)
  await press('ArrowDown', 2)
  await press('Alt+ArrowUp')
  await expect.poll(async () => (await zones()).at(-1)!.outline[0]!.yCm).toBeCloseTo(before[0]!.yCm - 1.9, 5)
  await press('Insert')
  await expect.poll(async () => (await zones()).at(-1)!.outline.length).toBe(5)
  await press('Delete')
  await expect.poll(async () => (await zones()).at(-1)!.outline.length).toBe(4)
  await press('r')
  await expect
    .poll(async () => (await zones()).at(-1)!.outline.some((corner) => (corner as unknown as { isRound: boolean }).isRound))
    .toBe(true)
  await press('Control+z')
  await expect
    .poll(async () => (await zones()).at(-1)!.outline.some((corner) => (corner as unknown as { isRound: boolean }).isRound))
    .toBe(false)

  // A corner that would cross the outline stays where it is, with a sentence.
  await tabTo(/^Corner 1: /)
  await press('Shift+ArrowRight', 12)
  await expect(page.getByRole('alert').filter({ hasText: 'crosses itself' })).toBeVisible()

  await tabTo('Split')
  await press('Enter')
  await expect.poll(async () => (await zones()).length).toBe(5)
  await press('Control+z')
  await expect.poll(async () => (await zones()).length).toBe(4)
  await press('Control+Shift+z')
  await expect.poll(async () => (await zones()).length).toBe(5)
  // Merged again through the menu.
  await page.getByRole('combobox', { name: 'Merge with …' }).focus()
  await press('Enter')
  await page.getByRole('option', { name: 'Zone 4 2' }).focus()
  await press('Enter')
  await expect.poll(async () => (await zones()).length).toBe(4)
  await tabTo('Delete zone')
  await press('Enter')
  await expect.poll(async () => (await zones()).length).toBe(3)
})

test('a gesture cut off by a reload is not lost; nor are corners that were drawn', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/ground?zone=left`)
  const corner = page.getByRole('button', { name: /^Corner 2: / })
  const box = (await corner.boundingBox())!
  await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2)
  await page.mouse.down()
  await page.mouse.move(box.x + 40, box.y + 30, { steps: 4 })
  const moved = await corner.getAttribute('aria-label')
  await page.reload() // the button is still down: nothing was let go, nothing was stored
  await expect(page.getByRole('button', { name: moved ?? '' })).toBeVisible()
  await saved(page)
  await page.mouse.up()
  const plan = page.getByTestId('ground-plan')
  await page.getByRole('button', { name: 'Draw a zone' }).click()
  for (const [x, y] of [
    [200, 60],
    [300, 60],
    [300, 140],
  ] as const)
    await plan.click({ position: { x, y } })
  await expect(page.getByText('3 corners drawn')).toBeVisible()
  await page.reload()
  await expect(page.getByText('3 corners drawn')).toBeVisible()
  await page.getByRole('button', { name: 'Draw a zone' }).click()
  await page.getByRole('button', { name: 'Close the outline' }).click()
  await expect.poll(async () => (await storedPlan(page, demoApp, RIVER)).zones.length).toBe(4)
})

test('silly outlines are refused or mended, with a sentence', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/ground`)
  await page.getByText('Import an outline').click()
  const field = page.getByLabel(/^Corners, one on a line/)
  const take = async (text: string): Promise<void> => {
    await field.fill(text)
    await page.getByRole('button', { name: 'Create zone' }).click()
  }
  await take('0 0\n10 10\n10 0\n0 10')
  await expect(page.getByText(/This outline crosses itself/)).toBeVisible()
  await take('0 0\n10 0\n20 0')
  await expect(page.getByText(/bounds no area/)).toBeVisible()
  await take('200 200\n220 200\n220 220')
  await expect(page.getByText('All of it lies outside the glass.')).toBeVisible()
  await take('0 0\nten 5\n20 0')
  await expect(page.getByText(/^Line 2 is not two numbers/)).toBeVisible()
  await expect(field).toHaveValue('0 0\nten 5\n20 0')
  expect((await storedPlan(page, demoApp, RIVER)).zones).toHaveLength(3)
  const circle = Array.from(
    { length: 10_000 },
    (_, index) => `${(100 + 20 * Math.cos(index / 1591.55)).toFixed(3)};${(20 + 12 * Math.sin(index / 1591.55)).toFixed(3)}`,
  ).join('\n')
  await page.getByLabel('Open a file of corners').setInputFiles({ name: 'shore.csv', mimeType: 'text/csv', buffer: Buffer.from(circle) })
  await expect(
    page.getByText(/The zone was created\..* 10000 corners were thinned to \d+.* What lay outside the glass was cut off\./),
  ).toBeVisible()
  await expect.poll(async () => (await storedPlan(page, demoApp, RIVER)).zones.length).toBe(4)

  // By the API: refused with field and reason, nothing changed.
  const current = await page.request.get(`${demoApp}/api/tanks/${RIVER}/plan`)
  const plan = (await current.json()) as { zones: { outline: unknown }[] }
  const bow = [
    [0, 0],
    [10, 10],
    [10, 0],
    [0, 10],
  ].map(([xCm, yCm]) => ({ xCm, yCm, isRound: false }))
  for (const [outline, reason] of [
    [bow, /crosses itself/],
    [bow.slice(0, 2), /at least 3/],
    [Array.from({ length: 300 }, () => bow[0]), /at most 200/],
  ] as const) {
    const refused = await page.request.put(`${demoApp}/api/tanks/${RIVER}/plan`, {
      data: { ...plan, zones: plan.zones.map((zone, index) => (index === 0 ? { ...zone, outline } : zone)) },
      headers: { 'If-Match': current.headers()['etag'] ?? '' },
    })
    expect(refused.status()).toBe(400)
    const problem = (await refused.json()) as { field: string; detail: string }
    expect(problem.field).toBe('zones.0.outline')
    expect(problem.detail).toMatch(reason)
  }
})

test('the front view is enlarged and moved; a silhouette’s point goes where the pointer lets go of it', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/hardscape`)
  const front = page.getByTestId('hardscape-front')
  const width = async (): Promise<number> => (await front.boundingBox())!.width
  const whole = await width()
  await page.getByRole('button', { name: 'Second stone', exact: true }).click()
  const point = front.getByRole('button', { name: /^Silhouette point 3:/ })

  // Ctrl and the wheel enlarge around the pointer; the page stays where it is.
  await point.hover()
  await page.keyboard.down('Control')
  await page.mouse.wheel(0, -200)
  await page.keyboard.up('Control')
  await expect.poll(width).toBeGreaterThan(whole * 2)
  expect(await page.evaluate(() => window.scrollY)).toBe(0)
  const middleOf = async (): Promise<{ x: number; y: number }> => {
    const { x, y, width: w, height: h } = (await point.boundingBox())!
    return { x: x + w / 2, y: y + h / 2 }
  }
  const from = await middleOf()
  await page.mouse.move(from.x, from.y)
  await page.mouse.down()
  await page.mouse.move(from.x + 30, from.y - 20, { steps: 4 })
  await page.mouse.up()
  const to = await middleOf()
  expect(Math.abs(to.x - from.x - 30)).toBeLessThan(2)
  expect(Math.abs(to.y - from.y + 20)).toBeLessThan(2)
  await saved(page)

  const paper = page.getByRole('group', { name: /\+ and − enlarge it/ })
  await paper.press('0')
  await expect.poll(width).toBeCloseTo(whole, 0)
  await paper.press('+')
  await expect.poll(width).toBeCloseTo(whole * 1.5, 0)
  const left = (await front.boundingBox())!.x
  await paper.press('ArrowRight')
  await expect.poll(async () => (await front.boundingBox())!.x).toBeCloseTo(left - 40, 0)
})

test('a stone is traced from a photograph beside a ruler, turned, mirrored, copied and taken back', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/hardscape`)
  const pieces = async () => (await storedPlan(page, demoApp, RIVER)).hardscape
  const count = (await pieces()).length
  await page.getByRole('button', { name: 'Trace a photograph' }).click()
  const picture = await page.screenshot()
  await page.getByLabel('Open a photograph').setInputFiles({ name: 'stones.png', mimeType: 'image/png', buffer: picture })
  const canvas = page.getByTestId('trace-picture')
  await canvas.click({ position: { x: 40, y: 40 } })
  await canvas.click({ position: { x: 42, y: 40 } })
  await expect(page.getByText('The two marks are too close together to measure by.')).toBeVisible()
  await canvas.click({ position: { x: 440, y: 40 } })
  await page.getByLabel('Distance of the marks, cm').fill('40')
  for (const [x, y] of [
    [100, 120],
    [300, 120],
    [320, 260],
    [120, 280],
  ] as const)
    await canvas.click({ position: { x, y } })
  await page.getByRole('button', { name: 'Create piece' }).click()
  await expect(page.getByText(/was added, 2[0-9.]+ cm × 1[0-9.]+ cm across/)).toBeVisible()
  await page.getByRole('button', { name: 'Done' }).click()
  await expect.poll(async () => (await pieces()).length).toBe(count + 1)
  const traced = (await pieces()).at(-1)!
  const xs = traced.outline!.map(({ xCm }) => xCm)
  expect(Math.max(...xs) - Math.min(...xs)).toBeCloseTo(22, 0)

  await page.getByRole('button', { name: /^Turn 15/ }).click()
  await expect.poll(async () => (await pieces()).at(-1)!.outline).not.toEqual(traced.outline)
  await page.getByRole('button', { name: 'Mirror' }).click()
  await page.getByRole('button', { name: 'Duplicate' }).click()
  await expect.poll(async () => (await pieces()).length).toBe(count + 2)
  await page.getByRole('button', { name: 'Delete', exact: true }).click()
  await expect.poll(async () => (await pieces()).length).toBe(count + 1)
  for (let step = 0; step < 5; step++) {
    await page.getByRole('button', { name: 'Undo' }).click()
    await saved(page)
  }
  await expect.poll(async () => (await pieces()).length).toBe(count)
  await page.getByRole('button', { name: 'from the couch' }).click()
  await expect(page.getByRole('img', { name: /as an eye on the couch sees it/ })).toBeVisible()
})

test('a stone is drawn on the floor by keys alone, seen enlarged, and taken back', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/hardscape`)
  const pieces = async (): Promise<readonly { name: string; outline: readonly unknown[] | null }[]> =>
    (await storedPlan(page, demoApp, RIVER)).hardscape
  const before = (await pieces()).length
  await page.getByRole('button', { name: 'Draw a stone' }).focus()
  await page.keyboard.press('Enter')
  const floor = page.getByRole('group', { name: /^Pieces of .* from above/ })
  await floor.focus()
  await page.keyboard.press('+')
  for (const key of ['Enter', 'Shift+ArrowRight', 'Enter', 'Shift+ArrowUp', 'Enter', 'Alt+ArrowLeft', 'Backspace', 'Enter'])
    await page.keyboard.press(key)
  await expect(page.getByText('3 corners drawn')).toBeVisible()
  await expect(
    page.getByRole('group', { name: /^Zoom: Pieces .* from above/ }).getByRole('button', { name: 'Fit the whole drawing' }),
  ).toBeEnabled()
  await page.getByRole('button', { name: 'Close the outline' }).focus()
  await page.keyboard.press('Enter')
  await expect.poll(async () => (await pieces()).length).toBe(before + 1)
  expect((await pieces()).at(-1)?.outline).toHaveLength(3)
  await floor.focus()
  await page.keyboard.press('0')
  await expect(
    page.getByRole('group', { name: /^Zoom: Pieces .* from above/ }).getByRole('button', { name: 'Fit the whole drawing' }),
  ).toBeDisabled()
  await page.getByRole('button', { name: 'Undo' }).press('Enter')
  await expect.poll(async () => (await pieces()).length).toBe(before)
})

test('an own bag from the library changes the count of bags', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/library/products`)
  await page.getByRole('button', { name: 'Add a ground' }).click()
  const row = page.getByRole('row', { name: /My ground/ })
  // Name, ground, bag, dry weight, pores, price.
  const write = async (cell: number, text: string): Promise<void> => {
    await row.getByRole('gridcell').nth(cell).click()
    await page.keyboard.press('ControlOrMeta+a')
    await page.keyboard.type(text)
    await page.keyboard.press('Tab')
  }
  await write(2, '3')
  await write(5, '7')
  await write(0, 'Library test soil')
  await expect(page.getByRole('row', { name: /Library test soil/ })).toBeVisible()
  await page.goto(`${demoApp}/tanks/${RIVER}/plan/ground?zone=left`)
  await page.getByLabel('Bag').first().click()
  await page.getByRole('option', { name: 'Library test soil' }).click()
  await expect(page.getByRole('row', { name: /^Library test soil/ })).toContainText('3 × 3 L')
})
