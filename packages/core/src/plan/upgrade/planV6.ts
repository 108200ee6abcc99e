import type { TabProduct } from '../plan.js'
import type { PlanV7 } from './planV7.js'

/** A tab before its content was asked for. */
export type TabProductV6 = Omit<TabProduct, 'nitrogenMg' | 'phosphorusMg' | 'potassiumMg' | 'ironMg'>

/** A plan as it was written before doses had phases, days and a cupboard of their own. */
export interface PlanV6 extends Omit<PlanV7, 'schemaVersion' | 'feed' | 'tabProduct'> {
  readonly schemaVersion: 6
  readonly tabProduct: TabProductV6 | null
}
