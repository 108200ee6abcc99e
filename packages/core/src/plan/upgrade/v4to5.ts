import { UNKNOWN_LAMP, UNPLANNED } from '../unplanned.js'
import type { PlanV4 } from './planV4.js'
import type { PlanV5 } from './planV5.js'

/** Version 5 asks where each lamp hangs, how it shines, how clear the water is, where the window looks, what was measured of the gas, and keeps what was read at the ground; nobody has answered any of it. */
export const v4to5 = (plan: PlanV4): PlanV5 => ({
  ...plan,
  schemaVersion: 5,
  lamps: plan.lamps.map((lamp) => ({ ...UNKNOWN_LAMP, ...lamp })),
  light: UNPLANNED.light,
  gasLines: plan.gasLines.map((line) => ({ dissolvedFraction: null, emptyKg: null, ...line })),
  flow: { lossTimes: null, ...plan.flow },
  room: { windowFacingDeg: null, latitudeDeg: null, ...plan.room },
})
