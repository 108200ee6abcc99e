import { groundHeightCm, type GroundPlan } from '../ground/groundPlan.js'
import { MATERIAL } from '../hardscape/materials.js'
import type { WeighedPiece } from '../hardscape/piecesOf.js'
import type { InnerSize } from '../tank/vessel.js'

export interface FilledTank {
  readonly inner: InnerSize
  readonly ground: GroundPlan
  readonly pieces: readonly WeighedPiece[]
}
const COLUMNS = 40
const ROWS = 20

/** Open water that stands above a height over the glass [L], in the tank filled to its line. A piece counts as even from its foot to its top. */
export function waterAboveL({ inner, ground, pieces }: FilledTank, heightCm: number): number {
  const { lengthCm, widthCm, waterDepthCm } = inner
  const cellCm2 = (lengthCm / COLUMNS) * (widthCm / ROWS)
  let cm3 = 0
  for (let column = 0; column < COLUMNS; column++)
    for (let row = 0; row < ROWS; row++) {
      const bedCm = groundHeightCm(ground, ((column + 0.5) / COLUMNS) * lengthCm, ((row + 0.5) / ROWS) * widthCm)
      cm3 += cellCm2 * Math.max(0, waterDepthCm - Math.max(heightCm, bedCm))
    }
  const stonesL = pieces.reduce((sum, { piece, massKg, placed }) => {
    const volumeL = massKg / MATERIAL[piece.material].densityKgPerL
    if (placed === null || placed.topCm <= placed.footCm) return sum
    const above = Math.min(1, Math.max(0, (placed.topCm - heightCm) / (placed.topCm - placed.footCm)))
    return sum + above * volumeL
  }, 0)
  return Math.max(0, cm3 / 1000 - stonesL)
}

/** How far the water falls from its line [cm] when so many litres run out; all of its depth where there are not as many. */
export function drainDepthCm(tank: FilledTank, litres: number): number {
  let [low, high] = [0, tank.inner.waterDepthCm]
  for (let halving = 0; halving < 30; halving++) {
    const middle = (low + high) / 2
    if (waterAboveL(tank, tank.inner.waterDepthCm - middle) < litres) low = middle
    else high = middle
  }
  return (low + high) / 2
}
