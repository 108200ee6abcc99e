import { describe, expect, test } from 'vitest'
import { acclimatise } from '../../livestock/acclimatise.js'
import { livestockOn } from '../../livestock/animalsOf.js'
import { tankFigures } from '../../ecosystem/tankFigures.js'
import { animalGroups } from '../../plan/planAnimals.js'
import type { JournalRecord, Reading } from '../../plan/journal.js'
import type { Plan } from '../../plan/plan.js'
import { fromUnit } from '../../quantity/units.js'
import { ANIMALS } from '../../species/animals/index.js'
import { samplePlan } from '../../testing/samplePlan.js'
import { keeping, type Kept } from '../../testing/stocked.js'
import type { NitrogenJudgement } from '../judgeNitrogen.js'
import { stockingAhead, stockingMember, type StockingAhead } from './ahead.js'
import type { GasEvidence } from '../gas/evidence.js'
import { gasAtGate } from './gasAtGate.js'
import { judgeGate, type GateCheckKind, type GateFacts } from './gate.js'
import { inGroups } from './inGroups.js'

const NOW = Date.parse('2026-11-24T09:00:00Z')
const pH = { id: 'r', kind: 'reading', quantity: 'pH', value: 6.8, at: '2026-11-24T07:00:00Z' } as Reading // only what the gate looks at
const CLEAR: NitrogenJudgement = {
  readiness: 'twice-zero',
  ammonia: null,
  nitrite: null,
  pH,
  unionisedMgNPerL: 0,
  withoutGasMgNPerL: 0,
  danger: 'none-seen',
  isBinderFirst: false,
}
const band = (median: number) => ({ low: median, median, high: median })
const RIPE: StockingAhead = { biofilm: band(0.9), intakeMgPerDay: band(5), ammoniumAfter: () => band(0), oxygenAfter: () => band(6) }
const planOf = (...kept: readonly Kept[]): Plan => ({ ...samplePlan, ...keeping(...kept) })
const gate = (plan: Plan, part: Partial<GateFacts> = {}) =>
  judgeGate(animalGroups(plan).at(-1)!, {
    plan,
    ageDays: 80,
    nitrogen: CLEAR,
    peakMgPerL: 14,
    hasGas: true,
    records: [],
    nowMs: NOW,
    changedOnDay: 10,
    ahead: RIPE,
    isFilmSeen: null,
    ...part,
  })
const of = (found: ReturnType<typeof gate>, kind: GateCheckKind) => found.checks.find(({ check }) => check === kind)?.is

describe('the gate', () => {
  const shrimps = planOf(['caridina-multidentata', 5])
  test('lets a group pass of which nothing known speaks against', () => expect(gate(shrimps).verdict).toBe('may'))
  test.each<readonly [GateCheckKind, Plan, Partial<GateFacts>]>([
    ['together', { ...shrimps, start: { method: 'dry', endsOnDay: 90, dryLightHours: null } }, {}],
    ['tests', shrimps, { nitrogen: { ...CLEAR, readiness: 'once-more' } }],
    ['toxic', shrimps, { nitrogen: { ...CLEAR, danger: 'trouble' } }],
    ['losses', shrimps, { records: [{ kind: 'death', animal: 'x', count: 2, at: '2026-11-20T08:00:00Z' } as JournalRecord] }], // as above
    ['gas', shrimps, { peakMgPerL: 24 }],
    ['pH', planOf(['caridina-logemanni', 10]), { nitrogen: { ...CLEAR, pH: { ...pH, value: 7.6 } } }],
    ['week', shrimps, { ageDays: 14 }],
    ['biofilm', planOf(['neocaridina-davidi', 10]), { ahead: { ...RIPE, biofilm: band(0.4) } }],
    ['mature-film', planOf(['otocinclus-vittatus', 6]), { isFilmSeen: false }],
    ['food', planOf(['neocaridina-davidi', 10]), { isFilmSeen: false, ahead: { ...RIPE, intakeMgPerDay: band(1) } }],
    ['stable', planOf(['symphysodon-aequifasciatus', 6]), { ageDays: 100, changedOnDay: 90 }],
    ['rooted', planOf(['hoplisoma-panda', 6]), { ageDays: 50 }],
    ['apart', planOf(['danio-rerio', 10, 76], ['caridina-multidentata', 5]), {}],
    ['company', planOf(['betta-splendens', 1, 40], ['neocaridina-davidi', 10]), {}],
  ])('%s stops it', (kind, plan, part) => {
    const found = gate(plan, part)
    expect(of(found, kind)).toBe('not-met')
    expect(found.verdict).toBe('wait')
  })
  test('what is not known is asked, never assumed', () => {
    expect(gate(shrimps, { nitrogen: { ...CLEAR, readiness: 'not-tested', danger: 'unknown', pH: null } }).verdict).toBe('ask')
    expect(gate(shrimps, { peakMgPerL: null }).verdict).toBe('ask')
    expect(gate(planOf(['neocaridina-davidi', 10]), { ahead: null }).verdict).toBe('ask')
    // Little film by the model alone is a question; what is seen answers it.
    const little = { ahead: { ...RIPE, intakeMgPerDay: band(1) } }
    expect(of(gate(planOf(['neocaridina-davidi', 10]), little), 'food')).toBe('unknown')
    expect(of(gate(planOf(['neocaridina-davidi', 10]), { ...little, isFilmSeen: true }), 'food')).toBe('met')
  })
  test('film is the rule, not the date: a suckermouth waits for film that somebody saw', () => {
    const suckers = planOf(['otocinclus-vittatus', 6])
    expect(of(gate(suckers), 'mature-film')).toBe('unknown')
    expect(of(gate(suckers, { isFilmSeen: true }), 'mature-film')).toBe('met')
    // What is seen on the glass makes a young biofilm no riper.
    expect(of(gate(suckers, { isFilmSeen: true, ahead: { ...RIPE, biofilm: band(0.5) } }), 'mature-film')).toBe('not-met')
  })
  test('without gas no gas is asked for; the first animals have no company', () => {
    const kinds = gate(shrimps, { hasGas: false, peakMgPerL: null }).checks.map(({ check }) => check)
    expect(kinds).not.toContain('gas')
    expect(kinds).not.toContain('company')
    expect(kinds).not.toContain('apart')
  })
})

