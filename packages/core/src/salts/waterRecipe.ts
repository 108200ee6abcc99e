import { ATOMIC_WEIGHT, MEQ_PER_DKH, MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'
import { hardnessRise, saltFraction, type SaltId } from './salts.js'
import { mix, type Ingredient, type Wanted } from './mix.js'
import { partnersOf, type Partner } from './partners.js'
import type { Recipe } from './saltRecipe.js'

/** Calcium, magnesium and alkalinity that a water already holds. */
export interface HardWater {
  readonly caMgPerL: number
  readonly mgMgPerL: number
  readonly khDkh: number
}
export interface HardTargets {
  /** Of calcium and magnesium alone. */
  readonly ghDgh: number
  /** Ca : Mg by mass. */
  readonly caMgMassRatio: number
  readonly khDkh?: number | undefined
}
export type WaterItem = 'GH' | 'KH' | 'Ca' | 'Mg' | 'Ca_Mg_ratio'

const ALWAYS: ReadonlySet<Partner> = new Set(['Cl', 'Na', 'SO4', 'K'])
const ASKED = ['Ca', 'Mg', 'KH_rise'] as const

export interface RemineraliseTask {
  readonly litres: number
  readonly base: HardWater
  readonly targets: HardTargets
  readonly salts: readonly SaltId[]
}
/** Grams of minerals for all of a change's new water. Bicarbonates and carbonate count as wholly dissolved. */
export const remineralise = (task: RemineraliseTask): Recipe<WaterItem> => minerals({ ...task, first: null })

export interface BlendAndRemineraliseTask extends Omit<RemineraliseTask, 'base'> {
  readonly first: HardWater
  readonly second: HardWater
}
/** Both at once: how much of the first water, and grams of minerals; of mixtures that are as near the lightest, since water costs nothing. */
export const blendAndRemineralise = ({ first, second, ...task }: BlendAndRemineraliseTask): Recipe<WaterItem> =>
  minerals({ ...task, base: second, first })

/** Calcium and magnesium [mg/L] of a hardness at a ratio by mass. */
export function ionsOfHardness(ghDgh: number, caMgMassRatio: number): { readonly caMgPerL: number; readonly mgMgPerL: number } {
  requireWithin('caMgMassRatio', caMgMassRatio, 1e-3, 1e3)
  const mgMgPerL = (ghDgh * MMOL_PER_DGH) / (caMgMassRatio / ATOMIC_WEIGHT.Ca + 1 / ATOMIC_WEIGHT.Mg)
  return { caMgPerL: caMgMassRatio * mgMgPerL, mgMgPerL }
}
/** Hardness [°dGH] of calcium and magnesium together. */
export const hardnessOfIons = (caMgPerL: number, mgMgPerL: number): number =>
  (caMgPerL / ATOMIC_WEIGHT.Ca + mgMgPerL / ATOMIC_WEIGHT.Mg) / MMOL_PER_DGH

function minerals({ litres, base, targets, salts, first }: RemineraliseTask & { readonly first: HardWater | null }): Recipe<WaterItem> {
  const { caMgPerL, mgMgPerL } = ionsOfHardness(targets.ghDgh, targets.caMgMassRatio)
  const meq = (dkh: number): number => dkh * MEQ_PER_DKH
  const asksKh = targets.khDkh !== undefined
  const items = (ca: number, mg: number, alkalinity: number): number[] => (asksKh ? [ca, mg, alkalinity] : [ca, mg])
  const used = [...new Set(salts)]
  const ingredients: Ingredient[] = used.map((salt) => ({
    adds: items(
      ((saltFraction(salt, 'Ca') ?? 0) * 1000) / litres,
      ((saltFraction(salt, 'Mg') ?? 0) * 1000) / litres,
      meq(hardnessRise(salt, 1, litres).dkh),
    ),
    costs: 1,
  }))
  if (first !== null)
    ingredients.push({
      adds: items(first.caMgPerL - base.caMgPerL, first.mgMgPerL - base.mgMgPerL, meq(first.khDkh - base.khDkh)),
      costs: 0,
    })
  const there = items(base.caMgPerL, base.mgMgPerL, meq(base.khDkh))
  const wanted: Wanted[] = items(caMgPerL, mgMgPerL, meq(targets.khDkh ?? 0)).map((target, at) => ({ base: there[at]!, target }))
  const { amounts, achieved, deviations, isExact } = mix(ingredients, wanted, first === null ? [] : [...used.map(() => null), 1])
  const grams: Partial<Record<SaltId, number>> = Object.fromEntries(salts.map((salt) => [salt, amounts[used.indexOf(salt)] ?? 0]))
  const share = first === null ? null : (amounts.at(-1) ?? 0)
  const [ca = 0, mg = 0] = achieved
  const blendedKh = share === null || first === null ? base.khDkh : base.khDkh + share * (first.khDkh - base.khDkh)
  const kh = blendedKh + used.reduce((sum, salt) => sum + hardnessRise(salt, grams[salt] ?? 0, litres).dkh, 0)
  const [caMiss = 0, mgMiss = 0, khMiss] = deviations
  return {
    status: isExact ? 'exact' : 'infeasible',
    grams,
    achieved: { GH: hardnessOfIons(ca, mg), KH: kh, Ca: ca, Mg: mg, ...(mg > 0 ? { Ca_Mg_ratio: ca / mg } : {}) },
    deviations: { Ca: caMiss, Mg: mgMiss, ...(khMiss === undefined ? {} : { KH: khMiss }) },
    partners: partnersOf(grams, litres, asksKh ? ASKED : ['Ca', 'Mg'], ALWAYS),
    ...(share === null ? {} : { shareFirst: share }),
  }
}

export interface BlendTask {
  readonly first: BlendWater
  readonly second: BlendWater
  readonly targets: BlendTargets
}
export interface BlendWater {
  readonly ghDgh: number
  readonly khDkh: number
}
export interface BlendTargets {
  readonly ghDgh?: number | undefined
  readonly khDkh?: number | undefined
}
/** Share of the first of two waters that comes nearest to GH and KH, each miss relative to its target. Hardness and alkalinity mix in proportion to volume. */
export function blend({ first, second, targets }: BlendTask): Recipe<'GH' | 'KH'> {
  const keys = (['ghDgh', 'khDkh'] as const).filter((key) => (targets[key] ?? 0) > 0)
  const found = mix(
    [{ adds: keys.map((key) => first[key] - second[key]), costs: 0 }],
    keys.map((key) => ({ base: second[key], target: targets[key]! })),
    [1],
  )
  const [shareFirst = 0] = found.amounts
  const at = (key: keyof BlendWater): number => second[key] + shareFirst * (first[key] - second[key])
  const misses = keys.map((key, place): [string, number] => [key === 'ghDgh' ? 'GH' : 'KH', found.deviations[place]!])
  return {
    status: found.isExact ? 'exact' : 'compromise',
    grams: {},
    achieved: { GH: at('ghDgh'), KH: at('khDkh') },
    deviations: Object.fromEntries(misses),
    partners: {},
    shareFirst,
  }
}
