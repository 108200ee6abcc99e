import { FULL_SHARE } from '../feed/schoolAmounts.js'
import { GROUND } from '../ground/kinds.js'
import { daysBetween } from '../plan/clock.js'
import type { NewId } from '../plan/id.js'
import type { FeedShare, Plan } from '../plan/plan.js'
import type { FeedPhase } from '../plan/planFeed.js'
import { startEndDay } from '../plan/startPhase.js'

/** A stretch of a tank's life in which its school is followed by so much. Days of its age; `toDay` exclusive. */
export interface LaidPhase {
  readonly code: ProgrammedFeed
  readonly fromDay: number
  readonly toDay: number
  readonly share: FeedShare
}
export type ProgrammedFeed =
  'feed-none' | 'feed-no-nitrogen' | 'feed-by-signs' | 'feed-half-or-sign' | 'feed-quarter' | 'feed-half' | 'feed-full' | 'feed-part'

const EVEN = (share: number): FeedShare => ({ nitrogenPhosphorus: share, rest: share })
const NOTHING = EVEN(0)

/** Rich ground feeds nitrogen and phosphorus at first; potassium, magnesium and traces from day one. Nitrogen and phosphorus begin by half after two weeks, sooner by what is seen. General practice. */
const ON_SOIL: readonly LaidPhase[] = [
  { code: 'feed-no-nitrogen', fromDay: 0, toDay: 14, share: { nitrogenPhosphorus: 0, rest: 0.5 } },
  { code: 'feed-half-or-sign', fromDay: 14, toDay: 28, share: { nitrogenPhosphorus: 0.5, rest: 1 } },
  { code: 'feed-full', fromDay: 28, toDay: Infinity, share: FULL_SHARE },
]
const ON_INERT: readonly LaidPhase[] = [
  { code: 'feed-quarter', fromDay: 0, toDay: 7, share: EVEN(0.25) },
  { code: 'feed-half', fromDay: 7, toDay: 28, share: EVEN(0.5) },
  { code: 'feed-full', fromDay: 28, toDay: Infinity, share: FULL_SHARE },
]

export const leachesAmmonia = (plan: Plan): boolean =>
  [plan, ...plan.zones].some(({ layers }) => layers.some(({ ground }) => GROUND[ground].leaches))

const proposedFor = (plan: Plan): readonly LaidPhase[] => (leachesAmmonia(plan) ? ON_SOIL : ON_INERT)

/** Phases of feeding: the grower's own, else those of the first weeks by the ground; none where nothing is fed. */
export function feedPhasesOf(plan: Plan): readonly LaidPhase[] {
  if (plan.feeding === 'none') return []
  const end = startEndDay(plan)
  const phases =
    plan.feed.phases.length === 0
      ? proposedFor(plan).map((phase) => ({ ...phase, fromDay: phase.fromDay + end, toDay: phase.toDay + end }))
      : laid(plan.feed.phases, plan.startedOn)
  if (end === 0) return phases
  // Nothing is dosed before plants and water are together.
  const before: LaidPhase = { code: 'feed-none', fromDay: 0, toDay: end, share: NOTHING }
  return [before, ...phases.filter(({ toDay }) => toDay > end).map((phase) => ({ ...phase, fromDay: Math.max(phase.fromDay, end) }))]
}

/** The proposal as phases that can be edited. */
export const proposedPhases = (plan: Plan, newId: NewId): FeedPhase[] =>
  proposedFor(plan).map(({ code, fromDay, share }) => ({
    id: newId('f'),
    sign: code === 'feed-half-or-sign' ? 'pale-new-leaves' : null,
    fromDay: fromDay + startEndDay(plan),
    seenOn: null,
    nitrogenPhosphorusFraction: share.nitrogenPhosphorus,
    restFraction: share.rest,
  }))

/** Day on which a phase begins; `Infinity` while it waits for its sign. */
export const beginOf = ({ sign, fromDay, seenOn }: FeedPhase, startedOn: string): number =>
  Math.max(
    0,
    Math.min(sign === null || seenOn === null ? Infinity : daysBetween(startedOn, seenOn), fromDay ?? (sign === null ? 0 : Infinity)),
  )

/** Of the phases that have begun by a day the last one in the list holds; before the first nothing is dosed. */
function laid(phases: readonly FeedPhase[], startedOn: string): LaidPhase[] {
  const begins = phases.map((phase) => beginOf(phase, startedOn))
  const days = [...new Set([0, ...begins])].filter(Number.isFinite).sort((a, b) => a - b)
  return days.map((fromDay, at) => {
    const place = begins.findLastIndex((begin) => begin <= fromDay)
    const phase = phases[place]
    const next = phases[place + 1]
    const share = phase === undefined ? NOTHING : { nitrogenPhosphorus: phase.nitrogenPhosphorusFraction, rest: phase.restFraction }
    const isWaiting = next !== undefined && next.sign !== null && next.seenOn === null && next.fromDay === null
    return {
      code: isWaiting && share.nitrogenPhosphorus === 0 && share.rest > 0 ? 'feed-by-signs' : codeOf(share),
      fromDay,
      toDay: days[at + 1] ?? Infinity,
      share,
    }
  })
}

const EVEN_CODES: readonly (readonly [share: number, code: ProgrammedFeed])[] = [
  [0, 'feed-none'],
  [0.25, 'feed-quarter'],
  [0.5, 'feed-half'],
  [1, 'feed-full'],
]
function codeOf({ nitrogenPhosphorus, rest }: FeedShare): ProgrammedFeed {
  if (nitrogenPhosphorus === 0 && rest > 0) return 'feed-no-nitrogen'
  const even = nitrogenPhosphorus === rest ? EVEN_CODES.find(([share]) => share === rest) : undefined
  return even?.[1] ?? 'feed-part'
}
