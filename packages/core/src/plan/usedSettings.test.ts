import { expect, test } from 'vitest'
import type { SettingChange } from './journal.js'
import { newPlan } from './newPlan.js'
import { usedSettings } from './usedSettings.js'

const plan = { ...newPlan('River', '2026-09-01', 'UTC'), temperatureC: 25 }
const change = (planRevision: number, effectiveOn: string, from: number, to: number, why: string | null = null): SettingChange => ({
  id: `c${planRevision}`,
  effectiveOn,
  path: '/temperatureC',
  from,
  to,
  planRevision,
  why,
})
const told = (changes: readonly SettingChange[]) =>
  usedSettings(plan, changes).map(({ effectiveOn, from, to, why }) => [effectiveOn, from, to, why])

test('tells what holds, with its reason', () =>
  expect(told([change(2, '2026-10-01', 23, 24, 'heater'), change(3, '2026-11-01', 24, 25)])).toEqual([
    ['2026-10-01', 23, 24, 'heater'],
    ['2026-11-01', 24, 25, null],
  ]))
test('an entry that a later one of an earlier day replaced is not told', () =>
  expect(told([change(2, '2026-11-01', 23, 24), change(3, '2026-10-01', 24, 25)])).toEqual([['2026-10-01', 23, 25, null]]))
test('a correction holds for the last value', () => expect(told([change(2, '2026-10-01', 23, 24)])).toEqual([['2026-10-01', 23, 25, null]]))
test('entries of one revision lie in the order of their days', () =>
  expect(told([change(1, '2026-11-01', 24, 25), change(1, '2026-10-01', 23, 24)])).toEqual([
    ['2026-10-01', 23, 24, null],
    ['2026-11-01', 24, 25, null],
  ]))
