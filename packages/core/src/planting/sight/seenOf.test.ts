import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tankFigures } from '../../ecosystem/tankFigures.js'
import type { Bed, GroundZone, Piece, Plan } from '../../plan/plan.js'
import { UNPLACED } from '../../plan/unplanned.js'
import type { PlantSpecies } from '../../species/plantSpecies.js'
import { anyPlant, datum } from '../../testing/anyPlant.js'
import { tries } from '../../testing/properties.js'
import { box } from '../../testing/box.js'
import { potBed } from '../../testing/potBed.js'
import { samplePlan } from '../../testing/samplePlan.js'
import { LOOKS, type Look } from './look.js'
import { seenOf } from './seenOf.js'

/** As high from the first day, and closed. */
const block = (id: string, heightCm: number): PlantSpecies =>
  anyPlant(
    { matureHeightCm: datum(heightCm), plantingHeightCm: datum(heightCm), closingStartCm: datum(30), melt: { pot: 'none', cup: 'none' } },
    { id, name: id },
  )
const low = block('low', 4)
const high = block('high', 12)
const raft = anyPlant({ form: 'floater', kind: 'floater', places: ['surface'], soldAs: ['loose'] }, { id: 'raft', name: 'Raft' })
const bed = (id: string, outline: Bed['outline'], species: string): Bed => potBed(id, outline, species, { spacingCm: 2 })
/** On level ground, 108 × 48 cm on the inside. */
const level: Plan = {
  ...samplePlan,
  hardscape: [],
  layers: samplePlan.layers.map((layer) => ({ ...layer, frontCm: 4, backCm: 4 })),
  flora: [low, high, raft],
}
const stone: Piece = {
  ...UNPLACED,
  id: 's',
  material: 'granite',
  outline: box(40, 10, 60, 16),
  heightCm: 30,
  profile: [
    { xCm: 40, zCm: 0 },
    { xCm: 40, zCm: 30 },
    { xCm: 60, zCm: 30 },
    { xCm: 60, zCm: 0 },
  ],
}
const see = (plan: Plan, look: Look, options: { weeks?: number; highCm?: number } = {}) => {
  const figures = tankFigures(plan)
  const pieces = figures.pieces.flatMap(({ placed }) => placed ?? [])
  const { weeks = 8, highCm = 45 } = options
  return seenOf({ ...figures, pieces }, { look, weeks, supplyOf: () => 1, eye: { awayCm: 200, highCm, share: 0.5 } })
}
const front = bed('a', box(20, 5, 60, 15), 'high')
const rear = bed('b', box(20, 30, 60, 40), 'low')

describe('what is seen of a bed', () => {
  test('a low one behind a tall one is hidden from the front, and wholly seen from either end', () => {
    const plan = { ...level, beds: [front, rear] }
    expect(see(plan, 'front')).toMatchObject([
      { seen: 1, hider: null },
      { seen: 0, hider: { by: { kind: 'bed', id: 'a' }, share: 1 } },
    ])
    expect(see(plan, 'left').map(({ seen }) => seen)).toEqual([1, 1])
    expect(see(plan, 'right').map(({ seen }) => seen)).toEqual([1, 1])
    expect(see(plan, 'back')[0]?.seen).toBeCloseTo(8 / 12, 2)
  })
  test('a tall one behind a low one shows what rises above: 8 of 12 cm', () => {
    const plan = { ...level, beds: [bed('a', box(20, 5, 60, 15), 'low'), bed('b', box(20, 30, 60, 40), 'high')] }
    expect(see(plan, 'front')[1]?.seen).toBeCloseTo(8 / 12, 2)
  })
  test('half of it beside what hides it: half of it seen', () => {
    expect(see({ ...level, beds: [front, bed('b', box(40, 30, 80, 40), 'low')] }, 'front')[1]?.seen).toBeCloseTo(0.5, 2)
  })
  test('a stone hides all behind it, whoever is named', () => {
    const seen = see({ ...level, hardscape: [stone], beds: [bed('b', box(40, 30, 60, 40), 'high')] }, 'front')
    expect(seen).toMatchObject([{ seen: 0, hider: { by: { kind: 'piece', id: 's' } } }])
  })
  test('what has not closed hides as much as it has closed', () => {
    const open = { ...high, closingStartCm: datum(1), closingCmPerWeek: datum(0) }
    const plan = { ...level, flora: [low, open, raft], beds: [{ ...front, spacingCm: Math.sqrt(3) * 2 }, rear] }
    expect(see(plan, 'front')[1]?.seen).toBeCloseTo(0.5, 5)
  })
  test('from above the rim the floor behind is seen; from the floor it is not', () => {
    const plan = { ...level, beds: [bed('a', box(20, 5, 80, 10), 'high'), bed('b', box(20, 30, 80, 47), 'low')] }
    expect(see(plan, 'couch', { highCm: 150 })[1]?.seen).toBeGreaterThan(0.5)
    expect(see(plan, 'couch', { highCm: 4 })[1]?.seen).toBe(0)
  })
  test('rising ground hides what stands behind its crest, and shows what climbs it', () => {
    const zone: GroundZone = {
      id: 'z',
      name: 'Hill',
      purpose: 'planted',
      outline: box(34, 0, 74, 48),
      layers: level.layers.map((layer) => ({ ...layer, id: 'hill', frontCm: 25, backCm: 25 })),
      heights: [],
    }
    const plan: Plan = { ...level, zones: [zone], beds: [bed('a', box(4, 10, 12, 16), 'low'), bed('b', box(96, 10, 104, 40), 'low')] }
    const [near, far] = see(plan, 'left')
    expect(near?.seen).toBe(1)
    expect(far?.seen).toBeLessThan(0.5)
    expect(far?.hider?.by).toEqual({ kind: 'ground' })
  })
  test('what floats is not asked', () => {
    expect(see({ ...level, beds: [bed('a', box(20, 5, 60, 15), 'raft')] }, 'front')).toMatchObject([{ seen: null, hider: null }])
  })

  const anyBed = fc
    .tuple(
      fc.integer({ min: 0, max: 90 }),
      fc.integer({ min: 0, max: 38 }),
      fc.integer({ min: 3, max: 40 }),
      fc.constantFrom('low', 'high'),
    )
    .map(([left, near, size, species]) => bed('any', box(left, near, left + size, near + size / 2), species))
  test('any map: between none and all, and one more bed never shows more of the others', () => {
    fc.assert(
      fc.property(fc.array(anyBed, { minLength: 1, maxLength: 6 }), anyBed, fc.constantFrom(...LOOKS), (some, more, look) => {
        const beds = some.map((one, index) => ({ ...one, id: `b${index}` }))
        const before = see({ ...level, beds }, look)
        for (const { seen } of before) if (seen !== null) expect(seen).toBeGreaterThanOrEqual(0)
        for (const { seen } of before) if (seen !== null) expect(seen).toBeLessThanOrEqual(1)
        // Beds keep their floor: the new one lies below all, and only where nobody else is.
        const after = see({ ...level, beds: [{ ...more, id: 'new' }, ...beds] }, look)
        before.forEach(({ seen }, index) => {
          const then = after[index + 1]?.seen
          if (seen !== null) expect(then ?? 2).toBeLessThanOrEqual(seen + 1e-9)
        })
      }),
      { numRuns: tries(60) },
    )
  })
})
