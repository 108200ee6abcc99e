import { commonAnswers } from '../plan/answers.js'
import type { FirstWeeks } from '../plan/planWater.js'
import type { Plan } from '../plan/plan.js'

/** Of the large change that ends a dark start: what the cycle left behind goes with it. Handbooks of the craft, 80–100 %. */
const LARGE_FRACTION = 0.9
export const FIRST_WEEKS_DAYS = 28

const isEveryOther = (day: number): boolean => day % 2 === 0
const isTwiceAWeek = (day: number): boolean => day % 7 === 0 || day % 7 === 3
/** Whether a day of the first four weeks is one of its pattern. */
const PATTERN: Readonly<Record<Exclude<FirstWeeks, 'same' | 'one-large'>, (day: number) => boolean>> = {
  daily: (day) => day < 7 || (day < 14 ? isEveryOther(day) : isTwiceAWeek(day)),
  'every-other': (day) => (day < 14 ? isEveryOther(day) : isTwiceAWeek(day)),
  twice: isTwiceAWeek,
}

/** Day of the one large change. */
export const largeChangeDay = ({ changes }: Pick<Plan, 'changes'>): number =>
  commonAnswers().number('changes/largeOnDay', changes.largeOnDay)

/** Share of the water that the plan changes on a day of the tank's age; 0 on a day without a change. */
export function changeFractionOn({ changes }: Pick<Plan, 'changes'>, day: number): number {
  const { fraction, everyDays, firstWeeks } = changes
  if (day === 0) return 0
  const regular = day % everyDays === 0 ? fraction : 0
  if (firstWeeks === 'same') return regular
  if (firstWeeks === 'one-large') {
    const large = largeChangeDay({ changes })
    return day < large ? 0 : day === large ? Math.max(fraction, LARGE_FRACTION) : regular
  }
  if (day >= FIRST_WEEKS_DAYS) return regular
  return PATTERN[firstWeeks](day) ? fraction : 0
}
export const isChangeDay = (plan: Pick<Plan, 'changes'>, day: number): boolean => changeFractionOn(plan, day) > 0

/** The next day from `day` on on which the plan changes water, and the share; `null` where none comes within the longest interval of a plan. */
export function nextChange(plan: Pick<Plan, 'changes'>, day: number): { readonly day: number; readonly fraction: number } | null {
  for (let ahead = Math.max(0, day); ahead <= Math.max(0, day) + LONGEST_WAIT_DAYS; ahead++) {
    const fraction = changeFractionOn(plan, ahead)
    if (fraction > 0) return { day: ahead, fraction }
  }
  return null
}
/** A dark start's large change comes by day 200 at the latest. */
const LONGEST_WAIT_DAYS = 200
