import type { PlantCount } from '../plan/journal.js'
import type { PlantKind } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { CUP_MASS } from './bedsOf.js'
import { PLANT_KIND } from './kinds.js'

export interface CountedPlants {
  readonly portions: number
  /** As planted. */
  readonly dryG: number
}
/** What so many pots, bunches, cups or portions are; by its kind where the plant is not known. */
export function countedPlants(plant: PlantSpecies | null, kind: PlantKind, count: number, countedIn: PlantCount): CountedPlants {
  const { portionsPerPot, potG } = PLANT_KIND[kind]
  const perPot = plant?.portionsPerPot.value ?? portionsPerPot
  const gPerPot = plant?.startGPerPot.value ?? potG
  switch (countedIn) {
    case 'portion':
      return { portions: count, dryG: (count * gPerPot) / perPot }
    case 'pot':
      return { portions: count * perPot, dryG: count * gPerPot }
    case 'bunch':
      return { portions: count * (plant?.portionsPerBunch.value ?? perPot), dryG: count * gPerPot }
    case 'cup':
      return { portions: count * (plant?.portionsPerCup.value ?? perPot), dryG: count * gPerPot * CUP_MASS }
  }
}
