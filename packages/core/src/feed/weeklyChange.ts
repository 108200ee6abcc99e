import { commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import type { NewWaterPlan } from '../water/newWater.js'
import { tapOf } from '../water/tapOf.js'
import { NO_NUTRIENTS, nutrientsBy, type NutrientAmounts } from './nutrients.js'

/** Share of the water that a week's regular changes replace, at most all of it. */
export const weeklyChange = ({ changes }: Pick<Plan, 'changes'>): number => Math.min(1, (changes.fraction * 7) / changes.everyDays)

/** What new water holds [mg/L of the element]. */
export function newWaterMgPerL(plan: NewWaterPlan): NutrientAmounts {
  const { nitrateMgNPerL, ammoniumMgNPerL, phosphateMgPPerL, potassiumMgPerL, calciumMgPerL, magnesiumMgPerL, ironMgPerL } = tapOf(
    plan,
    commonAnswers(),
  )
  return {
    ...NO_NUTRIENTS,
    nitrateN: nitrateMgNPerL,
    ammoniumN: ammoniumMgNPerL,
    phosphateP: phosphateMgPPerL,
    potassium: potassiumMgPerL,
    calcium: calciumMgPerL,
    magnesium: magnesiumMgPerL,
    iron: ironMgPerL,
  }
}

/** What new water brings in a week of the plan's regular changes [mg/L of the tank]. */
export function broughtByWater(plan: NewWaterPlan & Pick<Plan, 'changes'>): NutrientAmounts {
  const held = newWaterMgPerL(plan)
  return nutrientsBy((nutrient) => weeklyChange(plan) * held[nutrient])
}
