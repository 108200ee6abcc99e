import { SOME_FISH, SOME_GRAZERS } from '../../species/animals/index.js'
import type { AnimalGroup, PlanAnimals } from '../planAnimals.js'
import type { PlanV10 } from './planV10.js'
import type { PlanV9 } from './planV9.js'

/** Local ids of the groups that stand for the two numbers of before; dated settings of those numbers become settings of theirs. */
export const UNNAMED_GROUPS = { grazers: 'shrimps', fish: 'fish' } as const

/** Two unnamed groups that come to the same food and the same grazing. None of them is kept as none, since the past may have had some. */
export function namedAnimals({ foodGPerDay, grazers, grazersFromDay, fishFromDay }: PlanV9['animals']): PlanAnimals {
  const group = (id: string, species: string, count: number | null, fromDay: number): AnimalGroup => ({
    id,
    species,
    count: count === null ? null : Math.round(count),
    fromDay,
    origin: '',
  })
  return {
    groups: [
      group(UNNAMED_GROUPS.grazers, SOME_GRAZERS.id, grazers, grazersFromDay),
      group(UNNAMED_GROUPS.fish, SOME_FISH.id, null, fishFromDay),
    ],
    foodGPerDay,
  }
}

/** Version 10 names the animals. */
export const v9to10 = (plan: PlanV9): PlanV10 => ({ ...plan, schemaVersion: 10, animals: namedAnimals(plan.animals), fauna: [] })
