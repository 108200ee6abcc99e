import type { Page } from '@playwright/test'
import { expect, expectAccessible, RIVER, test } from '../fixtures.js'

interface Product {
  readonly id: string
  readonly name: string
  readonly form: string
  readonly mix: readonly { readonly salt: string; readonly grams: number }[]
}
interface Fed {
  readonly name: string
  readonly startedOn: string
  readonly feeding: string
  readonly feed: {
    readonly cupboard: readonly Product[]
    readonly phases: readonly { readonly seenOn: string | null }[]
    readonly amounts: Readonly<Record<string, number | string | null>>
  }
}
interface Job {
  readonly kind: string
  readonly on: string
  readonly portions?: readonly { readonly name: string; readonly unit: string; readonly amount: number }[]
}
const planOf = async (page: Page, app: string, tank = RIVER): Promise<Fed> =>
  (await (await page.request.get(`${app}/api/tanks/${tank}/plan`)).json()) as Fed
const dosesOf = async (page: Page, app: string, tank: string, from: string, to: string): Promise<Job[]> =>
  ((await (await page.request.get(`${app}/api/tanks/${tank}/jobs?from=${from}&to=${to}`)).json()) as { jobs: Job[] }).jobs.filter(
    ({ kind }) => kind === 'dose',
  )

test('rich to lean on a grown-in tank: its consequences before, its doses after, the past as it was', async ({ page, demoApp }) => {
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/feed?part=schools`)
  const schools = page.getByRole('table', { name: 'Schools side by side' })
  await expect(schools.getByRole('row', { name: /^nitrate in week 26/ })).toContainText(/\d+ \(/)
  const cells = await schools
    .getByRole('row', { name: /^nitrate in week 26/ })
    .getByRole('cell')
    .allTextContents()
  const [rich = 0, lean = 0] = cells.map((cell) => Number.parseFloat(cell))
  expect(rich).toBeGreaterThan(2 * lean)
  await expectAccessible(page)
  // Beside the levels that are, those that would be.
  const dashed = page.getByTestId('level-lanes').locator('path[stroke-dasharray]')
  await expect(dashed).toHaveCount(0)
  await page.getByRole('button', { name: 'Draw beside: Lean, and back after eight weeks' }).click()
  await expect(dashed).toHaveCount(6)
  const before = await dosesOf(page, demoApp, RIVER, '2026-11-20', '2026-11-24')
  await page.getByRole('button', { name: 'Follow lean column from today' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).feeding).toBe('lean-column')
  await expect(schools.getByRole('columnheader', { name: /lean column \(now\)/ })).toBeVisible()
  const after = await dosesOf(page, demoApp, RIVER, '2026-11-20', '2026-11-24')
  const nitrate = (jobs: readonly Job[], on: string): number => jobs.find((job) => job.on === on)?.portions?.[0]?.amount ?? 0
  expect(nitrate(after, '2026-11-24')).toBeLessThan(nitrate(before, '2026-11-24') / 5)
  // What was dosed before today was dosed.
  expect(after.filter(({ on }) => on < '2026-11-24')).toEqual(before.filter(({ on }) => on < '2026-11-24'))
  await page.goto(`${demoApp}/today`)
  // What a timer does is assumed done, and folded.
  await expect(page.getByText(/potassium nitrate 0\.1 g/)).not.toHaveCount(0)
  // And back.
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/feed`)
  await page.getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).feeding).toBe('rich-column')
})

