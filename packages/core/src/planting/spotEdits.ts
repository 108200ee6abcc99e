import type { PlacedPiece } from '../hardscape/piece.js'
import type { NewId } from '../plan/id.js'
import type { Plan, PlantSpot } from '../plan/plan.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import { weeded, withFlora } from './bedEdits.js'
import { sharesOnPiece } from './spotsOf.js'

/** Of a new spot: about a hand's breadth, but no wider than half of its piece. */
const WIDE_CM = 8
const HIGH_CM = 5

export const withSpot = (plan: Plan, id: string, edit: (spot: PlantSpot) => PlantSpot): Plan => ({
  ...plan,
  spots: plan.spots.map((spot) => (spot.id === id ? edit(spot) : spot)),
})

/** A spot on a piece; `at`: along the tank and above the glass, else in the middle of its upper half. */
export function addSpot(
  plan: Plan,
  placed: PlacedPiece,
  newId: NewId,
  at?: { readonly xCm: number; readonly zCm: number },
): { readonly plan: Plan; readonly id: string } {
  const id = newId('m')
  const wide = placed.bounds.right - placed.bounds.left
  const spot: PlantSpot = {
    id,
    piece: placed.piece.id,
    ...(at === undefined ? { alongFraction: 0.5, upFraction: 0.65 } : sharesOnPiece(placed, at.xCm, at.zCm)),
    widthCm: rounded(Math.max(1, Math.min(WIDE_CM, wide / 2))),
    heightCm: rounded(Math.max(1, Math.min(HIGH_CM, placed.heightCm / 2))),
    species: null,
    laying: 'clump',
    fixing: 'glue',
    start: 'pot',
  }
  return { id, plan: { ...plan, spots: [...plan.spots, spot] } }
}
export const removeSpot = (plan: Plan, id: string): Plan => weeded({ ...plan, spots: plan.spots.filter((spot) => spot.id !== id) })

/** Moss and what is like it is laid on chopped, what has a rhizome as clumps. */
export const plantOnSpot = (plan: Plan, id: string, plant: PlantSpecies): Plan =>
  weeded(
    withSpot(withFlora(plan, plant), id, (spot) => ({
      ...spot,
      species: plant.id,
      laying: spot.species === null ? (plant.kind === 'moss' ? 'chopped' : 'clump') : spot.laying,
      start:
        spot.species === null && !plant.soldAs.some((sold) => sold.startsWith('pot')) && plant.soldAs.includes('cup') ? 'cup' : spot.start,
    })),
  )
const rounded = (cm: number): number => Math.round(cm * 10) / 10
