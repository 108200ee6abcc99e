import { CHOICE_FIELDS, diff, newPlan, NUMBER_FIELDS, type Plan, valueAt } from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { PlanSchema, schemaAt, SettingChangeSchema } from './index.js'

const change = (path: string, from: unknown, to: unknown) => ({
  id: '01920000-0000-7000-8000-000000000001',
  effectiveOn: '2026-10-01',
  path,
  from,
  to,
  planRevision: 2,
  why: null,
})
const isTaken = (path: string, from: unknown, to: unknown): boolean => SettingChangeSchema.safeParse(change(path, from, to)).success

describe('a place in a plan', () => {
  test('has the schema of what stands there', () => {
    expect(schemaAt('/temperatureC')?.safeParse(24.5).success).toBe(true)
    expect(schemaAt('/temperatureC')?.safeParse('warm').success).toBe(false)
    expect(schemaAt('/lamps/l1/watts')?.safeParse(30).success).toBe(true)
    expect(schemaAt('/lamps/l1/watts')?.safeParse(-1).success).toBe(false)
    expect(schemaAt('/zones/z1/layers/g1/product')?.safeParse(null).success).toBe(true)
    expect(schemaAt('/lamps')?.safeParse([]).success).toBe(true)
  })
  test.each([
    '',
    '/',
    'temperatureC',
    '/__proto__',
    '/__proto__/polluted',
    '/constructor/prototype',
    '/lamps/__proto__/watts',
    '/lamps/l1/__proto__/x',
    '/lamps/l1/constructor',
    '/lamps/0/watts',
    '/lamps/l1/watts/more',
    '/toString',
    '/vessel/hasOwnProperty',
    '/room/monthlyC/3',
    '/nowhere',
  ])('%j is none', (path) => expect(schemaAt(path)).toBeNull())
  test('every described field is one', () => {
    const paths = [...Object.keys(NUMBER_FIELDS), ...Object.keys(CHOICE_FIELDS)]
    // Lists of plain values, and corners of outlines, change as a whole.
    const whole = paths.filter((path) => path.endsWith('*') || /\/(outline|profile|line)\//.test(path))
    const named = paths.filter((path) => !whole.includes(path))
    expect(named.length).toBeGreaterThan(100)
    for (const path of named) expect(schemaAt(`/${path.replaceAll('*', 'a1')}`), path).not.toBeNull()
    for (const path of whole) expect(schemaAt(`/${path.replaceAll('*', 'a1')}`), path).toBeNull()
  })
  test('every edit between two plans names one, and its values may stand there', () => {
    const before: Plan = PlanSchema.parse(newPlan('x', '2026-01-01', 'UTC'))
    const after: Plan = PlanSchema.parse({
      ...before,
      name: 'y',
      room: { ...before.room, monthlyC: before.room.monthlyC.map(() => 20) },
      vessel: { ...before.vessel, lengthCm: 90 },
      animals: { ...before.animals, foodGPerDay: 4 },
      money: { ...before.money, columns: [...before.money.columns, { id: 'b', name: 'B' }] },
    })
    const edits = diff(before, after)
    expect(edits.length).toBeGreaterThan(4)
    for (const { path, from, to } of edits) {
      expect(isTaken(path, from, to), path).toBe(true)
      expect(valueAt(after, path)).toEqual(to)
    }
  })
})

describe('a dated setting', () => {
  test('of a known place with fitting values is taken', () => expect(isTaken('/temperatureC', 24, 25)).toBe(true))
  test('of another place, type or range is refused with its field', () => {
    expect(isTaken('/__proto__/polluted', 1, 2)).toBe(false)
    expect(isTaken('/temperatureC', 24, '25')).toBe(false)
    expect(isTaken('/temperatureC', 24, 2500)).toBe(false)
    expect(isTaken('/lamps', [], [{ id: 'l1' }])).toBe(false)
    const [issue] = SettingChangeSchema.safeParse(change('/temperatureC', 24, 2500)).error?.issues ?? []
    expect(issue?.path).toEqual(['to'])
  })
})
