import { datePlusDays, daysBetween } from '../plan/clock.js'
import type { Plan, TimelineEntry } from '../plan/plan.js'
import { WEEKDAYS, type FeedProduct, type PlanFeed, type Weekday } from '../plan/planFeed.js'
import { isNothing, NO_NUTRIENTS, nutrientsBy, type NutrientAmounts } from './nutrients.js'
import { isTrace } from './products.js'
import { fullAmounts, FULL_SHARE, shareOf } from './schoolAmounts.js'
import { SCHOOL } from './schools.js'
import { weekRecipe } from './weekRecipe.js'

/** What one product gives on one day, for each litre of the tank; grams or millilitres. */
export interface DayPortion {
  readonly product: FeedProduct
  readonly unit: 'g' | 'mL'
  readonly perL: number
}
/** The doses of one day. `up-to`: the day's levels, to which its grower doses by test, instead of portions. */
export interface DayDose {
  readonly kind: 'add' | 'up-to'
  readonly portions: readonly DayPortion[]
  readonly mgPerL: NutrientAmounts
}
export const NO_DOSE: DayDose = { kind: 'add', portions: [], mgPerL: NO_NUTRIENTS }

/** Monday, for counting weekdays. */
const A_MONDAY = '2024-01-01'
export const weekdayOf = (date: string): Weekday => WEEKDAYS[(((daysBetween(A_MONDAY, date) % 7) + 7) % 7) as 0]

/** Whether a day is free of doses by the plan's pauses and its rest on days of changes. */
const isFree = (feed: PlanFeed, date: string, isChange: boolean): boolean =>
  (feed.skipsChangeDay && isChange) || feed.pauses.some(({ from, to }) => date >= from && date <= to)

/** The one dose plan: what a tank gets on a day of its age. Calendar, Today, labels, pump and forecast all read it. A week's amount is parted over the days of the week on which it is dosed. */
export function dayDose({ plan, feed: share = FULL_SHARE }: TimelineEntry, day: number, isChange: boolean): DayDose {
  const { feed, feeding } = plan
  if (feeding === 'none') return NO_DOSE
  const date = datePlusDays(plan.startedOn, day)
  if (isFree(feed, date, isChange)) return NO_DOSE
  const weekday = weekdayOf(date)
  const times = (days: readonly Weekday[]): number => (days.length === 0 ? 1 / 7 : days.includes(weekday) ? 1 / days.length : 0)
  const [macro, trace] = [times(feed.macroDays), times(feed.traceDays)]
  if (SCHOOL[feeding].kind === 'level') {
    const full = fullAmounts(plan)
    // What is tested together is dosed together.
    const levels = nutrientsBy((nutrient) => shareOf(share, nutrient) * full[nutrient])
    return macro === 0 || isNothing(levels) ? NO_DOSE : { kind: 'up-to', portions: [], mgPerL: levels }
  }
  const portions = weekRecipe(plan, share)
    .portions.map(({ product, content, perL }) => ({ product, content, perL: perL * (isTrace(content) ? trace : macro) }))
    .filter(({ perL }) => perL > 0)
  return {
    kind: 'add',
    portions: portions.map(({ product, content: { unit }, perL }) => ({ product, unit, perL })),
    mgPerL: nutrientsBy((nutrient) => portions.reduce((sum, { content, perL }) => sum + perL * content.nutrientsMg[nutrient], 0)),
  }
}

/** The doses of a whole week in full: no phase holds them back, no pause or change leaves one out. What a cupboard comes to at its most. */
export function fullWeek(plan: Plan): DayDose[] {
  const entry: TimelineEntry = { fromDay: 0, plan: { ...plan, feed: { ...plan.feed, pauses: [], skipsChangeDay: false } } }
  return WEEKDAYS.map((_, day) => dayDose(entry, day, false))
}
