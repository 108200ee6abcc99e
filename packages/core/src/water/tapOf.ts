import type { Answers } from '../plan/answers.js'
import { ATOMIC_WEIGHT, MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { CALCIUM_SHARE } from './blend.js'
import { mixOf } from './mixOf.js'
import { newWater, WANTED_HARDNESS_DGH, type NewWaterPlan } from './newWater.js'

/** Water for changes as it goes in, every answer known. */
export interface TapWater {
  readonly ammoniumMgNPerL: number
  readonly nitrateMgNPerL: number
  readonly phosphateMgPPerL: number
  readonly potassiumMgPerL: number
  readonly ironMgPerL: number
  readonly calciumMgPerL: number
  readonly magnesiumMgPerL: number
  readonly siliconMgPerL: number
  readonly alkalinityMeqPerL: number
}

/** All waters as they are mixed, with their minerals. Where purified water or rain makes it softer than plants can do with, and nobody has told aims or salts, its grower is taken to give calcium and magnesium back; a finding asks for it. */
export function tapOf(plan: NewWaterPlan, answers: Answers): TapWater {
  const { mineralised } = newWater(plan, answers)
  const missing = isTakenAsMineralised(plan) ? Math.max(0, WANTED_HARDNESS_DGH * MMOL_PER_DGH - mineralised.hardnessMmolPerL) : 0
  return {
    ammoniumMgNPerL: 0,
    nitrateMgNPerL: mineralised.nitrateMgNPerL,
    phosphateMgPPerL: mineralised.phosphateMgPPerL,
    potassiumMgPerL: mineralised.potassiumMgPerL,
    ironMgPerL: 0,
    calciumMgPerL: mineralised.calciumMgPerL + missing * CALCIUM_SHARE * ATOMIC_WEIGHT.Ca,
    magnesiumMgPerL: mineralised.magnesiumMgPerL + missing * (1 - CALCIUM_SHARE) * ATOMIC_WEIGHT.Mg,
    siliconMgPerL: mineralised.siliconMgPerL,
    alkalinityMeqPerL: mineralised.alkalinityMeqPerL,
  }
}
const isTakenAsMineralised = (plan: NewWaterPlan): boolean =>
  plan.water.minerals.length === 0 &&
  plan.water.hardnessMmolPerL === null &&
  (mixOf(plan).purified > 0 || mixOf(plan).sources.some(({ source }) => source?.kind === 'rain'))
