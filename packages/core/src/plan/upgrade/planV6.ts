import type { Plan, TabProduct } from '../plan.js'

/** A tab before its content was asked for. */
export type TabProductV6 = Omit<TabProduct, 'nitrogenMg' | 'phosphorusMg' | 'potassiumMg' | 'ironMg'>

/** A plan as it was written before doses had phases, days and a cupboard of their own. */
export interface PlanV6 extends Omit<Plan, 'schemaVersion' | 'feed' | 'tabProduct'> {
  readonly schemaVersion: 6
  readonly tabProduct: TabProductV6 | null
}
