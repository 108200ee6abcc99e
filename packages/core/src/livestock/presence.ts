import type { GasAnimals } from '../gas/grade.js'
import { wantsSensitive } from '../gas/limits.js'
import type { Plan } from '../plan/plan.js'

/** Fish or shrimps live in the tank at this age. An unknown number of them counts as some. */
export const hasAnimalsAt = ({ animals }: Pick<Plan, 'animals'>, ageDays: number): boolean => {
  const from = animalsFromDay({ animals })
  return from !== null && ageDays >= from
}

/** Day of the tank's age on which the first animals come; `null` where none are planned. */
export function animalsFromDay({ animals }: Pick<Plan, 'animals'>): number | null {
  const days = [...(animals.grazers === 0 ? [] : [animals.grazersFromDay]), ...(animals.foodGPerDay === 0 ? [] : [animals.fishFromDay])]
  return days.length === 0 ? null : Math.min(...days)
}

/** Who bears the gas at this age. */
export const gasAnimalsAt = (plan: Pick<Plan, 'animals' | 'intent'>, ageDays: number): GasAnimals =>
  !hasAnimalsAt(plan, ageDays) ? 'none' : wantsSensitive(plan.intent) ? 'sensitive' : 'some'
