import type { SaltId } from '../salts/salts.js'

/** Salt that dissolves in 100 g of water at 20 °C [g], as it is weighed, its own crystal water counted. Lange's Handbook of Chemistry, with the CRC Handbook's mass percent; ± 3 %. Salts that are not listed are not known well enough. */
const SOLUBLE_G_PER_100G: Readonly<Partial<Record<SaltId, number>>> = {
  'potassium-nitrate': 31.6,
  'monopotassium-phosphate': 22.6,
  'potassium-sulfate': 11.1,
  'magnesium-sulfate-heptahydrate': 106.7,
  'magnesium-nitrate-hexahydrate': 243.5,
  'ammonium-nitrate': 192,
  'calcium-chloride-anhydrous': 74.5,
  'calcium-sulfate-dihydrate': 0.2556,
  'zinc-sulfate-heptahydrate': 165.3,
  'sodium-molybdate-dihydrate': 86.6,
}
/** What dissolves at 0 and 10 °C over what does at 20 °C (Lange's Handbook of Chemistry, rounded). Salts that are not listed dissolve about as well in the cold, or are taken to. */
const IN_THE_COLD: Readonly<Partial<Record<SaltId, readonly [at0C: number, at10C: number]>>> = {
  'potassium-nitrate': [0.42, 0.66],
  'monopotassium-phosphate': [0.65, 0.81],
  'potassium-sulfate': [0.67, 0.83],
  'magnesium-sulfate-heptahydrate': [0.5, 0.73],
  'ammonium-nitrate': [0.61, 0.78],
  'calcium-chloride-anhydrous': [0.8, 0.87],
}
/** A bottle that is shaken once dissolves less. Rule of thumb 0.7–0.9. */
const KEPT_BELOW = 0.8
const TABLE_C = 20

/** The most of a salt that a bottle keeps dissolved in a room as cold as that [g]; `null` where its solubility is not known here. What a warmer room would dissolve is left alone: winter comes. */
export function mostDissolvedG(salt: SaltId, bottleMl: number, coldestC = TABLE_C): number | null {
  const perHundred = SOLUBLE_G_PER_100G[salt]
  return perHundred === undefined ? null : (KEPT_BELOW * perHundred * coldShare(salt, coldestC) * bottleMl) / 100
}

function coldShare(salt: SaltId, coldestC: number): number {
  const [at0C, at10C] = IN_THE_COLD[salt] ?? [1, 1]
  if (coldestC >= TABLE_C) return 1
  return coldestC >= 10 ? at10C + ((1 - at10C) * (coldestC - 10)) / 10 : Math.max(at0C, at0C + ((at10C - at0C) * coldestC) / 10)
}
