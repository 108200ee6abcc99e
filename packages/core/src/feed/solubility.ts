import type { SaltId } from './salts.js'

/** Salt that dissolves in 100 g of water at 20 °C [g], as it is weighed, its own crystal water counted. Lange's Handbook of Chemistry, with the CRC Handbook's mass percent; ± 3 %. Salts that are not listed are not known well enough. */
const SOLUBLE_G_PER_100G: Readonly<Partial<Record<SaltId, number>>> = {
  'potassium-nitrate': 31.6,
  'potassium-sulfate': 11.1,
  'magnesium-sulfate-heptahydrate': 106.7,
  'magnesium-nitrate-hexahydrate': 243.5,
  'ammonium-nitrate': 192,
  'calcium-chloride-anhydrous': 74.5,
  'calcium-sulfate-dihydrate': 0.2556,
  'zinc-sulfate-heptahydrate': 165.3,
  'sodium-molybdate-dihydrate': 86.6,
}
/** A cold room, and a bottle that is shaken once, dissolve less. Rule of thumb 0.7–0.9. */
const KEPT_BELOW = 0.8

/** The most of a salt that a bottle keeps dissolved [g]; `null` where its solubility is not known here. */
export function mostDissolvedG(salt: SaltId, bottleMl: number): number | null {
  const perHundred = SOLUBLE_G_PER_100G[salt]
  return perHundred === undefined ? null : (KEPT_BELOW * perHundred * bottleMl) / 100
}
