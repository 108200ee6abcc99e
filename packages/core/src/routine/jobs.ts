import { isChangeDay } from '../ecosystem/changeDays.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { dailySalts } from '../feed/schoolDoses.js'
import { SCHOOL } from '../feed/schools.js'
import { datePlusDays, daysBetween } from '../plan/clock.js'
import type { JobRecord } from '../plan/journal.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { lightSteps, lightTarget, PROGRAMME_DAYS } from '../startup/programme.js'
import type { JobKind } from './jobKinds.js'
import { workMinutes } from './minutes.js'

/** One piece of work on one day. Derived from the plan, never stored; `ruleId` and `dueOn` name it for ever. */
export interface Job {
  readonly ruleId: string
  readonly kind: JobKind
  readonly dueOn: string
  /** A timer or a pump does it: assumed done, asked by exception. */
  readonly isTimer: boolean
  readonly minutes: number
  /** What to do it with, by name: litres, shares, grams of salts by their id. */
  readonly values: Readonly<Record<string, number>>
}

export interface Schedule {
  readonly timeline: readonly TimelineEntry[]
  readonly startedOn: string
}

/** Fixed lengths of short jobs [min]; rules of thumb. */
const MINUTES = {
  gasCheck: 4,
  testNitrogen: 10,
  testWater: 15,
  filter: 30,
  diffuser: 12,
  weigh: 2,
  photo: 2,
  melt: 6,
  lightStep: 2,
  animals: 30,
  doseByHand: 2,
} as const
/** Nitrogen is tested twice a week until week six. */
const NITROGEN_UNTIL_DAY = 42
const TRIM_FROM_DAY = 21
const MELT_UNTIL_DAY = 21
/** Weeks between cleanings; filter 4–8, diffuser 3–6. */
const FILTER_EVERY_DAYS = 35
const DIFFUSER_EVERY_DAYS = 28

/** Jobs that are due from one civil date to another, both included. */
export function jobsBetween({ timeline, startedOn }: Schedule, from: string, to: string): Job[] {
  const jobs: Job[] = []
  const steps = lightSteps(lightTarget(timeline))
  const first = Math.max(0, daysBetween(startedOn, from))
  const last = daysBetween(startedOn, to)
  const workOf = new Map<Plan, DayWork>()
  for (let day = first; day <= last; day++) {
    const plan = (timeline.filter((entry) => entry.fromDay <= day).at(-1) ?? timeline[0])?.plan
    if (plan === undefined) break
    const work = workOf.get(plan) ?? dayWork(plan)
    workOf.set(plan, work)
    jobs.push(...jobsOfDay(plan, work, day, datePlusDays(startedOn, day), steps))
  }
  return jobs
}

interface DayWork {
  readonly waterL: number
  readonly minutes: ReturnType<typeof workMinutes>
  readonly salts: Readonly<Record<string, number>>
}
function dayWork(plan: Plan): DayWork {
  const figures = tankFigures(plan)
  return {
    waterL: figures.waterL,
    minutes: workMinutes(figures, plan.changes.fraction),
    salts: Object.fromEntries(dailySalts(plan.feeding, figures.waterL).map(({ salt, grams }) => [salt, grams])),
  }
}

