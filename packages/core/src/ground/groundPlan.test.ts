import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { isInside } from '../numeric/ring.js'
import type { Vertex } from '../plan/plan.js'
import { randomOf } from '../numeric/random.js'
import { lineOf, mendOutline, outlineFault } from '../numeric/outline.js'
import { cutGround } from './cut.js'
import { contourCm, groundHeightCm, layOutGround, surfaceCm, zoneAt, type KnownLayer, type KnownZone } from './groundPlan.js'
import { layerVolumeL } from './layer.js'

const corner = (xCm: number, yCm: number, isRound = false): Vertex => ({ xCm, yCm, isRound })
const layer = (frontCm: number, backCm: number, porosity = 0.5): KnownLayer => ({
  id: 'l',
  ground: 'rich-soil',
  frontCm,
  backCm,
  porosity,
  bulkKgPerL: 0.9,
})
const rest = (...layers: KnownLayer[]): KnownZone => ({ id: null, purpose: 'planted', outline: null, layers, heights: [] })
const zone = (id: string, outline: readonly Vertex[], ...layers: KnownLayer[]): KnownZone => ({
  id,
  purpose: 'planted',
  outline,
  layers,
  heights: [],
})
const boxOutline = (left: number, front: number, right: number, back: number): Vertex[] => [
  corner(left, front),
  corner(right, front),
  corner(right, back),
  corner(left, back),
]

test('a floor without zones is the sloped layer of the tables', () => {
  const ground = layOutGround(108, 48, [rest(layer(3.5, 8.5), layer(1, 0.5, 0.4))])
  expect(ground.groundL).toBeCloseTo(
    layerVolumeL({ frontCm: 3.5, backCm: 8.5 }, 108 * 48) + layerVolumeL({ frontCm: 1, backCm: 0.5 }, 108 * 48),
    9,
  )
  expect(ground.poreWaterL).toBeCloseTo(0.5 * 108 * 48 * 6 * 1e-3 + 0.4 * 108 * 48 * 0.75 * 1e-3, 9)
})
test('a strip of sand in front: areas and litres by hand', () => {
  const ground = layOutGround(100, 40, [rest(layer(4, 8)), zone('sand', boxOutline(0, 0, 100, 10), layer(2, 2))])
  expect(ground.zones.map(({ areaCm2 }) => areaCm2)).toEqual([3000, 1000])
  // The soil's slope goes on below the strip's outline: from 5 cm at its edge to 8 cm at the back.
  expect(ground.zones[0]?.layers[0]?.volumeL).toBeCloseTo((3000 * 6.5) / 1000, 9)
  expect(ground.zones[1]?.layers[0]?.volumeL).toBeCloseTo(2, 9)
})
test('a zone’s depths belong to its own front and back', () => {
  const ground = layOutGround(100, 40, [rest(), zone('terrace', boxOutline(20, 25, 80, 40), layer(6, 12))])
  expect(groundHeightCm(ground, 50, 25.0001)).toBeCloseTo(6, 2)
  expect(groundHeightCm(ground, 50, 39.9999)).toBeCloseTo(12, 2)
  expect(groundHeightCm(ground, 50, 10)).toBe(0)
  expect(ground.zones[1]?.steepestDeg).toBeCloseTo((Math.atan(6 / 15) * 180) / Math.PI, 9)
})
test('a zone hidden by a later one holds nothing', () => {
  const ground = layOutGround(50, 50, [
    rest(layer(5, 5)),
    zone('under', boxOutline(10, 10, 20, 20), layer(9, 9)),
    zone('over', boxOutline(0, 0, 50, 50), layer(3, 3)),
  ])
  expect(ground.zones.map(({ areaCm2 }) => areaCm2)).toEqual([0, 0, 2500])
  expect(ground.groundL).toBeCloseTo(7.5, 9)
})

