import type { PlanV3 } from './planV3.js'
import type { PlanV4 } from './planV4.js'

/** Version 4 may have a planting map; plants told by kinds and shares stay what they were. */
export const v3to4 = (plan: PlanV3): PlanV4 => ({ ...plan, schemaVersion: 4, beds: [], spots: [], variants: [], flora: [] })
