import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { Bed, Piece, Plan } from '../plan/plan.js'
import { UNPLACED } from '../plan/unplanned.js'
import { checkPlanting } from '../safety/checkPlanting.js'
import { anyPlant, datum, STEM } from '../testing/anyPlant.js'
import { box } from '../testing/box.js'
import { potBed } from '../testing/potBed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { addBed, bedOf, duplicateBed, exchangePlant, mirrorBed, plantInBed, removeBed, takeOutPlant, withBed } from './bedEdits.js'
import { bedsOf, countedSpecies } from './bedsOf.js'
import { supplyAt } from './bedSupply.js'
import { mapFromShares, usualPlants } from './mapFromShares.js'
import { placeOfBed } from './placeOfBed.js'
import { potsOf } from './pots.js'
import { mappedKinds, plannedShare } from './standOf.js'

/** 108 × 48 cm on the inside. */
const inner = { lengthCm: 108, widthCm: 48 }
const tall = anyPlant({ places: ['back'] }, { id: 'tall', name: 'Tall' })
const lawn = anyPlant(
  {
    form: 'carpet',
    kind: 'carpet',
    places: ['front'],
    matureHeightCm: datum(4),
    plantingHeightCm: datum(2),
    spacingCm: datum(2.5),
    portionsPerPot: datum(14),
    portionsPerCup: datum(18),
    runnerCm: datum(8),
    soldAs: ['pot-emersed', 'cup'],
    resprouts: 'well',
  },
  { id: 'lawn', name: 'Lawn' },
)
const raft = anyPlant({ form: 'floater', kind: 'floater', places: ['surface'], soldAs: ['loose'] }, { id: 'raft', name: 'Raft' })
const withMap = (beds: readonly Bed[], change: Partial<Plan> = {}): Plan => ({
  ...samplePlan,
  hardscape: [],
  beds,
  flora: [tall, lawn, raft],
  ...change,
})
let count = 0
const newId = (stem: string): string => `${stem}${++count}`

describe('beds of a map', () => {
  test('a patch of 21 × 20 cm at 2.5 cm: 78 portions, 6 pots of 14 and 6 over, by hand', () => {
    const [laid] = bedsOf(withMap([potBed('a', box(5, 4, 26, 24), [['lawn', 1]])]), inner)
    expect(laid).toMatchObject({
      areaCm2: 420,
      isFloating: false,
      plants: [{ portions: 78, pots: 6, spare: 6, retail: 'pot', perRetail: 14 }],
    })
    // 78 of 14 to a pot of 0.7 g.
    expect(laid?.plants[0]?.massG).toBeCloseTo((78 * 0.7) / 14, 9)
  })
  test('cups hold more portions, and less than half the mass', () => {
    const [laid] = bedsOf(withMap([potBed('a', box(5, 4, 26, 24), [['lawn', 1]], { start: 'cup' })]), inner)
    expect(laid?.plants[0]).toMatchObject({ retail: 'cup', perRetail: 18, portions: 78, pots: 5, spare: 12 })
    expect(laid?.plants[0]?.massG).toBeCloseTo((78 * 0.7 * 0.375) / 18, 9)
  })
  test('later beds lie over earlier ones, stones over all, the glass cuts; what floats is apart', () => {
    const stone: Piece = { ...UNPLACED, id: 's', material: 'granite', massKg: 4, outline: box(0, 0, 10, 10) }
    const beds = [
      potBed('a', box(-20, -20, 20, 20), [['lawn', 1]]),
      potBed('b', box(10, 10, 40, 40), [['tall', 1]]),
      potBed('c', box(0, 0, 40, 40), [['raft', 1]]),
    ]
    const laid = bedsOf(withMap(beds, { hardscape: [stone] }), inner)
    expect(laid.map(({ areaCm2 }) => areaCm2)).toEqual([20 * 20 - 100 - 100, 900, 1600])
    expect(laid.map(({ isFloating }) => isFloating)).toEqual([false, false, true])
  })
  test('mixed plants share the ground by their shares, whatever these add up to', () => {
    const [laid] = bedsOf(withMap([potBed('a', box(0, 0, 20, 20), [['lawn', 0.3], ['tall', 0.9]])]), inner) // prettier-ignore
    expect(laid?.plants.map(({ areaCm2 }) => areaCm2)).toEqual([100, 300])
  })
  test('pots are counted over all beds of a plant', () => {
    const plan = withMap([potBed('a', box(0, 0, 20, 20), [['lawn', 1]]), potBed('b', box(30, 0, 50, 20), [['lawn', 1]])])
    const [first, ...more] = countedSpecies(bedsOf(plan, inner))
    expect(more).toEqual([])
    // 74 portions each; 11 pots in all where each bed alone would want 6.
    expect(first).toMatchObject({ portions: 148, pots: 11, spare: 6 })
    expect(potsOf(plan, tankFigures(plan).stand, 'carpet', inner)).toBe(11)
  })
  test('the same map is reckoned once; another is not taken for it', () => {
    const plan = withMap([potBed('a', box(0, 0, 20, 20), [['lawn', 1]])])
    expect(bedsOf(plan, inner)).toBe(bedsOf(plan, inner))
    expect(bedsOf(plan, { lengthCm: 10, widthCm: 10 })[0]?.areaCm2).toBe(100)
  })
  test('a plant that the plan does not know is left out', () =>
    expect(bedsOf(withMap([potBed('a', box(0, 0, 20, 20), [['stranger', 1]])]), inner)[0]?.plants).toEqual([]))
})