describe('contours', () => {
  const heights = [
    { id: 'a', xCm: 10, yCm: 10, heightCm: 4 },
    { id: 'b', xCm: 40, yCm: 30, heightCm: 14 },
    { id: 'c', xCm: 20, yCm: 35, heightCm: 9 },
  ]
  test('goes through its points and stays between the least and the greatest', () => {
    for (const { xCm, yCm, heightCm } of heights) expect(contourCm(heights, xCm, yCm)).toBe(heightCm)
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 60, noNaN: true }),
        fc.double({ min: 0, max: 50, noNaN: true }),
        (x, y) => contourCm(heights, x, y) >= 4 && contourCm(heights, x, y) <= 14,
      ),
    )
  })
  test('the uppermost layer fills up to them and never lies below the one beneath', () => {
    const ground = layOutGround(60, 50, [{ ...rest(layer(6, 6), layer(1, 1)), heights }])
    const [base, top] = ground.zones[0]!.layers
    expect(base?.volumeL).toBeCloseTo(18, 9)
    expect(top?.volumeL).toBeGreaterThan(0)
    expect(groundHeightCm(ground, 10, 10)).toBe(6)
    expect(groundHeightCm(ground, 40, 30)).toBe(14)
  })
})

/** Litres by throwing dice: an integration that shares nothing with the exact one but the heights. */
function litresByChance(zones: readonly KnownZone[], lengthCm: number, widthCm: number, throws: number): number {
  const ground = layOutGround(lengthCm, widthCm, zones)
  const random = randomOf(11, 5)
  const lines = zones.map(({ outline }) => (outline === null ? null : lineOf(outline)))
  let sum = 0
  const side = Math.round(Math.sqrt(throws))
  for (let i = 0; i < side; i++)
    for (let j = 0; j < side; j++) {
      const x = ((i + random()) / side) * lengthCm
      const y = ((j + random()) / side) * widthCm
      const owner = lines.findLastIndex((line) => line === null || isInside(line, x, y))
      sum += surfaceCm(ground.zones[owner]!, x, y)
    }
  return (sum / side ** 2) * lengthCm * widthCm * 1e-3
}

const curvedPath = [
  corner(30, 0),
  corner(50, 0),
  corner(60, 20, true),
  corner(42, 36, true),
  corner(55, 48),
  corner(40, 48),
  corner(28, 30, true),
  corner(44, 14, true),
]
test.each([
  [
    'zones over a slope',
    [
      rest(layer(3, 9)),
      zone('path', curvedPath, layer(1.5, 2.5)),
      zone('mound', [corner(60, 20), corner(100, 15), corner(96, 46), corner(70, 44)], layer(6, 13), layer(1, 2)),
    ],
  ],
  [
    'contours',
    [
      rest(layer(3, 3)),
      {
        ...zone('hill', boxOutline(20, 10, 100, 46), layer(2, 2), layer(1, 1)),
        heights: [
          { id: 'a', xCm: 60, yCm: 30, heightCm: 16 },
          { id: 'b', xCm: 25, yCm: 12, heightCm: 4 },
          { id: 'c', xCm: 95, yCm: 44, heightCm: 6 },
        ],
      },
    ],
  ],
  [
    'a zone that crosses itself',
    [rest(layer(4, 4)), zone('bow', [corner(10, 5), corner(90, 45), corner(90, 5), corner(10, 45)], layer(8, 12))],
  ],
])('litres of %s within 0.5 %% of an independent integration', (_name, zones: readonly KnownZone[]) => {
  const exact = layOutGround(108, 48, zones).groundL
  expect(Math.abs(litresByChance(zones, 108, 48, 90_000) - exact) / exact).toBeLessThan(0.005)
})

