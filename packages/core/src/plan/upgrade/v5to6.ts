import type { PlanV5 } from './planV5.js'
import type { PlanV6 } from './planV6.js'

/** Version 6 asks for the regulator, and whose cylinder a line hangs on; nobody has answered it. */
export const v5to6 = (plan: PlanV5): PlanV6 => ({
  ...plan,
  schemaVersion: 6,
  gasLines: plan.gasLines.map((line) => ({ regulator: null, workingBar: null, sharedWith: null, ...line })),
})