describe('gas at the gate', () => {
  const measured = (value: number, doubts: GasEvidence['doubts'] = [], part: Partial<GasEvidence> = {}): GasEvidence => ({
    source: 'drop',
    moment: 'peak',
    at: '2026-10-01T18:00:00Z',
    co2: { low: value * 0.8, value, high: value * 1.2 },
    doubts,
    from: [],
    taken: {},
    ...part,
  })
  test('the worst of what is fresh counts, whatever came last', () => {
    expect(gasAtGate([measured(12), measured(24, ['lags'], { source: 'indicator' })], 10)).toBe(24)
    expect(gasAtGate([measured(12), measured(90, [], { moment: 'lights-on' })], 40)).toBe(12)
  })
  test('what is old, or from before a change, or only planned, never says that it is little enough', () => {
    expect(gasAtGate([measured(10, ['old']), measured(10, ['before-change'])], 10)).toBeNull()
    expect(gasAtGate([measured(30, ['old'])], 10)).toBe(24)
    expect(gasAtGate([measured(10), measured(30, ['before-change'])], 10)).toBe(24)
    expect(gasAtGate([], 14)).toBeNull()
    expect(gasAtGate([], 35)).toBe(35)
  })
})

describe('in groups', () => {
  const plan = planOf(
    ['otocinclus-vittatus', 6, 60],
    ['paracheirodon-innesi', 12, 60],
    ['caridina-multidentata', 8, 60],
    ['vittina-natalensis', 3, 5],
  )
  test('the usual order, a week apart, none before its week or before tests can allow it; those that are in stay', () => {
    expect(inGroups(plan, 10, 30).animals.groups.map(({ fromDay }) => fromDay)).toEqual([49, 37, 30, 5])
    expect(inGroups(plan, 10, 60).animals.groups.map(({ fromDay }) => fromDay)).toEqual([74, 67, 60, 5])
  })
  test('ordered once, they stay as they are', () => {
    const once = inGroups(plan, 10, 30)
    expect(inGroups(once, 10, 30)).toEqual(once)
  })
})

describe('drip by drip', () => {
  const [fish, shrimp] = [ANIMALS.find(({ id }) => id === 'danio-rerio')!, ANIMALS.find(({ id }) => id === 'neocaridina-davidi')!]
  const water = (gh: number, kh: number, temperatureC = 24) => ({
    temperatureC,
    hardnessMmolPerL: fromUnit('hardness', gh, '°dGH'),
    alkalinityMeqPerL: fromUnit('alkalinity', kh, '°dKH'),
  })
  test('like water takes the least: a quarter left of theirs', () => {
    expect(acclimatise(water(6, 4), water(6, 4), fish)).toMatchObject({ floatMin: 15, dripMin: 45, addedPerL: 3, heldBy: null })
    expect(acclimatise(water(6, 4), water(6, 4), shrimp).dripMin).toBe(90)
  })
  test('by hand: 12 °dGH apart, fish six hours cut at four, shrimps the same; what is left is a degree, or half of one', () => {
    const found = acclimatise(water(18, 4), water(6, 4), fish)
    expect(found).toMatchObject({ dripMin: 240, heldBy: 'hardnessMmolPerL' })
    expect(12 / (1 + found.addedPerL)).toBeCloseTo(1, 9)
    expect(12 / (1 + acclimatise(water(18, 4), water(6, 4), shrimp).addedPerL)).toBeCloseTo(0.5, 9)
    expect(found.dripMlPerMinPerL).toBeCloseTo((found.addedPerL * 1000) / 240, 9)
  })
  test('a cold bag floats longer; what nobody measured takes the least', () => {
    expect(acclimatise(water(6, 4, 18), water(6, 4, 25), fish).floatMin).toBe(28)
    const unknown = { temperatureC: null, hardnessMmolPerL: null, alkalinityMeqPerL: null }
    expect(acclimatise(unknown, water(6, 4), fish)).toMatchObject({ floatMin: 15, dripMin: 45, heldBy: null })
  })
})

