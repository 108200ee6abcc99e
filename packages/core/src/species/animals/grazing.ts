import { trustOf } from '../datum.js'
import type { GrazerKind } from './kinds.js'
import type { Grazing } from './traits.js'

/** The unit of the model: one algae shrimp of 4–5 cm. */
export const ALGAE_SHRIMP_TASTE = [1, 0.5, 0.5, 0.08, 0.03] as const satisfies Grazing['taste']

const grazing = (low: number, units: number, high: number, taste: Grazing['taste']): Grazing => ({
  units: { value: units, low, high, ...trustOf('C') },
  taste,
})
/** What one animal of each way of grazing eats. Keepers' experience, ×/÷ 2 (2026); no measured rate of these animals on these films is known. */
export const GRAZING_OF: Readonly<Record<GrazerKind, Grazing>> = {
  'algae-shrimp': grazing(0.5, 1, 2, ALGAE_SHRIMP_TASTE),
  'dwarf-shrimp': grazing(0.06, 0.12, 0.24, [1, 0.3, 0.25, 0.02, 0.02]),
  nerite: grazing(0.6, 0.9, 1.2, [1, 1, 0.15, 0.05, 0.02]),
  ramshorn: grazing(0.075, 0.15, 0.3, [1, 0.4, 0.1, 0.02, 0.05]),
  'small-suckermouth': grazing(0.4, 0.8, 1.6, [1, 0.6, 0.05, 0, 0]),
  bristlenose: grazing(2, 4, 8, [1, 0.7, 0.1, 0.02, 0.02]),
  // Under 7 cm it eats twice as much and more; grown, less than half of that.
  'algae-barb': grazing(0.4, 0.8, 2, [0.5, 0.1, 0.8, 0.5, 0.02]),
  molly: grazing(0.1, 0.3, 0.6, [0.5, 0.2, 0.4, 0.02, 0.02]),
}
