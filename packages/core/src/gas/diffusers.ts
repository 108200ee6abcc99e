import type { Assumption } from '../plan/fields.js'
import type { Diffuser } from '../plan/plan.js'

/** Share of the gas that dissolves, by how it goes in; the rest leaves as bubbles. General practice: in the tank 0.3–0.7 by bubble size, depth and flow; in a hose 0.5–0.8; reactors 0.8–0.98. */
export const DISSOLVED_SHARE: Readonly<Record<Diffuser, Assumption>> = {
  'in-tank': { value: 0.5, low: 0.3, high: 0.7 },
  'in-line': { value: 0.65, low: 0.5, high: 0.8 },
  reactor: { value: 0.9, low: 0.8, high: 0.98 },
}
