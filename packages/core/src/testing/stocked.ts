import { namedAnimals } from '../plan/upgrade/v9to10.js'
import type { PlanAnimals } from '../plan/planAnimals.js'

/** Unnamed shrimps and fish, by the food and the days of theirs. */
export const stocked = (some: Partial<Parameters<typeof namedAnimals>[0]> = {}): PlanAnimals =>
  namedAnimals({ foodGPerDay: 0.4, grazers: 10, grazersFromDay: 28, fishFromDay: 42, ...some })
export const NO_ANIMALS: PlanAnimals = { groups: [], foodGPerDay: null }
