import type { Raised } from '../plan/journal.js'
import type { PlantKind } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { RetailKind } from './bedsOf.js'
import { PLANT_KIND } from './kinds.js'

/** Share of new plants' leaves that grew in air and melt under water. Those of a culture grew in moist air too, but thin: about half of theirs are lost. Rule of thumb. */
export const airShareOf = (kind: PlantKind, raised: Raised): number => PLANT_KIND[kind].emersedShare * KEPT_AIR[raised]
const KEPT_AIR: Readonly<Record<Raised, number>> = { 'in-air': 1, 'in-culture': 0.5, 'under-water': 0 }

/** As what a plant of the map comes: in a culture cup, else grown in air where it is sold so. */
export const raisedOf = ({ soldAs }: PlantSpecies, retail: RetailKind): Raised =>
  retail === 'cup' ? 'in-culture' : soldAs.includes('pot-emersed') ? 'in-air' : 'under-water'
