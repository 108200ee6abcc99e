import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tankFigures } from '../../ecosystem/tankFigures.js'
import { areaCm2, boundsOf } from '../../numeric/ring.js'
import { lineOf, outlineFault } from '../../numeric/outline.js'
import type { Bed, Plan, Vertex } from '../../plan/plan.js'
import { anyPlant, datum } from '../../testing/anyPlant.js'
import { box } from '../../testing/box.js'
import { tries } from '../../testing/properties.js'
import { potBed } from '../../testing/potBed.js'
import { samplePlan } from '../../testing/samplePlan.js'
import { removeBed, withBed } from '../bedEdits.js'
import { bedAt } from './bedAt.js'
import { bordered } from './bordered.js'
import { brushCm, painted } from './painted.js'
import { risingSteps } from './risingSteps.js'
import { isAcross, keepSymmetric, twinOf } from './symmetry.js'

/** 108 × 48 cm on the inside. */
const inner = { lengthCm: 108, widthCm: 48 }
const stem = anyPlant({ cutBackCm: datum(10) }, { id: 'stem' })
const bed = (id: string, outline: Bed['outline'], change: Partial<Bed> = {}): Bed => potBed(id, outline, 'stem', change)
const mapOf = (...beds: Bed[]): Plan => ({ ...samplePlan, hardscape: [], zones: [], barriers: [], beds, flora: [stem] })
let count = 0
const newId = (of: string): string => `${of}-new${++count}`
const left = bed('l', box(10, 20, 30, 40))
const right = bed('r', box(78, 20, 98, 40))

describe('both sides alike', () => {
  const after = (before: Plan, edited: Plan): Plan => keepSymmetric(before, edited, inner, newId)
  test('a twin is the mirror image, whichever corner it begins with', () => {
    expect(twinOf(mapOf(left, right), left, inner.lengthCm)?.id).toBe('r')
    expect(twinOf(mapOf(left, bed('r', box(70, 20, 98, 40))), left, inner.lengthCm)).toBeUndefined()
    expect(isAcross(bed('m', box(44, 0, 64, 20)), inner.lengthCm)).toBe(true)
    expect(isAcross(bed('m', box(54, 0, 64, 20)), inner.lengthCm)).toBe(false)
  })
  test('a new one gets its image; one across the middle does not', () => {
    const made = after(mapOf(), mapOf(left))
    expect(made.beds).toHaveLength(2)
    expect(twinOf(made, left, inner.lengthCm)?.plants[0]?.species).toBe('stem')
    expect(after(mapOf(), mapOf(bed('m', box(44, 0, 64, 20)))).beds).toHaveLength(1)
  })
  test('what is changed on one side is changed on the other, ids kept', () => {
    const before = mapOf(left, right)
    const moved = withBed(before, 'l', (one) => ({ ...one, outline: box(12, 20, 30, 44), spacingCm: 4 }))
    const both = after(before, moved)
    expect(both.beds[1]).toMatchObject({ id: 'r', spacingCm: 4, plants: [{ id: 'rp0' }] })
    expect(twinOf(both, both.beds[0]!, inner.lengthCm)?.id).toBe('r')
    expect(areaCm2(lineOf(both.beds[1]!.outline))).toBeCloseTo(areaCm2(lineOf(both.beds[0]!.outline)), 6)
  })
  test('with one, its twin goes; one without a twin goes alone', () => {
    expect(after(mapOf(left, right), removeBed(mapOf(left, right), 'l')).beds).toEqual([])
    const lone = mapOf(left, bed('x', box(60, 0, 70, 10)))
    expect(after(lone, removeBed(lone, 'l')).beds.map(({ id }) => id)).toEqual(['x'])
  })
  test('nothing changed, nothing done; where both sides were changed, both stay as they were left', () => {
    const before = mapOf(left, right)
    expect(after(before, { ...before, name: 'other' }).beds).toBe(before.beds)
    const free = {
      ...before,
      beds: [
        { ...left, spacingCm: 3 },
        { ...right, spacingCm: 5 },
      ],
    }
    expect(after(before, free).beds.map(({ spacingCm }) => spacingCm)).toEqual([3, 5])
  })
})

