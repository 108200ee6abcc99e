import { fromUnit } from '../quantity/units.js'
import type { FeedingSchool, FeedShare, Plan } from '../plan/plan.js'
import type { FeedAmounts } from '../plan/planFeed.js'
import { nutrientsBy, type FeedNutrient, type NutrientAmounts } from './nutrients.js'
import { SCHOOL } from './schools.js'

export const FULL_SHARE: FeedShare = { nitrogenPhosphorus: 1, rest: 1 }

/** What a school gives in a week, or the level that it holds [mg/L of the element]. */
export function schoolAmounts(school: FeedingSchool): NutrientAmounts {
  const { nitrate, phosphate, potassium, magnesium, iron } = SCHOOL[school].amounts
  return {
    nitrateN: fromUnit('nitrate', nitrate, 'mg NO3/L'),
    ammoniumN: 0,
    phosphateP: fromUnit('phosphate', phosphate, 'mg PO4/L'),
    potassium,
    calcium: 0,
    magnesium,
    iron,
  }
}

const OWN: Readonly<Record<FeedNutrient, keyof Omit<FeedAmounts, 'school'>>> = {
  nitrateN: 'nitrateMgNPerL',
  ammoniumN: 'ammoniumMgNPerL',
  phosphateP: 'phosphateMgPPerL',
  potassium: 'potassiumMgPerL',
  calcium: 'calciumMgPerL',
  magnesium: 'magnesiumMgPerL',
  iron: 'ironMgPerL',
}
/** The field in which a grower's own amount of a nutrient stands. */
export const ownAmountField = (nutrient: FeedNutrient): keyof Omit<FeedAmounts, 'school'> => OWN[nutrient]

/** Full amounts of a plan: the school's, with the grower's own in their place while the tank follows the school they were set for. */
export function fullAmounts({ feeding, feed: { amounts } }: Pick<Plan, 'feeding' | 'feed'>): NutrientAmounts {
  const usual = schoolAmounts(feeding)
  return amounts.school === feeding ? nutrientsBy((nutrient) => amounts[OWN[nutrient]] ?? usual[nutrient]) : usual
}

/** Of a phase's shares. */
export const shareOf = ({ nitrogenPhosphorus, rest }: FeedShare, nutrient: FeedNutrient): number =>
  nutrient === 'nitrateN' || nutrient === 'ammoniumN' || nutrient === 'phosphateP' ? nitrogenPhosphorus : rest
