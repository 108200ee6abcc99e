import { datePlusDays } from '../plan/clock.js'
import { startEndDay } from '../plan/startPhase.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import type { JobRecord } from '../plan/journal.js'
import { backwardCalendar } from '../startup/backward.js'
import type { Job, Schedule } from './jobs.js'

const RULE = 'prepare:'

/** The preparations of a tank as jobs. They are asked for until it is planted; after that only those that somebody told of are part of its record.
 *  Each is done once: what was told of it stands, on the day it was told for, though the planting day has moved since. */
export function preparationJobs({ timeline, startedOn }: Schedule, today: string, told: readonly JobRecord[]): Job[] {
  const plan = timeline[0]?.plan
  if (plan === undefined) return []
  const newestTold = new Map<string, JobRecord>()
  for (const record of told) {
    const known = newestTold.get(record.ruleId)
    if (record.ruleId.startsWith(RULE) && (known === undefined || known.at < record.at)) newestTold.set(record.ruleId, record)
  }
  // A dark or dry start has work ahead until it has ended.
  const lastDay = datePlusDays(startedOn, startEndDay(plan))
  if (newestTold.size === 0 && today > lastDay) return []
  return backwardCalendar({ ...plan, startedOn }, tankFigures(plan)).flatMap(({ code, on, daysBefore, values }): Job[] => {
    const ruleId = `${RULE}${code}`
    const record = newestTold.get(ruleId)
    const isAsked = daysBefore < 0 || code === 'planting' ? today <= lastDay : today < startedOn
    if (record === undefined && !isAsked) return []
    return [
      {
        ruleId,
        kind: code,
        dueOn: record?.dueOn ?? on,
        isTimer: false,
        minutes: code === 'planting' ? (values['work']?.value ?? 0) : 0,
        values,
      },
    ]
  })
}
