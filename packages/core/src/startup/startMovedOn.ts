import { daysBetween, wallClock } from '../plan/clock.js'
import type { JobRecord } from '../plan/journal.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { startEndDay } from '../plan/startPhase.js'
import type { StartMethod } from '../plan/planStart.js'
import type { PreparationCode } from './preparations.js'

/** A start whose end nobody told of waits so long for it; after that it counts as ended on its day. */
const WAITS_DAYS = 21

/** The work that ends a start. */
export const START_END: Readonly<Record<StartMethod, PreparationCode | null>> = { wet: null, dark: 'planting', dry: 'flood' }

/** Day of the tank's age on which the start's end was told as done; `null` while it was not. */
export function startEndedOnDay(plan: Pick<Plan, 'start' | 'startedOn' | 'timeZone'>, told: readonly JobRecord[]): number | null {
  const code = START_END[plan.start.method]
  if (code === null) return null
  const newest = told
    .filter(({ ruleId, state }) => ruleId === `prepare:${code}` && state === 'done')
    .reduce<JobRecord | null>((last, record) => (last === null || last.at < record.at ? record : last), null)
  return newest === null ? null : Math.max(1, daysBetween(plan.startedOn, wallClock(newest.at, plan.timeZone).date))
}

/** Day of the tank's age to which the start's end was put off; `null` where it was not. */
export function startPutOffToDay(plan: Pick<Plan, 'start' | 'startedOn'>, told: readonly JobRecord[]): number | null {
  const code = START_END[plan.start.method]
  const moved = told.findLast(({ ruleId, state, movedTo }) => ruleId === `prepare:${code}` && state === 'moved' && movedTo !== null)
  return moved?.movedTo == null ? null : Math.max(1, daysBetween(plan.startedOn, moved.movedTo))
}

/** Dated settings with the start as it went: how a tank begins is described once, by its newest plan, and its end comes when somebody ends it. Planned and not told of, it waits; told early or late, everything after it moves along. */
export function startMovedOn(settings: readonly TimelineEntry[], told: readonly JobRecord[], today: number): readonly TimelineEntry[] {
  const newest = settings.at(-1)?.plan
  if (newest === undefined || newest.start.method === 'wet') {
    if (settings.every(({ plan }) => plan.start.method === 'wet')) return settings
    return settings.map((entry) => ({ ...entry, plan: { ...entry.plan, start: newest?.start ?? entry.plan.start } }))
  }
  const planned = startPutOffToDay(newest, told) ?? startEndDay(newest)
  const isWaiting = today > planned && today <= planned + WAITS_DAYS
  const endsOnDay = startEndedOnDay(newest, told) ?? (isWaiting ? today : planned)
  const start = { ...newest.start, endsOnDay }
  return settings.map((entry) => ({ ...entry, plan: { ...entry.plan, start } }))
}
