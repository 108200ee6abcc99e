import { requireWithin } from '../quantity/outOfRange.js'
import { GRAVITY_M_PER_S2 } from '../quantity/physicalConstants.js'
import type { Floor, StandRest } from '../plan/plan.js'
import type { Vessel } from './vessel.js'

/** Masses of a filled tank, part by part [kg]. The water counts that in the pores; the ground is dry. */
export interface Masses {
  readonly glassKg: number
  readonly waterKg: number
  readonly groundKg: number
  readonly hardscapeKg: number
  readonly standKg: number
  readonly kitKg: number
}
export const totalKg = (masses: Masses): number => (Object.values(masses) as number[]).reduce((sum, kg) => sum + kg, 0)

/** Mean load [kg/m²] over the tank's outer footprint. */
export const floorLoadKgPerM2 = (kg: number, { lengthCm, widthCm }: Pick<Vessel, 'lengthCm' | 'widthCm'>): number =>
  kg / ((lengthCm * widthCm) / 10_000)

export interface FootLoad {
  readonly perFootKg: number
  readonly pressureKPa: number
}

/** What each foot carries if all carry alike; on a full base, what the base presses. An uneven floor puts most of it on two feet. */
export function footLoad(
  kg: number,
  vessel: Pick<Vessel, 'lengthCm' | 'widthCm'>,
  rests: StandRest,
  feet: number,
  footAreaCm2: number,
): FootLoad {
  requireWithin('feet', feet, 1, 100)
  requireWithin('footAreaCm2', footAreaCm2, 0.5, 10_000)
  const count = rests === 'base' ? 1 : feet
  const areaCm2 = rests === 'base' ? vessel.lengthCm * vessel.widthCm : footAreaCm2
  return { perFootKg: kg / count, pressureKPa: ((kg / count) * GRAVITY_M_PER_S2) / (areaCm2 / 10_000) / 1000 }
}

export type FloorRemark = 'none' | 'by-wall' | 'structural'
/** Under 150 kg none; to 350 kg by a load-bearing wall, across the joists; above, and on timber from 250 kg, a structural matter. General practice, not a verdict. */
export function floorRemark(kg: number, floor: Floor | null): FloorRemark {
  if (kg > 350 || (kg > 250 && floor === 'timber')) return 'structural'
  return kg >= 150 ? 'by-wall' : 'none'
}
