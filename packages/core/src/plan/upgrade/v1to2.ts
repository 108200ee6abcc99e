import { UNPLACED, UNPLANNED } from '../unplanned.js'
import type { PlanV1 } from './planV1.js'
import type { PlanV2 } from './planV2.js'

const {
  beds: _beds,
  spots: _spots,
  variants: _variants,
  flora: _flora,
  light: _light,
  feed: _feed,
  water: _water,
  ...UNPLANNED_V2
} = UNPLANNED
const UNASKED_OF_SOURCE = { pH: null, calciumMgPerL: null, magnesiumMgPerL: null, silicaMgSiPerL: null, disinfectant: null } as const
/** Version 2 adds intent, stand, room, zones, tabs, places of pieces, kit and money. What a plan said before, it still says. */
export const v1to2 = (plan: PlanV1): PlanV2 => ({
  ...UNPLANNED_V2,
  ...plan,
  schemaVersion: 2,
  vessel: { ...plan.vessel, top: null },
  sources: plan.sources.map((source) => ({ ...UNASKED_OF_SOURCE, ...source })),
  layers: plan.layers.map((layer) => ({ ...layer, product: null })),
  hardscape: plan.hardscape.map((piece) => ({ ...UNPLACED, ...piece })),
})
