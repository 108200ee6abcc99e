import type { Dimension } from '../quantity/dimensions.js'

/** What a dose brings and the model holds, mg of the element (per litre, per gram, per week: as the place says). Fast nitrogen is ammonium and urea. */
export interface NutrientAmounts {
  readonly ammoniumN: number
  readonly nitrateN: number
  readonly phosphateP: number
  readonly potassium: number
  readonly iron: number
  readonly calcium: number
  readonly magnesium: number
}
export const FEED_NUTRIENTS = ['nitrateN', 'ammoniumN', 'phosphateP', 'potassium', 'calcium', 'magnesium', 'iron'] as const
export type FeedNutrient = (typeof FEED_NUTRIENTS)[number]

export const nutrientsBy = (amountOf: (nutrient: FeedNutrient) => number): NutrientAmounts =>
  Object.fromEntries(FEED_NUTRIENTS.map((nutrient) => [nutrient, amountOf(nutrient)])) as unknown as NutrientAmounts // one entry a nutrient
export const NO_NUTRIENTS: NutrientAmounts = nutrientsBy(() => 0)
export const isNothing = (amounts: NutrientAmounts): boolean => FEED_NUTRIENTS.every((nutrient) => amounts[nutrient] === 0)

/** As which quantity each is told. */
export const NUTRIENT_DIMENSION = {
  nitrateN: 'nitrate',
  ammoniumN: 'ammonia',
  phosphateP: 'phosphate',
  potassium: 'concentration',
  calcium: 'concentration',
  magnesium: 'concentration',
  iron: 'concentration',
} as const satisfies Readonly<Record<FeedNutrient, Dimension>>