test('a recipe of three bottles: calcium and traces apart, labels printed, put into the cupboard; bad input is told', async ({
  page,
  demoApp,
}) => {
  await page.addInitScript(() => {
    window.print = () => void (document.body.dataset['printed'] = 'yes')
  })
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/feed?part=cupboard`)
  await page.getByRole('button', { name: 'Start from the usual' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).feed.cupboard.length).toBe(5)
  await page.getByRole('button', { name: 'Add a dry salt' }).click()
  await page.getByRole('combobox', { name: 'Salt' }).last().click()
  await page.getByRole('option', { name: 'calcium nitrate (4 H2O)' }).click()
  await page.getByRole('button', { name: 'Plan', exact: true }).click()
  await page.getByRole('textbox', { name: /^Calcium/ }).fill('5000')
  await expect(page.getByText(/from 0 to 500/)).toBeVisible()
  await page.getByRole('textbox', { name: /^Calcium/ }).fill('4')
  await page.keyboard.press('Tab')
  await expect.poll(async () => (await planOf(page, demoApp)).feed.amounts['calciumMgPerL']).toBe(4)
  await page.getByRole('button', { name: 'Bottles to mix' }).click()
  const labels = page.getByTestId('bottle-label')
  await expect(labels).toHaveCount(3)
  await expect(labels.filter({ hasText: 'calcium nitrate' })).not.toContainText('sulfate')
  await expect(labels.filter({ hasText: 'traces, by their iron' })).not.toContainText('phosphate')
  await expect(labels.first()).toContainText('Not for drinking. Keep from children.')
  await expectAccessible(page)
  await page.getByRole('textbox', { name: /^Each dose/ }).fill('1')
  await expect(page.getByText(/The dose is stretched to/).first()).toBeVisible()
  await page.getByRole('button', { name: 'Print labels' }).click()
  await expect(page.locator('body')).toHaveAttribute('data-printed', 'yes')
  // On paper stand the labels, and nothing of the sheet around them.
  await page.emulateMedia({ media: 'print' })
  await expect(labels.first()).toBeVisible()
  await expect(page.getByTestId('dose-weeks')).toBeHidden()
  await page.emulateMedia({ media: 'screen' })
  await page.getByRole('button', { name: 'Put these bottles into the cupboard' }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).feed.cupboard.map(({ form }) => form)).toEqual(['stock', 'stock', 'stock'])
  // Dosed in millilitres from now on, never in salts.
  const [today] = await dosesOf(page, demoApp, RIVER, '2026-11-24', '2026-11-24')
  expect(today!.portions!.map(({ name, unit }) => [name, unit])).toEqual([
    ['Bottle A', 'mL'],
    ['Bottle B', 'mL'],
    ['Bottle C', 'mL'],
  ])
})

test('a labelled bottle is dosed by phase in a new tank: nothing on rich ground at first, then by the sign; all places agree', async ({
  page,
  demoApp,
}) => {
  const like = await planOf(page, demoApp)
  const made = await page.request.post(`${demoApp}/api/tanks`, {
    data: { plan: { ...like, name: 'Foyer long', startedOn: '2026-11-24', feeding: 'all-in-one' } },
  })
  const { id } = (await made.json()) as { id: string }
  await page.goto(`${demoApp}/tanks/${id}/supply/feed?part=cupboard`)
  await page.getByRole('button', { name: 'Add a labelled bottle' }).click()
  await page.getByRole('textbox', { name: 'Name' }).fill('Evening bottle')
  await page.keyboard.press('Enter')
  await page.getByRole('button', { name: 'percent by mass' }).click()
  const value = page.getByRole('textbox', { name: /^Value/ })
  await value.first().fill('a lot')
  await expect(value.first()).toHaveAttribute('aria-invalid', 'true')
  await value.first().fill('1.9')
  await page.keyboard.press('Tab')
  await page.getByRole('button', { name: 'Add a line of the label' }).click()
  await value.nth(1).fill('2.8')
  await page.keyboard.press('Tab')
  // 1.9 % of nitrate at 1.05 g/mL are 4.5 mg of its nitrogen.
  await expect(page.getByText(/1 mL holds 4\.51 mg N as nitrate, 29\.4 mg K/)).toBeVisible()
  await expect.poll(async () => (await planOf(page, demoApp, id)).feed.cupboard[0]?.name).toBe('Evening bottle')
  await expectAccessible(page)
  // The ground feeds: it waits, in the table as in the jobs.
  const doses = page.getByRole('table', { name: 'What is dosed' })
  await expect(doses.getByRole('row', { name: /^day 0,/ })).toContainText(
    'Waits, because it brings nitrogen or phosphorus: Evening bottle.',
  )
  expect(await dosesOf(page, demoApp, id, '2026-11-24', '2026-12-07')).toEqual([])
  const [later] = await dosesOf(page, demoApp, id, '2026-12-08', '2026-12-08')
  expect(later!.portions).toMatchObject([{ name: 'Evening bottle', unit: 'mL' }])
  const told = /Evening bottle ([\d.]+) mL/.exec((await doses.getByRole('row', { name: /^day 14,/ }).textContent()) ?? '')
  expect(later!.portions![0]!.amount).toBeCloseTo(Number(told![1]), 0)
  // New leaves pale earlier: said so, it is dosed from that day on.
  await page.getByRole('button', { name: 'Plan', exact: true }).click()
  await page.getByRole('button', { name: 'Change the phases' }).click()
  await page.getByRole('button', { name: 'Seen today' }).click()
  await expect.poll(async () => (await planOf(page, demoApp, id)).feed.phases.some(({ seenOn }) => seenOn === '2026-11-24')).toBe(true)
  await page.reload()
  await expect(page.getByText('Seen on 24 Nov')).toBeVisible()
  await expect.poll(async () => (await dosesOf(page, demoApp, id, '2026-11-24', '2026-11-24')).length).toBe(1)
})

test('a noisy row of nitrate tests does not say yet; one that says so offers one step, which is taken', async ({ page, demoApp }) => {
  const plan = await planOf(page, demoApp)
  const made = await page.request.post(`${demoApp}/api/tanks`, {
    data: { plan: { ...plan, name: 'Foyer long', startedOn: '2026-09-01', feeding: 'lean-column' } },
  })
  const { id } = (await made.json()) as { id: string }
  // Taken up as fast as it is dosed, but for the error of a card.
  for (const [day, mgPerL] of [
    ['2026-10-22', 2.2],
    ['2026-10-29', 3.4],
    ['2026-11-05', 2.3],
    ['2026-11-12', 3.3],
    ['2026-11-19', 2.2],
  ] as const)
    await page.request.post(`${demoApp}/api/tanks/${id}/journal`, {
      data: {
        id: crypto.randomUUID().replace(/^(.{14})./, '$17'),
        kind: 'reading',
        at: `${day}T18:00:00.000Z`,
        recordedBy: null,
        note: null,
        quantity: 'nitrate',
        value: mgPerL,
        qualifier: '=',
        enteredText: String(mgPerL),
        enteredUnit: 'mg N/L',
        basis: null,
        method: null,
        moment: null,
        eventId: null,
      },
    })
  await page.goto(`${demoApp}/tanks/${id}/supply/feed?part=tests`)
  await expect(page.getByTestId('test-row').locator('circle')).toHaveCount(5)
  const step = page.getByRole('textbox', { name: /^Step of the kit/ })
  await step.fill('10')
  await expect(page.getByText('The tests do not say yet.')).toBeVisible()
  await expect(page.getByText(/it may fall or rise/)).toBeVisible()
  await expect(page.getByRole('button', { name: /^Dose .* a week$/ })).toHaveCount(0)
  await expectAccessible(page)
  await step.fill('-3')
  await expect(step).toHaveAttribute('aria-invalid', 'true')

  // The river's tests climb by more than they are off by.
  await page.goto(`${demoApp}/tanks/${RIVER}/supply/feed?part=tests`)
  await expect(page.getByText(/It rises by [\d.]+ mg NO3\/L a day by itself/)).toBeVisible()
  await page.getByRole('button', { name: /^Dose [\d.]+ mg NO3\/L a week$/ }).click()
  await expect.poll(async () => (await planOf(page, demoApp)).feed.amounts['school']).toBe('rich-column')
  const { amounts } = (await planOf(page, demoApp)).feed
  // A third less than 21 mg/L of nitrate.
  expect(amounts['nitrateMgNPerL']).toBeCloseTo(14 * (14.007 / 62.004), 1)
})
