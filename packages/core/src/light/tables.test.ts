import fc from 'fast-check'
import { describe, expect, test } from 'vitest'
import { lightDayTable, openDayTable } from './dayTable.js'

const sum = (values: Float64Array): number => values.reduce((total, value) => total + value, 0)

describe('day tables', () => {
  test('eight hours with half-hour ramps are seven and a half at full', () =>
    expect(sum(lightDayTable([{ onMin: 720, minutes: 480, rampMin: 30 }], 10)) / 6).toBeCloseTo(7.5, 9))
  test('a window moved round the clock, also over midnight, gives the same light', () =>
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 143 }), fc.integer({ min: 1, max: 24 }), (start, hours) => {
        const light = (onMin: number): number => sum(lightDayTable([{ onMin, minutes: hours * 60, rampMin: 30 }], 10))
        expect(light(start * 10)).toBeCloseTo(light(0), 9)
      }),
    ))
  test('where windows overlap the brighter counts, never more than full', () => {
    const both = lightDayTable(
      [
        { onMin: 600, minutes: 300, rampMin: 60 },
        { onMin: 700, minutes: 300, rampMin: 60 },
      ],
      30,
    )
    expect(Math.max(...both)).toBeLessThanOrEqual(1)
    expect(both[25]).toBe(1) // 12:45
  })
  test('a valve that opens within a step is open for its share; over midnight for both ends', () => {
    const open = openDayTable([{ onMin: 1430, minutes: 25 }], 10)
    expect([open[143], open[0], open[1], open[2]]).toEqual([1, 1, 0.5, 0])
    expect(sum(open) * 10).toBeCloseTo(25, 9)
  })
  test('a valve that would close before it opens stays shut; more than a day is a day', () => {
    expect(sum(openDayTable([{ onMin: 600, minutes: -30 }], 10))).toBe(0)
    expect(sum(openDayTable([{ onMin: 600, minutes: 9999 }], 10))).toBe(144)
  })
})
