import { KELVIN_AT_0_C } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'

/** Relative permittivity of water, 0–50 °C. Malmberg & Maryott (1956). */
export function waterPermittivity(temperatureC: number): number {
  return 87.74 - 0.40008 * temperatureC + 9.398e-4 * temperatureC ** 2 - 1.41e-6 * temperatureC ** 3
}

/** Debye–Hückel slope A [(kg/mol)^½]. Stumm & Morgan (1996). */
export function debyeHueckelSlope(temperatureC: number): number {
  return 1.82e6 * (waterPermittivity(temperatureC) * (temperatureC + KELVIN_AT_0_C)) ** -1.5
}

/** Activity coefficients of ions with one and two charges, ionic strength 0–0.1 mol/kg. Davies (1962). */
export function activityCoefficients(
  temperatureC: number,
  ionicStrengthMolPerKg: number,
): { readonly gamma1: number; readonly gamma2: number } {
  requireWithin('ionicStrengthMolPerKg', ionicStrengthMolPerKg, 0, 0.1)
  const root = Math.sqrt(ionicStrengthMolPerKg)
  const exponent = -debyeHueckelSlope(temperatureC) * (root / (1 + root) - 0.3 * ionicStrengthMolPerKg)
  return { gamma1: 10 ** exponent, gamma2: 10 ** (4 * exponent) }
}
