import { civilDate, datedPlans, daysBetween, deedsOf, diff, type JobRecord, type TimelineEntry } from '@jovrin/core'
import type { Timeline } from '@jovrin/contract'
import type { Clock } from '../clock.js'
import type { JournalService } from '../journal/journal.service.js'
import type { PlanService } from '../plan/plan.service.js'

/** What became of a tank's jobs; kept by the jobs' own word. */
export type ToldJobs = (tankId: string) => Promise<JobRecord[]>

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
      const changes = entries.slice(1).map((entry, index) => ({ from: entry.from, edits: diff(entries[index]?.plan ?? first, entry.plan) }))
      return { today, startedOn: plan.startedOn, plan: first, changes, deeds }
    },
  }
}
export type TimelineService = ReturnType<typeof timelineService>