describe('what stands in the tank', () => {
  test('a group of the map goes before its share; the others stay as they were told', () => {
    const plan = withMap([potBed('a', box(0, 0, 108, 12), [['lawn', 1]])])
    const { stand } = tankFigures(plan)
    expect([...mappedKinds(plan)]).toEqual(['carpet'])
    expect(stand.carpet.footFraction).toBeCloseTo(0.25, 9)
    expect(stand.stems).toEqual(tankFigures(samplePlan).stand.stems)
    expect(plannedShare(plan, stand, 'carpet')).toBeCloseTo(0.25, 9)
    expect(plannedShare(plan, stand, 'stems')).toBe(0.35)
  })
  test('ten pots more are more mass', () => {
    const few = tankFigures(withMap([potBed('a', box(0, 0, 30, 12), [['lawn', 1]])])).stand.carpet.massG
    const more = tankFigures(withMap([potBed('a', box(0, 0, 90, 12), [['lawn', 1]])])).stand.carpet.massG
    expect(more / few).toBeCloseTo(3, 1)
  })
})

describe('edits of a map', () => {
  const start = withMap([])
  test('a bed is drawn, planted, mixed, exchanged, emptied, copied, mirrored, deleted; flora that no bed holds goes', () => {
    const drawn = bedOf({ ...start, flora: [] }, box(0, 0, 20, 20), newId)
    let plan = plantInBed(drawn.plan, drawn.id, lawn, newId)
    plan = plantInBed(plantInBed(plan, drawn.id, lawn, newId), drawn.id, tall, newId)
    expect(plan.beds[0]?.plants.map(({ species }) => species)).toEqual(['lawn', 'tall'])
    plan = exchangePlant(plan, drawn.id, plan.beds[0]!.plants[1]!.id, raft)
    expect(plan.flora.map(({ id }) => id)).toEqual(['lawn', 'raft'])
    plan = takeOutPlant(plan, drawn.id, plan.beds[0]!.plants[1]!.id)
    expect(plan.flora.map(({ id }) => id)).toEqual(['lawn'])
    const copied = duplicateBed(plan, drawn.id, inner, newId)!
    expect(copied.plan.beds[1]?.outline[0]?.xCm).toBe(6)
    const mirrored = mirrorBed(copied.plan, drawn.id, inner, newId)!
    expect(mirrored.plan.beds[2]?.outline.map(({ xCm }) => xCm)).toEqual([108, 88, 88, 108])
    expect(new Set(mirrored.plan.beds.flatMap(({ plants }) => plants.map(({ id }) => id))).size).toBe(3)
    const emptied = mirrored.plan.beds.reduce((now, { id }) => removeBed(now, id), mirrored.plan)
    expect([emptied.beds, emptied.flora]).toEqual([[], []])
    expect(duplicateBed(plan, 'none', inner, newId)).toBeNull()
  })
  test('a new bed lies on the floor, and a changed one keeps its plants', () => {
    const made = addBed(start, inner, newId)
    expect(bedsOf(made.plan, inner)[0]!.areaCm2).toBeGreaterThan(100)
    expect(withBed(made.plan, made.id, (one) => ({ ...one, spacingCm: 3 })).beds[0]).toMatchObject({ spacingCm: 3 })
  })
})

