import { ANIMALS, type Plan } from '@jovrin/core'

/** Animals of a demo tank: species id, number, day, where they came from. */
export function keeps(
  foodGPerDay: number | null,
  ...kept: readonly (readonly [species: string, count: number, fromDay: number, origin?: string])[]
): Pick<Plan, 'animals' | 'fauna'> {
  return {
    animals: {
      groups: kept.map(([species, count, fromDay, origin = ''], at) => ({ id: `a${at + 1}`, species, count, fromDay, origin })),
      foodGPerDay,
    },
    fauna: ANIMALS.filter(({ id }) => kept.some(([species]) => species === id)),
  }
}
