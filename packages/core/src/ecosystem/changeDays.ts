import type { Plan } from '../plan/plan.js'

/** The dense change programme of the first four weeks: daily, every other day, then twice a week. */
export function isChangeDay({ changes }: Pick<Plan, 'changes'>, day: number): boolean {
  if (day === 0) return false
  if (changes.firstWeeksMore && day < 28) return day < 7 || (day < 14 ? day % 2 === 0 : day % 7 === 0 || day % 7 === 3)
  return day % changes.everyDays === 0
}
