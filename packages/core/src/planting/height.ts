import type { PlantKind } from '../plan/plan.js'
import { HEIGHT_CM } from './density.js'

/** Days after planting at which a kind has half of its grown height; rule of thumb at good supply. */
const HALF_GROWN_DAYS: Readonly<Record<PlantKind, number>> = { carpet: 35, stems: 18, rhizome: 60, rosette: 35, moss: 35, floater: 18 }

/** Height [cm] of a kind at an age: logistic from planted to grown height. For drawings; trims are left out. */
export function heightCmAtAge(kind: PlantKind, ageDays: number): number {
  const { planted, grown } = HEIGHT_CM[kind]
  const half = HALF_GROWN_DAYS[kind]
  return planted + (grown - planted) / (1 + Math.exp(-(ageDays - half) / (half / 3)))
}
