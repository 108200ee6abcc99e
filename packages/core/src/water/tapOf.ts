import type { Answers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import { ATOMIC_WEIGHT } from '../quantity/physicalConstants.js'

/** Water for changes, every answer known. */
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

/** Calcium over all hardness ions, by amount; rule of thumb for tap water 0.6–0.85. */
const CALCIUM_SHARE = 0.72
const TAP_POTASSIUM_MG_PER_L = 1

/** The first source: water of several is not blended yet. */
export function tapOf({ sources: [source] }: Pick<Plan, 'sources'>, answers: Answers): TapWater {
  const hardness = answers.number('sources/*/hardnessMmolPerL', source?.hardnessMmolPerL)
  return {
    ammoniumMgNPerL: 0,
    nitrateMgNPerL: answers.number('sources/*/nitrateMgNPerL', source?.nitrateMgNPerL),
    phosphateMgPPerL: answers.number('sources/*/phosphateMgPPerL', source?.phosphateMgPPerL),
    potassiumMgPerL: TAP_POTASSIUM_MG_PER_L,
    ironMgPerL: 0,
    calciumMgPerL: source?.calciumMgPerL ?? hardness * CALCIUM_SHARE * ATOMIC_WEIGHT.Ca,
    magnesiumMgPerL: source?.magnesiumMgPerL ?? hardness * (1 - CALCIUM_SHARE) * ATOMIC_WEIGHT.Mg,
    siliconMgPerL: answers.number('sources/*/silicaMgSiPerL', source?.silicaMgSiPerL),
    alkalinityMeqPerL: answers.number('sources/*/alkalinityMeqPerL', source?.alkalinityMeqPerL),
  }
}
