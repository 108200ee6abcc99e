import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import type { HardscapeMaterial, Piece, Vertex } from '../plan/plan.js'
import { UNPLACED } from '../plan/unplanned.js'
import { compositionOf } from './composition.js'
import { buoyancyOf, glassPressureKPa, pieceMassKg, placePiece, type PlacedPiece } from './piece.js'

const box = (left: number, front: number, right: number, back: number): Vertex[] =>
  [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
const piece = (id: string, outline: Vertex[] | null, heightCm: number | null, part: Partial<Piece> = {}): Piece => ({
  ...UNPLACED,
  id,
  material: 'granite',
  outline,
  heightCm,
  ...part,
})
const stand = (one: Piece, groundCm = 0): PlacedPiece => {
  const placed = placePiece(one, () => groundCm)
  if (placed === null) throw new Error('has no outline')
  return placed
}

describe('mass', () => {
  test('weighed goes before volume, volume before drawing', () => {
    expect(pieceMassKg(piece('a', box(0, 0, 10, 10), 10, { massKg: 3, volumeL: 2 }))).toEqual({ massKg: 3, from: 'mass' })
    expect(pieceMassKg(piece('a', box(0, 0, 10, 10), 10, { volumeL: 2 }))).toEqual({ massKg: 5.3, from: 'volume' })
    expect(pieceMassKg(piece('a', null, null))).toEqual({ massKg: null, from: 'unknown' })
  })
  test('from a drawing of 10 × 10 × 10 cm, half of it solid, by hand: 0.5 L · 2.65', () =>
    expect(pieceMassKg(piece('a', box(0, 0, 10, 10), 10)).massKg).toBeCloseTo(1.325, 9))
  test('oak-like wood of 0.85 by hand: 2 kg are 2.353 L, lifted by 0.353 kg, held by 0.567 kg of granite', () => {
    const { liftN, ballastKg } = buoyancyOf(2, 'wood')
    expect(liftN).toBeCloseTo((2 / 0.85 - 2) * 9.80665, 9)
    expect(ballastKg).toBeCloseTo((2 / 0.85 - 2) / (1 - 1 / 2.65), 9)
  })
  test('no stone needs ballast', () => {
    for (const material of ['granite', 'slate', 'limestone', 'lava'] as HardscapeMaterial[])
      expect(buoyancyOf(5, material).ballastKg).toBe(0)
  })
  test('10 kg on a tenth of 100 cm²: 98 kPa', () => expect(glassPressureKPa(10, 100)).toBeCloseTo(98.0665, 6))
})

test('a piece stands on the ground less what is sunk, never below the glass', () => {
  expect(stand(piece('a', box(0, 0, 10, 10), 12, { sunkCm: 2 }), 7)).toMatchObject({ footCm: 5, topCm: 17 })
  expect(stand(piece('a', box(0, 0, 10, 10), 12, { sunkCm: 9 }), 7)).toMatchObject({ footCm: 0, topCm: 12 })
  expect(placePiece(piece('a', null, 5), () => 0)).toBeNull()
})

describe('composition', () => {
  const of = (...pieces: Piece[]) =>
    compositionOf(
      pieces.map((one) => stand(one)),
      90,
      45,
    )
  test('without pieces all is open', () =>
    expect(of()).toMatchObject({ openFloor: 1, openRear: 1, leastGapCm: null, main: null, outlineKind: 'level' }))
  test('open floor, rear third and gap by hand', () => {
    const { openFloor, openRear, leastGapCm } = of(piece('a', box(10, 10, 40, 40), 20))
    expect(openFloor).toBeCloseTo(1 - 900 / 4050, 9)
    expect(openRear).toBeCloseTo(1 - 300 / 1350, 9)
    expect(leastGapCm).toBe(5)
  })
  test('pieces that overlap cover the floor once', () =>
    expect(of(piece('a', box(10, 10, 40, 40), 20), piece('b', box(10, 10, 40, 40), 10)).openFloor).toBeCloseTo(1 - 900 / 4050, 9))
  test('the main piece on a third: no distance to it, some to the golden section', () => {
    const { main } = of(piece('low', box(70, 5, 80, 15), 5), piece('main', box(25, 10, 35, 20), 20))
    expect(main?.id).toBe('main')
    expect(main?.offThird).toBeCloseTo(0, 9)
    expect(main?.offGolden).toBeCloseTo(0.381966 - 1 / 3, 5)
  })
  test('second over first; size against depth', () => {
    const small = piece('s', box(50, 30, 60, 40), 6)
    const middle = piece('m', box(30, 17.5, 40, 27.5), 12)
    const tall = piece('t', box(10, 5, 20, 15), 18)
    expect(of(small, middle, tall).secondOverMain).toBeCloseTo(12 / 18, 9)
    expect(of(small, middle, tall).sizeToBack).toBeCloseTo(-1, 9)
    expect(of(small, tall).sizeToBack).toBeNull()
    expect(of(small, middle, tall).sizeReads).toBe('near')
    expect(
      of(piece('s', box(50, 5, 60, 15), 6), piece('m', box(30, 17.5, 40, 27.5), 12), piece('t', box(10, 30, 20, 40), 18)).sizeReads,
    ).toBe('far')
    expect(of(small, tall).sizeReads).toBeNull()
  })
  test.each([
    [
      'mound',
      [
        [5, 10, 5],
        [30, 60, 25],
        [70, 85, 6],
      ],
    ],
    [
      'valley',
      [
        [2, 27, 25],
        [40, 50, 4],
        [63, 88, 24],
      ],
    ],
    [
      'triangle',
      [
        [2, 27, 26],
        [35, 55, 14],
        [65, 88, 5],
      ],
    ],
  ] as const)('reads as a %s', (kind, spans) =>
    expect(of(...spans.map(([left, right, height], index) => piece(`p${index}`, box(left, 15, right, 30), height))).outlineKind).toBe(kind),
  )
  test('a wall of the same height in front hides half of what stands behind', () => {
    const { hidden, mostHidden } = of(piece('back', box(40, 30, 60, 40), 10), piece('front', box(50, 5, 70, 15), 12))
    expect(mostHidden?.id).toBe('back')
    expect(of(piece('alone', box(40, 30, 60, 40), 10)).mostHidden).toBeNull()
    expect(hidden).toEqual([
      { id: 'back', wideCm: 20, hiddenCm: 10, share: 0.5 },
      { id: 'front', wideCm: 20, hiddenCm: 0, share: 0 },
    ])
  })
  test('every share lies between none and all', () =>
    fc.assert(
      fc.property(
        fc.array(
          fc.tuple(
            fc.double({ min: -20, max: 90, noNaN: true }),
            fc.double({ min: -10, max: 45, noNaN: true }),
            fc.double({ min: 1, max: 40, noNaN: true }),
            fc.double({ min: 1, max: 60, noNaN: true }),
          ),
          { maxLength: 8 },
        ),
        (pieces) => {
          const { openFloor, openRear, hidden } = of(
            ...pieces.map(([x, y, size, height], index) => piece(`p${index}`, box(x, y, x + size, y + size), height)),
          )
          for (const share of [openFloor, openRear, ...hidden.map((one) => one.share)]) {
            expect(share).toBeGreaterThanOrEqual(-1e-9)
            expect(share).toBeLessThanOrEqual(1 + 1e-9)
          }
        },
      ),
    ))
})

describe('figures that open', () => {
  const of = (...pieces: Piece[]) =>
    compositionOf(
      pieces.map((one) => stand(one)),
      100,
      40,
    )
  const three = [piece('low', box(10, 5, 30, 15), 6), piece('high', box(60, 20, 80, 34), 24), piece('middle', box(84, 30, 94, 38), 12)]
  const measured = of(...three)
  test('gaps to each pane by hand, and the least of them', () => {
    expect(measured.gapsCm).toEqual({ left: 10, front: 5, right: 6, back: 2 })
    expect(measured.leastGapCm).toBe(2)
    expect(of().gapsCm).toBeNull()
  })
  test('heights stand highest first, and the second is told by the first', () => {
    expect(measured.heightsCm).toEqual([24, 12, 6])
    expect(measured.secondOverMain).toBe(0.5)
    expect(of(three[0]!).secondOverMain).toBeNull()
  })
  test('the highest is measured against the third and the golden section next to it', () => {
    expect(measured.main).toMatchObject({ id: 'high', third: 2 / 3 })
    expect(measured.main!.at).toBeCloseTo(0.7, 9)
    expect(measured.main!.offThird).toBeCloseTo(0.7 - 2 / 3, 9)
    expect(measured.main!.offGolden).toBeCloseTo(0.7 - measured.main!.golden, 9)
  })
  test('the outline is judged by its means: left, middle and right', () => {
    const { outlineMeansCm, outlineKind, outlineCm } = measured
    expect(outlineMeansCm.left * 3 + outlineMeansCm.middle * 4 + outlineMeansCm.right * 3).toBeCloseTo(
      outlineCm.reduce((sum, cm) => sum + cm, 0),
      9,
    )
    expect(outlineKind).toBe('triangle')
    expect(of().outlineMeansCm).toEqual({ left: 0, middle: 0, right: 0 })
  })
})
