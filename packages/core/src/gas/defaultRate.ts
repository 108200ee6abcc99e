import { gasAfter, gasDayLimits } from './transfer.js'

export interface GasDay {
  /** CO2 exchange with the air [1/h]. */
  readonly kPerH: number
  readonly equilibriumMgPerL: number
  readonly waterL: number
  /** Hours of gas before lights-on, and in all. */
  readonly beforeLightH: number
  readonly openH: number
  /** Share of the gas that dissolves. */
  readonly dissolvedShare: number
}

/** Wanted at lights-on, and the most that a day without plants may climb to (the plants then take it lower). General practice for tanks with animals. */
export const TARGET_AT_LIGHTS_ON_MG_PER_L = 25
export const PEAK_WITHOUT_PLANTS_MG_PER_L = 36

/** Valve rate [mg/h] that brings CO2 to the target at lights-on once every day is alike, unless the peak at gas-off would pass its limit; then the limit decides.
 *  Closed form of the film model (Lewis & Whitman 1924): every level is linear in the rate. */
export function defaultGasRateMgPerH(day: GasDay): number {
  const { kPerH, equilibriumMgPerL, waterL, beforeLightH, openH, dissolvedShare } = day
  if (openH <= 0) return 0
  // Levels above equilibrium for a source of 1 mg/(L h)
  const unit = { kPerH, equilibriumMgPerL: 0, sourceMgPerLH: 1 }
  const { max, min } = gasDayLimits(unit, openH)
  const atLightsOn = gasAfter(min, unit, beforeLightH)
  const forTarget = (TARGET_AT_LIGHTS_ON_MG_PER_L - equilibriumMgPerL) / Math.max(atLightsOn, 1e-9)
  const forPeak = (PEAK_WITHOUT_PLANTS_MG_PER_L - equilibriumMgPerL) / max
  return (Math.max(0, Math.min(forTarget, forPeak)) * waterL) / dissolvedShare
}
