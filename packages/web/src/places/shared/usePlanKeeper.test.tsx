import type { PlanRevision } from '@jovrin/contract'
import { withValue, type Plan } from '@jovrin/core'
import { act, cleanup } from '@testing-library/react'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { barePlan } from '../../testing/builtPlan.js'
import { renderPage } from '../../testing/renderPage.js'
import { problem, standInServer } from '../../testing/standInServer.js'
import { usePlanKeeper, type PlanKeeper } from './usePlanKeeper.js'

afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})

const TANK = 'tank'
const rename = (plan: Plan, name: string): Plan => ({ ...plan, name })
const warm = (plan: Plan, temperatureC: number): Plan => withValue(plan, '/temperatureC', temperatureC)

/** A server that holds one plan by revision, as the real one does. */
function openPlan(initial: Plan) {
  let held: PlanRevision = { revision: 1, plan: initial, canUndo: false, canRedo: false }
  let isAway = false
  const { asked } = standInServer(({ method, path, body, ifMatch }) => {
    if (isAway) return 'unreachable'
    if (path.endsWith('/plan/revision')) return { status: 200, body: held }
    if (ifMatch !== `"${held.revision}"`) return problem(412, 'Somebody changed this plan since you opened it.')
    if (method === 'POST')
      held = { revision: held.revision + 1, plan: path.endsWith('undo') ? initial : held.plan, canUndo: false, canRedo: true }
    else held = { revision: held.revision + 1, plan: body as Plan, canUndo: true, canRedo: false }
    return { status: 200, body: method === 'POST' ? held : held.plan, etag: `"${held.revision}"` }
  })
  const stored: Plan[] = []
  let keeper: PlanKeeper | null = null
  const Bench = () => {
    keeper = usePlanKeeper(TANK, { revision: 1, plan: initial, canUndo: false, canRedo: false }, (plan) => stored.push(plan))
    return null
  }
  renderPage(<Bench />)
  return {
    asked,
    stored,
    keeper: () => keeper!,
    held: () => held,
    /** Another window keeps its own change meanwhile. */
    elsewhere: (plan: Plan): void => void (held = { revision: held.revision + 1, plan, canUndo: true, canRedo: false }),
    goAway: (away: boolean): void => void (isAway = away),
    do: (act_: (keeper: PlanKeeper) => Promise<void>): Promise<void> => act(() => act_(keeper!)),
  }
}

describe('one window', () => {
  test('keeps a change as the next revision, and nothing where nothing changed', async () => {
    const page = openPlan(barePlan)
    await page.do(({ keep }) => keep(rename(barePlan, 'River')))
    expect(page.held()).toMatchObject({ revision: 2, plan: { name: 'River' } })
    expect(page.keeper().state).toEqual({ kind: 'saved' })
    expect(page.keeper().revision).toMatchObject({ revision: 2, canUndo: true, canRedo: false })
    await page.do(({ keep }) => keep(rename(barePlan, 'River')))
    expect(page.asked.filter(({ method }) => method === 'PUT')).toHaveLength(1)
  })
  test('gestures that follow fast are kept one after another, each on the revision before', async () => {
    const page = openPlan(barePlan)
    await page.do(
      async ({ keep }) =>
        void (await Promise.all([keep(rename(barePlan, 'a')), keep(rename(barePlan, 'ab')), keep(rename(barePlan, 'abc'))])),
    )
    expect(page.asked.filter(({ method }) => method === 'PUT').map(({ ifMatch }) => ifMatch)).toEqual(['"1"', '"2"', '"3"'])
    expect(page.held().plan.name).toBe('abc')
  })
  test('a change that holds from a day says the day and why', async () => {
    const page = openPlan(barePlan)
    await page.do(({ keep }) => keep(warm(barePlan, 26), { effectiveOn: '2026-11-20', why: 'warm & dry' }))
    expect(page.asked[0]?.path).toBe('/api/tanks/tank/plan?effectiveOn=2026-11-20&why=warm+%26+dry')
  })
  test('undo comes back into the window', async () => {
    const page = openPlan(barePlan)
    await page.do(({ keep }) => keep(rename(barePlan, 'River')))
    await page.do(({ step }) => step('undo'))
    expect(page.stored.at(-1)?.name).toBe('Bare')
    expect(page.keeper().revision.canRedo).toBe(true)
  })
  test('without the server it says so, and the next gesture keeps both', async () => {
    const page = openPlan(barePlan)
    page.goAway(true)
    await page.do(({ keep }) => keep(rename(barePlan, 'River')))
    expect(page.keeper().state.kind).toBe('failed')
    page.goAway(false)
    await page.do(({ keep }) => keep(warm(rename(barePlan, 'River'), 26)))
    expect(page.held().plan).toMatchObject({ name: 'River', temperatureC: 26 })
    expect(page.keeper().state).toEqual({ kind: 'saved' })
  })
})

describe('two windows', () => {
  test('changes of other answers are joined: both stand, and the window is told', async () => {
    const page = openPlan(barePlan)
    page.elsewhere(warm(barePlan, 27))
    await page.do(({ keep }) => keep(rename(barePlan, 'River')))
    expect(page.held()).toMatchObject({ revision: 3, plan: { name: 'River', temperatureC: 27 } })
    expect(page.keeper().state).toEqual({ kind: 'merged' })
    expect(page.stored.at(-1)).toMatchObject({ name: 'River', temperatureC: 27 })
  })
  test('of the same answer both are shown, and nothing is kept until somebody chooses', async () => {
    const page = openPlan(barePlan)
    page.elsewhere(rename(barePlan, 'Theirs'))
    await page.do(({ keep }) => keep(rename(barePlan, 'Mine')))
    expect(page.keeper().state).toMatchObject({ kind: 'conflict', mine: { name: 'Mine' }, theirs: { plan: { name: 'Theirs' } } })
    expect(page.held().plan.name).toBe('Theirs')
  })
  test('mine is kept on top of theirs', async () => {
    const page = openPlan(barePlan)
    page.elsewhere(rename(barePlan, 'Theirs'))
    await page.do(({ keep }) => keep(rename(barePlan, 'Mine')))
    await page.do(({ settle }) => settle('mine'))
    expect(page.held()).toMatchObject({ revision: 3, plan: { name: 'Mine' } })
    expect(page.keeper().state).toEqual({ kind: 'saved' })
  })
  test('theirs comes into the window and nothing is sent', async () => {
    const page = openPlan(barePlan)
    page.elsewhere(rename(barePlan, 'Theirs'))
    await page.do(({ keep }) => keep(rename(barePlan, 'Mine')))
    const before = page.asked.length
    await page.do(({ settle }) => settle('theirs'))
    expect(page.stored.at(-1)?.name).toBe('Theirs')
    expect(page.asked.slice(before).filter(({ method }) => method === 'PUT')).toEqual([])
  })
  test('choosing where nothing is in question does nothing', async () => {
    const page = openPlan(barePlan)
    await page.do(({ settle }) => settle('mine'))
    expect(page.asked).toEqual([])
  })
})
