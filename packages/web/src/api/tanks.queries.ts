import { ArchivedTank, leversOf, LeversSchema, PlanRevision, TankCondition, TankEntry, Timeline, Unreadable } from '@jovrin/contract'
import { applyEdits, daysBetween, plannedLife, type Deeds, type ProgrammeFacts, type TimelineEntry } from '@jovrin/core'
import { queryOptions } from '@tanstack/react-query'
import { z } from 'zod'
import { getJson } from './http.js'

export const allTanks = () =>
  queryOptions({ queryKey: ['tanks'], queryFn: ({ signal }) => getJson('/api/tanks', z.array(TankEntry), signal) })
export const archivedTanks = () =>
  queryOptions({ queryKey: ['archive'], queryFn: ({ signal }) => getJson('/api/archive', z.array(ArchivedTank), signal) })
/** Tanks that are stored and cannot be read. */
export const unreadableTanks = () =>
  queryOptions({
    queryKey: ['unreadable', 'tanks'],
    queryFn: ({ signal }) => getJson('/api/unreadable', z.array(Unreadable), signal),
    staleTime: Infinity,
  })
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
/** What is judged of the tank now. Asked again when it is looked at again: readings age. */
export const conditionOfTank = (tankId: string) =>
  queryOptions({
    queryKey: ['tanks', tankId, 'condition'],
    queryFn: ({ signal }) => getJson(`/api/tanks/${tankId}/condition`, TankCondition, signal),
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
  /** Settings with the programme of the first weeks and the absences laid over them: what is reckoned with, and told. */
  readonly timeline: readonly TimelineEntry[]
  /** Settings as they were kept: what is changed. */
  readonly settings: readonly TimelineEntry[]
  readonly deeds: Deeds
  /** What the programme of the first weeks goes by. */
  readonly facts: ProgrammeFacts
}
export function agedTimeline({
  today,
  startedOn,
  plan: first,
  changes,
  deeds,
  animalsAllowedFromDay,
  lightPutOff,
}: Timeline): AgedTimeline {
  const settings: TimelineEntry[] = [{ fromDay: 0, plan: first }]
  for (const { from, edits } of changes) {
    const before = settings.at(-1)?.plan ?? first
    const plan = applyEdits(before, edits) ?? before // the server made each from the one before it
    settings.push({ fromDay: Math.max(1, daysBetween(startedOn, from)), plan })
  }
  const age = Math.max(0, daysBetween(startedOn, today))
  const facts: ProgrammeFacts = { today: age, animalsAllowedFromDay, lightPutOff }
  const { timeline } = plannedLife(settings, facts)
  return { startedOn, deeds, today: age, timeline, settings, facts }
}
