import type { Answers } from '../plan/answers.js'
import { animalGroups, type AnimalGroup, type NamedGroup } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { ALGAE_SHRIMP_TASTE, SOME_FISH, SOME_GRAZERS, type AnimalSpecies } from '../species/animals/index.js'

/** One group once it is in: its number, its part of the food, and how much it grazes. */
export interface KeptGroup {
  readonly group: AnimalGroup
  readonly species: AnimalSpecies
  readonly count: number
  /** Dry, of what all are fed. */
  readonly foodGPerDay: number
  /** In algae shrimps of 4–5 cm. */
  readonly grazers: number
}
/** Food and grazing once all of them are in. */
export interface Animals {
  readonly kept: readonly KeptGroup[]
  readonly foodGPerDay: number
  readonly grazers: number
}

/** More is given than is eaten: ×1.2; careful keepers give 1.0, generous ones 1.6. General practice. */
export const WASTED_FOOD = 1.2
/** Who eats everything that is given doubles for what is dropped: with twice the need grazers leave algae alone. Rule of thumb. */
const LEAST_APPETITE = 0.3
const unnamed = ({ species }: NamedGroup): boolean => species.id === SOME_GRAZERS.id || species.id === SOME_FISH.id

/** Who is kept. The grower's own figure of food goes before the sum of what they need; where nobody knows their number, by the water or by the least that are well together. */
export function animalsOf(plan: Pick<Plan, 'animals' | 'fauna'>, answers: Answers, waterL: number, temperatureC: number): Animals {
  const named = animalGroups(plan)
  const counted = named.map((one, place) => ({ ...one, count: countOf(one, answers, waterL, place) }))
  const warmth = foodInWarmth(temperatureC)
  const needs = counted.map(({ species, count }, place) =>
    species.id === SOME_FISH.id
      ? answers.trait('foodGPerDayPerL') * waterL
      : (WASTED_FOOD * warmth * count * answers.unknown('animals/groups/*/food', species.foodMgPerDay, null, place)) / 1000,
  )
  const need = needs.reduce((sum, one) => sum + one, 0)
  const given = named.length === 0 ? 0 : (plan.animals.foodGPerDay ?? need)
  // By weight nobody counted fish, nobody can say how full they are.
  const appetite = need > 0 && !named.some(unnamed) ? Math.min(1, Math.max(LEAST_APPETITE, 2 - given / need)) : 1
  const kept = counted.map(({ group, species, count }, place): KeptGroup => ({
    group,
    species,
    count,
    foodGPerDay: given * (need > 0 ? needs[place]! / need : 1 / counted.length),
    grazers: count * appetite * (species.grazing?.units.value ?? 0),
  }))
  return {
    kept,
    foodGPerDay: kept.reduce((sum, one) => sum + one.foodGPerDay, 0),
    grazers: kept.reduce((sum, one) => sum + one.grazers, 0),
  }
}

function countOf({ group, species }: NamedGroup, answers: Answers, waterL: number, place: number): number {
  if (species.id === SOME_GRAZERS.id) return group.count ?? answers.trait('grazersPerL') * waterL
  const least = species.leastCount
  return (
    group.count ??
    answers.unknown('animals/groups/*/count', { value: least, low: least / 2, high: least * 2 }, 'animals/groups/*/count', place)
  )
}

/** Animals of the water's warmth eat twice as much for each 10 °C. General practice, after the doubling of metabolism. */
export const foodInWarmth = (temperatureC: number): number => 2 ** ((temperatureC - 25) / 10)

/** Those that are in at an age of the tank, fed and grazing; `taste`: of their grazing together, over the algae shrimp's. */
export interface Livestock {
  readonly foodGPerDay: number
  readonly grazers: number
  readonly taste: Float64Array
}
export function livestockOn({ kept }: Pick<Animals, 'kept'>, ageDays: number): Livestock {
  let foodGPerDay = 0
  let grazers = 0
  const eaten = new Float64Array(ALGAE_SHRIMP_TASTE.length)
  for (const one of kept) {
    if (one.group.fromDay > ageDays) continue
    foodGPerDay += one.foodGPerDay
    grazers += one.grazers
    one.species.grazing?.taste.forEach((taste, guild) => (eaten[guild]! += one.grazers * taste))
  }
  // Who eats only as algae shrimps do stays exactly at theirs.
  return {
    foodGPerDay,
    grazers,
    taste: eaten.map((sum, guild) => {
      const like = grazers * ALGAE_SHRIMP_TASTE[guild]!
      return grazers === 0 || Math.abs(sum - like) < 1e-9 * like ? 1 : sum / like
    }),
  }
}
