import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { PlantsChanged } from '../../plan/journal.js'
import { anyPlant, datum } from '../../testing/anyPlant.js'
import { tries } from '../../testing/properties.js'
import { laidPlant, type CountedSpecies } from '../bedsOf.js'
import { boxOf, heldPlants } from './boxOf.js'
import { equalTrays } from './equalTrays.js'
import { offersOf } from './offersOf.js'
import { takeOrBuy } from './takeOrBuy.js'

const bright = 70
const stem = anyPlant(
  { form: 'stem', trimIntervalWeeks: datum(3), melt: { pot: 'none', cup: 'none' }, spacingCm: datum(4) },
  { id: 'stem' },
)
const crown = anyPlant({ form: 'rosette', kind: 'rosette', places: ['mid'] }, { id: 'crown' })
const lawn = anyPlant(
  {
    form: 'carpet',
    kind: 'carpet',
    places: ['front'],
    trimIntervalWeeks: datum(3),
    melt: { pot: 'none', cup: 'none' },
    spacingCm: datum(4),
    closingStartCm: datum(1),
    closingCmPerWeek: datum(0.2),
    closingLagWeeks: datum(1),
  },
  { id: 'lawn' },
)
const laid = (plant: typeof stem, portions: number) =>
  laidPlant({ start: 'pot', spacingCm: null, cutCm: null }, plant.id, plant, 100, portions)
const donor = (plant: typeof stem, portions: number, ageDays: number) => ({
  plants: [laid(plant, portions)],
  ageDays,
  ppfd: bright,
  supplyOf: () => 1,
})

describe('what a standing patch gives', () => {
  test('a top a stem at the next cut, every three weeks from the third on', () => {
    expect(offersOf(donor(stem, 20, 0))).toMatchObject([{ portions: 20, inDays: 21 }])
    expect(offersOf(donor(stem, 20, 21))).toMatchObject([{ inDays: 0 }])
    expect(offersOf(donor(stem, 20, 30))).toMatchObject([{ inDays: 12 }])
  })
  test('strips of a lawn once it has closed: 4 cm apart takes 1 + (4/√3 − 1)/0.2 weeks', () => {
    expect(offersOf(donor(lawn, 50, 0))).toMatchObject([{ portions: 10, inDays: Math.round(7 * (1 + (4 / Math.sqrt(3) - 1) / 0.2)) }])
  })
  test('a lawn that never closes, a crown without runners, less than a portion: nothing', () => {
    expect(offersOf({ ...donor(lawn, 50, 400), supplyOf: () => 0 })).toEqual([])
    expect(offersOf(donor(crown, 9, 400))).toEqual([])
    expect(offersOf(donor(lawn, 4, 400))).toEqual([])
  })
})

const wanted = (plant: typeof stem, portions: number, perRetail = 8): CountedSpecies => ({
  plant,
  retail: 'pot',
  areaCm2: 100,
  portions,
  perRetail,
  pots: Math.ceil(portions / perRetail),
  spare: Math.ceil(portions / perRetail) * perRetail - portions,
  massG: 1,
})

describe('take or buy', () => {
  const offer = (place: string, portions: number, inDays: number) => ({ plant: stem, place, portions, inDays })
  test('soonest first, then the next, and only the rest is bought', () => {
    const [row] = takeOrBuy([wanted(stem, 30)], [offer('late', 20, 14), offer('soon', 6, 2)])
    expect(row?.takes).toEqual([
      { place: 'soon', portions: 6, inDays: 2 },
      { place: 'late', portions: 20, inDays: 14 },
    ])
    expect(row).toMatchObject({ leftPortions: 4, pots: 1 })
  })
  test('an offer is given once', () => {
    const rows = takeOrBuy([wanted(stem, 5), { ...wanted(stem, 5), retail: 'cup' }], [offer('a', 8, 0)])
    expect(rows.map(({ leftPortions }) => leftPortions)).toEqual([0, 2])
  })
  test('another plant is no offer', () => {
    expect(takeOrBuy([wanted(crown, 5)], [offer('a', 8, 0)])).toMatchObject([{ takes: [], leftPortions: 5, pots: 1 }])
  })
})

describe('equal trays', () => {
  test('two tanks of 12 at 8 a pot: 3 pots instead of 4, 12 each, none over', () => {
    expect(equalTrays([wanted(stem, 12)], 2)).toMatchObject([{ pots: 3, each: 12, over: 0 }])
  })
  test('each tray has what the map asks for, all alike, and less over than there are trays; never more pots than apart', () => {
    const amounts = [fc.integer({ min: 1, max: 400 }), fc.integer({ min: 1, max: 30 }), fc.integer({ min: 1, max: 12 })] as const
    fc.assert(
      fc.property(...amounts, (portions, perRetail, trays) => {
        const one = wanted(stem, portions, perRetail)
        const [row] = equalTrays([one], trays)
        expect(row?.each).toBeGreaterThanOrEqual(portions)
        expect(row?.over).toBeLessThan(trays)
        expect((row?.each ?? 0) * trays + (row?.over ?? 0)).toBe((row?.pots ?? 0) * perRetail)
        expect(row?.pots).toBeLessThanOrEqual(one.pots * trays)
      }),
      { numRuns: tries(300) },
    )
  })
})

describe('the box', () => {
  const happened = (id: string, deed: PlantsChanged['deed'], on: string, portions: number, species: string | null = 'stem') => ({
    id,
    at: `${on}T10:00:00.000Z`,
    kind: 'plants' as const,
    deed,
    species,
    plant: species,
    plantKind: 'stems' as const,
    count: portions,
    countedIn: 'portion' as const,
    portions,
    dryG: 1,
    raised: 'in-air' as const,
    bed: null,
    toBed: null,
    heldUntil: null,
    note: null,
    photos: [],
    recordedBy: null,
  })
  const box = (records: Parameters<typeof boxOf>[0]) => boxOf(records, { today: '2026-11-20', dateOf: (at) => at.slice(0, 10) })
  test('what arrived waits, with its days and how long its kind keeps', () => {
    expect(box([happened('a', 'arrived', '2026-11-10', 12)])).toMatchObject([{ id: 'a', portions: 12, daysKept: 10, keepsDays: 8 }])
  })
  test('what was planted since is taken from the oldest of its species; what was planted before is not', () => {
    const records = [
      happened('p', 'added', '2026-11-15', 15),
      happened('b', 'arrived', '2026-11-12', 10),
      happened('a', 'arrived', '2026-11-10', 12),
      happened('o', 'added', '2026-11-01', 50),
      happened('c', 'added', '2026-11-16', 50, 'other'),
    ]
    expect(box(records)).toMatchObject([{ id: 'b', portions: 7 }])
  })
  test('what is kept apart is told until it is planted', () => {
    const arrival = { ...happened('a', 'arrived', '2026-11-10', 12), heldUntil: '2026-12-01' }
    expect(heldPlants([arrival, happened('b', 'arrived', '2026-11-10', 5)])).toEqual([{ id: 'a', until: '2026-12-01', portions: 12 }])
    expect(heldPlants([arrival, happened('p', 'added', '2026-11-15', 12)])).toEqual([])
  })
  test('by its kind where nobody named it', () => {
    expect(box([happened('a', 'arrived', '2026-11-10', 12, null), happened('p', 'added', '2026-11-11', 12, null)])).toEqual([])
  })
})
