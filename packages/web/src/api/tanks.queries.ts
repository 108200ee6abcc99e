import { leversOf, LeversSchema, PlanRevision, TankEntry, Timeline } from '@jovrin/contract'
import { daysBetween, type Deeds, type TimelineEntry } from '@jovrin/core'
import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from './http.js'

export const allTanks = () =>
  queryOptions({ queryKey: ['tanks'], queryFn: ({ signal }) => getJson('/api/tanks', z.array(TankEntry), signal) })
export const planOfTank = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'plan'],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/plan/revision`, PlanRevision, signal),
  })
export const timelineOfTank = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'timeline'],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/timeline`, Timeline, signal),
  })
export const leversOfTank = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'levers'],
    queryFn: async ({ signal }) => leversOf(await getJson(`/api/tanks/${tankId}/levers`, LeversSchema, signal)),
    staleTime: Infinity,
  })

/** The timeline in days of the tank's age, and its age today; a tank that starts in the future is looked at from its first day. */
export interface AgedTimeline {
  readonly today: number
  readonly startedOn: string
  readonly timeline: readonly TimelineEntry[]
  readonly deeds: Deeds
}
export function agedTimeline({ today, entries, deeds }: Timeline): AgedTimeline {
  const startedOn = entries.at(-1)?.plan.startedOn ?? today
  return {
    startedOn,
    deeds,
    today: Math.max(0, daysBetween(startedOn, today)),
    timeline: entries.map(({ from, plan }, index) => ({ fromDay: index === 0 ? 0 : Math.max(1, daysBetween(startedOn, from)), plan })),
  }
}
