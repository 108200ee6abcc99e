import { datePlusDays, planAt, phaseOn, START_END, startEndDay, type ListedJob, type Plan, type StartPhase } from '@jovrin/core'
import type { AgedTimeline } from '../../../api/tanks.queries.js'

/** Where a tank stands in its start. */
export interface StartNow {
  readonly plan: Plan
  readonly phase: StartPhase
  /** Day of the tank's age on which it ends, as things stand. */
  readonly endDay: number
  readonly endOn: string
}
/** By the timeline, in which the start has moved along with what happened; `null` where there are no settings yet. */
export function startNow({ timeline, today, startedOn }: AgedTimeline): StartNow | null {
  const plan = planAt(timeline, today)
  if (plan === undefined) return null
  const endDay = startEndDay(plan)
  return { plan, phase: phaseOn(plan, today), endDay, endOn: datePlusDays(startedOn, endDay) }
}

/** The work that ends a start, as a job of the day on which it is told, whatever day was planned. */
export function endJob(method: 'dark' | 'dry', dueOn: string): ListedJob | null {
  const kind = START_END[method]
  return kind === null
    ? null
    : { ruleId: `prepare:${kind}`, kind, dueOn, on: dueOn, isTimer: false, minutes: 0, values: {}, state: 'due', record: null }
}
