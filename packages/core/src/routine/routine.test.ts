import type { Plan, TimelineEntry } from '../plan/plan.js'
import { describe, expect, test } from 'vitest'
import { isChangeDay } from '../ecosystem/changeDays.js'
import { withValue } from '../plan/edit.js'
import { UNKNOWN_TAB } from '../plan/unplanned.js'
import type { JobRecord, JournalEvent } from '../plan/journal.js'
import { programmed } from '../startup/programmed.js'
import { samplePlan } from '../testing/samplePlan.js'
import { attentionOf } from '../judge/attention.js'
import { jobsBetween, minutesByKind, minutesPerWeek } from './jobs.js'
import { listJobs, openToday } from './listJobs.js'

const schedule = { timeline: [{ fromDay: 0, plan: samplePlan }], startedOn: '2026-09-01' }
const record = (change: Partial<JobRecord>): JobRecord => ({
  ruleId: 'change',
  dueOn: '2026-10-06',
  state: 'done',
  movedTo: null,
  reason: null,
  at: '2026-10-06T18:00:00Z',
  recordedBy: null,
  ...change,
})
const rules = (from: string, to = from) => jobsBetween(schedule, from, to).map(({ ruleId }) => ruleId)

describe('jobs', () => {
  test('changes fall on the days that the model changes water on', () => {
    const days = jobsBetween(schedule, '2026-09-01', '2026-11-30').filter(({ kind }) => kind === 'change')
    expect(days.map(({ dueOn }) => dueOn).slice(0, 8)).toEqual([
      '2026-09-02',
      '2026-09-03',
      '2026-09-04',
      '2026-09-05',
      '2026-09-06',
      '2026-09-07',
      '2026-09-09',
      '2026-09-11',
    ])
    expect(days).toHaveLength(Array.from({ length: 91 }, (_, day) => day).filter((day) => isChangeDay(samplePlan, day)).length)
    expect(days[0]!.values['water']!.value).toBeGreaterThan(50)
  })
  test('nothing is due before the tank is filled', () => expect(rules('2026-08-01', '2026-08-31')).toEqual([]))
  test('a dose by pump is a timer’s job, with grams of each salt', () => {
    const dose = jobsBetween(schedule, '2026-10-07', '2026-10-07').find(({ kind }) => kind === 'dose')
    expect(dose).toMatchObject({ isTimer: true, minutes: 0 })
    expect(dose!.portions!.find(({ salt }) => salt === 'potassium-nitrate')!.amount).toBeGreaterThan(0.1)
  })
  test('the light steps of the first weeks rise to the target and never beyond it', () => {
    const life = (timeline: readonly TimelineEntry[]) => ({
      ...schedule,
      ...programmed(timeline, { today: 0, animalsAllowedFromDay: null }),
    })
    const steps = jobsBetween(life(schedule.timeline), '2026-09-01', '2026-10-31').filter(({ kind }) => kind === 'light-step')
    expect(steps.map(({ values }) => values['light']?.value)).toEqual([6, 6, 6.5, 7, 7.5, 8])
    expect(steps[0]!.values['power']?.value).toBeCloseTo(0.55 * 0.8, 9)
    // Steps that were followed lower today's setting, not the target.
    const followed = life([
      { fromDay: 0, plan: samplePlan },
      { fromDay: 1, plan: withValue(samplePlan, '/lightWindows/t1/hours', 6) },
    ])
    expect(jobsBetween(followed, '2026-10-10', '2026-10-31').find(({ kind }) => kind === 'light-step')?.values['light']?.value).toBe(8)
  })
  test('a young tank on soil gets no nitrogen and no phosphorus for two weeks, by job as by programme', () => {
    const life = { ...schedule, ...programmed(schedule.timeline, { today: 0, animalsAllowedFromDay: null }) }
    const salts = (date: string): string[] =>
      (jobsBetween(life, date, date).find(({ kind }) => kind === 'dose')?.portions ?? [])
        .map(({ salt }) => salt ?? '')
        .filter((salt) => salt.startsWith('potassium-n') || salt.startsWith('mono'))
    expect(salts('2026-09-03')).toEqual([])
    expect(salts('2026-10-20')).toEqual(['potassium-nitrate', 'monopotassium-phosphate'])
  })
  test('what cannot be weighed comes from a stock, in a nano as in a bottle tank; an all-in-one is never five salts', () => {
    const of = (plan: Partial<Plan>) =>
      jobsBetween({ ...schedule, timeline: [{ fromDay: 0, plan: { ...samplePlan, ...plan } }] }, '2026-10-20', '2026-10-20').find(
        ({ kind }) => kind === 'dose',
      )!.portions!
    const nano = of({
      vessel: { ...samplePlan.vessel, lengthCm: 30, widthCm: 25, heightCm: 25 },
      layers: [],
      hardscape: [],
      feeding: 'lean-column',
    })
    for (const { amount, stock } of nano) if (amount < 0.1) expect(stock!.ml).toBeGreaterThan(0.1)
    expect(nano.find(({ salt }) => salt === 'iron-dtpa-disodium')!.stock!.inG).toBe(2.5)
    expect(of({ feeding: 'all-in-one' })).toMatchObject([{ unit: 'mL', salt: null, isGuess: true }])
    expect(of({ feeding: 'rich-column' }).map(({ salt }) => salt)).toContain('potassium-nitrate')
  })
  test('ammonia and nitrite are tested until both were at zero twice', () => {
    const tests = (nitrogenClearOn: string | null): string[] =>
      jobsBetween({ ...schedule, nitrogenClearOn }, '2026-09-20', '2026-11-10')
        .filter(({ kind }) => kind === 'test-nitrogen')
        .map(({ dueOn }) => dueOn)
    expect(tests(null).at(-1)! > '2026-11-05').toBe(true)
    expect(tests('2026-10-02').at(-1)! <= '2026-10-02').toBe(true)
    expect(tests('2026-10-02').length).toBeGreaterThan(1)
  })
  test('a tank without gas is asked for none', () =>
    expect(
      jobsBetween({ ...schedule, timeline: [{ fromDay: 0, plan: { ...samplePlan, gasLines: [] } }] }, '2026-09-01', '2026-11-01').filter(
        ({ kind }) => ['gas-check', 'diffuser', 'weigh-cylinder'].includes(kind),
      ),
    ).toEqual([]))
  test('another tank’s cylinder is weighed there', () => {
    const hung = {
      ...samplePlan,
      gasLines: samplePlan.gasLines.map((line) => ({ ...line, sharedWith: '01920000-0000-7000-8000-000000000001' })),
    }
    const kinds = (plan: Plan): ReadonlySet<string> =>
      new Set(jobsBetween({ ...schedule, timeline: [{ fromDay: 0, plan }] }, '2026-09-01', '2026-11-20').map(({ kind }) => kind))
    expect(kinds(samplePlan)).toContain('weigh-cylinder')
    expect(kinds(hung)).not.toContain('weigh-cylinder')
    for (const kind of ['diffuser', 'counter']) expect(kinds(hung)).toContain(kind)
  })
  test('tabs are renewed when their product is spent; capsules below the ground never', () => {
    const laid = (kind: 'tab' | 'capsule') => ({ ...samplePlan, tabs: [1, 2].map((at) => ({ id: `t${at}`, kind, xCm: at, yCm: at })) })
    const due = (plan: Plan) =>
      jobsBetween({ ...schedule, timeline: [{ fromDay: 0, plan }] }, '2026-09-01', '2027-03-31').filter(({ kind }) => kind === 'tabs')
    expect(due(laid('tab')).map(({ dueOn }) => dueOn)).toEqual(['2026-11-30', '2027-02-28'])
    expect(due(laid('tab'))[0]?.values['tabs']?.value).toBe(2)
    const product = { name: 'clay', pack: 10, price: null, ...UNKNOWN_TAB, renewDays: 60 }
    expect(due({ ...laid('tab'), tabProduct: product })).toHaveLength(3)
    expect(due(laid('capsule'))).toEqual([])
  })
  test('minutes a week add up from litres, glass and plants; a smaller tank takes less', () => {
    const small = { ...schedule, timeline: [{ fromDay: 0, plan: { ...samplePlan, vessel: { ...samplePlan.vessel, lengthCm: 40 } } }] }
    expect(minutesPerWeek(schedule, '2026-11-01')).toBeGreaterThan(minutesPerWeek(small, '2026-11-01'))
    expect(minutesPerWeek(schedule, '2026-11-01')).toBeGreaterThan(45)
    expect(minutesPerWeek(schedule, '2026-11-01')).toBeLessThan(200)
  })
})

