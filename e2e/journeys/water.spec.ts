import type { Page } from '@playwright/test'
import { expect, expectAccessible, NOW, RIVER, test } from '../fixtures.js'

interface Kept {
  readonly name: string
  readonly sources: readonly { readonly id: string; readonly name: string; readonly part: number; readonly kind: string }[]
  readonly logistics: { readonly purifiedFraction: number | null }
  readonly water: { readonly minerals: readonly string[]; readonly hardnessMmolPerL: number | null }
}
interface Job {
  readonly kind: string
  readonly on: string
  readonly dueOn: string
  readonly state: string
  readonly values: Readonly<Record<string, { readonly value: number }>>
}
interface Entry {
  readonly record: { readonly kind: string; readonly fraction?: number; readonly note: string | null }
  readonly isDeleted: boolean
}
const planOf = async (page: Page, app: string, tank: string): Promise<Kept> =>
  (await (await page.request.get(`${app}/api/tanks/${tank}/plan`)).json()) as Kept
const changesOf = async (page: Page, app: string, tank: string, from: string, to: string): Promise<Job[]> =>
  ((await (await page.request.get(`${app}/api/tanks/${tank}/jobs?from=${from}&to=${to}`)).json()) as { jobs: Job[] }).jobs.filter(
    ({ kind }) => kind === 'change',
  )
const loggedOf = async (page: Page, app: string, tank: string): Promise<Entry[]> =>
  ((await (await page.request.get(`${app}/api/tanks/${tank}/journal?kinds=change&limit=5`)).json()) as { entries: Entry[] }).entries
const newTank = async (page: Page, app: string, change: object): Promise<string> => {
  const like = await planOf(page, app, RIVER)
  const made = await page.request.post(`${app}/api/tanks`, { data: { plan: { ...like, name: 'Foyer long', ...change } } })
  return ((await made.json()) as { id: string }).id
}

