import type { LaidBed } from './bedsOf.js'

export interface FloorShares {
  /** Of the floor. */
  readonly plantedFraction: number
  /** Of what is planted; `null` where nothing is. */
  readonly fastFraction: number | null
  /** Of the surface. */
  readonly floatingFraction: number
}
/** How much of a tank its map covers. Plants are fast whose mass doubles within twelve days at its best. */
export function floorShares(beds: readonly LaidBed[], inner: { readonly lengthCm: number; readonly widthCm: number }): FloorShares {
  const floorCm2 = inner.lengthCm * inner.widthCm
  const rooted = beds.filter(({ isFloating, plants }) => !isFloating && plants.length > 0)
  const plantedCm2 = rooted.reduce((sum, { areaCm2 }) => sum + areaCm2, 0)
  const fastCm2 = rooted
    .flatMap(({ plants }) => plants)
    .reduce((sum, { plant, areaCm2 }) => sum + (plant.growth[0] === 'fast' ? areaCm2 : 0), 0)
  return {
    plantedFraction: plantedCm2 / floorCm2,
    fastFraction: plantedCm2 === 0 ? null : fastCm2 / plantedCm2,
    floatingFraction: beds.reduce((sum, { isFloating, isOut, areaCm2 }) => sum + (isFloating && !isOut ? areaCm2 : 0), 0) / floorCm2,
  }
}
