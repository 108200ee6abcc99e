import {
  attentionOf,
  ATTENTIONS,
  civilDate,
  cylinderJobs,
  cylinderOf,
  datePlusDays,
  instantOf,
  isPreparation,
  jobsBetween,
  listJobs,
  minutesPerWeek,
  openToday,
  preparationJobs,
  type JobRecord,
  type ListedJob,
} from '@jovrin/core'
import { refusalWords, gasSummaryOf, type JobList, type Round, type RoundStop, type TankEntry } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import type { ConditionService } from '../condition/condition.service.js'
import { Refusal } from '../http/refusal.js'
import type { JournalService } from '../journal/journal.service.js'
import type { TankLife, TimelineService } from '../timeline/timeline.service.js'
import { jobRepository } from './job.repository.js'

/** A glance of the day before yesterday says little about today. */
const ATTENTION_MS = 48 * 3_600_000
const ASKED_BACK_DAYS = 8

export interface JobSources {
  readonly timelines: TimelineService
  readonly journal: JournalService
  readonly conditions: ConditionService
}

export const jobService = (db: Knex, clock: Clock, { timelines, journal, conditions }: JobSources) => {
  const listed = async (tankId: string, { plan, aged, today, told }: TankLife, from: string, to: string) => {
    const byScale = cylinderJobs(cylinderOf(plan, await journal.weighings(tankId)), plan.timeZone, told)
    // A job that was moved stands on another day than the one it was due on.
    const moved = told.filter(({ movedTo }) => movedTo !== null && movedTo >= from && movedTo <= to).map(({ dueOn }) => dueOn)
    const first = [from, ...moved].sort()[0] ?? from
    const last = [to, ...moved].sort().at(-1) ?? to
    const all = listJobs([...preparationJobs(aged, today, told), ...jobsBetween(aged, first, last), ...byScale], told)
    const jobs = all.filter(({ on, dueOn }) => (on >= from && on <= to) || (dueOn >= from && dueOn <= to))
    const preparations = all.filter(({ kind, on }) => isPreparation(kind) && on <= to)
    return { jobs, preparations }
  }
  const stop = async (tank: TankEntry): Promise<RoundStop> => {
    // Asked for once: a round over many tanks is a page that people wait for.
    const life = await timelines.scheduleOf(tank.id)
    const { aged, today } = life
    const { timeZone } = tank.plan
    const { jobs, preparations } = await listed(tank.id, life, datePlusDays(today, -ASKED_BACK_DAYS), today)
    // What was due before the tank was entered was nobody's to do here; a build that is entered with its start still ahead is work all the same.
    const enteredOn = civilDate(new Date(tank.createdAt), timeZone)
    const isOurs = ({ dueOn, kind, record }: ListedJob): boolean =>
      record !== null || dueOn >= enteredOn || (isPreparation(kind) && aged.startedOn >= enteredOn)
    const open = [...preparations.filter((job) => !jobs.includes(job)), ...jobs]
      .filter(isOurs)
      .map((job) => (job.record === null && job.on < enteredOn ? { ...job, on: enteredOn } : job))
    const events = await journal.eventsSince(tank.id, new Date(clock().getTime() - ATTENTION_MS).toISOString())
    const { gas, nitrogen } = await conditions.ofLife(tank.id, life)
    return {
      tankId: tank.id,
      name: tank.plan.name,
      today,
      timeZone,
      attention: attentionOf(events, gas, nitrogen),
      gas: gasSummaryOf(gas),
      lastGlanceAt: await journal.newestGlance(tank.id),
      minutesPerWeek: minutesPerWeek(aged, today),
      // A build's work stays until it is told of, however late.
      ...openToday(open, today, instantOf(today, 0, timeZone).toISOString()),
    }
  }
  const rank = ({ attention, overdue, due }: RoundStop): number => {
    const [worst] = attention
    return (worst === undefined ? ATTENTIONS.length : ATTENTIONS.indexOf(worst)) * 1000 - overdue.length * 10 - due.length
  }
  return {
    list: async (tankId: string, from: string, to: string): Promise<JobList> => {
      const life = await timelines.scheduleOf(tankId)
      const { aged, today } = life
      const { jobs } = await listed(tankId, life, from, to)
      return { today, minutesPerWeek: minutesPerWeek(aged, today), jobs }
    },
    round: async (tanks: readonly TankEntry[]): Promise<Round> => ({
      stops: (await Promise.all(tanks.map(stop))).sort((a, b) => rank(a) - rank(b)),
    }),

    /** Tells what became of a job. Telling the same again changes nothing; another answer needs to know the one it replaces. */
    tell: (tankId: string, record: JobRecord, replaces: string | null): Promise<{ record: JobRecord; isNew: boolean }> =>
      db.transaction(async (trx) => {
        const jobs = jobRepository(trx)
        const stored = await jobs.one(tankId, record.ruleId, record.dueOn)
        if (stored !== null && JSON.stringify(stored) === JSON.stringify(record)) return { record: stored, isNew: false }
        if (stored !== null && stored.at !== replaces)
          throw new Refusal(
            409,
            'already_told',
            refusalWords.alreadyTold(stored.recordedBy ?? refusalWords.somebody, refusalWords.toldState[stored.state] ?? stored.state),
          )
        if (stored === null && replaces !== null) throw new Refusal(412, 'stale', refusalWords.staleRecord)
        await jobs.put(tankId, record)
        return { record, isNew: stored === null }
      }),

    /** The undo of telling. */
    untell: (tankId: string, ruleId: string, dueOn: string, replaces: string | null): Promise<void> =>
      db.transaction(async (trx) => {
        const stored = await jobRepository(trx).one(tankId, ruleId, dueOn)
        if (stored === null) return
        if (stored.at !== replaces) throw new Refusal(412, 'stale', refusalWords.staleRecord)
        await jobRepository(trx).remove(tankId, ruleId, dueOn)
      }),
  }
}
export type JobService = ReturnType<typeof jobService>
