import { animalGroups, nameOfAnimal } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { answered, assumed, defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import { foodInWarmth, WASTED_FOOD, type Animals } from './animalsOf.js'

/** What nobody weighed is known to half as much again. Rule of thumb. */
const EITHER_WAY = 1.5
/** Nitrogen of dry food: 48 % protein with 16 % nitrogen in it. Rule of thumb 7–8.5 %. */
export const FOOD_N_SHARE = 0.075

export const foodSum = defineSum({
  id: 'animals.food',
  dimension: 'fodder',
  terms: { wasted: 'ratio', warmth: 'ratio' },
  each: { count: 'count', foodMg: 'content' },
  formula: 'wasted·warmth·Σ(count·foodMg)/1000',
  source:
    'General practice: dry food 2.5 % of wet mass a day under 1 g, 1.5 % to 10 g, 1 % above, at 25 °C, twice as much for 10 °C more; a fifth is wasted; ×/÷ 1.5',
})
export const foodNitrogenSum = defineSum({
  id: 'animals.nitrogen',
  dimension: 'content',
  terms: { food: 'fodder', nitrogenShare: 'fraction' },
  formula: '1000·food·nitrogenShare',
  source: 'Rule of thumb: dry food holds 7–8.5 % nitrogen; three fifths of it are ammonium at once',
})

/** What the named animals need a day once all are in; `null` where none is, or the kind of some is not known. */
export function openFood(plan: Pick<Plan, 'animals' | 'fauna'>, { kept }: Animals, temperatureC: number): OpenedSum | null {
  const groups = animalGroups(plan)
  if (kept.length === 0 || groups.some(({ species }) => nameOfAnimal(species) === '')) return null
  const warmth = foodInWarmth(temperatureC)
  const needed = kept.reduce((sum, { species, count }) => sum + (WASTED_FOOD * warmth * count * species.foodMgPerDay.value) / 1000, 0)
  return openSum(
    foodSum,
    { value: needed, low: needed / EITHER_WAY, high: needed * EITHER_WAY },
    { wasted: assumed(WASTED_FOOD), warmth: reckoned(warmth) },
    kept.map(({ group, species, count }) => ({
      of: ['own', species.name] as const,
      count: answered(count, group.count),
      foodMg: assumed(species.foodMgPerDay.value),
    })),
  )
}

/** What is fed a day brings so much nitrogen [mg]. */
export const openFoodNitrogen = ({ animals }: Pick<Plan, 'animals'>, { foodGPerDay }: Pick<Animals, 'foodGPerDay'>): OpenedSum => {
  const value = 1000 * foodGPerDay * FOOD_N_SHARE
  return openSum(
    foodNitrogenSum,
    { value, low: value / EITHER_WAY, high: value * EITHER_WAY },
    {
      food: animals.foodGPerDay === null ? reckoned(foodGPerDay) : answered(foodGPerDay, animals.foodGPerDay),
      nitrogenShare: assumed(FOOD_N_SHARE),
    },
  )
}
