import type { Fixing, HardscapeMaterial } from '../plan/plan.js'

export interface MaterialFacts {
  readonly isWood: boolean
  /** Under water; lava counts its filled pores, wood is counted soaked. */
  readonly densityKgPerL: number
  /** As bought, dry: below 1 it floats. Wood 0.75–1.15 by kind. */
  readonly newDensityKgPerL: number
  /** Tannin of wood [mg C per kg]. */
  readonly tanninMgCPerKg: number
  /** Gives off carbonate: raises KH and GH. */
  readonly isCarbonate: boolean
  /** Share of the box around it (plan outline times height) that is solid; rule of thumb, stones 0.4–0.65, branches 0.15–0.35. */
  readonly solidShare: number
}
/** Common values; a piece's own mass and volume go before them. */
export const MATERIAL: Readonly<Record<HardscapeMaterial, MaterialFacts>> = {
  granite: { isWood: false, densityKgPerL: 2.65, newDensityKgPerL: 2.65, tanninMgCPerKg: 0, isCarbonate: false, solidShare: 0.5 },
  slate: { isWood: false, densityKgPerL: 2.75, newDensityKgPerL: 2.75, tanninMgCPerKg: 0, isCarbonate: false, solidShare: 0.5 },
  limestone: { isWood: false, densityKgPerL: 2.65, newDensityKgPerL: 2.65, tanninMgCPerKg: 0, isCarbonate: true, solidShare: 0.5 },
  lava: { isWood: false, densityKgPerL: 1.4, newDensityKgPerL: 1.4, tanninMgCPerKg: 0, isCarbonate: false, solidShare: 0.5 },
  wood: { isWood: true, densityKgPerL: 1.0, newDensityKgPerL: 0.85, tanninMgCPerKg: 400, isCarbonate: false, solidShare: 0.22 },
  'staining-wood': { isWood: true, densityKgPerL: 1.0, newDensityKgPerL: 0.92, tanninMgCPerKg: 3000, isCarbonate: false, solidShare: 0.22 },
}

/** Work and waiting for each way of fixing, before water may stand over it. Rules of thumb; the glue's own label goes first. */
export const FIXING_TIME: Readonly<Record<Fixing, { readonly workMin: number; readonly dryH: number }>> = {
  none: { workMin: 0, dryH: 0 },
  wedged: { workMin: 5, dryH: 0 },
  glued: { workMin: 10, dryH: 12 },
  screwed: { workMin: 20, dryH: 0 },
  tied: { workMin: 10, dryH: 0 },
  weighted: { workMin: 5, dryH: 0 },
}
