import type { Plan, PlanFeed } from '@jovrin/core'
import type { Desk } from '../../desk.js'

/** One finished change of the dose plan, kept as a revision. */
export const changeFeed = (change: Desk['change'], edit: (feed: PlanFeed, plan: Plan) => Partial<PlanFeed>): void =>
  change((plan) => ({ ...plan, feed: { ...plan.feed, ...edit(plan.feed, plan) } }))
