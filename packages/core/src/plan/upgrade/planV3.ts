import type { PlanV4 } from './planV4.js'

/** A plan as it was written before the planting map. */
export interface PlanV3 extends Omit<PlanV4, 'schemaVersion' | 'beds' | 'spots' | 'variants' | 'flora'> {
  readonly schemaVersion: 3
}
