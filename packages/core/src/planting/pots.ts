import type { Plan, PlantKind } from '../plan/plan.js'
import { PLANT_KIND } from './kinds.js'
import type { Stand } from './standOf.js'

/** Pots of a kind: as counted, else by the mass that share and density ask for. */
export function potsOf({ patches }: Pick<Plan, 'patches'>, stand: Stand, kind: PlantKind): number {
  const counted = patches.filter((patch) => patch.kind === kind).reduce((sum, patch) => sum + (patch.pots ?? 0), 0)
  return Math.ceil(counted > 0 ? counted : stand[kind].massG / PLANT_KIND[kind].potG - 1e-9)
}
