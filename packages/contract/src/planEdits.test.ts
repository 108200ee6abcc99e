import {
  addPath,
  addPiece,
  addZone,
  areaCm2,
  boundsOf,
  duplicatePiece,
  duplicateZone,
  lineOf,
  mergeZones,
  mirrored,
  newPlan,
  outlineFault,
  placeUnplaced,
  type Plan,
  removeZone,
  reorderPiece,
  reorderZone,
  scaled,
  signedAreaCm2,
  splitZone,
  turned,
  type Vertex,
  withDrawnProfile,
  withEdgeBarrier,
  withEdgeLength,
  withOutline,
  withTabs,
} from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { PlanSchema } from './plan.js'

let made = 0
const localId = (prefix = 'n'): string => `${prefix}${++made}`
const floor = { lengthCm: 100, widthCm: 40 }
const box = (left: number, front: number, right: number, back: number): Vertex[] =>
  [
    [left, front],
    [right, front],
    [right, back],
    [left, back],
  ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
const plan = newPlan('x', '2026-01-01', 'UTC')
const zoned = (...outlines: Vertex[][]): Plan => ({
  ...plan,
  zones: outlines.map((outline, index) => ({
    id: `z${index + 1}`,
    name: `Zone ${index + 1}`,
    purpose: 'planted' as const,
    outline,
    layers: [{ id: `zg${index + 1}`, ground: 'sand' as const, frontCm: 2, backCm: 3, product: null }],
    heights: [],
  })),
})
const valid = (changed: Plan): Plan => PlanSchema.parse(changed)

describe('zones', () => {
  test('a new zone and a path lie inside the glass and are plans that the contract accepts', () => {
    const { plan: one, id } = addZone(plan, floor, 'Bank', localId)
    const { plan: two } = addPath(one, floor, { frontCm: 40, backCm: 60, widthFrontCm: 16, widthBackCm: 4, swayCm: 5 }, 'Path', localId)
    expect(one.zones[0]?.id).toBe(id)
    for (const { outline } of valid(two).zones) {
      const { left, right, front, back } = boundsOf(lineOf(outline))
      expect(left >= 0 && front >= 0 && right <= 100 && back <= 40.001).toBe(true)
    }
  })
  test('split keeps the area and the ground; merged again it is one', () => {
    const whole = zoned(box(10, 10, 50, 30))
    const parts = valid(splitZone(whole, 'z1', { xCm: 30, yCm: 0 }, { xCm: 30, yCm: 1 }, localId)!)
    expect(parts.zones.map(({ outline }) => areaCm2(outline))).toEqual([400, 400])
    expect(new Set(parts.zones.flatMap(({ id, layers }) => [id, ...layers.map((layer) => layer.id)])).size).toBe(4)
    const one = mergeZones(parts, 'z1', parts.zones[1]!.id)
    expect(typeof one).toBe('object')
    expect(areaCm2((one as Plan).zones[0]!.outline)).toBeCloseTo(800, 6)
  })
  test('a line beside it splits nothing; zones apart, or around a hole, do not merge', () => {
    expect(splitZone(zoned(box(10, 10, 50, 30)), 'z1', { xCm: 80, yCm: 0 }, { xCm: 80, yCm: 1 }, localId)).toBeNull()
    expect(mergeZones(zoned(box(0, 0, 10, 10), box(50, 0, 60, 10)), 'z1', 'z2')).toBe('apart')
    const hollow = [
      [0, 0],
      [30, 0],
      [30, 30],
      [0, 30],
      [0, 20],
      [20, 20],
      [20, 10],
      [0, 10],
    ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
    expect(mergeZones(zoned(hollow, box(-5, 5, 2, 25)), 'z1', 'z2')).toBe('hole')
  })
  test('order, copies and removal', () => {
    const two = zoned(box(0, 0, 10, 10), box(20, 0, 30, 10))
    expect(reorderZone(two, 'z1', 1).zones.map(({ id }) => id)).toEqual(['z2', 'z1'])
    expect(reorderZone(two, 'z2', 1)).toBe(two)
    const copy = duplicateZone(two, 'z2', floor, localId)!
    expect(valid(copy.plan).zones.at(-1)?.outline[0]?.xCm).toBe(25)
    expect(removeZone(two, 'z1').zones.map(({ id }) => id)).toEqual(['z2'])
  })
  test('a typed length moves the far corner along its edge', () => {
    const longer = withEdgeLength(box(0, 0, 10, 10), 0, 25)
    expect(longer[1]).toMatchObject({ xCm: 25, yCm: 0 })
    expect(longer[0]).toMatchObject({ xCm: 0, yCm: 0 })
  })
  test('a barrier follows the edge that is not glass', () => {
    const strip = zoned(box(0, 0, 100, 10))
    const { barriers } = withEdgeBarrier(strip, strip.zones[0]!, floor, localId)
    expect(barriers.map(({ line }) => line)).toEqual([
      [
        { xCm: 100, yCm: 10 },
        { xCm: 0, yCm: 10 },
      ],
    ])
    const corner = zoned(
      [
        [0, 0],
        [40, 0],
        [36, 8],
        [20, 12],
        [0, 12],
      ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false })),
    )
    expect(withEdgeBarrier(corner, corner.zones[0]!, floor, localId).barriers[0]?.line).toEqual([
      { xCm: 40, yCm: 0 },
      { xCm: 36, yCm: 8 },
      { xCm: 20, yCm: 12 },
      { xCm: 0, yCm: 12 },
    ])
  })
  test('ids are never given twice, not even after the newest was removed', () => {
    const ids = new Set<string>()
    let now = plan
    for (let time = 0; time < 50; time++) {
      const { plan: made, id } = addZone(now, floor, 'a', localId)
      for (const fresh of [id, ...made.zones.at(-1)!.layers.map((layer) => layer.id)]) ids.add(fresh)
      now = removeZone(made, id)
    }
    expect(ids.size).toBe(100)
  })
  test('tabs keep apart from those of their kind', () => {
    const once = withTabs(
      plan,
      'tab',
      [
        { xCm: 10, yCm: 10 },
        { xCm: 10.5, yCm: 10 },
        { xCm: 20, yCm: 10 },
      ],
      localId,
    )
    expect(once.tabs).toHaveLength(2)
    expect(withTabs(once, 'capsule', [{ xCm: 10, yCm: 10 }], localId).tabs).toHaveLength(3)
  })
})

