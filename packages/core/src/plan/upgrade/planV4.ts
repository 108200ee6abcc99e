import type { GasLine, Lamp, Plan } from '../plan.js'

/** A lamp before its kind, place, tilt and beam were asked for. */
export type LampV4 = Pick<Lamp, 'id' | 'fluxUmolPerS' | 'watts' | 'lengthCm' | 'aboveWaterCm' | 'dimFraction'>

/** A gas line before what it dissolves could be measured. */
export type GasLineV4 = Omit<GasLine, 'dissolvedFraction' | 'emptyKg'>

/** A plan as it was written before the field of its lamps. */
export interface PlanV4 extends Omit<Plan, 'schemaVersion' | 'lamps' | 'light' | 'room' | 'gasLines' | 'flow'> {
  readonly schemaVersion: 4
  readonly lamps: readonly LampV4[]
  readonly gasLines: readonly GasLineV4[]
  readonly flow: Omit<Plan['flow'], 'lossTimes'>
  readonly room: Omit<Plan['room'], 'windowFacingDeg' | 'latitudeDeg'>
}
