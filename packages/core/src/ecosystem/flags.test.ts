import { describe, expect, test } from 'vitest'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import type { GasAnimals } from '../gas/grade.js'
import { hasAnimalsAt } from '../livestock/presence.js'
import { flagsOf } from './flags.js'
import type { MemberResult } from './forecast.js'
import { WEEK_STRIDE, weekColumn, type WeekColumn } from './weekSummary.js'

/** Three tanks of one week: a calm one, with the named columns set to three values. */
const tanks = (columns: Partial<Record<WeekColumn, readonly [number, number, number]>>): MemberResult[] =>
  [0, 1, 2].map((member) => {
    const weeks = new Float64Array(WEEK_STRIDE)
    weeks[weekColumn('oxygenMin')] = 7
    for (const [name, values] of Object.entries(columns)) weeks[weekColumn(name as WeekColumn)] = values[member]!
    return { member, planned: { weeks, curves: [] }, changed: null }
  })
const codes = (columns: Parameters<typeof tanks>[0], animals: GasAnimals): string[] =>
  flagsOf(tanks(columns), 'planned', 0, animals).map(({ code, severity }) => `${code} ${severity}`)

describe('flags', () => {
  test('a calm tank has none', () => expect(codes({}, 'some')).toEqual([]))
  test('CO2 is judged on its range: high end or middle warn, low end or middle alarm', () => {
    expect(codes({ co2Max: [20, 25, 28] }, 'some')).toEqual([])
    expect(codes({ co2Max: [20, 25, 60] }, 'some')).toEqual(['co2-much warn'])
    expect(codes({ co2Max: [20, 31, 33] }, 'some')).toEqual(['co2-much warn'])
    expect(codes({ co2Max: [20, 41, 43] }, 'some')).toEqual(['co2-too-much alarm'])
    expect(codes({ co2Max: [32, 33, 34] }, 'some')).toEqual(['co2-too-much alarm'])
  })
  test('graded: 130 mg/L is not much, it kills', () => {
    expect(codes({ co2Max: [90, 130, 340] }, 'some')).toEqual(['co2-dangerous alarm'])
    expect(codes({ co2Max: [20, 27, 30] }, 'some')).toEqual([])
    expect(codes({ co2Max: [20, 27, 30] }, 'sensitive')).toEqual(['co2-much warn'])
  })
  test('without animals only waste is told of gas, and ammonia as a warning', () => {
    expect(codes({ co2Max: [45, 50, 60], ammonium: [1, 2, 3] }, 'none')).toEqual(['ammonia warn'])
    expect(codes({ co2Max: [60, 90, 120] }, 'none')).toEqual(['co2-wasted warn'])
  })
  test('alarms stand before warnings', () =>
    expect(codes({ oxygenMin: [4.2, 5.5, 6], nitrite: [0.1, 0.5, 0.9] }, 'some')).toEqual(['nitrite alarm', 'oxygen-low warn']))
  test('the oxygen of the worst tanks is told', () =>
    expect(flagsOf(tanks({ oxygenMin: [3, 3.5, 6] }), 'planned', 0, 'some')[0]).toMatchObject({
      code: 'oxygen-low',
      severity: 'alarm',
      value: 3.1,
    }))
})

test('animals are there from their day on; unknown counts as some, none as none', () => {
  const at = (part: Parameters<typeof stocked>[0], age: number): boolean =>
    hasAnimalsAt({ ...samplePlan, animals: stocked({ foodGPerDay: 0, grazers: 0, grazersFromDay: 10, fishFromDay: 20, ...part }) }, age)
  expect([
    at({}, 99),
    at({ grazers: 3 }, 9),
    at({ grazers: 3 }, 10),
    at({ grazers: null }, 10),
    at({ foodGPerDay: 0.1 }, 19),
    at({ foodGPerDay: 0.1 }, 20),
  ]).toEqual([false, false, true, true, false, true])
})
