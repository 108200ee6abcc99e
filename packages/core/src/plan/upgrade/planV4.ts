import type { Lamp } from '../plan.js'
import type { GasLineV5, PlanV5 } from './planV5.js'

/** A lamp before its kind, place, tilt and beam were asked for. */
export type LampV4 = Pick<Lamp, 'id' | 'fluxUmolPerS' | 'watts' | 'lengthCm' | 'aboveWaterCm' | 'dimFraction'>

/** A gas line before what it dissolves could be measured. */
export type GasLineV4 = Omit<GasLineV5, 'dissolvedFraction' | 'emptyKg'>

/** A plan as it was written before the field of its lamps. */
export interface PlanV4 extends Omit<PlanV5, 'schemaVersion' | 'lamps' | 'light' | 'room' | 'gasLines' | 'flow'> {
  readonly schemaVersion: 4
  readonly lamps: readonly LampV4[]
  readonly gasLines: readonly GasLineV4[]
  readonly flow: Omit<PlanV5['flow'], 'lossTimes'>
  readonly room: Omit<PlanV5['room'], 'windowFacingDeg' | 'latitudeDeg'>
}
