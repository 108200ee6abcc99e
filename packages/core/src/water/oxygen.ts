import { KELVIN_AT_0_C } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'

/** Oxygen saturation [mg/L] of fresh water under water-saturated air at 1 atm, 0–40 °C. Benson & Krause (1980, 1984) as in APHA Standard Methods 4500-O. */
export function oxygenSaturationMgPerL(temperatureC: number): number {
  requireWithin('temperatureC', temperatureC, 0, 40)
  const t = temperatureC + KELVIN_AT_0_C
  return Math.exp(-139.34411 + 1.575701e5 / t - 6.642308e7 / t ** 2 + 1.2438e10 / t ** 3 - 8.621949e11 / t ** 4)
}
