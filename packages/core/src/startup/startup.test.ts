import { describe, expect, test } from 'vitest'
import type { Reading } from '../plan/journal.js'
import { samplePlan } from '../testing/samplePlan.js'
import { gasCheck } from '../journal/gasCheck.js'
import { PROGRAMME_DAYS, stepsOn, wetStartProgramme, withLightStep } from './programme.js'
import { readinessOf } from './readiness.js'

const timeline = [{ fromDay: 0, plan: samplePlan }]
const codesOn = (day: number, plan = samplePlan) => stepsOn(wetStartProgramme(plan, timeline), day).map(({ code }) => code)

describe('the first weeks', () => {
  test('on rich soil nitrogen waits; on inert ground feeding starts at a quarter', () => {
    expect(codesOn(3)).toContain('feed-no-nitrogen')
    const sand = { ...samplePlan, layers: [{ id: 'g1', ground: 'sand' as const, frontCm: 4, backCm: 7, product: null }] }
    expect(codesOn(3, sand)).toContain('feed-quarter')
    expect(codesOn(30, sand)).toContain('feed-full')
  })
  test('brown film is normal in week three, not in week seven', () => {
    expect(codesOn(16)).toContain('normal-brown-film')
    expect(codesOn(45)).not.toContain('normal-brown-film')
  })
  test('gas is turned down before animals come', () => expect(codesOn(samplePlan.animals.grazersFromDay - 3)).toContain('gas-turn-down'))
  test('lanes of changes, light and feed have no gap and no overlap', () => {
    for (const lane of ['change', 'light', 'feed', 'gas'] as const) {
      const steps = wetStartProgramme(samplePlan, timeline).filter((step) => step.lane === lane)
      steps.slice(1).forEach((step, index) => expect(step.fromDay, lane).toBe(steps[index]!.toDay))
      expect(steps.at(-1)!.toDay, lane).toBe(PROGRAMME_DAYS)
    }
  })
})

test('a light step sets hours and power, and a ramp never takes more than half of the hours', () => {
  const plan = withLightStep(
    { ...samplePlan, lightWindows: [{ id: 't1', on: '12:00', hours: 8, rampMin: 200 }] },
    { hours: 6, dimFraction: 1.2 },
  )
  expect(plan.lightWindows).toEqual([{ id: 't1', on: '12:00', hours: 6, rampMin: 180 }])
  expect(plan.lamps[0]!.dimFraction).toBe(1)
  expect(withLightStep({ ...samplePlan, lightWindows: [] }, { hours: 6, dimFraction: 0.5 }).lightWindows).toEqual([])
})

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
const ready = (readings: Reading[]) => readinessOf(readings, NOW, Date.parse)

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
})

describe('the gas of a day', () => {
  const kh = reading('alkalinity', 4 * 0.35665, '2026-11-22T08:00:00Z')
  const pH = (value: number, moment: Reading['moment']) => reading('pH', value, '2026-11-23T08:00:00Z', { moment })
  test('pH 6.6 at 4 °dKH is about 30 mg/L; much with animals, enough without', () => {
    const readings = [kh, pH(6.7, 'lights-on'), pH(6.6, 'gas-off')]
    const check = gasCheck(readings, true)
    expect(check.moments.map(({ moment }) => moment)).toEqual(['lights-on', 'gas-off'])
    expect(check.moments[1]!.co2.value).toBeGreaterThan(27)
    expect(check.verdict).toBe('much')
    expect(gasCheck(readings, false).verdict).toBe('enough')
  })
  test('pH 6.2 is an alarm, pH 7.2 too little', () => {
    expect(gasCheck([kh, pH(6.2, 'gas-off')], true).verdict).toBe('alarm')
    expect(gasCheck([kh, pH(7.2, 'lights-on')], true).verdict).toBe('short')
  })
  test('without alkalinity no CO2; a colour alone is judged by its range', () => {
    expect(gasCheck([pH(6.6, 'gas-off')], true).verdict).toBe('no-reading')
    expect(gasCheck([reading('indicator', 5, '2026-11-23T08:00:00Z')], true).verdict).toBe('alarm')
    expect(gasCheck([reading('indicator', 1, '2026-11-23T08:00:00Z')], true).verdict).toBe('short')
  })
})
