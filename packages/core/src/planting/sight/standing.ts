import type { PlacedPiece } from '../../hardscape/piece.js'
import type { PlantSpecies } from '../../species/plantSpecies.js'
import type { LaidBed } from '../bedsOf.js'
import { closedShare, heightInBedCm } from '../heightInBed.js'

/** How far the plants of a map have grown. */
export interface Grown {
  /** After planting. */
  readonly weeks: number
  /** Growth of a plant against its best here, 0–1. */
  readonly supplyOf: (plant: PlantSpecies) => number
  /** As the trim plan keeps it at this light; left out: never cut. */
  readonly cutAtPpfd?: number | undefined
}

/** Mean height of a bed by area, and how far it has closed. */
export function standingOf(bed: LaidBed, { weeks, supplyOf, cutAtPpfd }: Grown): { readonly heightCm: number; readonly closed: number } {
  const { plants, isFloating } = bed
  const areaCm2 = plants.reduce((sum, planted) => sum + planted.areaCm2, 0)
  if (isFloating || areaCm2 === 0) return { heightCm: 0, closed: 0 }
  let heightCm = 0
  let closed = 0
  for (const planted of plants) {
    const supply = supplyOf(planted.plant)
    heightCm += (heightInBedCm(bed, planted, { weeks, supply, cutAtPpfd }) * planted.areaCm2) / areaCm2
    closed += (closedShare(planted, weeks, supply) * planted.areaCm2) / areaCm2
  }
  return { heightCm, closed }
}

/** Highest point of a silhouette at a place along the tank; its foot beside it. */
export function topOf({ silhouette, footCm }: PlacedPiece, xCm: number): number {
  let topCm = footCm
  silhouette.forEach((from, index) => {
    const to = silhouette[(index + 1) % silhouette.length] ?? from
    const [left, right] = from.xCm <= to.xCm ? [from, to] : [to, from]
    if (xCm < left.xCm || xCm > right.xCm) return
    const share = right.xCm === left.xCm ? 1 : (xCm - left.xCm) / (right.xCm - left.xCm)
    topCm = Math.max(topCm, left.zCm + (right.zCm - left.zCm) * share)
  })
  return topCm
}
