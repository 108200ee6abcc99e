import { ATOMIC_WEIGHT } from '../quantity/physicalConstants.js'

export interface Ions {
  readonly calciumMgPerL: number
  readonly magnesiumMgPerL: number
  readonly sodiumMgPerL: number
  readonly potassiumMgPerL: number
  readonly nitrateMgNPerL: number
  readonly alkalinityMeqPerL: number
}

/** Equivalent conductances at infinite dilution, 25 °C [S cm²/eq]. CRC Handbook of Chemistry and Physics. */
const CONDUCTANCE = { Ca: 59.5, Mg: 53, Na: 50.1, K: 73.5, HCO3: 44.5, NO3: 71.4, rest: 78 } as const
/** Onsager (1927) for water at 25 °C: what ions slow each other down by, by the root of the ionic strength. */
const SLOWED = { perEquivalent: 60.2, share: 0.229 } as const
/** Beyond it the law does not hold [mol/L]. */
const MOST_STRENGTH = 0.1

/** Conductivity at 25 °C [µS/cm] from the ions, chloride and sulfate making up the charge (between 76 and 80 S cm²/eq): Σ λ·c, less by Onsager’s limiting law, taken by ionic strength. Within about a tenth. */
export function ionConductivityUsPerCm(ions: Ions): number {
  const calcium = (2 * ions.calciumMgPerL) / ATOMIC_WEIGHT.Ca
  const magnesium = (2 * ions.magnesiumMgPerL) / ATOMIC_WEIGHT.Mg
  const sodium = ions.sodiumMgPerL / ATOMIC_WEIGHT.Na
  const potassium = ions.potassiumMgPerL / ATOMIC_WEIGHT.K
  const nitrate = ions.nitrateMgNPerL / ATOMIC_WEIGHT.N
  const surplus = calcium + magnesium + sodium + potassium - ions.alkalinityMeqPerL - nitrate
  // Where anions lead, cations that nobody named go with them.
  const rest = Math.abs(surplus)
  const infinite =
    calcium * CONDUCTANCE.Ca +
    magnesium * CONDUCTANCE.Mg +
    sodium * CONDUCTANCE.Na +
    potassium * CONDUCTANCE.K +
    ions.alkalinityMeqPerL * CONDUCTANCE.HCO3 +
    nitrate * CONDUCTANCE.NO3 +
    rest * (surplus > 0 ? CONDUCTANCE.rest : CONDUCTANCE.Na)
  const cations = calcium + magnesium + sodium + potassium
  const equivalents = Math.max(cations, ions.alkalinityMeqPerL + nitrate)
  const strength = (2 * (calcium + magnesium) + sodium + potassium + ions.alkalinityMeqPerL + nitrate + rest) / 2000
  const root = Math.sqrt(Math.min(MOST_STRENGTH, strength))
  return infinite - (SLOWED.perEquivalent * equivalents + SLOWED.share * infinite) * root
}