describe('shares as a map', () => {
  const all = [
    anyPlant({ ...STEM }, { id: 'rotala-rotundifolia', name: 'Rotala rotundifolia' }),
    anyPlant({ ...STEM, ease: ['demanding'] }, { id: 'bacopa-caroliniana', name: 'Bacopa caroliniana' }),
    anyPlant({ kind: 'carpet', form: 'carpet', matureHeightCm: datum(4) }, { id: 'micranthemum-tweediei', name: 'Micranthemum tweediei' }),
    anyPlant({ kind: 'rosette', form: 'rosette' }, { id: 'cryptocoryne-wendtii', name: 'Cryptocoryne wendtii' }),
  ]
  test('each group has as much floor as its share, carpets before stems, nothing over another', () => {
    const figures = tankFigures(samplePlan)
    const plan = mapFromShares(
      { ...samplePlan, hardscape: [] },
      figures.stand,
      inner,
      (kind) => all.filter((plant) => plant.kind === kind),
      newId,
    )
    const laid = bedsOf(plan, inner)
    const share = (kind: string): number =>
      laid.flatMap(({ plants }) => plants).reduce((sum, { plant, areaCm2 }) => sum + (plant.kind === kind ? areaCm2 : 0), 0) / (108 * 48)
    expect(share('carpet')).toBeCloseTo(0.35, 2)
    expect(share('stems')).toBeGreaterThan(0.33)
    expect(share('rosette')).toBeCloseTo(0.12, 2)
    expect(plan.flora.map(({ id }) => id).sort()).toEqual(all.map(({ id }) => id).sort())
    expect(laid.map((one) => placeOfBed(one, 48))).toEqual(['front', 'back', 'back', 'back', 'mid'])
  })
  test('common plants that stand best and are easiest come first', () => {
    const figures = tankFigures(samplePlan)
    const site = { light: { low: 60, value: 100, high: 150 }, place: 'back', hasGas: true, co2MgPerL: 20, waterC: 24, warmestC: 24, headroomCm: 40, alkalinity: null, hasRootFood: true, hasColumnFood: true, hoursPerWeek: null, hasDiggers: false } as const // prettier-ignore
    expect(usualPlants('stems', all, site).map(({ id }) => id)).toEqual(['rotala-rotundifolia', 'bacopa-caroliniana'])
    expect(figures.beds).toEqual([])
  })
})

describe('checks of a map', () => {
  const codes = (plan: Plan): string[] => checkPlanting(plan, tankFigures(plan)).map(({ code }) => code)
  test('a plan without a map has nothing to say', () => expect(codes(samplePlan)).toEqual([]))
  test('what would not live where it stands is told, by plant and reason', () => {
    const hot = anyPlant(
      { temperatureC: { ...STEM.temperatureC, min: 5, goodLow: 8, goodHigh: 15, max: 18 } },
      { id: 'hot', name: 'Cool lover' },
    )
    const plan = withMap([potBed('a', box(10, 30, 40, 46), [['hot', 1]])], { flora: [hot] })
    const [found] = checkPlanting(plan, tankFigures(plan))
    expect(found).toMatchObject({ code: 'bed-too-warm', id: 'a', names: { plant: 'Cool lover' }, values: { most: { value: 18 } } })
    const gassed = anyPlant({ carbon: ['needed'] }, { id: 'gassed', name: 'Gas eater' })
    expect(codes(withMap([potBed('a', box(10, 30, 40, 46), [['gassed', 1]])], { flora: [gassed], gasLines: [] }))).toContain(
      'bed-without-gas',
    )
    const dark = anyPlant({ light: { ...STEM.light, min: 400, good: 600, goodLow: 500, goodHigh: 700 } }, { id: 'dark', name: 'Sun lover' })
    expect(codes(withMap([potBed('a', box(10, 30, 40, 46), [['dark', 1]])], { flora: [dark] }))).toContain('bed-too-dark')
  })
  test('a rhizome in the ground is warned of', () => {
    const fern = anyPlant(
      { form: 'rhizome', kind: 'rhizome', attaches: 'can', buriedRots: true, places: ['mid'] },
      { id: 'fern', name: 'Fern' },
    )
    expect(codes(withMap([potBed('a', box(10, 20, 40, 30), [['fern', 1]])], { flora: [fern] }))).toContain('rhizome-on-ground')
  })
  test('an empty bed, and one below another, are told; the hidden one can be taken out', () => {
    const plan = withMap([potBed('a', box(10, 2, 30, 14), [['lawn', 1]]), potBed('b', box(5, 0, 40, 20), [])])
    const found = checkPlanting(plan, tankFigures(plan))
    expect(found.map(({ code }) => code)).toEqual(['bed-hidden', 'bed-empty'])
    expect(found[0]?.mend?.edits[0]).toMatchObject({ path: '/beds', to: [{ id: 'b' }] })
  })
})

test('growth at a place is 1 where nothing lacks, less in the dark and without gas, and never less than in weak light', () => {
  const good = { light: { low: 80, value: 100, high: 120 }, hasGas: true, co2MgPerL: 25 }
  expect(supplyAt(tall, good)).toBe(1)
  expect(supplyAt(tall, { ...good, hasGas: false })).toBeCloseTo(0.6, 9)
  expect(supplyAt(tall, { ...good, light: { low: 1, value: 2, high: 3 } })).toBeCloseTo(2 / 7, 9)
})
