import { phaseOn, plantedAge } from '../plan/startPhase.js'
import { absenceOn } from '../plan/planAbsence.js'
import { entryAt } from '../plan/timelineAt.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { isChangeDay } from '../ecosystem/changeDays.js'
import { dayDose } from '../feed/dayDose.js'
import { datePlusDays, daysBetween } from '../plan/clock.js'
import type { TimelineEntry } from '../plan/plan.js'
import type { HeldPlants } from '../planting/stock/boxOf.js'
import { quantities, type Quantities } from '../quantity/quantity.js'
import type { LightStep } from '../startup/lightSteps.js'
import { CARE_RULES, type CareDay, type CareKind, type CareRule } from './careRules.js'
import type { JobKind } from './jobKinds.js'
import { jobPortion, type JobPortion } from './jobPortion.js'
import { workMinutes } from './minutes.js'

/** One piece of work on one day. Derived from the plan, never stored; `ruleId` and `dueOn` name it for ever. */
export interface Job {
  readonly ruleId: string
  readonly kind: JobKind
  readonly dueOn: string
  /** A timer or a pump does it: assumed done, asked by exception. */
  readonly isTimer: boolean
  readonly minutes: number
  /** What to do it with. */
  readonly values: Quantities
  /** Of a dose: what is given. */
  readonly portions?: readonly JobPortion[] | undefined
}

export interface Schedule {
  readonly timeline: readonly TimelineEntry[]
  readonly startedOn: string
  /** Steps of the light that the grower is asked to take; none in a settled tank. */
  readonly lightSteps?: readonly LightStep[]
  /** Civil date on which ammonia and nitrite had both been at zero twice; `null` while they have not. */
  readonly nitrogenClearOn?: string | null
  /** Plants that arrived and are kept apart. */
  readonly held?: readonly HeldPlants[]
}

/** Jobs that are due from one civil date to another, both included. */
export function jobsBetween(
  { timeline, startedOn, lightSteps = [], nitrogenClearOn = null, held = [] }: Schedule,
  from: string,
  to: string,
): Job[] {
  const jobs: Job[] = []
  const first = Math.max(0, daysBetween(startedOn, from))
  const last = daysBetween(startedOn, to)
  const workOf = new Map<TimelineEntry, PlanWork>()
  for (let day = first; day <= last; day++) {
    const entry = entryAt(timeline, day)
    if (entry === undefined) break
    const work = workOf.get(entry) ?? planWork(entry)
    workOf.set(entry, work)
    const date = datePlusDays(startedOn, day)
    const lightStep = lightSteps.find(({ fromDay }) => fromDay === day)
    const isNitrogenClear = nitrogenClearOn !== null && date > nitrogenClearOn
    const released = held.filter(({ until }) => until === date)
    const dose = dayDose(entry, day, isChangeDay(entry.plan, day))
    const portions = dose.portions.map((portion) => jobPortion(portion, work.waterL))
    const levels = dose.kind === 'up-to' ? dose.mgPerL : null
    jobs.push(
      ...jobsOfDay(
        {
          ...work,
          portions,
          levels,
          day,
          ...aged(entry, day),
          lightStep,
          absence: absenceOn(entry.plan, day),
          isNitrogenClear,
          released,
        },
        date,
      ),
    )
  }
  return jobs
}

/** A day against the one on which plants and water came together. */
function aged({ plan }: TimelineEntry, day: number): Pick<CareDay, 'age' | 'phase' | 'weekDay'> {
  const age = plantedAge(plan, day)
  return { age, phase: phaseOn(plan, day), weekDay: ((age % 7) + 7) % 7 }
}

/** What is the same on all days of a plan. */
type PlanWork = Omit<
  CareDay,
  'portions' | 'levels' | 'day' | 'age' | 'phase' | 'weekDay' | 'lightStep' | 'absence' | 'isNitrogenClear' | 'released'
>
function planWork({ plan }: TimelineEntry): PlanWork {
  const figures = tankFigures(plan)
  return {
    plan,
    waterL: figures.waterL,
    minutes: workMinutes(figures, plan.changes.fraction),
    gas: plan.gasLines.find(({ control }) => control !== 'none'),
  }
}

const jobsOfDay = (day: CareDay, dueOn: string): Job[] =>
  CARE_RULES.flatMap((rule): Job[] => {
    const { kind, values, isTimer = false, isOfAbsence = false, ruleId = kind }: CareRule<CareKind> = rule
    if (day.absence?.stage === 'away' && !isTimer && !isOfAbsence) return []
    const due = rule.due(day)
    if (due === null) return []
    const id = due.of === undefined ? ruleId : `${ruleId}:${due.of}`
    return [
      {
        ruleId: id,
        kind,
        dueOn,
        isTimer,
        minutes: due.minutes,
        values: quantities(values, due.numbers),
        ...(due.portions ? { portions: due.portions } : {}),
      },
    ]
  })

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
