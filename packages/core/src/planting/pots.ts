import { PLANT_KINDS, type Patch, type PlantKind } from '../plan/plan.js'
import { POT_G } from './density.js'

/** Pots of a kind: as counted, else by the mass that share and density ask for. `plantG`: dry mass by kind, in the order of `PLANT_KINDS`. */
export function potsOf(patches: readonly Patch[], plantG: readonly number[], kind: PlantKind): number {
  const counted = patches.filter((patch) => patch.kind === kind).reduce((sum, patch) => sum + (patch.pots ?? 0), 0)
  return Math.ceil(counted > 0 ? counted : (plantG[PLANT_KINDS.indexOf(kind)] ?? 0) / POT_G[kind] - 1e-9)
}