describe('minutes a week by kind of work', () => {
  const byKind = minutesByKind(schedule, '2026-11-24')
  test('add up to the week, and timers take none', () => {
    expect([...byKind.values()].reduce((sum, minutes) => sum + minutes, 0)).toBeCloseTo(minutesPerWeek(schedule, '2026-11-24'), 9)
    expect(byKind.has('dose')).toBe(false)
    for (const minutes of byKind.values()) expect(minutes).toBeGreaterThan(0)
  })
  test('a weekly change counts once a week, by its litres', () => {
    const [change] = jobsBetween(schedule, '2026-11-24', '2026-11-30').filter(({ kind }) => kind === 'change')
    expect(byKind.get('change')).toBeCloseTo(change!.minutes, 9)
  })
  test('what a tank has not takes no time', () => {
    const dark = minutesByKind(
      { ...schedule, timeline: [{ fromDay: 0, plan: { ...samplePlan, gasLines: [], isTrimmed: false } }] },
      '2026-11-24',
    )
    for (const kind of ['gas-check', 'diffuser', 'weigh-cylinder', 'trim'] as const) expect(dark.has(kind), kind).toBe(false)
    expect(dark.get('glass')).toBe(byKind.get('glass'))
  })
  test('before planting there is none: preparations are not upkeep', () =>
    expect(minutesByKind({ ...schedule, startedOn: '2027-06-01' }, '2026-11-24').size).toBe(0))
})

