import type { HardscapeMaterial } from '../plan/plan.js'

/** Density under water, and tannin of staining wood [mg C per kg]. Common values; lava counts its filled pores, wood floats below 1. */
export const MATERIAL: Readonly<Record<HardscapeMaterial, { readonly densityKgPerL: number; readonly tanninMgCPerKg: number }>> = {
  granite: { densityKgPerL: 2.65, tanninMgCPerKg: 0 },
  slate: { densityKgPerL: 2.75, tanninMgCPerKg: 0 },
  limestone: { densityKgPerL: 2.65, tanninMgCPerKg: 0 },
  lava: { densityKgPerL: 1.4, tanninMgCPerKg: 0 },
  wood: { densityKgPerL: 1.0, tanninMgCPerKg: 400 },
  'staining-wood': { densityKgPerL: 1.0, tanninMgCPerKg: 3000 },
}