describe('one group cut at rising heights', () => {
  const laid = (plan: Plan) => tankFigures(plan).beds[0]!
  test('three steps of one area, each cut higher: 6.5, 10 and 14 of 10 cm', () => {
    const plan = mapOf(bed('a', box(10, 18, 40, 48)), right)
    const made = risingSteps(plan, laid(plan), newId)!
    expect(made.beds.map(({ cutCm }) => cutCm)).toEqual([6.5, 10, 14, null])
    expect(made.beds[0]?.id).toBe('a')
    expect(new Set(made.beds.flatMap(({ plants }) => plants.map(({ id }) => id))).size).toBe(4)
    const areas = made.beds.slice(0, 3).map(({ outline }) => areaCm2(lineOf(outline)))
    for (const area of areas) expect(area).toBeCloseTo(300, 6)
  })
  test('nothing to split where nothing stands', () => {
    const plan = mapOf(bed('a', box(10, 18, 40, 48), { plants: [] }))
    expect(risingSteps(plan, laid(plan), newId)).toBeNull()
  })
})

describe('a wall round a group', () => {
  test('runs inside the glass only, above the ground', () => {
    const plan = mapOf(bed('a', box(0, 0, 30, 20)))
    const { beds, ground } = tankFigures(plan)
    const { barriers } = bordered(plan, beds[0]!, ground, inner, newId)
    expect(barriers).toHaveLength(1)
    const [wall] = barriers
    expect(wall?.line.map(({ xCm, yCm }) => [xCm, yCm])).toEqual([
      [30, 0],
      [30, 20],
      [0, 20],
    ])
    // Ground rises from 4 to 8 cm over the 48 cm of the floor.
    expect(wall?.heightCm).toBeCloseTo(4 + (4 * 20) / 48 + 1.5, 1)
  })
})

describe('a plant put down', () => {
  const bounds = (plan: Plan, id: string) => boundsOf(plan.beds.find((one) => one.id === id)!.outline)
  test('in a round patch of its own about the spot, within the glass', () => {
    const { plan, id } = bedAt(mapOf(left), stem, { xCm: 60, yCm: 20 }, inner, newId)
    expect(bounds(plan, id)).toEqual({ left: 53, right: 67, front: 13, back: 27 })
    expect(plan.beds.at(-1)?.plants.map(({ species }) => species)).toEqual(['stem'])
    const cornered = bedAt(mapOf(), stem, { xCm: 107, yCm: 1 }, inner, newId)
    expect(bounds(cornered.plan, cornered.id)).toEqual({ left: 94, right: 108, front: 0, back: 14 })
  })
  test('in a patch that waits for its plant', () => {
    const empty = bed('e', box(50, 10, 80, 40), { plants: [] })
    const { plan, id } = bedAt(mapOf(left, empty), stem, { xCm: 60, yCm: 20 }, inner, newId)
    expect(id).toBe('e')
    expect(plan.beds).toHaveLength(2)
    expect(plan.beds[1]?.plants).toHaveLength(1)
  })
})

describe('a patch that is painted', () => {
  const area = (outline: readonly Vertex[]): number => areaCm2(lineOf(outline))
  const by = brushCm(inner)
  test('one touch is a round patch as wide as the brush', () => {
    const dot = painted([{ xCm: 50, yCm: 24 }], inner)!
    expect(area(dot)).toBeGreaterThan(Math.PI * by ** 2 * 0.97)
    expect(area(dot)).toBeLessThan(Math.PI * by ** 2 * 1.06)
  })
  test('a stroke is as long as its way, and ends at the glass', () => {
    const stroke = painted(
      [
        { xCm: 30, yCm: 24 },
        { xCm: 50, yCm: 24 },
      ],
      inner,
    )!
    const whole = Math.PI * by ** 2 + 20 * 2 * by
    expect(area(stroke)).toBeGreaterThan(whole)
    expect(area(stroke)).toBeLessThan(whole * 1.05)
    const atGlass = painted(
      [
        { xCm: 0, yCm: 0 },
        { xCm: 20, yCm: 0 },
      ],
      inner,
    )!
    for (const { xCm, yCm } of atGlass) expect(Math.min(xCm, yCm)).toBeGreaterThanOrEqual(0)
  })
  test('a ring that closes is filled', () => {
    const ring = Array.from({ length: 37 }, (_, step) => {
      const angle = (2 * Math.PI * step) / 36
      return { xCm: 50 + 12 * Math.cos(angle), yCm: 24 + 12 * Math.sin(angle) }
    })
    expect(area(painted(ring, inner)!)).toBeGreaterThan(Math.PI * (12 + by) ** 2 * 0.93)
  })
  test('any way of a hand gives a sound outline', () => {
    const spot = fc.record({ xCm: fc.double({ min: 0, max: 108, noNaN: true }), yCm: fc.double({ min: 0, max: 48, noNaN: true }) })
    fc.assert(
      fc.property(fc.array(spot, { minLength: 1, maxLength: 40 }), (trail) => {
        const outline = painted(trail, inner)
        expect(outline === null ? null : outlineFault(outline)).toBeNull()
        expect(outline).not.toBeNull()
      }),
      { numRuns: tries(60) },
    )
  })
})
