import type { Plan } from '../plan.js'

/** A plan as it was written before the planting map. */
export interface PlanV3 extends Omit<Plan, 'schemaVersion' | 'beds' | 'spots' | 'flora'> {
  readonly schemaVersion: 3
}
