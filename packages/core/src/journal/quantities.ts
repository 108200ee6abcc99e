import type { ReadingQuantity } from '../plan/journal.js'
import type { Dimension } from '../quantity/units.js'

/** How one quantity is entered, stored and shown. Values are canonical. */
export interface QuantityFacts {
  /** Units that a person may choose; without one the unit below is the only. */
  readonly dimension: Dimension | null
  readonly unit: string
  /** Possible at all; outside it an entry is refused. */
  readonly range: readonly [min: number, max: number]
  /** Where most tanks lie; outside it an entry is questioned and let pass. */
  readonly usual: readonly [low: number, high: number]
  /** Shown value = canonical × scale, for percent of a fraction. */
  readonly scale?: number
  /** Asked for tank-side first. */
  readonly isDaily?: boolean
}

/** Ranges are rules of thumb, wide on purpose; their units are the ones stored. */
export const QUANTITY: Readonly<Record<ReadingQuantity, QuantityFacts>> = {
  pH: { dimension: null, unit: '', range: [3, 11], usual: [5.5, 8], isDaily: true },
  alkalinity: { dimension: 'alkalinity', unit: 'meq/L', range: [0, 20], usual: [0, 4.5], isDaily: true },
  hardness: { dimension: 'hardness', unit: 'mmol/L', range: [0, 20], usual: [0.3, 3.2] },
  ammonia: { dimension: 'ammonia', unit: 'mg N/L', range: [0, 50], usual: [0, 2] },
  nitrite: { dimension: 'nitrite', unit: 'mg N/L', range: [0, 50], usual: [0, 1] },
  nitrate: { dimension: 'nitrate', unit: 'mg N/L', range: [0, 200], usual: [0, 12] },
  phosphate: { dimension: 'phosphate', unit: 'mg P/L', range: [0, 50], usual: [0, 1.5] },
  potassium: { dimension: null, unit: 'mg/L', range: [0, 500], usual: [0, 40] },
  iron: { dimension: null, unit: 'mg/L', range: [0, 20], usual: [0, 0.6] },
  temperature: { dimension: 'temperature', unit: '°C', range: [0, 45], usual: [19, 29], isDaily: true },
  /** Place in the row of indicator colours, from 1 (blue) to 5 (yellow). */
  indicator: { dimension: null, unit: '', range: [1, 5], usual: [2, 4], isDaily: true },
  bubbles: { dimension: null, unit: '/s', range: [0, 50], usual: [0.2, 8] },
  lightPower: { dimension: null, unit: '%', range: [0, 1], usual: [0.2, 1], scale: 100 },
  cylinderPressure: { dimension: null, unit: 'bar', range: [0, 300], usual: [5, 75] },
  cylinderMass: { dimension: 'mass', unit: 'kg', range: [0, 100], usual: [1, 20] },
  /** Days from wiping until film shows on the glass. */
  filmDays: { dimension: null, unit: 'days', range: [0, 120], usual: [1, 21] },
  evaporated: { dimension: null, unit: 'mm', range: [0, 300], usual: [0, 40] },
  oxygen: { dimension: null, unit: 'mg/L', range: [0, 30], usual: [4, 12] },
  ppfd: { dimension: null, unit: 'µmol/m²/s', range: [0, 3000], usual: [10, 250] },
  conductivity: { dimension: null, unit: 'µS/cm', range: [0, 20_000], usual: [50, 800] },
}
