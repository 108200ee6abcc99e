import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { tries } from '../testing/properties.js'
import { ownAreasCm2 } from './ownAreas.js'
import { cellAreaCm2, integrateOverCell, integrateOverY, patchwork } from './patchwork.js'
import { clipToFloor, splitByLine, thinned } from './reshape.js'
import { areaCm2, boundsOf, centreOf, isInside, isSimple, signedAreaCm2, type Ring } from './ring.js'

const ring = (...corners: readonly (readonly [number, number])[]): Ring => corners.map(([xCm, yCm]) => ({ xCm, yCm }))
const box = (left: number, front: number, right: number, back: number): Ring =>
  ring([left, front], [right, front], [right, back], [left, back])
/** An L: 10 by 10 less a 6 by 6 corner. */
const angle = ring([0, 0], [10, 0], [10, 4], [4, 4], [4, 10], [0, 10])
const bow = ring([0, 0], [10, 10], [10, 0], [0, 10])
/** A U open to the back, arms 2 wide. */
const fork = ring([0, 0], [10, 0], [10, 10], [8, 10], [8, 2], [2, 2], [2, 10], [0, 10])

/** A star around a centre: simple whatever the radii. */
const star: fc.Arbitrary<Ring> = fc.array(fc.double({ min: 2, max: 24, noNaN: true }), { minLength: 3, maxLength: 14 }).map((radii) =>
  radii.map((radius, index) => ({
    xCm: 25 + radius * Math.cos((2 * Math.PI * index) / radii.length),
    yCm: 22 + radius * Math.sin((2 * Math.PI * index) / radii.length),
  })),
)

describe('rings', () => {
  test('area of an L by hand: 100 − 36; either way round', () => {
    expect(signedAreaCm2(angle)).toBe(64)
    expect(signedAreaCm2([...angle].reverse())).toBe(-64)
  })
  test('centre of an L by hand: (4·10·2 + 6·4·7)/64', () =>
    expect(centreOf(angle)).toEqual({ xCm: (80 + 168) / 64, yCm: (40 * 5 + 24 * 2) / 64 }))
  test('a flat ring has the middle of its points as centre, none has the origin', () => {
    expect(centreOf(ring([0, 0], [4, 0], [8, 0]))).toEqual({ xCm: 4, yCm: 0 })
    expect(centreOf([])).toEqual({ xCm: 0, yCm: 0 })
    expect(boundsOf([])).toEqual({ left: 0, right: 0, front: 0, back: 0 })
  })
  test('inside and outside of an L', () => {
    expect(isInside(angle, 2, 8)).toBe(true)
    expect(isInside(angle, 8, 8)).toBe(false)
  })
  test('simple: an L is, a bow, a fold and a touch are not', () => {
    expect(isSimple(angle)).toBe(true)
    expect(isSimple(bow)).toBe(false)
    expect(isSimple(ring([0, 0], [10, 0], [5, 0], [5, 5]))).toBe(false)
    expect(isSimple(ring([0, 0], [10, 0], [10, 10], [5, 0], [0, 10]))).toBe(false)
    expect(isSimple(ring([0, 0], [1, 0]))).toBe(false)
  })
  test('every star is simple', () => fc.assert(fc.property(star, (shape) => isSimple(shape))))
})

describe('reshaping', () => {
  test('a box that sticks out is cut at the glass', () => expect(areaCm2(clipToFloor(box(-5, -5, 5, 5), 20, 20))).toBe(25))
  test('a box outside is nothing', () => expect(clipToFloor(box(30, 30, 40, 40), 20, 20)).toEqual([]))
  test('ten thousand points on a circle become few and keep the area within the tolerance', () => {
    const circle = Array.from({ length: 10_000 }, (_, index) => ({
      xCm: 20 + 10 * Math.cos((2 * Math.PI * index) / 10_000),
      yCm: 20 + 10 * Math.sin((2 * Math.PI * index) / 10_000),
    }))
    const few = thinned(circle, 0.05)
    expect(few.length).toBeLessThan(60)
    expect(Math.abs(areaCm2(few) - Math.PI * 100) / (Math.PI * 100)).toBeLessThan(0.01) // at most the tolerance all along the edge: 2·0.05/10
  })
  test('a fork cut across its arms is three parts; along its back two', () => {
    const across = splitByLine(fork, { xCm: 0, yCm: 6 }, { xCm: 1, yCm: 6 })
    expect(across.map(areaCm2).sort((a, b) => a - b)).toEqual([8, 8, 36])
    const along = splitByLine(fork, { xCm: 5, yCm: 0 }, { xCm: 5, yCm: 1 })
    expect(along.map(areaCm2).sort((a, b) => a - b)).toEqual([26, 26])
  })
  test('a line through a corner, along an edge or beside the ring', () => {
    expect(splitByLine(box(0, 0, 10, 10), { xCm: 0, yCm: 0 }, { xCm: 10, yCm: 10 }).map(areaCm2)).toEqual([50, 50])
    expect(splitByLine(box(0, 0, 10, 10), { xCm: 0, yCm: 0 }, { xCm: 10, yCm: 0 })).toHaveLength(1)
    expect(splitByLine(box(0, 0, 10, 10), { xCm: 0, yCm: 20 }, { xCm: 10, yCm: 20 })).toHaveLength(1)
  })
  test('parts of a split star have its whole area, and each is simple', () =>
    fc.assert(
      fc.property(star, fc.double({ min: 0, max: Math.PI, noNaN: true }), (shape, lean) => {
        const parts = splitByLine(shape, { xCm: 25, yCm: 22 }, { xCm: 25 + Math.cos(lean), yCm: 22 + Math.sin(lean) })
        expect(parts.reduce((sum, part) => sum + areaCm2(part), 0)).toBeCloseTo(areaCm2(shape), 6)
      }),
    ))
})

