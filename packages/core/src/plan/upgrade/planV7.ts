import type { PlanV8 } from './planV8.js'
import type { WaterSource } from '../planWater.js'

/** A source before its kind, its part of the mix and a year of reports were asked for. */
export type WaterSourceV7 = Pick<
  WaterSource,
  | 'id'
  | 'alkalinityMeqPerL'
  | 'hardnessMmolPerL'
  | 'nitrateMgNPerL'
  | 'phosphateMgPPerL'
  | 'pH'
  | 'calciumMgPerL'
  | 'magnesiumMgPerL'
  | 'silicaMgSiPerL'
  | 'disinfectant'
>

/** A plan as it was written before waters could be mixed, and before changes of the first weeks had patterns. */
export interface PlanV7 extends Omit<PlanV8, 'schemaVersion' | 'sources' | 'water' | 'changes'> {
  readonly schemaVersion: 7
  readonly sources: readonly WaterSourceV7[]
  readonly changes: { readonly fraction: number; readonly everyDays: number; readonly firstWeeksMore: boolean }
}
