import { LIGHT_CLASS_ENDS } from '../species/scales.js'

export const LIGHT_LEVELS = ['dim', 'low', 'medium', 'high', 'very-high'] as const
/** What light of a place counts as. */
export type LightLevel = (typeof LIGHT_LEVELS)[number]
/** From here on [µmol m⁻² s⁻¹]: where the classes of what plants want begin. Below 15 hardly anything lives (rule of thumb). */
export const LIGHT_LEVEL_FROM: Readonly<Record<LightLevel, number>> = {
  dim: 0,
  low: 15,
  medium: LIGHT_CLASS_ENDS.low,
  high: LIGHT_CLASS_ENDS.medium,
  'very-high': LIGHT_CLASS_ENDS.high,
}

export const lightLevelOf = (ppfd: number): LightLevel => LIGHT_LEVELS.findLast((level) => ppfd >= LIGHT_LEVEL_FROM[level]) ?? 'dim'
