import type { Plan, PlantKind } from '../plan/plan.js'
import { bedsOf, countedSpecies } from './bedsOf.js'
import { PLANT_KIND } from './kinds.js'
import { spotsOf } from './spotsOf.js'
import { mappedKinds, type Stand } from './standOf.js'

type Planted = Pick<Plan, 'patches' | 'beds' | 'spots' | 'flora' | 'hardscape'>
interface Inner {
  readonly lengthCm: number
  readonly widthCm: number
}
/** Pots of a kind: as the map counts them, or as counted, else by the mass that share and density ask for. */
export function potsOf(plan: Planted, stand: Stand, kind: PlantKind, inner: Inner): number {
  if (mappedKinds(plan).has(kind))
    return countedSpecies([...bedsOf(plan, inner), ...spotsOf(plan)]).reduce(
      (sum, { plant, pots }) => sum + (plant.kind === kind ? pots : 0),
      0,
    )
  const counted = plan.patches.filter((patch) => patch.kind === kind).reduce((sum, patch) => sum + (patch.pots ?? 0), 0)
  return Math.ceil(counted > 0 ? counted : stand[kind].massG / PLANT_KIND[kind].potG - 1e-9)
}
