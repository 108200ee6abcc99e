import { CO2_G_PER_MOL, KELVIN_AT_0_C, MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import { requireWithin } from '../quantity/outOfRange.js'
import { activityCoefficients } from './activity.js'

/** Equilibrium constants at one temperature: molal, 1 atm, zero ionic strength. */
export interface CarbonateConstants {
  readonly k1: number // CO2(aq) + H2O = H+ + HCO3-
  readonly k2: number // HCO3- = H+ + CO3--
  readonly kw: number // ion product of water
  readonly kHenry: number // mol/(kg atm)
}

/** Constants of the CO2–water system, 0–50 °C. K1, K2, KH: Plummer & Busenberg (1982), GCA 46:1011; Kw: Nordstrom et al. (1990).
 *  Other accepted equations differ by up to 0.003 in pK1, pK2 and pKH, and by 0.011 in pKw. */
export function carbonateConstants(temperatureC: number): CarbonateConstants {
  requireWithin('temperatureC', temperatureC, 0, 50)
  const t = temperatureC + KELVIN_AT_0_C
  const log = Math.log10(t)
  return {
    k1: 10 ** (-356.3094 - 0.06091964 * t + 21834.37 / t + 126.8339 * log - 1684915 / t ** 2),
    k2: 10 ** (-107.8871 - 0.03252849 * t + 5151.79 / t + 38.92561 * log - 563713.9 / t ** 2),
    kw: 10 ** (-283.971 - 0.05069842 * t + 13323 / t + 102.24447 * log - 1119669 / t ** 2),
    kHenry: 10 ** (108.3865 + 0.01985076 * t - 6919.53 / t - 40.45154 * log + 669365 / t ** 2),
  }
}

export const alkalinityOfDkh = (khDkh: number): number => khDkh * MEQ_PER_DKH
export const dkhOfAlkalinity = (alkalinityMeqPerL: number): number => alkalinityMeqPerL / MEQ_PER_DKH

export interface WaterSample {
  readonly alkalinityMeqPerL: number
  readonly temperatureC: number
  /** Ionic strength [mol/kg], 0–0.1; default 0, which leaves activity out. */
  readonly ionicStrengthMolPerKg?: number
}

/** Dissolved CO2 [mg/L] from pH (activity) in fresh water, pH 4–10, alkalinity 0–20 meq/L, 0–50 °C; `null` if the two readings contradict each other.
 *  Stumm & Morgan, Aquatic Chemistry (3rd ed. 1996) ch. 4. Left out: phosphate, borate and humic alkalinity, so it reads too high where they matter. */
export function co2FromPh(pH: number, sample: WaterSample): number | null {
  requireWithin('pH', pH, 4, 10)
  requireWithin('alkalinityMeqPerL', sample.alkalinityMeqPerL, 0, 20)
  const { k1, k2, kw } = carbonateConstants(sample.temperatureC)
  const { gamma1, gamma2 } = activityCoefficients(sample.temperatureC, sample.ionicStrengthMolPerKg ?? 0)
  const h = 10 ** -pH // activity, mol/L, as in the source
  const carbonateEq = sample.alkalinityMeqPerL / 1000 - kw / (h * gamma1) + h / gamma1
  if (carbonateEq < 0) return null
  return (CO2_G_PER_MOL * 1000 * carbonateEq) / (k1 / (h * gamma1) + (2 * k1 * k2) / (h * h * gamma2))
}

/** pH (activity) of fresh water from dissolved CO2, 0.01–2000 mg/L; the inverse of `co2FromPh`. */
export function phFromCo2(co2MgPerL: number, sample: WaterSample): number {
  requireWithin('co2MgPerL', co2MgPerL, 0.01, 2000)
  requireWithin('alkalinityMeqPerL', sample.alkalinityMeqPerL, 0, 20)
  const activities = activityCoefficients(sample.temperatureC, sample.ionicStrengthMolPerKg ?? 0)
  return -Math.log10(
    hydrogenOfCo2(co2MgPerL / 1000 / CO2_G_PER_MOL, sample.alkalinityMeqPerL / 1000, carbonateConstants(sample.temperatureC), activities),
  )
}

const NO_ACTIVITY = { gamma1: 1, gamma2: 1 }

/** Activity of H+ [mol/L] of water with known CO2 [mol/L] and alkalinity [eq/L]: the positive root of h³/γ1 + Alk h² − (K1 CO2 + Kw) h/γ1 − 2 K1 K2 CO2/γ2 = 0. */
export function hydrogenOfCo2(
  co2MolPerL: number,
  alkalinityEqPerL: number,
  { k1, k2, kw }: Pick<CarbonateConstants, 'k1' | 'k2' | 'kw'>,
  { gamma1, gamma2 } = NO_ACTIVITY,
): number {
  const b = (k1 * co2MolPerL + kw) / gamma1
  const c = (2 * k1 * k2 * co2MolPerL) / gamma2
  // There is one positive root; the start above it makes Newton's steps fall monotonically.
  let h = Math.min(
    1,
    Math.max((b + Math.sqrt(b * b + 4 * alkalinityEqPerL * c)) / Math.max(2 * alkalinityEqPerL, 1e-12), Math.sqrt(b * gamma1)),
  )
  for (let step = 0; step < 100; step++) {
    const slope = (3 * h * h) / gamma1 + 2 * alkalinityEqPerL * h - b
    const next = h - ((h * h * h) / gamma1 + alkalinityEqPerL * h * h - b * h - c) / slope
    if (Math.abs(next - h) <= 1e-15 * h) return next
    h = next
  }
  return h
}
