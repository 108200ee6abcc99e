import { describe, expect, test } from 'vitest'
import { compile } from '../ecosystem/compile.js'
import { DAY, DAY_STRIDE } from '../ecosystem/daySeries.js'
import { DEFAULT_PARAMETERS } from '../ecosystem/parameters.js'
import { simulate } from '../ecosystem/simulate.js'
import type { PlantsChanged } from '../plan/journal.js'
import { PLANT_GROUPS, PLANT_KIND } from '../planting/kinds.js'
import { samplePlan } from '../testing/samplePlan.js'
import { anyPlant } from '../testing/anyPlant.js'
import { countedPlants } from '../planting/countedPlants.js'
import { deedsOf } from './deedsOf.js'

const plan = { ...samplePlan, isTrimmed: false }
const timeline = [{ fromDay: 0, plan }]
const pots = (count: number, changed: Partial<PlantsChanged> = {}): PlantsChanged => ({
  id: 'x',
  recordedBy: null,
  note: null,
  kind: 'plants',
  at: '2026-09-22T08:00:00Z',
  deed: 'added',
  species: null,
  plant: null,
  plantKind: 'stems',
  count,
  countedIn: 'pot',
  portions: null,
  dryG: null,
  raised: 'in-air',
  bed: 'b1',
  toBed: null,
  heldUntil: null,
  ...changed,
})
const acts = (...events: PlantsChanged[]) =>
  deedsOf({ timeline, startedOn: '2026-09-01', timeZone: 'Europe/Berlin', events, jobs: [] }).acts
const run = (...events: PlantsChanged[]) => {
  const { forcing, startState } = compile({ timeline, days: 56, stepMin: 30, deeds: { acts: acts(...events), omitted: [] } })
  const { rows, balanceError } = simulate({ forcing, startState, parameters: DEFAULT_PARAMETERS, days: 56 })
  const on = (day: number): number => PLANT_GROUPS.reduce((sum, _, group) => sum + rows[day * DAY_STRIDE + DAY.biomassG + group]!, 0)
  return { balanceError, foot: forcing.site.footOfGroup, on }
}

describe('plants that come', () => {
  test('ten pots in week 3 stand in the model from that day on: by hand 10 · 0.7 g of stems, 70 % of it grown in air', () => {
    expect(acts(pots(10))).toEqual([
      { kind: 'plant', day: 21, minute: 600, plantKind: 'stems', dryG: 7, airShare: PLANT_KIND.stems.emersedShare, isOnOwnGround: false },
    ])
    const [without, with10] = [run(), run(pots(10))]
    expect(with10.on(20)).toBeCloseTo(without.on(20), 9)
    expect(with10.on(21) - without.on(21)).toBeGreaterThan(6)
    expect(with10.on(28)).toBeGreaterThan(without.on(28) + 2)
    for (const error of with10.balanceError) expect(error).toBeLessThan(1e-9)
  })
  test('what grew in air melts, what grew under water does not, a culture lies between', () => {
    const [air, culture, water] = (['in-air', 'in-culture', 'under-water'] as const).map((raised) => run(pots(30, { raised })).on(30))
    expect(water).toBeGreaterThan(culture!)
    expect(culture).toBeGreaterThan(air!)
  })
  test('in a patch they stand among their like; on ground of their own they widen it; the first of a kind makes its own', () => {
    const before = run().foot
    expect(run(pots(10)).foot).toEqual(before)
    expect(run(pots(10, { bed: null })).foot[1]!).toBeGreaterThan(before[1]!)
    const floating = run(pots(5, { plantKind: 'floater', bed: 'b1', raised: 'under-water' }))
    expect(before[5]).toBe(0)
    expect(floating.foot[5]).toBeGreaterThan(0)
    expect(floating.on(50)).not.toBeCloseTo(run().on(50), 1)
  })
  test('never more floor than there is', () => {
    const { foot } = run(pots(5000, { bed: null }))
    expect(foot.slice(0, 5).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
  })
  test('moved ones, and those that wait apart, change nothing', () =>
    expect(acts(pots(10, { deed: 'moved', toBed: 'b2' }), pots(10, { deed: 'arrived', bed: null }))).toEqual([]))
})

describe('plants that go', () => {
  test('take their share of all that was ever planted of their kind, as it was planted', () => {
    const [, half] = acts(pots(10), pots(5, { deed: 'given-away', at: '2026-10-01T08:00:00Z' }))
    expect(half).toMatchObject({ kind: 'uproot', plantKind: 'stems' })
    const planted = compile({ timeline, days: 1, stepMin: 30 }).figures.stand.stems.massG
    expect(half?.kind === 'uproot' ? half.share : NaN).toBeCloseTo(3.5 / (planted + 7), 9)
  })
  test('all of a kind gone is none of it left, and no mass is lost from the books', () => {
    const gone = run(pots(1e5, { deed: 'failed' }))
    expect(gone.on(40)).toBeLessThan(run().on(40) * 0.8)
    for (const error of gone.balanceError) expect(error).toBeLessThan(1e-9)
  })
  test('of a kind that never stood here, nothing goes', () => expect(acts(pots(3, { plantKind: 'floater', deed: 'thinned' }))).toEqual([]))
})

describe('a count of plants', () => {
  const plant = anyPlant()
  test('pots, bunches, cups and portions of a plant, by its own figures', () => {
    const { portionsPerPot, portionsPerBunch, portionsPerCup, startGPerPot } = plant
    expect(countedPlants(plant, 'stems', 2, 'pot')).toEqual({ portions: 2 * portionsPerPot.value, dryG: 2 * startGPerPot.value })
    expect(countedPlants(plant, 'stems', 2, 'bunch').portions).toBe(2 * portionsPerBunch.value)
    expect(countedPlants(plant, 'stems', 2, 'cup').portions).toBe(2 * portionsPerCup.value)
    expect(countedPlants(plant, 'stems', portionsPerPot.value, 'portion').dryG).toBeCloseTo(startGPerPot.value, 9)
  })
  test('a cup’s plants weigh less than a pot’s', () =>
    expect(countedPlants(null, 'carpet', 1, 'cup').dryG).toBeLessThan(countedPlants(null, 'carpet', 1, 'pot').dryG))
})