describe('pieces', () => {
  const stone = addPiece(plan, floor, 'granite', 'Stone', localId).plan.hardscape[0]!
  const area = (outline: readonly Vertex[] | null): number => areaCm2(lineOf(outline ?? []))
  test('a turn keeps the area, four right angles the outline', () => {
    expect(area(turned(stone, 33).outline)).toBeCloseTo(area(stone.outline), 0)
    const round = [90, 90, 90, 90].reduce((one, degrees) => turned(one, degrees), stone)
    round.outline!.forEach(({ xCm, yCm }, index) => {
      expect(xCm).toBeCloseTo(stone.outline![index]!.xCm, 0)
      expect(yCm).toBeCloseTo(stone.outline![index]!.yCm, 0)
    })
  })
  test('scaled by two it is twice as high and has four times the outline', () => {
    const big = scaled(stone, 2)
    expect(big.heightCm).toBeCloseTo(2 * stone.heightCm!, 2)
    expect(area(big.outline) / area(stone.outline)).toBeCloseTo(4, 1)
  })
  test('mirrored twice it is itself, once the other way round', () => {
    expect(Math.sign(signedAreaCm2(mirrored(stone).outline!))).toBe(-Math.sign(signedAreaCm2(stone.outline!)))
    expect(area(mirrored(mirrored(stone)).outline)).toBeCloseTo(area(stone.outline), 1)
  })
  test('a silhouette goes along when its outline is moved or stretched', () => {
    const drawn = withDrawnProfile(stone, 12)
    const moved = withOutline(
      drawn,
      drawn.outline!.map((corner) => ({ ...corner, xCm: corner.xCm + 10 })),
    )
    moved.profile!.forEach(({ xCm }, index) => expect(xCm).toBeCloseTo(drawn.profile![index]!.xCm + 10, 1))
    expect(mirrored(drawn).profile!.map(({ zCm }) => zCm)).toEqual(drawn.profile!.map(({ zCm }) => zCm))
  })
  test('wood is fixed from the start, a weighed piece gets a place, copies stand beside', () => {
    expect(addPiece(plan, floor, 'wood', 'Root', localId).plan.hardscape[0]?.fixing).toBe('screwed')
    const placed = placeUnplaced({ ...stone, outline: null, massKg: 8 }, floor, 0)
    expect(outlineFault(placed.outline!)).toBeNull()
    const one = { ...plan, hardscape: [stone] }
    const copy = duplicatePiece(one, stone.id, floor, localId)!
    expect(valid(copy.plan).hardscape).toHaveLength(2)
    expect(reorderPiece(copy.plan, copy.id, -1).hardscape[0]?.id).toBe(copy.id)
  })
})
