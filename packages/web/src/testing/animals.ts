import { SOME_FISH, SOME_GRAZERS, type PlanAnimals } from '@jovrin/core'

/** Algae shrimps from a day on, and fish where food is given. */
export const shrimps = (count: number | null, fromDay: number, foodGPerDay: number | null = null): PlanAnimals => ({
  groups: [
    { id: 'shrimps', species: SOME_GRAZERS.id, count, fromDay, origin: '' },
    ...(foodGPerDay === null ? [] : [{ id: 'fish', species: SOME_FISH.id, count: null, fromDay, origin: '' }]),
  ],
  foodGPerDay,
})
export const NO_ANIMALS: PlanAnimals = { groups: [], foodGPerDay: null }
