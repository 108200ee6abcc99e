import { requireWithin } from '../quantity/outOfRange.js'
import { KELVIN_AT_0_C } from '../quantity/physicalConstants.js'

const CRITICAL_K = 304.1282
const CRITICAL_MPA = 7.3773
const TRIPLE_C = -56.558
/** Above it there is no liquid, and the pressure goes by how full the cylinder is. */
export const CRITICAL_C = CRITICAL_K - KELVIN_AT_0_C
const BAR_PER_MPA = 10
export const AIR_BAR = 1.01325

/** Pressure [bar, absolute] in a cylinder as long as liquid CO2 is in it, −56.5 to 30.9 °C. Ancillary equation of Span & Wagner (1996). */
export function cylinderPressureBar(temperatureC: number): number {
  requireWithin('tC', temperatureC, TRIPLE_C, CRITICAL_C)
  const t = temperatureC + KELVIN_AT_0_C
  const x = Math.max(0, 1 - t / CRITICAL_K)
  const series = -7.0602087 * x + 1.9391218 * x ** 1.5 - 1.6463597 * x ** 2 - 3.2995634 * x ** 4
  return CRITICAL_MPA * Math.exp((CRITICAL_K / t) * series) * BAR_PER_MPA
}
