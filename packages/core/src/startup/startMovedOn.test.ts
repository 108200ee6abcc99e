import { describe, expect, test } from 'vitest'
import { jobsBetween } from '../routine/jobs.js'
import { preparationJobs } from '../routine/preparationJobs.js'
import { datePlusDays } from '../plan/clock.js'
import type { JobRecord } from '../plan/journal.js'
import type { Plan } from '../plan/plan.js'
import { phaseOn, startEndDay } from '../plan/startPhase.js'
import { samplePlan } from '../testing/samplePlan.js'
import { stocked } from '../testing/stocked.js'
import { programmed } from './programmed.js'
import { startProgramme, stepsOn } from './programme.js'
import { startMovedOn } from './startMovedOn.js'

const plan: Plan = {
  ...samplePlan,
  animals: stocked({ grazers: 0, foodGPerDay: 0 }),
  start: { method: 'dry', endsOnDay: 42, dryLightHours: 10 },
}
const dark: Plan = { ...plan, start: { ...plan.start, method: 'dark' } }
const record = (code: string, day: number, change: Partial<JobRecord> = {}): JobRecord => ({
  ruleId: `prepare:${code}`,
  dueOn: datePlusDays(plan.startedOn, 42),
  state: 'done',
  movedTo: null,
  reason: null,
  at: `${datePlusDays(plan.startedOn, day)}T10:00:00.000Z`,
  recordedBy: null,
  ...change,
})
const endOf = (one: Plan, told: readonly JobRecord[], today: number): number =>
  startEndDay(startMovedOn([{ fromDay: 0, plan: one }], told, today).at(-1)!.plan)

describe('a start ends when somebody ends it', () => {
  test('early, on its day and late: the day on which it was told', () => {
    for (const day of [30, 42, 50]) {
      expect(endOf(plan, [record('flood', day)], 60)).toBe(day)
      expect(endOf(dark, [record('planting', day)], 60)).toBe(day)
    }
  })
  test('planned and not told of, it waits; weeks later it counts as done on its day', () => {
    expect(endOf(plan, [], 20)).toBe(42)
    expect(endOf(plan, [], 45)).toBe(45)
    expect(endOf(plan, [], 90)).toBe(42)
  })
  test('put off, it comes on the other day', () => {
    const moved = record('flood', 40, { state: 'moved', movedTo: datePlusDays(plan.startedOn, 49) })
    expect(endOf(plan, [moved], 41)).toBe(49)
    expect(endOf(plan, [moved], 51)).toBe(51)
  })
  test('the other start’s work ends nothing', () => expect(endOf(plan, [record('planting', 0)], 20)).toBe(42))
  test('how a tank begins is told by its newest plan, for all of its days', () => {
    const settings = [
      { fromDay: 0, plan: samplePlan },
      { fromDay: 10, plan },
    ]
    expect(startMovedOn(settings, [], 20).map((entry) => entry.plan.start.method)).toEqual(['dry', 'dry'])
    expect(startMovedOn([{ fromDay: 0, plan: samplePlan }], [], 20)[0]!.plan).toBe(samplePlan)
  })
})

describe('the programme of a dry start moves along', () => {
  const lifeOf = (told: readonly JobRecord[], today: number) => {
    const settings = startMovedOn([{ fromDay: 0, plan }], told, today)
    const life = programmed(settings, { today, animalsAllowedFromDay: null })
    return { ...life, steps: startProgramme(life.timeline), startedOn: plan.startedOn }
  }
  const codes = (steps: ReturnType<typeof startProgramme>, day: number): string[] => stepsOn(steps, day).map(({ code }) => code)
  test('mist and no gas until the flood, the large change a day after it, the first light from there', () => {
    for (const day of [30, 42, 50]) {
      const { steps } = lifeOf(day === 42 ? [] : [record('flood', day)], day === 50 ? 60 : 20)
      expect(codes(steps, day - 1)).toEqual(expect.arrayContaining(['work-mist', 'gas-none', 'feed-none', 'light-step', 'change-none']))
      expect(codes(steps, day)).toEqual(expect.arrayContaining(['work-flood', 'gas-high-then-less']))
      expect(codes(steps, day + 1)).toContain('change-large')
      expect(codes(steps, day + 20)).toContain('normal-melt-of-carpet')
      const light = steps.filter(({ code }) => code === 'light-step').map(({ fromDay, values }) => [fromDay, values['light']!.value])
      expect(light.slice(0, 2)).toEqual([
        [0, 10],
        [day, 6],
      ])
    }
  })
  test('jobs: misting daily while dry, the flood on its day until it is told, and none of a wet tank’s work before', () => {
    const { timeline, lightSteps, startedOn } = lifeOf([], 20)
    const schedule = { timeline, lightSteps, startedOn }
    const on = (day: number): string[] => {
      const date = datePlusDays(startedOn, day)
      return jobsBetween(schedule, date, date).map(({ kind }) => kind)
    }
    for (let day = 0; day < 42; day++) {
      expect(on(day), `${day}`).toContain('mist')
      for (const kind of ['change', 'gas-check', 'dose', 'test-nitrogen', 'glass', 'trim']) expect(on(day), `${day}`).not.toContain(kind)
    }
    expect(on(42)).not.toContain('mist')
    expect(on(43)).toContain('change')
    const prepared = preparationJobs(schedule, datePlusDays(startedOn, 20), [])
    expect(prepared.find(({ kind }) => kind === 'flood')?.dueOn).toBe(datePlusDays(startedOn, 42))
  })
  test('phases', () => expect([0, 41, 42].map((day) => phaseOn(plan, day))).toEqual(['dry', 'dry', 'planted']))
})