describe('own areas', () => {
  const moved = fc
    .tuple(star, fc.double({ min: -30, max: 30, noNaN: true }), fc.double({ min: -30, max: 30, noNaN: true }))
    .map(([ring, dx, dy]) => ring.map(({ xCm, yCm }) => ({ xCm: xCm + dx, yCm: yCm + dy })))

  test('by hand: a box half under the next, a corner of it under a stone, a part beyond the glass', () =>
    expect(ownAreasCm2([box(0, 0, 10, 10), box(5, 0, 15, 10), box(40, 20, 60, 40)], [box(0, 8, 2, 12)], 50, 30)).toEqual([46, 100, 100]))
  test('are those of the cells of a whole patchwork, also when one ring is changed and the others are not', () =>
    fc.assert(
      fc.property(
        fc.array(moved, { minLength: 1, maxLength: 6 }),
        fc.array(moved, { maxLength: 3 }),
        moved,
        fc.nat(),
        (rings, covers, other, at) => {
          for (const now of [rings, rings.with(at % rings.length, other)]) {
            const sums = now.map(() => 0)
            for (const cell of patchwork([...now, ...covers], 50, 44)) if (cell.owner in sums) sums[cell.owner]! += cellAreaCm2(cell)
            ownAreasCm2(now, covers, 50, 44).forEach((area, index) => expect(area).toBeCloseTo(sums[index]!, 6))
          }
        },
      ),
      { numRuns: tries(60) },
    ))
})

describe('patchwork', () => {
  const shares = (rings: readonly Ring[], lengthCm: number, widthCm: number): number[] => {
    const sums = [0, ...rings.map(() => 0)]
    for (const cell of patchwork(rings, lengthCm, widthCm)) sums[cell.owner + 1]! += cellAreaCm2(cell)
    return sums
  }
  test('a bare floor is one cell', () =>
    expect(patchwork([], 50, 30)).toEqual([{ owner: -1, y0: 0, y1: 30, left0: 0, right0: 50, left1: 0, right1: 50 }]))
  test('a later ring lies over an earlier one', () =>
    expect(shares([box(0, 0, 20, 20), box(10, 10, 30, 30)], 50, 50)).toEqual([2500 - 700, 300, 400]))
  test('what lies outside the glass is not counted', () => expect(shares([box(-10, -10, 10, 10)], 50, 50)).toEqual([2400, 100]))
  test('a bow counts both of its triangles', () => {
    const [, bowArea = 0] = shares([bow], 10, 10)
    expect(bowArea).toBeCloseTo(50, 9)
  })
  test('no area, nothing owned', () => expect(shares([ring([0, 0], [10, 0], [20, 0]), ring([5, 5])], 50, 50)).toEqual([2500, 0, 0]))
  test('the parts of any pile of stars make up the floor, and each is what sampling finds', () =>
    fc.assert(
      fc.property(fc.array(star, { minLength: 1, maxLength: 4 }), (stars) => {
        const exact = shares(stars, 46, 40)
        expect(exact.reduce((sum, area) => sum + area, 0)).toBeCloseTo(46 * 40, 5)
        const sampled = [0, ...stars.map(() => 0)]
        const step = 0.25
        for (let x = step / 2; x < 46; x += step)
          for (let y = step / 2; y < 40; y += step) sampled[stars.findLastIndex((shape) => isInside(shape, x, y)) + 1]! += step * step
        exact.forEach((area, owner) => expect(Math.abs(area - sampled[owner]!), `owner ${owner}`).toBeLessThan(12))
      }),
      { numRuns: tries(40) },
    ))
  test('a slope over a triangle by hand: mean height at a third of the way', () => {
    const cells = patchwork([ring([0, 0], [30, 0], [0, 30])], 30, 30).filter(({ owner }) => owner === 0)
    const volume = cells.reduce((sum, cell) => sum + integrateOverY(cell, (y) => 3 + y / 10), 0)
    expect(volume).toBeCloseTo(450 * 4, 9)
    expect(cells.reduce((sum, cell) => sum + integrateOverCell(cell, 0.5, (_x, y) => 3 + y / 10), 0)).toBeCloseTo(1800, 0)
  })
})
