import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tries } from '../testing/properties.js'
import { areNearer, gapCm, keptApart } from './gap.js'
import { areaCm2, type Ring } from './ring.js'

const square = (xCm: number, yCm: number, size: number): Ring => [
  { xCm, yCm },
  { xCm: xCm + size, yCm },
  { xCm: xCm + size, yCm: yCm + size },
  { xCm, yCm: yCm + size },
]
const anySquare = fc
  .tuple(fc.integer({ min: 0, max: 60 }), fc.integer({ min: 0, max: 60 }), fc.integer({ min: 2, max: 30 }))
  .map(([x, y, size]) => square(x, y, size))

describe('gaps between outlines', () => {
  test('side by side, corner to corner, overlapping, one within the other', () => {
    expect(gapCm(square(0, 0, 10), square(13, 0, 10))).toBeCloseTo(3, 9)
    expect(gapCm(square(0, 0, 10), square(13, 14, 10))).toBeCloseTo(5, 9)
    expect(gapCm(square(0, 0, 10), square(9, 9, 10))).toBe(0)
    expect(gapCm(square(0, 0, 30), square(10, 10, 5))).toBe(0)
  })
  test('nearer than: as the gap says, either way round', () => {
    fc.assert(
      fc.property(anySquare, anySquare, fc.double({ min: 0.1, max: 20, noNaN: true }), (a, b, leastCm) => {
        expect(areNearer(a, b, leastCm)).toBe(gapCm(a, b) < leastCm)
        expect(areNearer(b, a, leastCm)).toBe(areNearer(a, b, leastCm))
      }),
      { numRuns: tries(300) },
    )
  })
  test('drawn back by two centimetres: a strip less, by hand; nothing left of what is covered', () => {
    expect(areaCm2(keptApart(square(0, 0, 10), [square(10, -5, 20)], 2)[0]!)).toBeCloseTo(80, 6)
    expect(keptApart(square(3, 3, 4), [square(0, 0, 10)], 2)).toEqual([])
    expect(keptApart(square(0, 0, 10), [], 2).map(areaCm2)).toEqual([100])
  })
  test('what would be a ring is two halves of it', () => {
    const halves = keptApart(square(0, 0, 20), [square(8, 8, 4)], 2)
    expect(halves).toHaveLength(2)
    // Of 400 cm² a square of 8 with corners cut to twelfths of a disc.
    expect(halves.reduce((sum, part) => sum + areaCm2(part), 0)).toBeCloseTo(400 - (48 + 12 * 4 * Math.tan(Math.PI / 12)), 0)
  })
  test('what is left keeps its distance from all, within the outline', () => {
    fc.assert(
      fc.property(anySquare, fc.array(anySquare, { minLength: 1, maxLength: 4 }), (ring, others) => {
        const kept = keptApart(ring, others, 2)
        for (const part of kept) for (const other of others) expect(gapCm(part, other)).toBeGreaterThan(2 - 0.01)
        expect(kept.reduce((sum, part) => sum + areaCm2(part), 0)).toBeLessThanOrEqual(areaCm2(ring) + 0.01)
      }),
      { numRuns: tries(300) },
    )
  })
})
