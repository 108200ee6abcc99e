import { PlanSchema } from '@jovrin/contract'
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
  outlineFault,
  placeUnplaced,
  type Plan,
  removeZone,
  reorderPiece,
  reorderZone,
  scaled,
  shoppingList,
  signedAreaCm2,
  splitZone,
  tankFigures,
  turned,
  upgradePlan,
  type Vertex,
  withDrawnProfile,
  withEdgeBarrier,
  withEdgeLength,
  withOutline,
  withTabs,
  withZone,
} from '@jovrin/core'
import { act, renderHook } from '@testing-library/react'
import Papa from 'papaparse'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { localId } from '../../api/localId.js'
import { METRIC } from '../../testing/units.js'
import { useMarginDesk, useSettled, type Desk } from './desk.js'
import { newPlan } from '../shared/newPlan.js'
import { usePlanForm } from './describe/usePlanForm.js'
import { readSpots } from './ground/ImportOutline.js'
import { withPrice } from './PriceCell.js'
import { itemName } from './shopping/shopping.text.js'
import { shoppingCsv } from './shopping/shoppingCsv.js'
import { unkeptPlan } from './usePlanDraft.js'

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
    expect(barriers).toEqual([])
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

describe('corners as text', () => {
  const read = (text: string) => readSpots(text, (value) => value)
  test('space, tab or semicolon, comma or point', () =>
    expect(read('1 2\n3,5;4.25\n\n5\t6')).toEqual([
      { xCm: 1, yCm: 2 },
      { xCm: 3.5, yCm: 4.25 },
      { xCm: 5, yCm: 6 },
    ]))
  test.each(['1 2 3', 'one 2', '4', '1 2\nNaN 3'])('%j names its line', (text) => expect(read(text)).toHaveProperty('line'))
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

describe('a plan under the pen', () => {
  test('what did not change stays the same object; a bad part keeps the last good plan', () => {
    const start = addZone(addZone(plan, floor, 'a', localId).plan, floor, 'b', localId).plan
    const { result } = renderHook(() => usePlanForm(start))
    act(() => result.current.set('zones', withZone(start, start.zones[0]!.id, (zone) => ({ ...zone, name: 'changed' })).zones))
    expect(result.current.valid.zones[0]?.name).toBe('changed')
    expect(result.current.valid.zones[1]).toBe(start.zones[1])
    expect(result.current.valid.hardscape).toBe(start.hardscape)
    act(() => result.current.set('temperatureC', NaN))
    expect(result.current.isValid).toBe(false)
    expect(result.current.valid.temperatureC).toBe(start.temperatureC)
    act(() => result.current.set('temperatureC', 25))
    expect(result.current.isValid).toBe(true)
    expect(result.current.valid.temperatureC).toBe(25)
  })
  test('rules between parts are looked at when one of them changes', () => {
    const { result } = renderHook(() => usePlanForm(plan))
    act(() => result.current.set('vessel', { ...plan.vessel, heightCm: 20, freeboardCm: 19 }))
    expect(result.current.isValid).toBe(false)
    const bow = [
      [0, 0],
      [10, 10],
      [10, 0],
      [0, 10],
    ].map(([xCm = 0, yCm = 0]) => ({ xCm, yCm, isRound: false }))
    act(() => result.current.set('vessel', plan.vessel))
    act(() => result.current.set('zones', zoned(bow).zones))
    expect(result.current.isValid).toBe(false)
    expect(result.current.valid.zones).toEqual([])
  })
})

describe('while a hand moves', () => {
  afterEach(() => vi.useRealTimers())
  test('the margin rests until the gesture ends', () => {
    const desks = [1, 2, 3].map((number) => ({ tankId: String(number) }) as Desk) // only its identity matters here
    const { result, rerender } = renderHook(({ desk }) => useMarginDesk(desk), { initialProps: { desk: desks[0]! } })
    act(() => result.current[1](false))
    rerender({ desk: desks[1]! })
    expect(result.current[0]).toBe(desks[0])
    act(() => result.current[1](true))
    rerender({ desk: desks[2]! })
    expect(result.current[0]).toBe(desks[2])
  })
  test('what is slow waits until nothing changed for a moment', () => {
    vi.useFakeTimers()
    const { result, rerender } = renderHook(({ value }) => useSettled(value), { initialProps: { value: 1 } })
    rerender({ value: 2 })
    act(() => void vi.advanceTimersByTime(60))
    rerender({ value: 3 })
    act(() => void vi.advanceTimersByTime(60))
    expect(result.current).toBe(1)
    act(() => void vi.advanceTimersByTime(200))
    expect(result.current).toBe(3)
  })
})

describe('edits not yet kept', () => {
  const key = 'jovrin.planDraft.t'
  afterEach(() => localStorage.clear())
  test('come back where they still fit, and are let go where they do not', () => {
    localStorage.setItem(key, JSON.stringify({ edits: [{ path: '/temperatureC', from: null, to: 26 }], texts: { '/roomCo2Ppm': 'much' } }))
    expect(unkeptPlan('t', plan)?.plan.temperatureC).toBe(26)
    expect(unkeptPlan('t', plan)?.texts).toEqual({ '/roomCo2Ppm': 'much' })
    expect(unkeptPlan('t', { ...plan, temperatureC: 22 })).toBeNull()
    expect(unkeptPlan('other', plan)).toBeNull()
    for (const broken of ['{', '7', '[]', JSON.stringify({ edits: [{ path: '/temperatureC', from: null, to: 'hot' }], texts: {} })]) {
      localStorage.setItem(key, broken)
      expect(unkeptPlan('t', plan)).toBeNull()
    }
  })
})

describe('the list on paper', () => {
  test('every line has a name, and the CSV reads back with prices as numbers', () => {
    const priced = withPrice(withPrice(plan, 'tank', 'first', 120.5), 'tank', 'first', 99)
    expect(priced.money.prices).toHaveLength(1)
    expect(withPrice(priced, 'tank', 'first', null).money.prices).toEqual([])
    const items = shoppingList(priced, tankFigures(priced))
    for (const item of items) expect(itemName(item, METRIC), item.key).toMatch(/^[A-Z].*[^:]$/)
    const csv = shoppingCsv({ ...priced, money: { ...priced.money, extras: [] } }, items, ['=cheap'], (item) => itemName(item, METRIC))
    const { data } = Papa.parse<string[]>(csv)
    expect(data).toHaveLength(items.length + 1)
    expect(data[0]?.at(-1)).toBe("'=cheap EUR")
    expect(Number(data.find((row) => row[1]?.startsWith('Tank'))?.at(-1))).toBe(99)
  })
})

test('an old draft on this device is read in today’s form', () => {
  const old = {
    ...plan,
    schemaVersion: 1,
    vessel: { lengthCm: 60, widthCm: 30, heightCm: 36, glassCm: 0.8, freeboardCm: 2 },
    layers: [{ id: 'g1', ground: 'sand', frontCm: 3, backCm: 5 }],
  }
  for (const part of [
    'intent',
    'stand',
    'room',
    'zones',
    'barriers',
    'tabs',
    'tabProduct',
    'filters',
    'outlets',
    'climate',
    'money',
    'logistics',
    'muted',
  ] as const)
    delete (old as Partial<Record<string, unknown>>)[part]
  expect(PlanSchema.safeParse(upgradePlan(old)).success).toBe(true)
})
