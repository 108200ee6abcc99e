import { describe, expect, test } from 'vitest'
import { cylinderForecast } from '../gas/cylinder.js'
import type { JobRecord } from '../plan/journal.js'
import { cylinderJobs } from './cylinderJobs.js'

const at = (date: string, kg: number) => ({ atMs: Date.parse(`${date}T18:00:00Z`), kg })
/** Ten grams a day: 0.2 kg over twenty days; 1.6 kg less a tenth of 2 are left for 140 days. */
const WEIGHED = [at('2026-11-01', 7.8), at('2026-11-11', 7.7), at('2026-11-21', 7.6)]
const KNOWN = { emptyKg: 6, fullKg: 2 }
const told = (change: Partial<JobRecord>): JobRecord => ({
  ruleId: 'order-gas:2026-11-01',
  dueOn: '2027-03-27',
  state: 'done',
  movedTo: null,
  reason: null,
  at: '2027-03-27T18:00:00Z',
  recordedBy: null,
  ...change,
})
const dueOf = (weighed: typeof WEIGHED, records: readonly JobRecord[] = []) =>
  Object.fromEntries(cylinderJobs(cylinderForecast(weighed, KNOWN), 'UTC', records).map(({ kind, dueOn }) => [kind, dueOn]))

describe('jobs by the scale', () => {
  test('gas is ordered two weeks before the swap', () =>
    expect(dueOf(WEIGHED)).toEqual({ 'order-gas': '2027-03-27', 'swap-cylinder': '2027-04-10' }))
  test('what is due already is due on the day of the newest weighing', () =>
    expect(dueOf([at('2026-11-01', 7.8), at('2026-11-21', 6.3)])).toEqual({ 'order-gas': '2026-11-21', 'swap-cylinder': '2026-11-23' }))
  test('what was told stays on its day although the forecast moves', () => {
    const later = [...WEIGHED, at('2026-12-21', 7.5)]
    expect(dueOf(later)['order-gas']).not.toBe('2027-03-27')
    expect(dueOf(later, [told({})])['order-gas']).toBe('2027-03-27')
  })
  test('a new filling asks anew', () => {
    const refilled = [...WEIGHED, at('2026-12-01', 8), at('2026-12-11', 7.9)]
    expect(dueOf(refilled, [told({})])['order-gas']).not.toBe('2027-03-27')
  })
  test('without weighings, or without what it weighs empty, nothing is asked', () => {
    expect(cylinderJobs(null, 'UTC', [])).toEqual([])
    expect(cylinderJobs(cylinderForecast(WEIGHED, { ...KNOWN, emptyKg: null }), 'UTC', [])).toEqual([])
  })
})
