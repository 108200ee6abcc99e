import type { Plan } from '../plan.js'

/** A plan as it was written before the planting map. */
export interface PlanV3 extends Omit<Plan, 'schemaVersion' | 'beds' | 'spots' | 'variants' | 'flora'> {
  readonly schemaVersion: 3
}
