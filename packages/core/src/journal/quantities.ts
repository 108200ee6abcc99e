import type { ReadingQuantity } from '../plan/journal.js'
import type { Dimension } from '../quantity/dimensions.js'

/** How one quantity is entered, stored and shown. Values are canonical. */
export interface QuantityFacts {
  readonly dimension: Dimension
  /** Possible at all; outside it an entry is refused. */
  readonly range: readonly [min: number, max: number]
  /** Where most tanks lie; outside it an entry is questioned and let pass. */
  readonly usual: readonly [low: number, high: number]
  /** Asked for tank-side first. */
  readonly isDaily?: boolean
}

/** Ranges are rules of thumb, wide on purpose, in canonical units. */
export const QUANTITY: Readonly<Record<ReadingQuantity, QuantityFacts>> = {
  pH: { dimension: 'pH', range: [3, 11], usual: [5.5, 8], isDaily: true },
  alkalinity: { dimension: 'alkalinity', range: [0, 20], usual: [0, 4.5], isDaily: true },
  hardness: { dimension: 'hardness', range: [0, 20], usual: [0.3, 3.2] },
  ammonia: { dimension: 'ammonia', range: [0, 50], usual: [0, 2] },
  nitrite: { dimension: 'nitrite', range: [0, 50], usual: [0, 1] },
  nitrate: { dimension: 'nitrate', range: [0, 200], usual: [0, 12] },
  phosphate: { dimension: 'phosphate', range: [0, 50], usual: [0, 1.5] },
  potassium: { dimension: 'concentration', range: [0, 500], usual: [0, 40] },
  iron: { dimension: 'concentration', range: [0, 20], usual: [0, 0.6] },
  temperature: { dimension: 'temperature', range: [0, 45], usual: [19, 29], isDaily: true },
  /** Place in the row of indicator colours, from 1 (blue) to 5 (yellow). */
  indicator: { dimension: 'count', range: [1, 5], usual: [2, 4], isDaily: true },
  bubbles: { dimension: 'bubbles', range: [0, 50], usual: [0.2, 8] },
  lightPower: { dimension: 'fraction', range: [0, 1], usual: [0.2, 1] },
  cylinderPressure: { dimension: 'pressure', range: [0, 300], usual: [5, 75] },
  cylinderMass: { dimension: 'mass', range: [0, 100], usual: [1, 20] },
  /** Days from wiping until film shows on the glass. */
  filmDays: { dimension: 'days', range: [0, 120], usual: [1, 21] },
  evaporated: { dimension: 'thickness', range: [0, 300], usual: [0, 40] },
  oxygen: { dimension: 'concentration', range: [0, 30], usual: [4, 12] },
  ppfd: { dimension: 'ppfd', range: [0, 3000], usual: [10, 250] },
  conductivity: { dimension: 'conductivity', range: [0, 20_000], usual: [50, 800] },
}
