import { KELVIN_AT_0_C } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'

/** Share of total ammonia that is un-ionised NH3, fresh water, pH 4–11, 0–40 °C. Emerson, Russo, Lund & Thurston (1975), with T = t + 273.15 (the printed table used 273.2; up to 0.42 % apart). */
export function unionisedAmmoniaFraction(pH: number, temperatureC: number): number {
  requireWithin('pH', pH, 4, 11)
  requireWithin('temperatureC', temperatureC, 0, 40)
  return 1 / (1 + 10 ** (ammoniaPka(temperatureC) - pH))
}

export const ammoniaPka = (temperatureC: number): number => 0.09018 + 2729.92 / (temperatureC + KELVIN_AT_0_C)
