import { PlanSchema } from '@jovrin/contract'
import { addZone, newPlan, type Plan, shoppingList, tankFigures, upgradePlan, type Vertex, withZone } from '@jovrin/core'
import { act, renderHook } from '@testing-library/react'
import Papa from 'papaparse'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { localId } from '../../api/localId.js'
import { METRIC } from '../../testing/units.js'
import { useMarginDesk, useSettled, type Desk } from './desk.js'
import { usePlanForm } from './describe/usePlanForm.js'
import { readSpots } from './ground/ImportOutline.js'
import { withPrice } from './PriceCell.js'
import { itemName } from './shopping/shopping.text.js'
import { shoppingCsv } from './shopping/shoppingCsv.js'
import { unkeptPlan } from './usePlanDraft.js'

const floor = { lengthCm: 100, widthCm: 40 }
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
  test('come back where they still fit, and are let go where they do not; typed text comes back anyhow', () => {
    localStorage.setItem(key, JSON.stringify({ edits: [{ path: '/temperatureC', from: null, to: 26 }], texts: { '/roomCo2Ppm': 'much' } }))
    expect(unkeptPlan('t', plan)?.plan.temperatureC).toBe(26)
    expect(unkeptPlan('t', plan)?.texts).toEqual({ '/roomCo2Ppm': 'much' })
    const other = { ...plan, temperatureC: 22 }
    expect(unkeptPlan('t', other)).toEqual({ plan: other, texts: { '/roomCo2Ppm': 'much' } })
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
    animals: { foodGPerDay: 0, grazers: 0, grazersFromDay: 28, fishFromDay: 42 },
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
    'fauna',
  ] as const)
    delete (old as Partial<Record<string, unknown>>)[part]
  expect(PlanSchema.safeParse(upgradePlan(old)).success).toBe(true)
})
