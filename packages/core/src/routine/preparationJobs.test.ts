import { describe, expect, test } from 'vitest'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { JobRecord } from '../plan/journal.js'
import { plantingWork } from '../startup/backward.js'
import { samplePlan } from '../testing/samplePlan.js'
import { jobsBetween } from './jobs.js'
import { listJobs, openToday } from './listJobs.js'
import { preparationJobs } from './preparationJobs.js'

const schedule = { timeline: [{ fromDay: 0, plan: samplePlan }], startedOn: '2026-12-20' }
const told = (change: Partial<JobRecord>): JobRecord => ({
  ruleId: 'prepare:plants-order',
  dueOn: '2026-12-13',
  state: 'done',
  movedTo: null,
  reason: null,
  at: '2026-12-13T18:00:00Z',
  recordedBy: null,
  ...change,
})
const dueOf = (today: string, records: readonly JobRecord[] = [], startedOn = '2026-12-20') =>
  Object.fromEntries(
    preparationJobs({ ...schedule, startedOn }, today, records).map(({ ruleId, dueOn }) => [ruleId.replace('prepare:', ''), dueOn]),
  )

describe('preparations as jobs', () => {
  test('stand on the days counted back from planting, and only planting takes known minutes', () => {
    const jobs = preparationJobs(schedule, '2026-11-24', [])
    expect(dueOf('2026-11-24')).toMatchObject({
      'order-ground': '2026-11-29',
      'kit-check': '2026-12-06',
      'plants-order': '2026-12-13',
      'plants-arrive': '2026-12-19',
      planting: '2026-12-20',
    })
    expect(jobs.every(({ isTimer }) => !isTimer)).toBe(true)
    expect(jobs.filter(({ minutes }) => minutes > 0).map(({ kind }) => kind)).toEqual(['planting'])
    expect(jobs.find(({ kind }) => kind === 'planting')?.minutes).toBeCloseTo(
      plantingWork(samplePlan, tankFigures(samplePlan)).hours * 60,
      9,
    )
  })
  test('are asked for until the tank is planted: on the day itself only planting, afterwards none', () => {
    expect(Object.keys(dueOf('2026-12-20'))).toEqual(['planting'])
    expect(dueOf('2026-12-21')).toEqual({})
    expect(dueOf('2026-11-24', [], '2026-09-01')).toEqual({})
  })
  test('what was told of stays in the record after planting', () =>
    expect(dueOf('2027-01-10', [told({})])).toEqual({ 'plants-order': '2026-12-13' }))
  test('what is done stays done though the planting day moves; the rest moves with it', () => {
    const moved = dueOf('2026-12-14', [told({})], '2026-12-27')
    expect(moved).toMatchObject({ 'plants-order': '2026-12-13', 'plants-arrive': '2026-12-26', planting: '2026-12-27' })
    const listed = listJobs(preparationJobs({ ...schedule, startedOn: '2026-12-27' }, '2026-12-14', [told({})]), [told({})])
    expect(listed.find(({ ruleId }) => ruleId === 'prepare:plants-order')?.state).toBe('done')
  })
  test('of two answers the newer counts; care told of is no preparation', () => {
    const later = told({ dueOn: '2026-12-15', at: '2026-12-15T08:00:00Z' })
    expect(dueOf('2026-12-16', [later, told({})])['plants-order']).toBe('2026-12-15')
    expect(dueOf('2026-12-21', [told({ ruleId: 'change', dueOn: '2026-12-21' })])).toEqual({})
  })
  test('yesterday’s preparation that nobody told of is asked about today; a postponed one waits for its day', () => {
    const records = [told({ ruleId: 'prepare:kit-check', dueOn: '2026-12-06', state: 'moved', movedTo: '2026-12-09' })]
    const listed = (today: string) =>
      openToday(
        listJobs([...preparationJobs(schedule, today, records), ...jobsBetween(schedule, '2026-12-01', today)], records),
        today,
        `${today}T00:00:00.000Z`,
      )
    expect(listed('2026-12-07').overdue.map(({ kind }) => kind)).toContain('cylinder')
    expect(listed('2026-12-07').overdue.map(({ kind }) => kind)).not.toContain('kit-check')
    expect(listed('2026-12-09').due.map(({ kind }) => kind)).toEqual(['kit-check'])
  })
  test('a tank without a plan prepares nothing', () =>
    expect(preparationJobs({ timeline: [], startedOn: '2026-12-20' }, '2026-11-24', [])).toEqual([]))
})
