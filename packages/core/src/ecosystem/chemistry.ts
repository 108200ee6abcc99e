import { CO2_G_PER_MOL } from '../quantity/physicalConstants.js'
import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { carbonateConstants, hydrogenOfCo2 } from '../water/carbonate.js'
import { oxygenSaturationMgPerL } from '../water/oxygen.js'

/** What the kernel needs to know of the water's chemistry at one temperature. */
export interface WaterConstants {
  readonly k1: number
  readonly k2: number
  readonly kw: number
  readonly airCo2MmolPerL: number
  readonly oxygenSaturationMgPerL: number
}

/** Where carbon stands between its forms. Written by `speciate`, so that the step allocates nothing. */
export interface Speciation {
  /** Activity of H+ [mol/L]; pH is −log10 of it. */
  hydrogen: number
  co2MmolPerL: number
  bicarbonateMmolPerL: number
}

/** A chemistry is a value: the product uses `CORE_CHEMISTRY` on every screen and in every run; another one can be handed in to compare. */
export interface Chemistry {
  readonly co2MgPerMmol: number
  constantsAt(temperatureC: number, airCo2Ppm: number): WaterConstants
  speciate(into: Speciation, carbonMmolPerL: number, alkalinityMeqPerL: number, at: WaterConstants): void
  /** Total inorganic carbon [mmol/L] of water with a given alkalinity and CO2; the way back. */
  carbonOf(alkalinityMeqPerL: number, co2MmolPerL: number, at: WaterConstants): number
}

/** The chemistry of `water` and `gas`: Plummer & Busenberg (1982), Nordstrom et al. (1990), Benson & Krause (1980, 1984); moist air; zero ionic strength. */
export const CORE_CHEMISTRY: Chemistry = {
  co2MgPerMmol: CO2_G_PER_MOL,
  constantsAt: (temperatureC, airCo2Ppm) => ({
    ...carbonateConstants(temperatureC),
    airCo2MmolPerL: co2AirEquilibriumMgPerL(temperatureC, airCo2Ppm) / CO2_G_PER_MOL,
    oxygenSaturationMgPerL: oxygenSaturationMgPerL(temperatureC),
  }),
  speciate: (into, carbonMmolPerL, alkalinityMeqPerL, { k1, k2, kw }) => {
    const alkalinity = Math.max(alkalinityMeqPerL, 0.02) * 1e-3
    const carbon = carbonMmolPerL * 1e-3
    // Newton on Alk = carbonate(h) + Kw/h − h from the root that leaves water's own ions out; two or three steps suffice between pH 4 and 10.
    let h = rootWithoutWater(carbon, alkalinity, k1, k2)
    for (let step = 0; step < 30; step++) {
      const denominator = h * h + k1 * h + k1 * k2
      const carried = (carbon * (k1 * h + 2 * k1 * k2)) / denominator
      const slope = (carbon * (k1 * denominator - (k1 * h + 2 * k1 * k2) * (2 * h + k1))) / (denominator * denominator) - kw / (h * h) - 1
      const next = h - (carried + kw / h - h - alkalinity) / slope
      const moved = Math.abs(next - h)
      h = next > 0 ? next : h / 4
      if (moved < 1e-9 * h) break
    }
    distribute(into, h, carbonMmolPerL, k1, k2)
  },
  carbonOf: (alkalinityMeqPerL, co2MmolPerL, at) => {
    const h = hydrogenOfCo2(co2MmolPerL / 1000, Math.max(alkalinityMeqPerL, 0.02) / 1000, at)
    return co2MmolPerL * (1 + at.k1 / h + (at.k1 * at.k2) / (h * h))
  },
}

/** Positive root of a·h² + K1(a − c)h + K1K2(a − 2c) = 0. */
export function rootWithoutWater(carbon: number, alkalinity: number, k1: number, k2: number): number {
  const b = k1 * (alkalinity - carbon)
  const d = k1 * k2 * (alkalinity - 2 * carbon)
  const root = Math.sqrt(Math.max(b * b - 4 * alkalinity * d, 0))
  // The second form avoids the cancellation of −b + root when b is large; it needs d < 0, which little carbon breaks.
  const h = b > 0 ? (-2 * d) / (b + root) : (-b + root) / (2 * alkalinity)
  return h > 0 ? h : 1e-11
}

export function distribute(into: Speciation, h: number, carbonMmolPerL: number, k1: number, k2: number): void {
  const denominator = h * h + k1 * h + k1 * k2
  into.hydrogen = h
  into.co2MmolPerL = (carbonMmolPerL * h * h) / denominator
  into.bicarbonateMmolPerL = (carbonMmolPerL * k1 * h) / denominator
}
