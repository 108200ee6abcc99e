import { commonAnswers } from '../plan/answers.js'
import { MEQ_PER_DKH, MMOL_PER_DGH } from '../quantity/physicalConstants.js'
import { blend } from '../salts/waterRecipe.js'
import { blendOf } from './blend.js'
import type { NewWaterPlan } from './newWater.js'

/** The purified share that brings the other waters nearest to what is wanted, before any salt. */
export interface NearestPurified {
  /** 0–1. */
  readonly purified: number
  readonly hardnessMmolPerL: number
  readonly alkalinityMeqPerL: number
}

/** `null` where neither GH nor KH is wanted. Each miss counts against its aim, as in every recipe. */
export function nearestPurified({ sources, logistics, water }: NewWaterPlan): NearestPurified | null {
  const { hardnessMmolPerL: hardness, alkalinityMeqPerL: alkalinity } = water
  if (!((hardness ?? 0) > 0 || (alkalinity ?? 0) > 0)) return null
  const rest = blendOf({ sources, logistics: { ...logistics, purifiedFraction: 0 } }, commonAnswers())
  const found = blend({
    first: { ghDgh: rest.hardnessMmolPerL / MMOL_PER_DGH, khDkh: rest.alkalinityMeqPerL / MEQ_PER_DKH },
    second: { ghDgh: 0, khDkh: 0 },
    targets: {
      ...((hardness ?? 0) > 0 ? { ghDgh: hardness! / MMOL_PER_DGH } : {}),
      ...((alkalinity ?? 0) > 0 ? { khDkh: alkalinity! / MEQ_PER_DKH } : {}),
    },
  })
  const kept = Math.min(1, Math.max(0, found.shareFirst ?? 1))
  return { purified: 1 - kept, hardnessMmolPerL: kept * rest.hardnessMmolPerL, alkalinityMeqPerL: kept * rest.alkalinityMeqPerL }
}
