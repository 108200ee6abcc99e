import {
  bestTrials,
  leadOf,
  plantedAge,
  trialsOf,
  type MemberResult,
  type Plan,
  type TrialEffect,
  type TimelineEntry,
  type Deeds,
} from '@jovrin/core'
import type { TankCondition } from '@jovrin/contract'
import { useMemo } from 'react'
import { useTrials } from '../../workers/useTrials.js'

interface TryFirstWish {
  readonly timeline: readonly TimelineEntry[]
  readonly today: number
  readonly deeds: Deeds
  /** In force today. */
  readonly plan: Plan
  /** What is judged of the tank now: animals that were seen count, whatever the plan says. */
  readonly condition: TankCondition
  /** Of the plan as it is, whole. */
  readonly results: readonly MemberResult[]
}

/** Algae that can be seen [g/m²]. Rule of thumb, as the braid's ticks. */
const TRACES_G_PER_M2 = 0.5
/** Below this share of what light allows growth is worth more than anything else. Rule of thumb. */
const POOR_SHARE = 0.55

/** The best single changes from today's state; `null` while they are reckoned, or while there is nothing to reckon from. */
export function useTryFirst(wish: TryFirstWish | null): readonly TrialEffect[] | null {
  const { timeline, today, deeds, plan, condition, results } = wish ?? NOTHING
  const animals = condition?.gas.animals ?? 'none'
  const trials = useMemo(
    () => (plan === null || condition === null ? [] : trialsOf(plan, { gas: condition.gas, nitrogen: condition.nitrogen.danger })),
    [plan, condition],
  )
  const members = useTrials(plan === null || trials.length === 0 ? null : { timeline, today, deeds, trials })
  return useMemo(() => {
    if (plan === null || members === null || results.length === 0) return null
    const lead = leadOf(results, 'planned', 0, plantedAge(plan, today))
    const areAlgaeTrouble = lead.word !== 'plants-ahead' || lead.algaeGPerM2 > TRACES_G_PER_M2
    return bestTrials(trials, members, { plan, animals, areAlgaeTrouble, isGrowthPoor: lead.growth.share.median < POOR_SHARE })
  }, [plan, members, results, trials, animals, today])
}
const NOTHING = { timeline: [], today: 0, deeds: { acts: [], omitted: [] }, plan: null, condition: null, results: [] } as const
