import {
  areAnimalsSeen,
  daysBetween,
  GAS_EVIDENCE_MS,
  gasFactsOf,
  judgeDarkCycle,
  judgeGas,
  judgeNitrogen,
  phaseOn,
  plantedAge,
  planAt,
  tankFigures,
  type SettingChange,
} from '@jovrin/core'
import type { TankCondition } from '@jovrin/contract'
import type { Clock } from '../clock.js'
import type { JournalService } from '../journal/journal.service.js'
import type { PlanService } from '../plan/plan.service.js'
import type { TankLife, TimelineService } from '../timeline/timeline.service.js'

/** Devices' clocks differ by a little. */
const CLOCK_SLACK_MS = 10 * 60_000
/** Settings that change the gas of a day. */
const OF_GAS = ['/gasLines', '/lightWindows', '/flow', '/filters', '/outlets']

/** The judgements of a tank now. Kept nowhere: they follow from journal, plan and clock. */
export const conditionService = (clock: Clock, timelines: TimelineService, plans: PlanService, journal: JournalService) => {
  const ofLife = async (tankId: string, { plan: newest, aged, today }: TankLife): Promise<TankCondition> => {
    const nowMs = clock().getTime()
    const ageDays = daysBetween(aged.startedOn, today)
    const plan = planAt(aged.timeline, Math.max(0, ageDays)) ?? newest
    const figures = tankFigures(plan)
    const records = await journal.evidence(tankId, {
      since: new Date(nowMs - GAS_EVIDENCE_MS).toISOString(),
      until: new Date(nowMs + CLOCK_SLACK_MS).toISOString(),
    })
    const areSeen = areAnimalsSeen(records, nowMs)
    const changedOn = lastChange(await plans.settings(tankId), today)
    const nitrogen = judgeNitrogen(
      records,
      // Water that came over the ground lately counts as new, however old the tank.
      {
        ageDays: Math.max(0, plantedAge(plan, ageDays)),
        hasGas: figures.gasLines.length > 0,
        temperatureC: figures.temperatureC,
        roomCo2Ppm: figures.room.co2Ppm,
      },
      nowMs,
    )
    const facts = gasFactsOf(plan, figures, { ageDays, areSeen, changedOn, nitrogen: nitrogen.danger })
    const isDark = phaseOn(plan, ageDays) === 'dark'
    const cycle = isDark
      ? judgeDarkCycle(records, { ageDays, temperatureC: figures.temperatureC, roomCo2Ppm: figures.room.co2Ppm }, nowMs)
      : null
    return { gas: judgeGas(records, facts, nowMs), nitrogen, cycle }
  }
  return {
    /** Of a tank whose life is at hand. */
    ofLife,
    ofTank: async (tankId: string): Promise<TankCondition> => ofLife(tankId, await timelines.scheduleOf(tankId)),
  }
}
export type ConditionService = ReturnType<typeof conditionService>

const lastChange = (settings: readonly SettingChange[], today: string): string | null =>
  settings
    .filter(({ path, effectiveOn }) => effectiveOn <= today && OF_GAS.some((part) => path === part || path.startsWith(`${part}/`)))
    .reduce<string | null>((last, { effectiveOn }) => (last === null || effectiveOn > last ? effectiveOn : last), null)
