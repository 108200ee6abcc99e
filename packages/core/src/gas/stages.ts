import {
  aimedPeakMgPerL,
  AT_LIGHTS_ON_SHARE,
  FIRST_DAY_MG_PER_L,
  MUCH_MG_PER_L,
  SENSITIVE_MG_PER_L,
  SETTLING_DAYS,
  WASTED_MG_PER_L,
} from './limits.js'

/** What a tank's gas is for, by the stage it is in. `flooded`: after a dry start, still without animals. `without`: gas is given up. */
export const GAS_STAGES = ['no-animals', 'animals', 'sensitive', 'grown-in', 'flooded', 'without'] as const
export type GasStage = (typeof GAS_STAGES)[number]

/** CO2 at gas-off [mg/L]. */
export interface GasAim {
  readonly low: number
  readonly high: number
}
export interface GasAimStep extends GasAim {
  /** Day of the stage on which it begins. */
  readonly fromDay: number
  /** Light of a step over the light now; 1 where light stays. */
  readonly lightShare: number
}

const WEEK = 7
const NO_ANIMALS: GasAim = { low: 40, high: WASTED_MG_PER_L }
const USUAL: GasAim = { low: 20, high: MUCH_MG_PER_L }
const SENSITIVE: GasAim = { low: 15, high: SENSITIVE_MG_PER_L }
const aimOf = (areSensitive: boolean): GasAim => (areSensitive ? SENSITIVE : USUAL)
const still = (aim: GasAim): GasAimStep => ({ ...aim, fromDay: 0, lightShare: 1 })

/** Steps of a stage's aim at gas-off, from its first day on. General practice: 40–60 mg/L without animals, down over two to three weeks; 20–30 with animals, 15–25 with sensitive ones, from 15 on their first day over a week; light and gas end together over three weeks. `endLightShare`: of the light now, what plants without gas bear. */
export function gasAims(
  stage: GasStage,
  {
    areSensitive,
    airMgPerL,
    endLightShare,
  }: { readonly areSensitive: boolean; readonly airMgPerL: number; readonly endLightShare: number },
): readonly GasAimStep[] {
  switch (stage) {
    case 'no-animals':
      return [still(NO_ANIMALS)]
    case 'animals':
    case 'sensitive': {
      const aim = aimOf(stage === 'sensitive')
      return [
        { low: FIRST_DAY_MG_PER_L - 3, high: FIRST_DAY_MG_PER_L, fromDay: 0, lightShare: 1 },
        {
          low: FIRST_DAY_MG_PER_L,
          high: Math.round((FIRST_DAY_MG_PER_L + aim.high) / 2),
          fromDay: Math.ceil(SETTLING_DAYS / 2),
          lightShare: 1,
        },
        { ...aim, fromDay: SETTLING_DAYS, lightShare: 1 },
      ]
    }
    case 'grown-in':
      return [still(aimOf(areSensitive))]
    case 'flooded': {
      const aim = aimOf(areSensitive)
      return [0, 1, 2, 3].map((week): GasAimStep => {
        const share = week / 3
        return {
          low: Math.round(NO_ANIMALS.low + (aim.low - NO_ANIMALS.low) * share),
          high: Math.round(NO_ANIMALS.high + (aim.high - NO_ANIMALS.high) * share),
          fromDay: week * WEEK,
          lightShare: 1,
        }
      })
    }
    case 'without': {
      const peak = aimedPeakMgPerL(areSensitive)
      return [1, 2, 3].map((week): GasAimStep => {
        const share = week / 3
        const high = peak + (airMgPerL - peak) * share
        return {
          low: week === 3 ? airMgPerL : Math.round(high * AT_LIGHTS_ON_SHARE),
          high: week === 3 ? airMgPerL : Math.round(high),
          fromDay: (week - 1) * WEEK,
          lightShare: 1 + (endLightShare - 1) * share,
        }
      })
    }
  }
}
