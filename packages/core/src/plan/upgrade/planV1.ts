import type { GroundKind, HardscapeMaterial, Plan } from '../plan.js'
import type { GasLineV2 } from './planV2.js'
import type { PlanV4 } from './planV4.js'

/** A plan as it was written before zones, pieces with a place, kit and money. */
export interface PlanV1 extends Omit<
  PlanV4,
  | 'schemaVersion'
  | 'intent'
  | 'vessel'
  | 'stand'
  | 'room'
  | 'sources'
  | 'layers'
  | 'zones'
  | 'barriers'
  | 'tabs'
  | 'tabProduct'
  | 'hardscape'
  | 'gasLines'
  | 'filters'
  | 'outlets'
  | 'climate'
  | 'money'
  | 'logistics'
  | 'muted'
  | 'beds'
  | 'spots'
  | 'variants'
  | 'flora'
> {
  readonly schemaVersion: 1
  readonly vessel: Omit<Plan['vessel'], 'top'>
  readonly sources: readonly Pick<
    Plan['sources'][number],
    'id' | 'alkalinityMeqPerL' | 'hardnessMmolPerL' | 'nitrateMgNPerL' | 'phosphateMgPPerL'
  >[]
  readonly layers: readonly {
    readonly id: string
    readonly ground: GroundKind
    readonly frontCm: number | null
    readonly backCm: number | null
  }[]
  readonly hardscape: readonly { readonly id: string; readonly material: HardscapeMaterial; readonly massKg: number | null }[]
  readonly gasLines: readonly GasLineV2[]
  readonly flow: PlanV4['flow']
}
