import { describe, expect, test } from 'vitest'
import type { Reading } from '../plan/journal.js'
import { alkalinityMend, judgeDarkCycle } from './darkCycle.js'

const NOW = Date.parse('2026-11-24T09:00:00Z')
const DAY_MS = 86_400_000
const reading = (quantity: Reading['quantity'], value: number, daysAgo: number, qualifier: Reading['qualifier'] = '='): Reading => ({
  id: `${quantity}${daysAgo}`,
  kind: 'reading',
  at: new Date(NOW - daysAgo * DAY_MS).toISOString(),
  recordedBy: null,
  note: null,
  quantity,
  value,
  qualifier,
  enteredText: String(value),
  enteredUnit: '',
  basis: null,
  method: null,
  moment: null,
  eventId: null,
})
const facts = { ageDays: 21, temperatureC: 24, roomCo2Ppm: 600 }
const stateOf = (...records: Reading[]) => judgeDarkCycle(records, facts, NOW).state
const KH_1 = 0.357
const KH_4 = 1.43

describe('the cycle in the dark by its tests', () => {
  test('nothing tested, nothing said', () => expect(stateOf()).toBe('not-tested'))
  test('ammonia that falls runs; with KH 1 it is at risk', () => {
    const falls = [reading('ammonia', 4, 8), reading('ammonia', 2, 1), reading('nitrite', 1, 1)]
    expect(stateOf(...falls, reading('alkalinity', KH_4, 1))).toBe('running')
    expect(stateOf(...falls, reading('alkalinity', KH_1, 1))).toBe('at-risk')
  })
  test('ammonia that does not fall is stalled where a condition is short, slow where none is', () => {
    const stands = [reading('ammonia', 4, 8), reading('ammonia', 3.8, 1), reading('nitrite', 0.2, 1)]
    expect(stateOf(...stands, reading('alkalinity', KH_1, 1))).toBe('stalled')
    expect(stateOf(...stands, reading('pH', 5.8, 1))).toBe('stalled')
    expect(stateOf(...stands, reading('temperature', 18, 1))).toBe('stalled')
    expect(stateOf(...stands, reading('alkalinity', KH_4, 1))).toBe('slow')
  })
  test('tests too near to each other, or too old a KH, prove no stall', () => {
    expect(stateOf(reading('ammonia', 4, 3), reading('ammonia', 4, 1), reading('nitrite', 0, 1), reading('alkalinity', KH_1, 1))).toBe(
      'at-risk',
    )
    expect(stateOf(reading('ammonia', 4, 8), reading('ammonia', 4, 1), reading('alkalinity', KH_1, 12))).toBe('slow')
  })
  test('zero once asks once more, zero twice is done', () => {
    const zero = (daysAgo: number): Reading[] => [reading('ammonia', 0, daysAgo), reading('nitrite', 0, daysAgo)]
    expect(stateOf(...zero(1))).toBe('once-more')
    expect(stateOf(...zero(3), ...zero(1))).toBe('done')
  })
})

test('bicarbonate by hand: 100 L from KH 1 to KH 4 take 107 meq, 10.7 g of potassium bicarbonate', () => {
  const cycle = judgeDarkCycle([reading('ammonia', 4, 1), reading('alkalinity', 20 / 56.077, 1)], facts, NOW)
  const mend = alkalinityMend(cycle, 100)!
  expect(mend.toMeqPerL).toBeCloseTo(80 / 56.077, 9)
  expect(mend.grams).toBeCloseTo(((60 / 56.077) * 100 * 100.115) / 1000, 2)
  expect(alkalinityMend(judgeDarkCycle([reading('alkalinity', KH_4, 1)], facts, NOW), 100)).toBeNull()
})
