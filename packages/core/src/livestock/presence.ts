import type { GasAnimals } from '../gas/grade.js'
import { wantsSensitive } from '../gas/limits.js'
import { animalGroups, type Stocked } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'

/** Fish or shrimps live in the tank at this age. An unknown number of them counts as some. */
export const hasAnimalsAt = (plan: Stocked, ageDays: number): boolean => {
  const from = animalsFromDay(plan)
  return from !== null && ageDays >= from
}

/** Day of the tank's age on which the first animals come; `null` where none are planned. */
export function animalsFromDay(plan: Stocked): number | null {
  const days = animalGroups(plan).map(({ group }) => group.fromDay)
  return days.length === 0 ? null : Math.min(...days)
}

/** Who bears the gas at this age. */
export const gasAnimalsAt = (plan: Pick<Plan, 'animals' | 'fauna' | 'intent'>, ageDays: number): GasAnimals =>
  !hasAnimalsAt(plan, ageDays) ? 'none' : wantsSensitive(plan) ? 'sensitive' : 'some'