describe('cuts', () => {
  const ground = layOutGround(100, 40, [rest(layer(4, 8)), zone('sand', boxOutline(30, 0, 60, 12), layer(2, 3))])
  test('along the front: soil, sand, soil', () => {
    const spans = cutGround(ground, { xCm: 0, yCm: 6 }, { xCm: 100, yCm: 6 })
    expect(spans.map(({ zone: { id } }) => id)).toEqual([null, 'sand', null])
    expect(spans.map(({ stations }) => [stations[0]!.atCm, stations.at(-1)!.atCm])).toEqual([
      [0, 30],
      [30, 60],
      [60, 100],
    ])
    expect(spans[1]?.stations[0]?.topsCm[0]).toBeCloseTo(2.5, 9)
  })
  test('from front to back: the slope is told by its ends', () => {
    const [span, ...others] = cutGround(ground, { xCm: 80, yCm: 0 }, { xCm: 80, yCm: 40 })
    expect(others).toEqual([])
    expect(span?.stations.map(({ topsCm }) => topsCm[0])).toEqual([4, 8])
  })
  test('a cut of no length shows nothing', () => expect(cutGround(ground, { xCm: 5, yCm: 5 }, { xCm: 5, yCm: 5 })).toEqual([]))
  test('every station stands in its span’s zone', () =>
    fc.assert(
      fc.property(fc.double({ min: 1, max: 99, noNaN: true }), fc.double({ min: 1, max: 39, noNaN: true }), (x, y) => {
        for (const { zone: owner, stations } of cutGround(ground, { xCm: 0, yCm: 0 }, { xCm: x, yCm: y })) {
          const atCm = (stations[0]!.atCm + stations.at(-1)!.atCm) / 2
          const far = Math.hypot(x, y)
          expect(zoneAt(ground, (x * atCm) / far, (y * atCm) / far).id).toBe(owner.id)
        }
      }),
    ))
})

describe('outlines from somewhere else', () => {
  const at = (...corners: readonly (readonly [number, number])[]) => corners.map(([xCm, yCm]) => ({ xCm, yCm }))
  test('closed and doubled points are left out', () => {
    const mended = mendOutline(at([0, 0], [10, 0], [10, 0], [10, 10], [0, 10], [0, 0]), 50, 50)
    expect(mended.outline).toHaveLength(4)
    expect(mended.mends).toEqual(['doubled', 'closed'])
  })
  test('ten thousand points are thinned, and lie inside the glass', () => {
    const mended = mendOutline(
      Array.from({ length: 10_000 }, (_, index) => ({ xCm: 45 + 20 * Math.cos(index / 1591.6), yCm: 20 + 12 * Math.sin(index / 1591.6) })),
      50,
      50,
    )
    expect(mended.fault).toBeNull()
    expect(mended.outline!.length).toBeLessThan(200)
    expect(mended.mends).toContain('thinned')
    expect(mended.mends).toContain('outside')
    expect(mended.outline!.every(({ xCm }) => xCm <= 50)).toBe(true)
  })
  test('self-crossing, flat, tiny and outside ones are refused with the reason', () => {
    expect(mendOutline(at([0, 0], [10, 10], [10, 0], [0, 10]), 50, 50)).toMatchObject({ outline: null, fault: 'crosses-itself' })
    expect(mendOutline(at([0, 0], [10, 0], [20, 0]), 50, 50)).toMatchObject({ outline: null, fault: 'no-area' })
    expect(mendOutline(at([0, 0], [10, 0]), 50, 50)).toMatchObject({ outline: null, fault: 'few-points' })
    expect(mendOutline(at([60, 60], [70, 60], [70, 70]), 50, 50)).toMatchObject({ outline: null, fault: 'outside-glass' })
  })
  test('a round corner stays within the hull and takes area off a square', () => {
    const square = boxOutline(0, 0, 10, 10)
    const round = lineOf(square.map((point) => ({ ...point, isRound: true })))
    expect(round.every(({ xCm, yCm }) => xCm >= 0 && xCm <= 10 && yCm >= 0 && yCm <= 10)).toBe(true)
    expect(outlineFault(square.map((point) => ({ ...point, isRound: true })))).toBeNull()
    expect(round).toHaveLength(32)
  })
})
