import { describe, expect, test } from 'vitest'
import type { Reading } from '../plan/journal.js'
import { judgeNitrogen, type NitrogenFacts } from './judgeNitrogen.js'

const NOW = Date.parse('2026-11-24T09:00:00Z')
const reading = (quantity: Reading['quantity'], value: number, at: string, change: Partial<Reading> = {}): Reading => ({
  kind: 'reading',
  id: at + quantity,
  quantity,
  value,
  at,
  qualifier: '=',
  enteredText: String(value),
  enteredUnit: '',
  basis: null,
  method: null,
  moment: null,
  eventId: null,
  recordedBy: null,
  note: null,
  ...change,
})
const FACTS: NitrogenFacts = { ageDays: 80, hasGas: true, temperatureC: 25, roomCo2Ppm: 600 }
const ready = (readings: Reading[], facts: Partial<NitrogenFacts> = {}) => judgeNitrogen(readings, { ...FACTS, ...facts }, NOW)

describe('whether animals may come', () => {
  const zero = (at: string): Reading[] => [
    reading('ammonia', 0.039, at, { qualifier: '<' }),
    reading('nitrite', 0.0076, at, { qualifier: '<' }),
  ]
  test('untested, not yet, once more, twice zero', () => {
    expect(ready([]).readiness).toBe('not-tested')
    expect(
      ready([
        ...zero('2026-11-20T08:00:00Z'),
        reading('nitrite', 0.3, '2026-11-23T08:00:00Z'),
        reading('ammonia', 0, '2026-11-23T08:00:00Z'),
      ]).readiness,
    ).toBe('not-yet')
    expect(ready(zero('2026-11-23T08:00:00Z')).readiness).toBe('once-more')
    expect(ready([...zero('2026-11-20T08:00:00Z'), ...zero('2026-11-23T08:00:00Z')]).readiness).toBe('twice-zero')
  })
  test('two tests of one morning are one test', () =>
    expect(ready([...zero('2026-11-23T08:00:00Z'), ...zero('2026-11-23T09:00:00Z')]).readiness).toBe('once-more'))
  test('tests of a month ago say nothing', () =>
    expect(ready([...zero('2026-10-20T08:00:00Z'), ...zero('2026-10-23T08:00:00Z')]).readiness).toBe('not-tested'))
  test('1 mg N/L at pH 7.8 and 25 °C: 3.5 % is un-ionised, trouble; at pH 6.3 it is hardly any', () => {
    const at = '2026-11-23T08:00:00Z'
    const hot = ready([reading('ammonia', 1, at), reading('pH', 7.8, at), reading('temperature', 25, at)])
    expect(hot.unionisedMgNPerL).toBeCloseTo(0.0347, 3)
    expect(hot.danger).toBe('trouble')
    expect(ready([reading('ammonia', 1, at), reading('pH', 6.3, at), reading('temperature', 25, at)]).danger).toBe('none-seen')
    expect(ready([reading('ammonia', 1, at)]).danger).toBe('unknown')
  })
  test('the highest pH of the week decides, not the newest: that is often the safest hour', () => {
    const tested = [
      reading('ammonia', 1, '2026-11-23T08:00:00Z'),
      reading('pH', 7.8, '2026-11-22T10:00:00Z', { moment: 'gas-on' }),
      reading('pH', 6.4, '2026-11-23T18:00:00Z', { moment: 'gas-off' }),
    ]
    expect(ready(tested).pH?.value).toBe(7.8)
    expect(ready(tested).danger).toBe('trouble')
  })
  test('ammonia that only the gas keeps harmless is trouble: the valve may stop', () => {
    const tested = [
      reading('ammonia', 2, '2026-11-23T08:00:00Z'),
      reading('pH', 6.4, '2026-11-23T18:00:00Z'),
      reading('alkalinity', 1.8, '2026-11-23T18:00:00Z'),
    ]
    expect(ready(tested).unionisedMgNPerL).toBeLessThan(0.02)
    expect(ready(tested).withoutGasMgNPerL).toBeGreaterThan(0.05)
    expect(ready(tested).danger).toBe('trouble')
    expect(ready(tested, { hasGas: false }).danger).toBe('none-seen')
  })
  test('nitrite of 0.5 mg N/L is harm whatever ammonia says', () =>
    expect(ready([reading('ammonia', 0, '2026-11-23T08:00:00Z'), reading('nitrite', 0.6, '2026-11-23T08:00:00Z')]).danger).toBe('harm'))
  test('a kit that reads from 0.25 mg/L shows zero by its own lowest step; one that reads from 1 cannot', () => {
    const below = (value: number) =>
      ['2026-11-20T08:00:00Z', '2026-11-23T08:00:00Z'].flatMap((at) => [
        reading('ammonia', value, at, { qualifier: '<' }),
        reading('nitrite', value, at, { qualifier: '<' }),
      ])
    expect(ready(below(0.2)).readiness).toBe('twice-zero')
    expect(ready(below(1)).readiness).toBe('not-yet')
  })
  test('binder first in a young tank, or where ammonia was above 0.5', () => {
    expect(ready([], { ageDays: 20 }).isBinderFirst).toBe(true)
    expect(ready([]).isBinderFirst).toBe(false)
    expect(ready([reading('ammonia', 0.7, '2026-11-23T08:00:00Z')]).isBinderFirst).toBe(true)
  })
  test('readings of tomorrow do not count', () =>
    expect(ready([reading('ammonia', 0, '2026-11-25T08:00:00Z'), reading('nitrite', 0, '2026-11-25T08:00:00Z')]).readiness).toBe(
      'not-tested',
    ))
})
