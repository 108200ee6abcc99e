import type { Plan } from '../plan/plan.js'
import { startEndDay } from '../plan/startPhase.js'
import type { AnimalSpecies } from '../species/animals/index.js'

/** Day of the tank's age from which a species may come, by its own week from planting. Tests and film decide besides. */
export const ownEarliestDay = (plan: Plan, { earliestWeek }: Pick<AnimalSpecies, 'earliestWeek'>): number =>
  startEndDay(plan) + Math.round(earliestWeek * 7)
