import type { Answers } from '../plan/answers.js'
import { ATOMIC_WEIGHT } from '../quantity/physicalConstants.js'
import { ionConductivityUsPerCm } from './conductivity.js'
import { mixOf, type MixedPlan } from './mixOf.js'
import { heldBy, sodiumOf } from './sourceKinds.js'

/** All waters of a change together, before any salt. Linear in every ion; purified water is taken as free of them. */
export interface Blend {
  readonly nitrateMgNPerL: number
  readonly phosphateMgPPerL: number
  readonly potassiumMgPerL: number
  readonly calciumMgPerL: number
  readonly magnesiumMgPerL: number
  readonly siliconMgPerL: number
  readonly sodiumMgPerL: number
  /** Only what was told: tests of it are seldom made. */
  readonly copperMgPerL: number
  readonly alkalinityMeqPerL: number
  /** Calcium and magnesium together. */
  readonly hardnessMmolPerL: number
  readonly conductivityUsPerCm: number
}

/** Calcium over all hardness ions, by amount; rule of thumb for tap water 0.6–0.85. */
export const CALCIUM_SHARE = 0.72
const USUAL_POTASSIUM_MG_PER_L = 1

const NOTHING: Blend = {
  nitrateMgNPerL: 0,
  phosphateMgPPerL: 0,
  potassiumMgPerL: 0,
  calciumMgPerL: 0,
  magnesiumMgPerL: 0,
  siliconMgPerL: 0,
  sodiumMgPerL: 0,
  copperMgPerL: 0,
  alkalinityMeqPerL: 0,
  hardnessMmolPerL: 0,
  conductivityUsPerCm: 0,
}
const KEYS = Object.keys(NOTHING) as (keyof Blend)[]

export function blendOf(plan: MixedPlan, answers: Answers): Blend {
  const sum: Record<keyof Blend, number> = { ...NOTHING }
  for (const { source, place, share } of mixOf(plan).sources) {
    const told = heldBy(source, 'hardnessMmolPerL', answers, place)
    const calciumMgPerL = source?.calciumMgPerL ?? told * CALCIUM_SHARE * ATOMIC_WEIGHT.Ca
    const magnesiumMgPerL = source?.magnesiumMgPerL ?? told * (1 - CALCIUM_SHARE) * ATOMIC_WEIGHT.Mg
    const hardnessMmolPerL = hardnessOf(calciumMgPerL, magnesiumMgPerL)
    const alkalinityMeqPerL = heldBy(source, 'alkalinityMeqPerL', answers, place)
    const ions = {
      calciumMgPerL,
      magnesiumMgPerL,
      hardnessMmolPerL,
      alkalinityMeqPerL,
      sodiumMgPerL: sodiumOf(source, hardnessMmolPerL, alkalinityMeqPerL),
      potassiumMgPerL: source?.potassiumMgPerL ?? (source?.kind === 'rain' ? 0 : USUAL_POTASSIUM_MG_PER_L),
      nitrateMgNPerL: heldBy(source, 'nitrateMgNPerL', answers, place),
    }
    const litre: Blend = {
      ...ions,
      phosphateMgPPerL: heldBy(source, 'phosphateMgPPerL', answers, place),
      siliconMgPerL: heldBy(source, 'silicaMgSiPerL', answers, place),
      copperMgPerL: source?.copperMgPerL ?? 0,
      conductivityUsPerCm: source?.conductivityUsPerCm ?? ionConductivityUsPerCm(ions),
    }
    for (const key of KEYS) sum[key] += share * litre[key]
  }
  return sum
}

/** Calcium and magnesium together [mmol/L]. */
export const hardnessOf = (calciumMgPerL: number, magnesiumMgPerL: number): number =>
  calciumMgPerL / ATOMIC_WEIGHT.Ca + magnesiumMgPerL / ATOMIC_WEIGHT.Mg
