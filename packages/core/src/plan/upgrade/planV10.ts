import type { Plan } from '../plan.js'

/** A plan as it was written before it knew when nobody is there. */
export interface PlanV10 extends Omit<Plan, 'schemaVersion' | 'absences'> {
  readonly schemaVersion: 10
}
