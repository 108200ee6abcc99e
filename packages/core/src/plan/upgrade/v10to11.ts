import type { Plan } from '../plan.js'
import type { PlanV10 } from './planV10.js'

/** Version 11 knows absences; there were none. */
export const v10to11 = (plan: PlanV10): Plan => ({ ...plan, schemaVersion: 11, absences: [] })
