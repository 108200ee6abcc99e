import { isChangeDay } from '../ecosystem/changeDays.js'
import { dayDose } from '../feed/dayDose.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import type { FeedProduct } from '../plan/planFeed.js'
import { feedPhasesOf } from '../startup/feedPhases.js'

/** Whole weeks, and whole turns of most rhythms of changes. */
const MEAN_DAYS = 84
/** Past the dense changes of the first weeks, and past every phase that has a day. */
const SETTLED_DAY = 364

/** What a product is used up by in a settled tank, mean of some weeks. */
export interface FeedNeed {
  readonly product: FeedProduct
  readonly unit: 'g' | 'mL'
  readonly perDay: number
}

/** What feeding a settled tank takes a day: the last phase of its dose plan, pauses left out. */
export function feedNeeds(plan: Plan, waterL: number): FeedNeed[] {
  const share = feedPhasesOf(plan).at(-1)?.share
  const entry: TimelineEntry = {
    fromDay: 0,
    plan: plan.feed.pauses.length === 0 ? plan : { ...plan, feed: { ...plan.feed, pauses: [] } },
    ...(share === undefined ? {} : { feed: share }),
  }
  const needs = new Map<string, FeedNeed>()
  for (let day = SETTLED_DAY; day < SETTLED_DAY + MEAN_DAYS; day++)
    for (const { product, unit, perL } of dayDose(entry, day, isChangeDay(plan, day)).portions)
      needs.set(product.id, { product, unit, perDay: (needs.get(product.id)?.perDay ?? 0) + (perL * waterL) / MEAN_DAYS })
  return [...needs.values()]
}

/** What a unit of a product costs, of a pack whose content and price are known; `null` else. */
export function pricePerUnit({ form, price, packG, bottleMl }: FeedProduct): number | null {
  const units = form === 'salt' ? packG : bottleMl
  return price === null || units === null ? null : price / units
}
