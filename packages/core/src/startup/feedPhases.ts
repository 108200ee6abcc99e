import { GROUND } from '../ground/kinds.js'
import type { FeedShare, Plan } from '../plan/plan.js'
import { PROGRAMME_DAYS } from './programmeDays.js'

/** How a young tank is fed against its school, until so many days after the start. */
interface FeedPhase {
  readonly code: 'feed-no-nitrogen' | 'feed-by-signs' | 'feed-quarter' | 'feed-half' | 'feed-full'
  readonly fromDay: number
  readonly toDay: number
  readonly share: FeedShare
}

const EVEN = (share: number): FeedShare => ({ nitrogenPhosphorus: share, rest: share })

/** Rich ground feeds nitrogen and phosphorus at first; potassium, magnesium and traces from day one. By signs means: half, while nobody knows better. General practice. */
const ON_SOIL: readonly FeedPhase[] = [
  { code: 'feed-no-nitrogen', fromDay: 0, toDay: 14, share: { nitrogenPhosphorus: 0, rest: 0.5 } },
  { code: 'feed-by-signs', fromDay: 14, toDay: 28, share: { nitrogenPhosphorus: 0.5, rest: 1 } },
  { code: 'feed-full', fromDay: 28, toDay: PROGRAMME_DAYS, share: EVEN(1) },
]
const ON_INERT: readonly FeedPhase[] = [
  { code: 'feed-quarter', fromDay: 0, toDay: 7, share: EVEN(0.25) },
  { code: 'feed-half', fromDay: 7, toDay: 28, share: EVEN(0.5) },
  { code: 'feed-full', fromDay: 28, toDay: PROGRAMME_DAYS, share: EVEN(1) },
]

export const leachesAmmonia = (plan: Plan): boolean =>
  [plan, ...plan.zones].some(({ layers }) => layers.some(({ ground }) => GROUND[ground].leaches))

/** Phases of feeding in the first weeks, by the ground; none where nothing is fed. */
export const feedPhasesOf = (plan: Plan): readonly FeedPhase[] => (plan.feeding === 'none' ? [] : leachesAmmonia(plan) ? ON_SOIL : ON_INERT)