function jobsOfDay(
  plan: Plan,
  { waterL, minutes, salts }: DayWork,
  day: number,
  dueOn: string,
  steps: ReturnType<typeof lightSteps>,
): Job[] {
  const jobs: Job[] = []
  const add = (ruleId: string, kind: JobKind, length: number, values: Job['values'] = {}, isTimer = false): void =>
    void jobs.push({ ruleId, kind, dueOn, isTimer, minutes: length, values })
  const gas = plan.gasLines.find(({ control }) => control !== 'none')
  const weekDay = day % 7
  if (isChangeDay(plan, day))
    add('change', 'change', minutes.change, { litres: waterL * plan.changes.fraction, fraction: plan.changes.fraction })
  const step = day < PROGRAMME_DAYS ? steps.find(({ fromDay }) => fromDay === day) : undefined
  if (step && plan.lightWindows[0]) add(`light-step:${plan.lightWindows[0].id}`, 'light-step', MINUTES.lightStep, step.values)
  if (gas && (weekDay === 2 || day < 7)) add(`gas-check:${gas.id}`, 'gas-check', MINUTES.gasCheck)
  if (Object.keys(salts).length > 0) add('dose', 'dose', 0, salts, true)
  else if (SCHOOL[plan.feeding].kind === 'level' && weekDay === 5)
    add('dose-level', 'dose-to-level', MINUTES.testWater + MINUTES.doseByHand, levelValues(plan))
  if (day > 0 && day <= NITROGEN_UNTIL_DAY && (weekDay === 3 || weekDay === 6)) add('test-nitrogen', 'test-nitrogen', MINUTES.testNitrogen)
  if (day >= 14 && weekDay === 6) add('test-water', 'test-water', MINUTES.testWater)
  if (plan.isTrimmed && day >= TRIM_FROM_DAY && weekDay === 0) add('trim', 'trim', minutes.trim)
  if (day > 0 && weekDay === 0) add('glass', 'glass', minutes.glass)
  if (day > 0 && day % FILTER_EVERY_DAYS === 0) add('filter', 'filter', MINUTES.filter)
  if (gas && day > 0 && day % DIFFUSER_EVERY_DAYS === 0) add(`diffuser:${gas.id}`, 'diffuser', MINUTES.diffuser)
  if (gas && weekDay === 1) add(`weigh:${gas.id}`, 'weigh-cylinder', MINUTES.weigh)
  if (weekDay === 4) add('photo', 'photo', MINUTES.photo)
  if (day > 2 && day < MELT_UNTIL_DAY && (weekDay === 2 || weekDay === 5)) add('melt', 'melt', MINUTES.melt)
  if (plan.animals.grazers !== 0 && day === plan.animals.grazersFromDay)
    add('grazers', 'grazers', MINUTES.animals, { count: plan.animals.grazers ?? 0 })
  if (plan.animals.foodGPerDay !== 0 && day === plan.animals.fishFromDay) add('fish', 'fish', MINUTES.animals)
  return jobs
}

const levelValues = (plan: Plan): Readonly<Record<string, number>> => ({ ...SCHOOL[plan.feeding].amounts })

export type JobState = 'due' | 'assumed' | 'done' | 'skipped' | 'moved'
export interface ListedJob extends Job {
  readonly state: JobState
  /** The day it stands on: its due day, or the one it was moved to. */
  readonly on: string
  readonly record: JobRecord | null
}

/** Jobs with what became of them, by the day they stand on. A record of a rule that the plan no longer has is kept apart in the journal, not lost. */
export function listJobs(jobs: readonly Job[], records: readonly JobRecord[]): ListedJob[] {
  const recordOf = new Map(records.map((record) => [`${record.ruleId} ${record.dueOn}`, record]))
  return jobs
    .map((job): ListedJob => {
      const record = recordOf.get(`${job.ruleId} ${job.dueOn}`) ?? null
      return {
        ...job,
        record,
        state: record === null ? (job.isTimer ? 'assumed' : 'due') : record.state,
        on: record?.state === 'moved' && record.movedTo !== null ? record.movedTo : job.dueOn,
      }
    })
    .sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0))
}

/** Work that is open today: due today or moved to it, and of each rule the newest of the last week that nobody has told of. */
export function openToday(
  listed: readonly ListedJob[],
  today: string,
): { readonly due: ListedJob[]; readonly overdue: ListedJob[]; readonly settled: ListedJob[]; readonly assumed: ListedJob[] } {
  const isOpen = ({ state }: ListedJob): boolean => state === 'due' || state === 'moved'
  const due = listed.filter((job) => job.on === today && isOpen(job))
  const dueRules = new Set(due.map(({ ruleId }) => ruleId))
  const overdue = new Map<string, ListedJob>()
  for (const job of listed) {
    if (!isOpen(job) || job.on >= today || daysBetween(job.on, today) > 7 || dueRules.has(job.ruleId)) continue
    // A later occurrence that was told of settles the earlier ones.
    if (listed.some((other) => other.ruleId === job.ruleId && other.dueOn > job.dueOn && other.dueOn <= today && other.record !== null))
      continue
    overdue.set(job.ruleId, job)
  }
  return {
    due,
    overdue: [...overdue.values()],
    settled: listed.filter((job) => job.record !== null && job.record.state !== 'moved' && (job.on === today || job.dueOn === today)),
    assumed: listed.filter((job) => job.on === today && job.state === 'assumed'),
  }
}

/** Minutes a week by kind of work, mean of the next four weeks; timers take none. */
export function minutesByKind(schedule: Schedule, today: string): ReadonlyMap<JobKind, number> {
  const minutes = new Map<JobKind, number>()
  for (const job of jobsBetween(schedule, today, datePlusDays(today, 27)))
    if (job.minutes > 0) minutes.set(job.kind, (minutes.get(job.kind) ?? 0) + job.minutes / 4)
  return minutes
}
/** A settled week's mean of the next four weeks [min]. */
export const minutesPerWeek = (schedule: Schedule, today: string): number =>
  [...minutesByKind(schedule, today).values()].reduce((sum, minutes) => sum + minutes, 0)
