import { animalsWords, gateWords } from '@jovrin/contract'
import {
  ANIMALS,
  animalGroups,
  judgeGate,
  type Gate,
  type GateFacts,
  type JournalRecord,
  type Plan,
  type StockingAhead,
} from '@jovrin/core'
import { cleanup, screen, within } from '@testing-library/react'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { builtPlan } from '../../../testing/builtPlan.js'
import { hand, press, typeAndLeave } from '../../../testing/hand.js'
import { renderPage } from '../../../testing/renderPage.js'
import { standInServer } from '../../../testing/standInServer.js'
import { renderSheet } from '../../../testing/withDesk.js'
import { GateList } from '../../shared/animals/GateList.js'
import type { Gates } from '../../shared/animals/useGates.js'
import { AnimalGroups } from './AnimalGroups.js'
import { ArrivalsTable } from './ArrivalsTable.js'
import { DripPanel } from './DripPanel.js'
import { LoadPanel } from './LoadPanel.js'

beforeEach(() => {
  sessionStorage.clear()
  standInServer(() => ({ status: 404, body: null }))
})
afterEach(() => {
  cleanup()
  vi.unstubAllGlobals()
})
const species = (id: string) => ANIMALS.find((animal) => animal.id === id)!
const group = (id: string, of: string, count: number | null, fromDay: number) => ({ id, species: of, count, fromDay, origin: '' })
const plan: Plan = {
  ...builtPlan,
  animals: { groups: [group('a1', 'caridina-multidentata', 8, 30), group('a2', 'otocinclus-vittatus', 6, 60)], foodGPerDay: null },
  fauna: [species('caridina-multidentata'), species('otocinclus-vittatus')],
}
const death = (animal: string, count: number): JournalRecord => ({
  id: '01920000-0000-7000-8000-000000000001',
  kind: 'death',
  animal,
  count,
  at: '2026-11-20T08:00:00.000Z',
  recordedBy: null,
  note: null,
})
const band = (median: number) => ({ low: median / 2, median, high: median * 2 })
const AHEAD: StockingAhead = { biofilm: band(0.5), intakeMgPerDay: band(1), ammoniumAfter: () => band(0.5), oxygenAfter: () => band(6) }
const facts = (part: Partial<GateFacts> = {}): GateFacts => ({
  plan,
  ageDays: 50,
  nitrogen: {
    readiness: 'once-more',
    ammonia: null,
    nitrite: null,
    pH: null,
    unionisedMgNPerL: null,
    withoutGasMgNPerL: null,
    danger: 'unknown',
    isBinderFirst: false,
  },
  peakMgPerL: 26,
  hasGas: true,
  records: [],
  nowMs: Date.parse('2026-11-24T09:00:00Z'),
  changedOnDay: null,
  ahead: AHEAD,
  isFilmSeen: null,
  ...part,
})
const gatesOf = (of: Plan, today: number): Gates => {
  const groups = animalGroups(of)
  const waiting = groups.filter((one) => one.group.fromDay > today)
  return {
    today,
    groups,
    gates: new Map(waiting.map((one): [string, Gate] => [one.group.id, judgeGate(one, facts({ plan: of, ageDays: today }))])),
    ahead: AHEAD,
    losses: [],
  }
}

describe('the register', () => {
  test('a species is found by its older name, and comes with its least number on its own day', async () => {
    const work = renderSheet(builtPlan, (desk) => <AnimalGroups desk={desk} today={10} losses={[]} />)
    await hand.type(screen.getByLabelText(animalsWords.searchLabel), 'neocaridina heteropoda')
    await hand.click(await screen.findByRole('option', { name: /Neocaridina davidi/ }))
    expect(work.valid().animals.groups).toEqual([expect.objectContaining({ species: 'neocaridina-davidi', count: 10, fromDay: 35 })])
    expect(work.valid().fauna.map(({ id }) => id)).toEqual(['neocaridina-davidi'])
    expect(work.kept).toHaveLength(1)
    await press(animalsWords.delete('Neocaridina davidi'))
    expect(work.valid()).toMatchObject({ animals: { groups: [] }, fauna: [] })
  })
  test('a number that cannot be is refused at the field, and nothing typed is lost', async () => {
    const work = renderSheet(plan, (desk) => <AnimalGroups desk={desk} today={70} losses={[]} />)
    const shrimps = within(screen.getByRole('group', { name: 'Caridina multidentata' }))
    const field = shrimps.getByLabelText(/Number/)
    await typeAndLeave(field, '2.5')
    expect(field.getAttribute('aria-invalid')).toBe('true')
    expect((field as HTMLInputElement).value).toBe('2.5')
    await typeAndLeave(field, '12')
    expect(work.valid().animals.groups[0]?.count).toBe(12)
  })
  test('losses of the journal are counted by name or plain word, and set off from today', async () => {
    const work = renderSheet(plan, (desk) => (
      <AnimalGroups desk={desk} today={70} losses={[death('algae-eating shrimp', 2), death('Caridina japonica', 1), death('snail', 5)]} />
    ))
    const shrimps = within(screen.getByRole('group', { name: 'Caridina multidentata' }))
    expect(shrimps.getByText(/^3 losses/)).toBeTruthy()
    await hand.click(shrimps.getByRole('button', { name: animalsWords.setTo('5') }))
    expect(work.valid().animals.groups[0]?.count).toBe(5)
  })
})

