import type { PlantKind } from '../plan/plan.js'
import { PLANT_KIND } from './kinds.js'

/** Height [cm] of a kind at an age: logistic from planted to grown height. For drawings; trims are left out. */
export function heightCmAtAge(kind: PlantKind, ageDays: number): number {
  const { heightCm, halfGrownDays } = PLANT_KIND[kind]
  return heightCm.planted + (heightCm.grown - heightCm.planted) / (1 + Math.exp(-(ageDays - halfGrownDays) / (halfGrownDays / 3)))
}
