import { commonAnswers, type Answers } from '../plan/answers.js'
import { MINERAL_SALTS, type MineralSalt } from '../plan/planWater.js'
import type { Plan } from '../plan/plan.js'
import { ATOMIC_WEIGHT, MEQ_PER_DKH, MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { saltFraction, type SaltSpecies } from '../salts/salts.js'
import type { Recipe } from '../salts/saltRecipe.js'
import { remineralise, type WaterItem } from '../salts/waterRecipe.js'
import { blendOf, hardnessOf, type Blend } from './blend.js'
import { ionConductivityUsPerCm } from './conductivity.js'
import { mixOf } from './mixOf.js'

export type NewWaterPlan = Pick<Plan, 'sources' | 'logistics' | 'water'>

/** What new water is to come to. */
export interface WaterAim {
  readonly hardnessMmolPerL: number
  readonly caMgMassRatio: number
  /** `null`: as it comes. */
  readonly alkalinityMeqPerL: number | null
}
export interface NewWater {
  readonly blend: Blend
  /** `null` where no salt is at hand, or none is needed. */
  readonly recipe: Recipe<WaterItem> | null
  readonly aim: WaterAim
  /** Of each salt in every litre [g]. */
  readonly gramsPerL: Readonly<Partial<Record<MineralSalt, number>>>
  /** With its minerals, as it goes in. */
  readonly mineralised: Blend
}

/** What softer water gets back with salts where nobody says; general practice 3–6. */
export const WANTED_HARDNESS_DGH = 4
/** Amounts that no scale sees, for one litre [g]. */
const LEAST_G_PER_L = 1e-6
const ROUNDING = 1e-9

/** The waters mixed, and the salts that bring them to what is wanted. What a water has already is never taken out: a blend above the aim gets none. */
export function newWater(plan: NewWaterPlan, answers: Answers = commonAnswers()): NewWater {
  const blend = blendOf(plan, answers)
  const aim = aimOf(plan, blend, answers)
  const { minerals } = plan.water
  const isShort =
    aim.hardnessMmolPerL > blend.hardnessMmolPerL + ROUNDING ||
    (aim.alkalinityMeqPerL !== null && aim.alkalinityMeqPerL > blend.alkalinityMeqPerL + ROUNDING)
  if (minerals.length === 0 || !isShort || aim.hardnessMmolPerL < ROUNDING)
    return { blend, recipe: null, aim, gramsPerL: {}, mineralised: blend }
  const recipe = remineralise({
    litres: 1,
    base: { caMgPerL: blend.calciumMgPerL, mgMgPerL: blend.magnesiumMgPerL, khDkh: blend.alkalinityMeqPerL / MEQ_PER_DKH },
    targets: {
      ghDgh: aim.hardnessMmolPerL / MMOL_PER_DGH,
      caMgMassRatio: aim.caMgMassRatio,
      ...(aim.alkalinityMeqPerL === null || aim.alkalinityMeqPerL <= 0 ? {} : { khDkh: aim.alkalinityMeqPerL / MEQ_PER_DKH }),
    },
    salts: minerals,
  })
  const gramsPerL = Object.fromEntries(
    MINERAL_SALTS.flatMap((salt) => ((recipe.grams[salt] ?? 0) > LEAST_G_PER_L ? [[salt, recipe.grams[salt]!]] : [])),
  )
  return { blend, recipe, aim, gramsPerL, mineralised: withSalts(blend, gramsPerL) }
}

/** Never below what the blend has, so that salts for one aim do not chase another downwards. */
function aimOf({ water }: NewWaterPlan, blend: Blend, answers: Answers): WaterAim {
  const wanted = water.hardnessMmolPerL ?? (water.minerals.length > 0 ? WANTED_HARDNESS_DGH * MMOL_PER_DGH : 0)
  const isRaised = wanted > blend.hardnessMmolPerL + ROUNDING
  const ownRatio = blend.magnesiumMgPerL > 0 ? blend.calciumMgPerL / blend.magnesiumMgPerL : 0
  const ratio = answers.number('water/caMgMassRatio', water.caMgMassRatio)
  return {
    hardnessMmolPerL: isRaised ? wanted : blend.hardnessMmolPerL,
    caMgMassRatio: isRaised || !(ownRatio > 1e-3 && ownRatio < 1e3) ? ratio : ownRatio,
    alkalinityMeqPerL: water.alkalinityMeqPerL === null ? null : Math.max(water.alkalinityMeqPerL, blend.alkalinityMeqPerL),
  }
}

function withSalts(blend: Blend, gramsPerL: Readonly<Partial<Record<MineralSalt, number>>>): Blend {
  const rise = (species: SaltSpecies): number =>
    MINERAL_SALTS.reduce((sum, salt) => sum + (gramsPerL[salt] ?? 0) * (saltFraction(salt, species) ?? 0) * 1000, 0)
  const calciumMgPerL = blend.calciumMgPerL + rise('Ca')
  const magnesiumMgPerL = blend.magnesiumMgPerL + rise('Mg')
  const carbonate = rise('CO3') / (ATOMIC_WEIGHT.C + 3 * ATOMIC_WEIGHT.O)
  const bicarbonate = rise('HCO3') / (ATOMIC_WEIGHT.H + ATOMIC_WEIGHT.C + 3 * ATOMIC_WEIGHT.O)
  const after = {
    ...blend,
    calciumMgPerL,
    magnesiumMgPerL,
    potassiumMgPerL: blend.potassiumMgPerL + rise('K'),
    sodiumMgPerL: blend.sodiumMgPerL + rise('Na'),
    alkalinityMeqPerL: blend.alkalinityMeqPerL + 2 * carbonate + bicarbonate,
    hardnessMmolPerL: hardnessOf(calciumMgPerL, magnesiumMgPerL),
  }
  return { ...after, conductivityUsPerCm: blend.conductivityUsPerCm + ionConductivityUsPerCm(after) - ionConductivityUsPerCm(blend) }
}

/** Hardness and alkalinity of new water; `null` where nobody told them of a water that is used. */
export function toldNewWater(plan: NewWaterPlan): { readonly hardnessMmolPerL: number | null; readonly alkalinityMeqPerL: number | null } {
  const { mineralised } = newWater(plan)
  const used = mixOf(plan).sources.map(({ source }) => source)
  const isHardnessTold = used.every((source) => source !== null && (source.hardnessMmolPerL !== null || source.calciumMgPerL !== null))
  const isAlkalinityTold = used.every((source) => source !== null && source.alkalinityMeqPerL !== null)
  return {
    hardnessMmolPerL: isHardnessTold ? mineralised.hardnessMmolPerL : null,
    alkalinityMeqPerL: isAlkalinityTold ? mineralised.alkalinityMeqPerL : null,
  }
}