describe('a move to another tank', () => {
  const OTHER = '01920000-0000-7000-8000-0000000000bb'
  const other = { ...builtPlan, name: 'Quarantine', startedOn: '2026-01-01' }
  const NOW = '2026-11-24T09:00:00.000Z'
  const show = (isRefused: boolean) => {
    const server = standInServer(({ path, method }) => {
      if (path === '/api/tanks') return { status: 200, body: [{ id: OTHER, plan: other, revision: 3, createdAt: NOW, changedAt: NOW }] }
      if (path.endsWith('/plan/revision')) return { status: 200, body: { revision: 3, plan: other, canUndo: false, canRedo: false } }
      if (method === 'PUT') return isRefused ? { status: 507, body: null } : { status: 200, body: other }
      return { status: 404, body: null }
    })
    return { server, work: renderSheet(plan, (desk) => <AnimalGroups desk={desk} today={70} losses={[]} />) }
  }
  const moveFive = async (): Promise<void> => {
    await press(animalsWords.move.openOf('Caridina multidentata'))
    const dialog = within(await screen.findByRole('dialog'))
    await dialog.findByText('Quarantine')
    await typeAndLeave(dialog.getByLabelText(/How many/), '5')
    await hand.click(dialog.getByRole('button', { name: animalsWords.move.go }))
  }
  test('stands there as a group with its origin, and less of them here', async () => {
    const { server, work } = show(false)
    await moveFive()
    await vi.waitFor(() => expect(work.valid().animals.groups[0]?.count).toBe(3))
    const put = server.asked.find(({ method }) => method === 'PUT')
    expect(put?.path).toBe(`/api/tanks/${OTHER}/plan`)
    expect(put?.body).toMatchObject({
      animals: { groups: [{ species: 'caridina-multidentata', count: 5, origin: plan.name }] },
      fauna: [{ id: 'caridina-multidentata' }],
    })
  })
  test('refused there, nothing is taken off here', async () => {
    const { work } = show(true)
    await moveFive()
    await screen.findByText(animalsWords.move.failed('Quarantine'))
    expect(work.valid().animals.groups[0]?.count).toBe(8)
  })
})

describe('order and load', () => {
  test('ammonia that is too much for animals says so; those that are in are in', () => {
    renderSheet(plan, (desk) => <ArrivalsTable desk={desk} gates={gatesOf(plan, 50)} isFilmSeen={null} onFilmSeen={() => undefined} />)
    const [, first, second] = screen.getAllByRole('row')
    expect(first?.textContent).toContain(animalsWords.inNow)
    expect(second?.textContent).toContain(animalsWords.tooMuch)
    expect(second?.textContent).toContain(animalsWords.shortVerdict.wait)
  })
  test('groups of one day are put a week apart, and then nothing more is offered', async () => {
    const at = (day: number): Plan => ({
      ...plan,
      animals: { ...plan.animals, groups: plan.animals.groups.map((one) => ({ ...one, fromDay: day })) },
    })
    const work = renderSheet(at(60), (desk) => (
      <ArrivalsTable desk={desk} gates={gatesOf(desk.plan, 10)} isFilmSeen={null} onFilmSeen={() => undefined} />
    ))
    await press(animalsWords.inGroups)
    const days = work.valid().animals.groups.map(({ fromDay }) => fromDay)
    expect(Math.abs(days[0]! - days[1]!)).toBeGreaterThanOrEqual(7)
    expect(screen.queryByRole('button', { name: animalsWords.inGroups })).toBeNull()
  })
  test('food, nitrogen and load; grazers that would go hungry are told so', () => {
    renderSheet(plan, (desk) => <LoadPanel desk={desk} gates={gatesOf(plan, 50)} />)
    expect(screen.getByText(/go hungry/)).toBeTruthy()
    expect(screen.getByText(/of food a day for each litre/)).toBeTruthy()
  })
})

describe('the gate as it is told', () => {
  test('what speaks against comes first, then what is not known', () => {
    const gate = judgeGate(animalGroups(plan)[1]!, facts())
    renderPage(<GateList gate={gate} label="gate" />)
    const marks = screen.getAllByRole('img').map((mark) => mark.getAttribute('aria-label'))
    const rank = marks.map((mark) =>
      [animalsWords.answer['not-met'], animalsWords.answer.unknown, animalsWords.answer.met].indexOf(mark as never),
    )
    expect(rank).toEqual([...rank].sort())
    expect(screen.getByText(/CO2 comes to about 26 mg\/L/)).toBeTruthy()
    expect(screen.getByText(gateWords.toxic.unknown)).toBeTruthy()
  })
})

describe('drip by drip', () => {
  test('harder water takes longer, and says what takes the time', async () => {
    renderSheet({ ...plan, sources: plan.sources.map((source) => ({ ...source, hardnessMmolPerL: 1 })) }, (desk) => (
      <DripPanel desk={desk} species={species('caridina-multidentata')} />
    ))
    expect(screen.getByText(/within 1 h 30/)).toBeTruthy()
    await typeAndLeave(screen.getByLabelText(/^GH/), '16')
    expect(screen.getByText(/within 4 h/).textContent).toContain(animalsWords.steps.heldBy.hardnessMmolPerL)
  })
})