describe('what became of them', () => {
  const list = (records: JobRecord[]) => listJobs(jobsBetween(schedule, '2026-09-29', '2026-10-08'), records)
  test('a record settles its own day only', () => {
    const listed = list([record({})]).filter(({ ruleId }) => ruleId === 'change')
    expect(listed.map(({ dueOn, state }) => [dueOn, state])).toEqual([
      ['2026-09-29', 'due'],
      ['2026-10-06', 'done'],
    ])
  })
  test('a moved job stands on its new day and is open there', () => {
    const listed = list([record({ state: 'moved', movedTo: '2026-10-08' })])
    expect(openToday(listed, '2026-10-08', '2026-10-08T00:00:00.000Z').due.map(({ ruleId }) => ruleId)).toContain('change')
    expect(openToday(listed, '2026-10-06', '2026-10-06T00:00:00.000Z').due.map(({ ruleId }) => ruleId)).not.toContain('change')
  })
  test('work of the last week that nobody told of is asked about, once a rule; a later record settles it', () => {
    expect(
      openToday(list([]), '2026-10-08', '2026-10-08T00:00:00.000Z')
        .overdue.filter(({ ruleId }) => ruleId === 'change')
        .map(({ dueOn }) => dueOn),
    ).toEqual(['2026-10-06'])
    expect(
      openToday(list([record({ state: 'skipped' })]), '2026-10-08', '2026-10-08T00:00:00.000Z').overdue.map(({ ruleId }) => ruleId),
    ).not.toContain('change')
  })
  test('timers are assumed, not asked', () => {
    const { due, assumed } = openToday(list([]), '2026-10-07', '2026-10-07T00:00:00.000Z')
    expect(assumed.map(({ ruleId }) => ruleId)).toContain('dose')
    expect(due.map(({ ruleId }) => ruleId)).not.toContain('dose')
  })
})

test('animals in trouble come before gas, gas before an outlet; the newest glance counts', () => {
  const base = { id: 'x', at: '2026-10-01T08:00:00Z', recordedBy: null, note: null }
  const glance = (change: object): JournalEvent => ({
    ...base,
    kind: 'glance',
    isAllFine: false,
    animals: null,
    indicator: null,
    outlet: null,
    ...change,
  })
  const calm = { verdict: 'enough', severity: 'fine', animals: 'some' } as const
  const none = { danger: 'none-seen' } as const
  expect(attentionOf([glance({ outlet: 'stopped' })], { ...calm, verdict: 'suffering', severity: 'alarm' }, none)).toEqual([
    'animals',
    'outlet',
  ])
  expect(attentionOf([glance({ isAllFine: true }), glance({ animals: 'gasping' })], calm, none)).toEqual([])
  expect(attentionOf([{ ...base, kind: 'death', animal: 'shrimp', count: 1 }], calm, none)).toEqual(['animals'])
  expect(attentionOf([], { ...calm, verdict: 'much', severity: 'warn' }, { danger: 'harm' })).toEqual(['gas', 'ammonia'])
  // Nobody lives there yet: ammonia is what a new tank has.
  expect(attentionOf([], { ...calm, animals: 'none' }, { danger: 'harm' })).toEqual([])
  expect(attentionOf([], { ...calm, verdict: 'no-gas' }, none)).toEqual([])
})
