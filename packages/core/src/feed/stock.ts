import type { SaltId } from '../salts/salts.js'

/** A pocket scale reads a hundredth of a gram: below this a portion is off by a tenth and more. Rule of thumb 0.05–0.2 g. */
const LEAST_WEIGHED_G = 0.1
/** Salt in a bottle of half a litre [g]: little of what is dosed in milligrams. All far below eight tenths of their solubility. */
export const STOCK_BOTTLE_ML = 500
const FINE_STOCK_G = 2.5
const COARSE_STOCK_G = 25
const FINE: ReadonlySet<SaltId> = new Set([
  'monopotassium-phosphate',
  'dipotassium-phosphate',
  'iron-dtpa-disodium',
  'iron-edta-sodium-trihydrate',
])

/** What goes into a stock bottle of one salt, the same for all tanks, so that one bottle serves them all [g]. */
export const stockG = (salt: SaltId): number => (FINE.has(salt) ? FINE_STOCK_G : COARSE_STOCK_G)
/** A portion as millilitres of its stock; `null` where it can be weighed. */
export const stockMl = (salt: SaltId, grams: number): number | null =>
  grams >= LEAST_WEIGHED_G ? null : (grams * STOCK_BOTTLE_ML) / stockG(salt)