test('tap and purified water are blended into a change card, salts weighed, and the change is logged with one tap and taken back with one', async ({
  page,
  demoApp,
}) => {
  // The page’s clock and the server’s agree on the day.
  await page.clock.setSystemTime(NOW)
  // Its own numbers: hard tap water, and nobody has told salts yet.
  const like = await planOf(page, demoApp, RIVER)
  const id = await newTank(page, demoApp, {
    startedOn: '2026-09-22',
    sources: [
      {
        ...like.sources[0],
        name: '',
        alkalinityMeqPerL: 4,
        hardnessMmolPerL: 2.4,
        calciumMgPerL: null,
        magnesiumMgPerL: null,
        reports: [],
      },
    ],
    logistics: { ...like.logistics, purifiedFraction: 0 },
    water: { ...like.water, minerals: [], hardnessMmolPerL: null },
  })
  await page.goto(`${demoApp}/tanks/${id}/supply/water`)
  const table = page.getByRole('region', { name: 'New water' })
  await expect(table.getByRole('row', { name: /^GH/ })).toContainText('13 °dGH')
  const share = page.getByRole('textbox', { name: /^Purified share/ })
  await share.fill('all')
  await expect(share).toHaveAttribute('aria-invalid', 'true')
  await share.fill('85')
  await page.keyboard.press('Tab')
  await expect(table.getByRole('row', { name: /^GH/ })).toContainText('2 °dGH')
  // So soft a water lacks calcium and magnesium: one click gives them.
  await expect(page.getByText(/The water for changes has a GH of 2/)).toBeVisible()
  await page.getByRole('button', { name: /^Add calcium and magnesium sulfate/ }).click()
  await expect(table.getByRole('row', { name: /^GH/ })).toContainText(/2 °dGH.*4 °dGH/)
  await expect.poll(async () => (await planOf(page, demoApp, id)).water.minerals.length).toBe(2)
  await expectAccessible(page)

  await page.getByRole('button', { name: 'Change card' }).click()
  const card = page.getByRole('region', { name: /^Foyer long: Change 50 %/ })
  const steps = card.getByRole('listitem')
  await expect(steps.filter({ hasText: /^Purified water: / })).toBeVisible()
  await expect(steps.filter({ hasText: /^Mains: .*cold/ })).toBeVisible()
  await expect(steps.filter({ hasText: /calcium sulfate \(2 H2O\) [\d.]+ g, magnesium sulfate \(7 H2O\) [\d.]+ g/ })).toBeVisible()
  // What the card drains is what the calendar asks for.
  const [due] = await changesOf(page, demoApp, id, '2026-11-22', '2026-11-24')
  const litres = Number.parseFloat(/([\d.]+) L/.exec((await card.getByRole('heading').textContent())!)![1]!)
  expect(due!.values['water']!.value).toBeCloseTo(litres, 0)
  await expectAccessible(page)
  // A timer goes along to other places, and over a reload.
  await card.getByRole('button', { name: /^Timer .*Fill/ }).click()
  const timer = page.getByRole('region', { name: 'Running timers' })
  await expect(timer.getByRole('timer')).toContainText(/Fill: \d+:\d\d left/)
  await page.reload()
  await expect(timer.getByRole('timer')).toContainText(/Fill: \d+:\d\d left/)
  await timer.getByRole('button', { name: /^Stop the timer/ }).click()
  await expect(timer).toHaveCount(0)

  await expect(page.getByText(/It also marks the change due on (Nov 24|24 Nov)/)).toBeVisible()
  await page.getByRole('button', { name: 'Log this change' }).press('Enter')
  await expect.poll(async () => (await loggedOf(page, demoApp, id)).map(({ record }) => record.fraction)).toEqual([0.5])
  expect((await loggedOf(page, demoApp, id))[0]!.record.note).toMatch(/purified [\d.]+ L, mains [\d.]+ L.*calcium sulfate/)
  await expect.poll(async () => (await changesOf(page, demoApp, id, '2026-11-24', '2026-11-24'))[0]!.state).toBe('done')
  await page.getByRole('alert').getByRole('button', { name: 'Undo' }).click()
  await expect.poll(async () => (await loggedOf(page, demoApp, id)).length).toBe(0)
  expect((await changesOf(page, demoApp, id, '2026-11-24', '2026-11-24'))[0]!.state).toBe('due')
})

test('the planner: a pattern moves the calendar, a second source the mix, and a tank is brought to other water in steps', async ({
  page,
  demoApp,
}) => {
  const id = await newTank(page, demoApp, { startedOn: '2026-11-24' })
  await page.goto(`${demoApp}/tanks/${id}/supply/water?part=planner`)
  await page.getByRole('button', { name: /^three or four a week/ }).click()
  await expect
    .poll(async () => (await changesOf(page, demoApp, id, '2026-11-24', '2026-12-07')).map(({ on }) => on))
    .toEqual(['2026-11-26', '2026-11-28', '2026-11-30', '2026-12-02', '2026-12-04', '2026-12-06'])
  await expect(page.getByText(/^10 changes/)).toBeVisible()
  // The barrel of all tanks counts this one too.
  await expect(
    page.getByRole('region', { name: 'One barrel for all tanks' }).getByRole('row', { name: /^Reading-room river/ }),
  ).toBeVisible()
  await page.getByRole('textbox', { name: /^Tank GH/ }).fill('15')
  const steps = page.getByRole('region', { name: 'Other water for animals' })
  await expect(steps.getByRole('row', { name: /^1 .*GH$/ })).toBeVisible()
  await expectAccessible(page)
  await page.getByRole('button', { name: 'First fill' }).click()
  await expect(page.getByRole('row', { name: /on to a plate, towel or colander/ })).toBeVisible()
  await expectAccessible(page)
})

test('the change card in a thumb’s reach: steps first on a phone, from Today’s job', async ({ page, demoApp }) => {
  await page.setViewportSize({ width: 390, height: 844 })
  await page.goto(`${demoApp}/today`)
  await page.getByRole('link', { name: 'change card' }).first().click()
  await expect(page.getByRole('listitem').filter({ hasText: /^Heater, canister/ })).toBeInViewport()
  await expectAccessible(page)
})
