import { namedAnimals } from '../plan/upgrade/v9to10.js'
import type { PlanAnimals, Stocked } from '../plan/planAnimals.js'
import { ANIMALS } from '../species/animals/index.js'

/** Unnamed shrimps and fish, by the food and the days of theirs. */
export const stocked = (some: Partial<Parameters<typeof namedAnimals>[0]> = {}): PlanAnimals =>
  namedAnimals({ foodGPerDay: 0.4, grazers: 10, grazersFromDay: 28, fishFromDay: 42, ...some })
export const NO_ANIMALS: PlanAnimals = { groups: [], foodGPerDay: null }

export type Kept = readonly [species: string, count: number | null, fromDay?: number]
/** Animals of the library by their id, number and day. */
export const keeping = (...kept: readonly Kept[]): Stocked => ({
  animals: {
    groups: kept.map(([species, count, fromDay = 100], at) => ({ id: `a${at + 1}`, species, count, fromDay, origin: '' })),
    foodGPerDay: null,
  },
  fauna: ANIMALS.filter(({ id }) => kept.some(([species]) => species === id)),
})
