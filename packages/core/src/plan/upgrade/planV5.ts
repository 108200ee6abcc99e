import type { GasLine } from '../plan.js'
import type { PlanV6 } from './planV6.js'

/** A gas line before its regulator and whose cylinder it hangs on were asked for. */
export type GasLineV5 = Omit<GasLine, 'regulator' | 'workingBar' | 'sharedWith'>

/** A plan as it was written before several tanks could hang on one cylinder. */
export interface PlanV5 extends Omit<PlanV6, 'schemaVersion' | 'gasLines'> {
  readonly schemaVersion: 5
  readonly gasLines: readonly GasLineV5[]
}
