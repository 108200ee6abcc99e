import { changeFractionOn } from '../ecosystem/changeDays.js'
import { datePlusDays, daysBetween } from '../plan/clock.js'
import type { Plan } from '../plan/plan.js'
import type { BarrelDraw } from '../water/barrelCourse.js'
import { mixOf } from '../water/mixOf.js'

/** What one tank draws of purified water in the days from a civil date on: its planned changes, once it runs. */
export function purifiedDraws(plan: Plan, waterL: number, from: string, days: number): BarrelDraw[] {
  const { purified } = mixOf(plan)
  return Array.from({ length: days }, (_, day): BarrelDraw => {
    const age = daysBetween(plan.startedOn, datePlusDays(from, day))
    return { day, litres: age <= 0 ? 0 : purified * waterL * changeFractionOn(plan, age) }
  }).filter(({ litres }) => litres > 0)
}
