import { daysBetween } from '../plan/clock.js'
import type { JobRecord } from '../plan/journal.js'
import { isPreparation } from './jobKinds.js'
import type { Job } from './jobs.js'

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
  /** Instant of today's midnight by the tank's clock: what was told since then is told today. */
  midnight: string,
): { readonly due: ListedJob[]; readonly overdue: ListedJob[]; readonly settled: ListedJob[]; readonly assumed: ListedJob[] } {
  const isOpen = ({ state }: ListedJob): boolean => state === 'due' || state === 'moved'
  const due = listed.filter((job) => job.on === today && isOpen(job))
  const dueRules = new Set(due.map(({ ruleId }) => ruleId))
  const overdue = new Map<string, ListedJob>()
  for (const job of listed) {
    const isStale = daysBetween(job.on, today) > 7 && !isPreparation(job.kind)
    if (!isOpen(job) || job.on >= today || isStale || dueRules.has(job.ruleId)) continue
    // A later occurrence that was told of settles the earlier ones.
    if (listed.some((other) => other.ruleId === job.ruleId && other.dueOn > job.dueOn && other.dueOn <= today && other.record !== null))
      continue
    overdue.set(job.ruleId, job)
  }
  return {
    due,
    overdue: [...overdue.values()],
    settled: listed.filter(
      (job) =>
        job.record !== null &&
        !due.includes(job) &&
        overdue.get(job.ruleId) !== job &&
        (job.on === today || job.dueOn === today || job.record.at >= midnight),
    ),
    assumed: listed.filter((job) => job.on === today && job.state === 'assumed'),
  }
}