describe('load and grazing', () => {
  const at = (plan: Plan, day: number) => livestockOn(tankFigures(plan), day)
  test('twenty tetras, by hand: number × mg × what is wasted × warmth', () => {
    const plan = { ...planOf(['paracheirodon-innesi', 20, 30]), temperatureC: 25 }
    expect(at(plan, 29).foodGPerDay).toBe(0)
    expect(at(plan, 30).foodGPerDay).toBeCloseTo((20 * 0.009 * 3.5 ** 3 * 25 * 1.2) / 1000, 9)
  })
  test('the grower’s own figure goes before the sum, shared by what each needs', () => {
    const plan = planOf(['paracheirodon-innesi', 20, 30], ['paracheirodon-innesi', 60, 60])
    const own = { ...plan, animals: { ...plan.animals, foodGPerDay: 1 } }
    expect([at(own, 30).foodGPerDay, at(own, 60).foodGPerDay]).toEqual([expect.closeTo(0.25, 9), expect.closeTo(1, 9)])
  })
  test('grazers are counted in algae shrimps, and eat by their own taste', () => {
    const shrimps = at(planOf(['caridina-multidentata', 8, 0]), 0)
    expect([shrimps.grazers, [...shrimps.taste]]).toEqual([8, [1, 1, 1, 1, 1]])
    const snails = at(planOf(['vittina-natalensis', 4, 0]), 0)
    expect(snails.grazers).toBeCloseTo(4.4, 9)
    expect([...snails.taste]).toEqual([1, 2, 0.3, 0.625, expect.closeTo(0.02 / 0.03, 9)])
    const mixed = at(planOf(['caridina-multidentata', 8, 0], ['vittina-natalensis', 4, 0]), 0)
    expect(mixed.taste[1]).toBeCloseTo((8 * 0.5 + 4.4 * 1) / (12.4 * 0.5), 9)
  })
  test('fed twice what they need they leave most algae alone', () => {
    const plan = planOf(['caridina-multidentata', 8, 0], ['paracheirodon-innesi', 20, 0])
    const { foodGPerDay } = tankFigures(plan)
    const fed = (times: number) => at({ ...plan, animals: { ...plan.animals, foodGPerDay: foodGPerDay * times } }, 0).grazers
    expect([fed(1), fed(1.5), fed(3)]).toEqual([expect.closeTo(8, 9), expect.closeTo(4, 9), expect.closeTo(2.4, 9)])
  })
})

describe('the days ahead by the model', () => {
  const ahead = (plan: Plan, today = 60) =>
    stockingAhead(
      [0, 1, 2, 3].map((member) =>
        stockingMember({ timeline: [{ fromDay: 0, plan }], deeds: { acts: [], omitted: [] }, today, days: 100, seed: 1 }, member),
      ),
    )
  test('a crowd that comes at once raises ammonium and lowers the oxygen of the night', () => {
    const few = ahead(planOf(['paracheirodon-innesi', 10, 70]))
    const many = ahead(planOf(['paracheirodon-innesi', 300, 70]))
    expect(many.ammoniumAfter(10, 14).median).toBeGreaterThan(2 * few.ammoniumAfter(10, 14).median)
    expect(many.oxygenAfter(10, 14).median).toBeLessThan(few.oxygenAfter(10, 14).median)
    expect(many.ammoniumAfter(0, 5).median).toBeCloseTo(few.ammoniumAfter(0, 5).median, 6)
  })
  test('film ripens with the weeks, and a crowd of grazers finds less', () => {
    expect(ahead(planOf(), 14).biofilm.median).toBeLessThan(ahead(planOf(), 60).biofilm.median)
    expect(ahead(planOf(['caridina-multidentata', 60, 20])).intakeMgPerDay.median).toBeLessThan(ahead(planOf()).intakeMgPerDay.median)
  })
})
