import { setImmediate } from 'node:timers/promises'
import {
  animalGroups,
  animalsAllowedFromDay,
  civilDate,
  datedPlans,
  datePlusDays,
  daysBetween,
  deedsOf,
  diff,
  heldPlants,
  lightPutOffOf,
  nitrogenClearAt,
  plannedLife,
  startEndDay,
  startMovedOn,
  wallClock,
  type Edit,
  type JobRecord,
  type Plan,
  type Reading,
  type Schedule,
  type SettingChange,
} from '@jovrin/core'
import type { Timeline } from '@jovrin/contract'
import type { Clock } from '../clock.js'
import type { JournalService } from '../journal/journal.service.js'
import type { PlanService } from '../plan/plan.service.js'
import { Remembered } from './remembered.js'

/** What became of a tank's jobs; kept by the jobs' own word. */
export type ToldJobs = (tankId: string) => Promise<JobRecord[]>

const CHANGES_AT_A_TIME = 1000

/** A tank is past its start so many days after plants and water came together: whatever it waits for has come, or is no matter of the start. */
const START_DAYS = 84

/** Of so many tanks. */
const TANKS_KEPT = 64

/** All that a tank's life is made of. */
interface LifeOf {
  readonly plan: Plan
  readonly changes: readonly SettingChange[]
  readonly told: readonly JobRecord[]
  readonly tests: readonly Reading[]
  readonly plants: Parameters<typeof heldPlants>[0]
  readonly today: string
}
function partsOf({ plan, changes, told, tests, plants, today }: LifeOf) {
  const dated = datedPlans(plan, changes)
  const age = Math.max(0, daysBetween(plan.startedOn, today))
  const settings = startMovedOn(
    dated.map(({ from, plan: one }) => ({ fromDay: daysBetween(plan.startedOn, from), plan: one })),
    told,
    age,
  )
  const entries = dated.map(({ from }, at) => ({ from, plan: settings[at]?.plan ?? plan }))
  const begun = settings.at(-1)?.plan ?? plan
  const isStarting = age < startEndDay(begun) + START_DAYS
  const hasAnimals = animalGroups(plan).length > 0
  const allowedFromDay = hasAnimals && isStarting ? animalsAllowedFromDay(begun) : null
  // Tests of dark weeks speak of the cycle; animals wait for tests with the plants in.
  const plantedOn = datePlusDays(plan.startedOn, startEndDay(begun))
  const sincePlanted = tests.filter(({ at }) => wallClock(at, plan.timeZone).date >= plantedOn)
  const clearAt = isStarting ? nitrogenClearAt(sincePlanted) : null
  const lightPutOff = lightPutOffOf(told, plan.startedOn)
  const aged: Schedule = {
    startedOn: plan.startedOn,
    ...plannedLife(settings, { today: age, animalsAllowedFromDay: allowedFromDay, lightPutOff }),
    nitrogenClearOn: clearAt === null ? null : wallClock(clearAt, plan.timeZone).date,
    held: heldPlants(plants),
  }
  return { plan, entries, aged, today, told, lightPutOff, animalsAllowedFromDay: allowedFromDay }
}

/** A tank's life as the model takes it: settings by date, and what was done and left out. */
export const timelineService = (clock: Clock, plans: PlanService, journal: JournalService, toldJobs: ToldJobs) => {
  const kept = new Remembered<ReturnType<typeof partsOf>>(TANKS_KEPT)
  /** Many pages ask for the same tank's life at once, and a start asks the model: what nothing has changed is not made again. */
  const parts = async (tankId: string) => {
    const { plan } = await plans.newest(tankId)
    const asked: LifeOf = {
      plan,
      changes: await plans.settings(tankId),
      told: await toldJobs(tankId),
      tests: await journal.nitrogenTests(tankId),
      plants: await journal.plants(tankId),
      today: civilDate(clock(), plan.timeZone),
    }
    return kept.get(tankId, JSON.stringify(asked), () => partsOf(asked))
  }
  return {
    scheduleOf: parts,
    ofTank: async (tankId: string): Promise<Timeline> => {
      const { plan, entries, aged, today, told, lightPutOff, animalsAllowedFromDay: allowedFromDay } = await parts(tankId)
      const deeds = deedsOf({ ...aged, timeZone: plan.timeZone, events: await journal.acts(tankId), jobs: told })
      const first = entries[0]?.plan ?? plan
      const changes: { from: string; edits: Edit[] }[] = []
      let before = first
      for (const { from, plan: dated } of entries.slice(1)) {
        if (changes.length % CHANGES_AT_A_TIME === CHANGES_AT_A_TIME - 1) await setImmediate() // everybody else has a turn
        changes.push({ from, edits: diff(before, dated) })
        before = dated
      }
      return { today, startedOn: plan.startedOn, plan: first, changes, deeds, animalsAllowedFromDay: allowedFromDay, lightPutOff }
    },
  }
}
export type TankLife = ReturnType<typeof partsOf>
export type TimelineService = ReturnType<typeof timelineService>
