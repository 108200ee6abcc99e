import { absenceOn } from '../plan/planAbsence.js'
import type { FirstWeeks } from '../plan/planWater.js'
import type { Plan } from '../plan/plan.js'
import { plantedAge, startEndDay } from '../plan/startPhase.js'

/** Of the large change that a dark or a dry start asks for: what cycle or ground left in the water goes with it. Handbooks of the craft, 80–100 %. */
export const LARGE_FRACTION = 0.9
export const FIRST_WEEKS_DAYS = 28

const isEveryOther = (day: number): boolean => day % 2 === 0
const isTwiceAWeek = (day: number): boolean => day % 7 === 0 || day % 7 === 3
/** Whether a day of the first four weeks is one of its pattern. */
const PATTERN: Readonly<Record<Exclude<FirstWeeks, 'same'>, (day: number) => boolean>> = {
  daily: (day) => day < 7 || (day < 14 ? isEveryOther(day) : isTwiceAWeek(day)),
  'every-other': (day) => (day < 14 ? isEveryOther(day) : isTwiceAWeek(day)),
  twice: isTwiceAWeek,
}
type Changed = Pick<Plan, 'changes' | 'start' | 'absences' | 'startedOn'>

/** Day of the one large change: a dark start's before planting, a dry start's the day after flooding; `null` in a wet start. */
export function largeChangeDay(plan: Pick<Plan, 'start'>): number | null {
  switch (plan.start.method) {
    case 'wet':
      return null
    case 'dark':
      return startEndDay(plan)
    case 'dry':
      return startEndDay(plan) + 1
  }
}

/** Share of the water that the plan changes on a day of the tank's age; 0 on a day without a change. Nobody changes water while away: the change before leaving and the one after coming back stand for those that fall out. */
export function changeFractionOn(plan: Changed, day: number): number {
  const usual = usualFractionOn(plan, day)
  const found = absenceOn(plan, day)
  if (found === null || plantedAge(plan, day) <= 0) return usual
  const { fraction } = plan.changes
  const { stage, absence, leaveDay, backDay } = found
  switch (stage) {
    case 'away':
      return 0
    case 'clean':
      return fraction
    case 'still':
      return absence.cleanOn === null ? usual : 0
    case 'back': {
      const isDue = absence.cleanOn !== null || daysFrom(leaveDay, backDay).some((missed) => usualFractionOn(plan, missed) > 0)
      return isDue ? Math.max(usual, fraction) : usual
    }
    case 'lowered':
    case 'rising':
      return usual
  }
}
const daysFrom = (from: number, until: number): number[] => Array.from({ length: Math.max(0, until - from) }, (_, day) => from + day)

/** As the pattern has it, whoever is there. It counts from the day on which plants and water are together. */
function usualFractionOn(plan: Pick<Plan, 'changes' | 'start'>, day: number): number {
  const { fraction, everyDays, firstWeeks } = plan.changes
  if (day === largeChangeDay(plan)) return Math.max(fraction, LARGE_FRACTION)
  const age = plantedAge(plan, day)
  if (age <= 0) return 0
  if (firstWeeks === 'same' || age >= FIRST_WEEKS_DAYS) return age % everyDays === 0 ? fraction : 0
  return PATTERN[firstWeeks](age) ? fraction : 0
}
export const isChangeDay = (plan: Changed, day: number): boolean => changeFractionOn(plan, day) > 0

/** The next day from `day` on on which the plan changes water, and the share; `null` where none comes within the longest wait of a plan. */
export function nextChange(plan: Changed, day: number): { readonly day: number; readonly fraction: number } | null {
  for (let ahead = Math.max(0, day); ahead <= Math.max(0, day) + LONGEST_WAIT_DAYS; ahead++) {
    const fraction = changeFractionOn(plan, ahead)
    if (fraction > 0) return { day: ahead, fraction }
  }
  return null
}
/** A dark start's large change comes by day 200 at the latest. */
const LONGEST_WAIT_DAYS = 201
