import { lineOf } from '../../numeric/outline.js'
import { isInside, type Spot } from '../../numeric/ring.js'
import type { NewId } from '../../plan/id.js'
import type { Plan, PlantKind, Vertex } from '../../plan/plan.js'
import type { PlantSpecies } from '../../species/plantSpecies.js'
import { bedOf, plantInBed } from '../bedEdits.js'

/** Half the width of a patch that a plant is dropped as [cm]; a third of the shorter side of the floor at most. Rule of thumb. */
const HALF_CM: Readonly<Record<PlantKind, number>> = { carpet: 10, stems: 7, rhizome: 6, rosette: 8, moss: 6, floater: 9 }

interface Floor {
  readonly lengthCm: number
  readonly widthCm: number
}
/** A plant put down at a spot: in the uppermost patch there that has none yet, else in a small round patch of its own, moved within the glass. */
export function bedAt(
  plan: Plan,
  plant: PlantSpecies,
  spot: Spot,
  { lengthCm, widthCm }: Floor,
  newId: NewId,
): { readonly plan: Plan; readonly id: string } {
  const empty = plan.beds.findLast(({ outline, plants }) => plants.length === 0 && isInside(lineOf(outline), spot.xCm, spot.yCm))
  if (empty !== undefined) return { plan: plantInBed(plan, empty.id, plant, newId), id: empty.id }
  const half = Math.min(HALF_CM[plant.kind], Math.min(lengthCm, widthCm) / 3)
  const within = (cm: number, mostCm: number): number => Math.min(Math.max(cm, half), mostCm - half)
  const [x, y] = [within(spot.xCm, lengthCm), within(spot.yCm, widthCm)]
  const corner = (dx: number, dy: number): Vertex => ({
    xCm: Math.round(10 * (x + dx)) / 10,
    yCm: Math.round(10 * (y + dy)) / 10,
    isRound: true,
  })
  const made = bedOf(plan, [corner(-half, -half), corner(half, -half), corner(half, half), corner(-half, half)], newId)
  return { plan: plantInBed(made.plan, made.id, plant, newId), id: made.id }
}
