import { setImmediate } from 'node:timers/promises'
import { civilDate, datedPlans, daysBetween, deedsOf, diff, type Edit, type JobRecord, type TimelineEntry } from '@jovrin/core'
import type { Timeline } from '@jovrin/contract'
import type { Clock } from '../clock.js'
import type { JournalService } from '../journal/journal.service.js'
import type { PlanService } from '../plan/plan.service.js'

/** What became of a tank's jobs; kept by the jobs' own word. */
export type ToldJobs = (tankId: string) => Promise<JobRecord[]>

const CHANGES_AT_A_TIME = 1000

export interface AgedSchedule {
  readonly timeline: readonly TimelineEntry[]
  readonly startedOn: string
}

/** A tank's life as the model takes it: settings by date, and what was done and left out. */
export const timelineService = (clock: Clock, plans: PlanService, journal: JournalService, toldJobs: ToldJobs) => {
  const parts = async (tankId: string) => {
    const { plan } = await plans.newest(tankId)
    const entries = datedPlans(plan, await plans.settings(tankId))
    const aged: AgedSchedule = {
      startedOn: plan.startedOn,
      timeline: entries.map(({ from, plan: dated }) => ({ fromDay: daysBetween(plan.startedOn, from), plan: dated })),
    }
    return { plan, entries, aged, today: civilDate(clock(), plan.timeZone), told: await toldJobs(tankId) }
  }
  return {
    scheduleOf: parts,
    ofTank: async (tankId: string): Promise<Timeline> => {
      const { plan, entries, aged, today, told } = await parts(tankId)
      const deeds = deedsOf({ ...aged, timeZone: plan.timeZone, events: await journal.acts(tankId), jobs: told })
      const first = entries[0]?.plan ?? plan
      const changes: { from: string; edits: Edit[] }[] = []
      let before = first
      for (const { from, plan: dated } of entries.slice(1)) {
        if (changes.length % CHANGES_AT_A_TIME === CHANGES_AT_A_TIME - 1) await setImmediate() // everybody else has a turn
        changes.push({ from, edits: diff(before, dated) })
        before = dated
      }
      return { today, startedOn: plan.startedOn, plan: first, changes, deeds }
    },
  }
}
export type TimelineService = ReturnType<typeof timelineService>
