import type { Lamp, Plan } from '../plan.js'

/** A lamp before its kind, place, tilt and beam were asked for. */
export type LampV4 = Pick<Lamp, 'id' | 'fluxUmolPerS' | 'watts' | 'lengthCm' | 'aboveWaterCm' | 'dimFraction'>

/** A plan as it was written before the field of its lamps. */
export interface PlanV4 extends Omit<Plan, 'schemaVersion' | 'lamps' | 'light' | 'room'> {
  readonly schemaVersion: 4
  readonly lamps: readonly LampV4[]
  readonly room: Omit<Plan['room'], 'windowFacingDeg' | 'latitudeDeg'>
}
