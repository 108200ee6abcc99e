import { unionisedAmmoniaFraction } from '../water/ammonia.js'
import { FEED_NUTRIENTS, type FeedNutrient, type NutrientAmounts } from './nutrients.js'
import type { ProductContent } from './products.js'

/** Levels up to which nothing has to be done in haste [mg/L of the element]. Rules of thumb for planted tanks: 50 mg/L of nitrate, 5 of phosphate, 60 of potassium, 1 of iron; animals bear more of each for some days. */
export const CALM_MG_PER_L: Readonly<Record<Exclude<FeedNutrient, 'ammoniumN'>, number>> = {
  nitrateN: 11.3,
  phosphateP: 1.63,
  potassium: 60,
  calcium: 120,
  magnesium: 40,
  iron: 1,
}
/** Un-ionised ammonia that troubles animals [mg N/L], and copper that kills shrimps [mg/L]. Rules of thumb 0.01–0.02; 0.02–0.05. */
const CALM_NH3_MG_N_PER_L = 0.02
export const COPPER_MG_PER_L = 0.02

export interface OverdoseTask {
  readonly content: ProductContent
  /** Grams or millilitres that went in. */
  readonly amount: number
  readonly litres: number
  /** Before it happened [mg/L of the element]; 0 where nobody knows. */
  readonly before: NutrientAmounts
  /** The highest of the day: without gas, or as tested. */
  readonly pH: number
  readonly temperatureC: number
  readonly changeFraction: number
}
export interface OverdoseLevel {
  readonly of: FeedNutrient | 'unionised' | 'copper'
  readonly mgPerL: number
  readonly calmMgPerL: number
}
export interface OverdoseAnswer {
  readonly levels: readonly OverdoseLevel[]
  /** Changes of the given size, one after another, until all is calm; 0: none needed. */
  readonly changes: number
  /** What is over its level. */
  readonly over: readonly OverdoseLevel['of'][]
  /** By what went in animals are in danger now. */
  readonly isAnimalsAtRisk: boolean
}

const MOST_CHANGES = 12

/** What an overdose made of the water, and how many changes bring it back. New water is taken to hold none of it. */
export function overdose({ content, amount, litres, before, pH, temperatureC, changeFraction }: OverdoseTask): OverdoseAnswer {
  const added = (perUnit: number): number => (perUnit * amount) / litres
  const levels = [
    ...FEED_NUTRIENTS.filter((nutrient) => content.nutrientsMg[nutrient] > 0 && nutrient !== 'ammoniumN').map(
      (nutrient): OverdoseLevel => ({
        of: nutrient,
        mgPerL: before[nutrient] + added(content.nutrientsMg[nutrient]),
        calmMgPerL: CALM_MG_PER_L[nutrient as Exclude<FeedNutrient, 'ammoniumN'>],
      }),
    ),
    ...(content.nutrientsMg.ammoniumN > 0
      ? [
          {
            of: 'unionised' as const,
            mgPerL: (before.ammoniumN + added(content.nutrientsMg.ammoniumN)) * unionisedAmmoniaFraction(pH, temperatureC),
            calmMgPerL: CALM_NH3_MG_N_PER_L,
          },
        ]
      : []),
    ...(content.partnersMg.copper > 0
      ? [{ of: 'copper' as const, mgPerL: added(content.partnersMg.copper), calmMgPerL: COPPER_MG_PER_L }]
      : []),
  ]
  const over = levels.filter(({ mgPerL, calmMgPerL }) => mgPerL > calmMgPerL)
  const needed = over.map(({ mgPerL, calmMgPerL }) => Math.ceil(Math.log(calmMgPerL / mgPerL) / Math.log(1 - changeFraction) - 1e-9))
  return {
    levels,
    changes: Math.min(MOST_CHANGES, Math.max(0, ...needed)),
    over: over.map(({ of }) => of),
    isAnimalsAtRisk: over.some(({ of }) => of === 'unionised' || of === 'copper'),
  }
}
