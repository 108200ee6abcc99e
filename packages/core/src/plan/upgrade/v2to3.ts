import type { PlanV2 } from './planV2.js'
import type { PlanV3 } from './planV3.js'

/** What a gas line of version 3 asks besides; nobody has answered it. */
export const UNASKED_OF_LINE = { diffuser: null, peakMgPerL: null, cylinderKg: null } as const

/** Version 3 asks how gas goes in, what an untuned line is tuned to, and what a leak would fill. */
export const v2to3 = (plan: PlanV2): PlanV3 => ({
  ...plan,
  schemaVersion: 3,
  room: { volumeM3: null, ...plan.room },
  gasLines: plan.gasLines.map((line) => ({ ...UNASKED_OF_LINE, ...line })),
})
