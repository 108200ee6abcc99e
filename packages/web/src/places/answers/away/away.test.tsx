import { awayDangerWords, awayWords, fieldWords } from '@jovrin/contract'
import { ANIMALS, awayMember, type Plan } from '@jovrin/core'
import { cleanup, configure, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../testing/builtPlan.js'
import { hand, typeAndLeave } from '../../../testing/hand.js'
import { renderPage } from '../../../testing/renderPage.js'
import { standInServer } from '../../../testing/standInServer.js'
import { standStill } from '../../../testing/standStill.js'
import type { Tasks } from '../../../workers/tasks.js'
import { workQueue, type Asked } from '../../../workers/workQueue.js'
import { AwayAnswer } from './AwayAnswer.js'

configure({ defaultHidden: true })
const TANK = '01920000-0000-7000-8000-0000000000aa'
const OTHER = '01920000-0000-7000-8000-0000000000b'
const TODAY = '2026-11-24'
const base: Plan = {
  ...builtPlan,
  startedOn: '2026-06-01',
  animals: { groups: [{ id: 'a1', species: 'paracheirodon-innesi', count: 12, fromDay: 40, origin: '' }], foodGPerDay: null },
  fauna: ANIMALS.filter(({ id }) => id === 'paracheirodon-innesi'),
}
const TEN_DAYS = {
  id: 'w1',
  leaveOn: '2026-12-05',
  backOn: '2026-12-15',
  lowerFrom: '2026-11-25',
  cleanOn: '2026-11-30',
  visitEveryDays: 3,
  food: 'visits',
  isDosed: false,
  topUpL: null,
  mayFallCm: null,
  note: 'Ring the front desk.',
} as const satisfies Plan['absences'][number]
let server: ReturnType<typeof standInServer>
let stored: Plan
let member: Tasks['away']['result'] | null = null

beforeEach(() => {
  sessionStorage.clear()
  standStill()
  vi.spyOn(workQueue, 'run').mockImplementation((asked) => {
    // One drawn tank for sixteen, and once for all that is typed: the worker's own sum.
    const { kind, task, onProgress } = asked as unknown as Asked<'away'>
    if (kind === 'away') {
      member ??= awayMember(task, 1)
      const results = [member]
      onProgress({ results, wanted: 1, isDone: true })
    }
    return () => undefined
  })
})
afterEach(() => {
  cleanup()
  vi.restoreAllMocks()
  vi.unstubAllGlobals()
})

function show(plan: Plan, others: readonly Plan[] = []): void {
  stored = plan
  server = standInServer(({ method, path, body }) => {
    if (method === 'PUT') {
      stored = body as Plan
      return { status: 200, body: stored }
    }
    if (path.endsWith('/plan/revision')) return { status: 200, body: { revision: 1, plan: stored, canUndo: false, canRedo: false } }
    if (path.endsWith('/timeline')) return { status: 200, body: timelineOf(stored) }
    return { status: 200, body: { entries: [], cursor: null } }
  })
  renderPage(<AwayAnswer tank={{ id: TANK, revision: 1, plan } as never} />, {
    known: [
      [['tanks'], [plan, ...others].map((its, at) => ({ id: at === 0 ? TANK : `${OTHER}${at - 1}`, revision: 1, plan: its }))],
      [['tanks', TANK, 'timeline'], timelineOf(plan)],
      [['tanks', TANK, 'journal', 'readings', 'cylinderMass'], undefined],
    ],
  })
}
const timelineOf = (plan: Plan) => ({
  today: TODAY,
  startedOn: plan.startedOn,
  plan,
  changes: [],
  deeds: { acts: [], omitted: [] },
  animalsAllowedFromDay: null,
  lightPutOff: [],
})
const region = (name: string): HTMLElement => screen.getByRole('region', { name })

describe('I leave for some days', () => {
  test('a kept absence opens: its days, its dangers, what is needed, day by day, the way back', async () => {
    show({ ...base, absences: [TEN_DAYS] })
    expect(screen.getByRole('status').textContent).toContain(awayWords.fill)
    await hand.click(within(region(awayWords.kept)).getByRole('button', { name: awayWords.edit }))
    expect(screen.getByText(awayWords.isKept)).toBeTruthy()
    expect(screen.getByTestId('away-strip').getAttribute('aria-label')).toContain('Dec 5, 2026 to Dec 15, 2026')
    expect(region(awayWords.dangers).textContent).toContain(awayWords.noDangers)
    const days = region(awayWords.schedule)
    for (const told of ['Nov 25, 2026', 'Nov 28, 2026', 'Nov 30, 2026', 'Dec 4, 2026', 'Dec 8, 2026', 'Dec 15, 2026', 'Dec 25, 2026'])
      expect(days.textContent).toContain(told)
    expect(region(awayWords.stocks).textContent).toMatch(/3 portions of/)
    expect(region(awayWords.ahead).textContent).toMatch(/mg\/L \([\d.]+ to [\d.]+\)/)
    expect(within(region(awayWords.returning)).getAllByRole('listitem').length).toBeGreaterThanOrEqual(5)
  })
  test('what is changed changes what follows: nobody looks in, and the water falls too far', async () => {
    show({ ...base, vessel: { ...base.vessel, top: 'open' }, absences: [TEN_DAYS] })
    await hand.click(screen.getByRole('button', { name: awayWords.edit }))
    await typeAndLeave(screen.getByLabelText(new RegExp(`^${fieldWords['absences/*/mayFallCm'][0]}`)), '0.3')
    expect(region(awayWords.dangers).textContent).toMatch(/the water falls by [\d.]+ cm/)
    await typeAndLeave(screen.getByLabelText(new RegExp(`^${fieldWords['absences/*/visitEveryDays'][0]}`)), '')
    expect(region(awayWords.stocks).textContent).toContain(awayWords.foodNobody)
    expect(region(awayWords.dangers).textContent).toMatch(/10 days without food/)
    await hand.click(screen.getByRole('button', { name: awayWords.keepChanged }))
    expect(await screen.findByText(awayWords.isKept)).toBeTruthy()
    expect(stored.absences).toMatchObject([{ id: 'w1', visitEveryDays: null, mayFallCm: 0.3, note: 'Ring the front desk.' }])
  })
  test('light left as it is is told as a danger; planned again it begins two weeks before', async () => {
    show({ ...base, absences: [TEN_DAYS] })
    await hand.click(screen.getByRole('button', { name: awayWords.edit }))
    await hand.click(screen.getByRole('button', { name: `${awayWords.lower}: ${awayWords.leaveOut}` }))
    expect(region(awayWords.dangers).textContent).toContain(awayDangerWords.unprepared())
    expect(region(awayWords.returning).textContent).toContain(awayWords.returnSteps.lightStays)
    await hand.click(screen.getByRole('button', { name: awayWords.plan }))
    expect(region(awayWords.schedule).textContent).toContain('Nov 21, 2026')
  })
  test('the same days for the tanks that know of none then, each with what is usual for it', async () => {
    show({ ...base, absences: [TEN_DAYS] }, [
      { ...base, name: 'Other' },
      { ...base, name: 'Elsewhere', absences: [TEN_DAYS] },
    ])
    await hand.click(screen.getByRole('button', { name: awayWords.edit }))
    stored = { ...base, name: 'Other' }
    await hand.click(screen.getByRole('button', { name: awayWords.others(1) }))
    await vi.waitFor(() => expect(stored.absences).toMatchObject([{ leaveOn: TEN_DAYS.leaveOn, note: TEN_DAYS.note }]))
    expect(server.asked.filter(({ method }) => method === 'PUT').map(({ path }) => path)).toEqual([`/api/tanks/${OTHER}0/plan`])
    expect(stored.absences[0]?.id).not.toBe(TEN_DAYS.id)
  })
  test('deleted, and taken back', async () => {
    show({ ...base, absences: [TEN_DAYS] })
    await hand.click(screen.getByRole('button', { name: awayWords.remove }))
    await hand.click(await screen.findByRole('button', { name: awayWords.undo }))
    await vi.waitFor(() => expect(stored.absences).toEqual([TEN_DAYS]))
    expect(server.asked.filter(({ method }) => method === 'PUT')).toHaveLength(2)
  })
  test('the card says little, and what to do when something is wrong', async () => {
    show({ ...base, absences: [TEN_DAYS] })
    await hand.click(screen.getByRole('button', { name: awayWords.edit }))
    await hand.click(screen.getByRole('button', { name: awayWords.card }))
    const card = await screen.findByRole('dialog', { name: awayWords.card })
    expect(card.textContent).toContain('Dec 8, 2026 · Dec 11, 2026 · Dec 14, 2026')
    expect(card.textContent).toContain(awayWords.cardFood)
    expect(card.textContent).toContain(awayWords.cardGasp)
    expect(card.textContent).toContain('Ring the front desk.')
    expect(card.textContent).toContain(awayWords.cardNoPhoto)
  })
})
