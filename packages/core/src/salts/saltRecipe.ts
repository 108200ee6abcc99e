import { saltFraction, type SaltId, type SaltSpecies } from './salts.js'
import { mix } from './mix.js'
import { partnersOf, type Partner } from './partners.js'

/** Nutrients as a recipe names them: nitrate, ammonium and phosphate as ions, the others as elements. */
export const RECIPE_NUTRIENTS = ['NO3', 'NH4', 'PO4', 'K', 'Ca', 'Mg', 'Fe'] as const satisfies readonly SaltSpecies[]
export type RecipeNutrient = (typeof RECIPE_NUTRIENTS)[number]

export interface SaltRecipeTask {
  readonly litres: number
  /** Wanted addition. Zero asks that no salt brings the nutrient; one without a target does not steer the answer. */
  readonly targetsMgPerL: Readonly<Partial<Record<RecipeNutrient, number>>>
  readonly salts: readonly SaltId[]
}
export interface Recipe<Item extends string = string> {
  readonly status: 'exact' | 'infeasible' | 'compromise'
  /** Every salt that was offered. */
  readonly grams: Readonly<Partial<Record<SaltId, number>>>
  readonly achieved: Readonly<Partial<Record<Item, number>>>
  /** Achieved over target, less one. */
  readonly deviations: Readonly<Partial<Record<Item, number>>>
  /** What comes along unasked [mg/L], and the rise of KH [°dKH]. */
  readonly partners: Readonly<Partial<Record<Partner, number>>>
  /** Of the first of two waters, 0–1. */
  readonly shareFirst?: number
}

/** Grams of each salt that bring wanted additions: exactly where that can be done, by least mass where it can be done in several ways, else with the least relative misses. */
export function saltRecipe({ litres, targetsMgPerL, salts }: SaltRecipeTask): Recipe<RecipeNutrient> {
  const named = RECIPE_NUTRIENTS.filter((nutrient) => targetsMgPerL[nutrient] !== undefined)
  const wanted = named.filter((nutrient) => targetsMgPerL[nutrient]! > 0)
  const unwanted = named.filter((nutrient) => targetsMgPerL[nutrient] === 0)
  const used = [...new Set(salts)].filter((salt) => unwanted.every((nutrient) => saltFraction(salt, nutrient) === null))
  const { amounts, achieved, deviations, isExact } = mix(
    used.map((salt) => ({ adds: wanted.map((nutrient) => ((saltFraction(salt, nutrient) ?? 0) * 1000) / litres), costs: 1 })),
    wanted.map((nutrient) => ({ base: 0, target: targetsMgPerL[nutrient]! })),
  )
  const grams = Object.fromEntries(salts.map((salt) => [salt, amounts[used.indexOf(salt)] ?? 0]))
  return {
    status: isExact ? 'exact' : 'infeasible',
    grams,
    achieved: Object.fromEntries(named.map((nutrient) => [nutrient, achieved[wanted.indexOf(nutrient)] ?? 0])),
    deviations: Object.fromEntries(named.map((nutrient) => [nutrient, deviations[wanted.indexOf(nutrient)] ?? 0])),
    partners: partnersOf(grams, litres, named),
  }
}
