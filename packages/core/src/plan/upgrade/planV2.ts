import type { GasLineV4, PlanV4 } from './planV4.js'

/** A line before its diffuser, the level that it is tuned to and its cylinder were asked for. */
export type GasLineV2 = Omit<GasLineV4, 'diffuser' | 'peakMgPerL' | 'cylinderKg'>

/** A plan as it was written before those, and before the size of the room. */
export interface PlanV2 extends Omit<PlanV4, 'schemaVersion' | 'gasLines' | 'room' | 'beds' | 'spots' | 'variants' | 'flora'> {
  readonly schemaVersion: 2
  readonly room: Omit<PlanV4['room'], 'volumeM3'>
  readonly gasLines: readonly GasLineV2[]
}
