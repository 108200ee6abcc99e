import type { Answers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'
import { ATOMIC_WEIGHT, MMOL_PER_DGH } from '../quantity/physicalConstants.js'

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

/** Calcium over all hardness ions, by amount; rule of thumb for tap water 0.6–0.85. */
const CALCIUM_SHARE = 0.72
const TAP_POTASSIUM_MG_PER_L = 1
/** What a blend that is softer gets back with salts; general practice 3–6. */
export const WANTED_HARDNESS_DGH = 4

/** Calcium and magnesium of source and purified water together, before any salt. */
function blendOf({ sources: [source], logistics }: Pick<Plan, 'sources' | 'logistics'>, answers: Answers) {
  const kept = 1 - (logistics.purifiedFraction ?? 0)
  const told = answers.number('sources/*/hardnessMmolPerL', source?.hardnessMmolPerL)
  const calciumMgPerL = kept * (source?.calciumMgPerL ?? told * CALCIUM_SHARE * ATOMIC_WEIGHT.Ca)
  const magnesiumMgPerL = kept * (source?.magnesiumMgPerL ?? told * (1 - CALCIUM_SHARE) * ATOMIC_WEIGHT.Mg)
  return { calciumMgPerL, magnesiumMgPerL, hardnessMmolPerL: calciumMgPerL / ATOMIC_WEIGHT.Ca + magnesiumMgPerL / ATOMIC_WEIGHT.Mg }
}
export const blendHardnessMmolPerL = (plan: Pick<Plan, 'sources' | 'logistics'>, answers: Answers): number =>
  blendOf(plan, answers).hardnessMmolPerL

/** The first source, thinned by the purified share. Where that share makes it softer than plants can do with, its grower is taken to give calcium and magnesium back; a finding asks for it. */
export function tapOf(plan: Pick<Plan, 'sources' | 'logistics'>, answers: Answers): TapWater {
  const [source] = plan.sources
  const purified = plan.logistics.purifiedFraction ?? 0
  const kept = 1 - purified
  const { calciumMgPerL, magnesiumMgPerL, hardnessMmolPerL } = blendOf(plan, answers)
  const missing = purified > 0 ? Math.max(0, WANTED_HARDNESS_DGH * MMOL_PER_DGH - hardnessMmolPerL) : 0
  return {
    ammoniumMgNPerL: 0,
    nitrateMgNPerL: kept * answers.number('sources/*/nitrateMgNPerL', source?.nitrateMgNPerL),
    phosphateMgPPerL: kept * answers.number('sources/*/phosphateMgPPerL', source?.phosphateMgPPerL),
    potassiumMgPerL: kept * TAP_POTASSIUM_MG_PER_L,
    ironMgPerL: 0,
    calciumMgPerL: calciumMgPerL + missing * CALCIUM_SHARE * ATOMIC_WEIGHT.Ca,
    magnesiumMgPerL: magnesiumMgPerL + missing * (1 - CALCIUM_SHARE) * ATOMIC_WEIGHT.Mg,
    siliconMgPerL: kept * answers.number('sources/*/silicaMgSiPerL', source?.silicaMgSiPerL),
    alkalinityMeqPerL: kept * answers.number('sources/*/alkalinityMeqPerL', source?.alkalinityMeqPerL),
  }
}
