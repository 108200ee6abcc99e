import type { Page } from '@playwright/test'
import { expect, reckoned, test } from '../fixtures.js'

interface Job {
  readonly ruleId: string
  readonly kind: string
  readonly dueOn: string
  readonly on: string
  readonly isTimer: boolean
  readonly values: Readonly<Record<string, { readonly value: number }>>
}
interface Gas {
  readonly verdict: string
  readonly severity: string
  readonly advice: readonly string[]
  readonly limitMgPerL: number | null
}
interface Stop {
  readonly tankId: string
  readonly name: string
  readonly today: string
  readonly gas: Gas
  readonly due: readonly Job[]
  readonly settled: readonly Job[]
  readonly assumed: readonly Job[]
  readonly minutesPerWeek: number
}
const GAS_LINK = 'a[href^="/answers/gas?tank="]'
/** Of each tank, by its link, what a place says of its gas. */
async function toldOfGas(page: Page): Promise<Record<string, string>> {
  const links = await page.locator(`main ${GAS_LINK}`).all()
  const told = await Promise.all(
    links.map(async (link) => [/tank=([^&]+)/.exec((await link.getAttribute('href')) ?? '')?.[1], await link.textContent()]),
  )
  return Object.fromEntries(told) as Record<string, string>
}

test('shelf, round, balance and answer say the same of a tank’s gas', async ({ page, demoApp }) => {
  const { stops } = (await (await page.request.get(`${demoApp}/api/round`)).json()) as { stops: Stop[] }
  await page.goto(demoApp)
  await expect(page.locator(`main ${GAS_LINK}`).first()).toBeVisible()
  const onShelf = await toldOfGas(page)
  await page.goto(`${demoApp}/today`)
  await expect(page.locator(`main ${GAS_LINK}`).first()).toBeVisible()
  expect(await toldOfGas(page)).toEqual(onShelf)
  for (const { tankId, gas } of stops) {
    const condition = (await (await page.request.get(`${demoApp}/api/tanks/${tankId}/condition`)).json()) as { gas: Gas }
    const { verdict, severity, advice, limitMgPerL } = condition.gas
    expect({ ...gas, isByPlan: undefined }).toEqual({ verdict, severity, advice, limitMgPerL, isByPlan: undefined })
    const said = onShelf[tankId]
    if (said === undefined) continue
    await page.goto(`${demoApp}/answers/gas?tank=${tankId}`)
    await expect(page.getByRole('main')).toContainText(said)
    await page.goto(`${demoApp}/tanks/${tankId}/balance`)
    await reckoned(page)
    await expect(page.locator(`main ${GAS_LINK}`).first()).toHaveText(said)
  }
})

test('today, calendar, calendar file and settings say the same of every day’s work', async ({ page, demoApp }) => {
  const { stops } = (await (await page.request.get(`${demoApp}/api/round`)).json()) as { stops: Stop[] }
  expect(stops.length).toBeGreaterThan(3)
  let changesSeen = 0
  for (const stop of stops) {
    const until = new Date(Date.parse(stop.today) + 13 * 86_400_000).toISOString().slice(0, 10)
    const api = `${demoApp}/api/tanks/${stop.tankId}`
    const listed = (await (await page.request.get(`${api}/jobs?from=${stop.today}&to=${until}`)).json()) as {
      jobs: Job[]
      minutesPerWeek: number
    }
    const timeline = (await (await page.request.get(`${api}/timeline`)).json()) as { today: string }
    expect([timeline.today, listed.minutesPerWeek]).toEqual([stop.today, stop.minutesPerWeek])
    // The day's list is the calendar's day.
    const names = (jobs: readonly Job[]): string[] => jobs.map(({ ruleId, dueOn }) => `${ruleId} ${dueOn}`).sort()
    const ofToday = listed.jobs.filter(({ on }) => on === stop.today)
    for (const job of stop.due) expect(names(ofToday)).toContain(`${job.ruleId} ${job.dueOn}`)
    for (const { ruleId, dueOn, values } of stop.due)
      expect(values).toEqual(ofToday.find((job) => job.ruleId === ruleId && job.dueOn === dueOn)?.values)
    // The file has an event on each day with work for hands, and on no other.
    const file = (await (await page.request.get(`${api}/calendar.ics`)).text()).replaceAll('\r\n ', '')
    const inFile = [...file.matchAll(/UID:[^\r\n]*?(\d{4}-\d\d-\d\d)@/g)]
      .map(([, day]) => day!)
      .filter((day) => day >= stop.today && day <= until)
    const withWork = new Set(listed.jobs.filter(({ isTimer }) => !isTimer).map(({ on }) => on))
    expect([...new Set(inFile)].sort()).toEqual([...withWork].sort())
    // What is changed is what the plan says.
    const plan = (await (await page.request.get(`${api}/plan`)).json()) as { changes: { fraction: number } }
    const changes = listed.jobs.filter(({ ruleId }) => ruleId === 'change')
    changesSeen += changes.length
    for (const { values } of changes) expect(values['share']?.value).toBeCloseTo(plan.changes.fraction, 6)
  }
  expect(changesSeen).toBeGreaterThan(3)
})
