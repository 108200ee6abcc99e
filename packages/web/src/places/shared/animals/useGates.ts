import {
  animalGroups,
  datePlusDays,
  gasAtGate,
  judgeGate,
  planAt,
  tankFigures,
  type AheadTask,
  type Gate,
  type JournalRecord,
  type NamedGroup,
  type Plan,
  type StockingAhead,
} from '@jovrin/core'
import type { TankCondition } from '@jovrin/contract'
import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { marksOfTank } from '../../../api/journal.queries.js'
import { agedTimeline, conditionOfTank, timelineOfTank, type AgedTimeline } from '../../../api/tanks.queries.js'
import { useStockingAhead } from '../../../workers/useStockingAhead.js'

/** Days that are looked at after the last arrival. */
export const AFTER_DAYS = 21
/** Farther arrivals are not run: people plan weeks ahead. */
const MOST_AHEAD_DAYS = 120
const SEED = 1

export interface Gates {
  readonly today: number
  /** Of the tank's age; all groups with the day on which the programme lets them come. */
  readonly groups: readonly NamedGroup[]
  /** Of each group that is still to come, by its id. */
  readonly gates: ReadonlyMap<string, Gate>
  readonly ahead: StockingAhead | null
  readonly losses: readonly JournalRecord[]
}

/** May the animals that are planned come today, by journal, plan and model. `null` until the tank is known. */
export function useGates(tankId: string, isFilmSeen: boolean | null): Gates | null {
  const stored = useQuery(timelineOfTank(tankId)).data
  const condition = useQuery(conditionOfTank(tankId)).data
  const marks = useQuery(marksOfTank(tankId)).data
  const aged = useMemo(() => (stored === undefined ? null : agedTimeline(stored)), [stored])
  const ahead = useStockingAhead(useMemo(() => (aged === null ? null : aheadTask(aged)), [aged]))
  return useMemo(() => {
    if (aged === null || condition === undefined || marks === undefined) return null
    const plan = aged.timeline.at(-1)?.plan
    if (plan === undefined) return null
    const { today } = aged
    const groups = animalGroups(plan)
    const records = marks.entries.flatMap(({ record }): JournalRecord[] => (record.kind === 'death' ? [record] : []))
    const facts = {
      plan,
      ageDays: today,
      nitrogen: condition.nitrogen,
      ...gasOf(condition, planAt(aged.timeline, today) ?? plan),
      records,
      nowMs: Date.parse(`${datePlusDays(aged.startedOn, today + 1)}T00:00:00Z`),
      changedOnDay:
        aged.settings.at(-1)?.fromDay === 0 ? null : (aged.settings.findLast(({ fromDay }) => fromDay <= today)?.fromDay ?? null),
      ahead,
      isFilmSeen,
    }
    const waiting = groups.filter(({ group }) => group.fromDay > today)
    return { today, groups, gates: new Map(waiting.map((one) => [one.group.id, judgeGate(one, facts)])), ahead, losses: records }
  }, [aged, condition, marks, ahead, isFilmSeen])
}

function aheadTask({ timeline, deeds, today }: AgedTimeline): AheadTask | null {
  const plan = timeline.at(-1)?.plan
  if (plan === undefined) return null
  const last = Math.max(today, ...animalGroups(plan).map(({ group }) => group.fromDay))
  return { timeline, deeds, today, days: Math.min(last, today + MOST_AHEAD_DAYS) + AFTER_DAYS, seed: SEED }
}

/** CO2 at gas-off, of a tank that gets gas. */
function gasOf({ gas }: TankCondition, plan: Plan): { readonly hasGas: boolean; readonly peakMgPerL: number | null } {
  const { gasLines, gasLevels } = tankFigures(plan)
  const hasGas = gasLines.length > 0
  return { hasGas, peakMgPerL: hasGas ? gasAtGate(gas.evidence, gasLevels.peak) : null }
}
