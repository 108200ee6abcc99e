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

/** Heights of the ground on an even grid [cm]. */
function bedHeightsCm({ inner, ground }: FilledTank): Float64Array {
  const heights = new Float64Array(COLUMNS * ROWS)
  for (let column = 0; column < COLUMNS; column++)
    for (let row = 0; row < ROWS; row++)
      heights[column * ROWS + row] = groundHeightCm(
        ground,
        ((column + 0.5) / COLUMNS) * inner.lengthCm,
        ((row + 0.5) / ROWS) * inner.widthCm,
      )
  return heights
}

/** Open water that stands above a height over the glass [L], in the tank filled to its line. A piece counts as even from its foot to its top. */
export const waterAboveL = (tank: FilledTank, heightCm: number): number => aboveL(tank, bedHeightsCm(tank), heightCm)

function aboveL({ inner: { lengthCm, widthCm, waterDepthCm }, pieces }: FilledTank, bedCm: Float64Array, heightCm: number): number {
  const cellCm2 = (lengthCm * widthCm) / bedCm.length
  const cm3 = bedCm.reduce((sum, bed) => sum + cellCm2 * Math.max(0, waterDepthCm - Math.max(heightCm, bed)), 0)
  const stonesL = pieces.reduce((sum, { piece, massKg, placed }) => {
    if (placed === null || placed.topCm <= placed.footCm) return sum
    const share = Math.min(1, Math.max(0, (placed.topCm - heightCm) / (placed.topCm - placed.footCm)))
    return sum + (share * massKg) / MATERIAL[piece.material].densityKgPerL
  }, 0)
  return Math.max(0, cm3 / 1000 - stonesL)
}

/** How far the water falls from its line [cm] when so many litres run out; all of its depth where there are not as many. */
export function drainDepthCm(tank: FilledTank, litres: number): number {
  const bedCm = bedHeightsCm(tank)
  let [low, high] = [0, tank.inner.waterDepthCm]
  for (let halving = 0; halving < 30; halving++) {
    const middle = (low + high) / 2
    if (aboveL(tank, bedCm, tank.inner.waterDepthCm - middle) < litres) low = middle
    else high = middle
  }
  return (low + high) / 2
}
