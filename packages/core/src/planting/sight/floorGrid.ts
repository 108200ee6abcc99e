import { groundHeightCm, type GroundPlan } from '../../ground/groundPlan.js'
import type { PlacedPiece } from '../../hardscape/piece.js'
import { boundsOf, type Ring } from '../../numeric/ring.js'
import type { LaidBed } from '../bedsOf.js'

/** What stands on the floor. Looked at from several sides, one and the same object serves them all. */
export interface Scene {
  readonly beds: readonly LaidBed[]
  readonly pieces: readonly PlacedPiece[]
  readonly ground: GroundPlan
  readonly inner: { readonly lengthCm: number; readonly widthCm: number; readonly waterDepthCm: number }
}
/** Side of a cell: finer than a carpet is high. */
export const CELL_CM = 1

/** The floor in cells: who stands there (index of the bed, after all beds of the piece, or nobody), and how high the ground is. */
export interface FloorGrid {
  readonly ownerAt: (xCm: number, yCm: number) => number
  readonly groundCmAt: (xCm: number, yCm: number) => number
}
const grids = new WeakMap<Scene, FloorGrid>()
/** The same for each look. */
export function floorGrid(scene: Scene): FloorGrid {
  const grid = grids.get(scene) ?? gridOf(scene)
  grids.set(scene, grid)
  return grid
}
function gridOf({ beds, pieces, ground, inner }: Scene): FloorGrid {
  const columns = Math.ceil(inner.lengthCm / CELL_CM)
  const rows = Math.ceil(inner.widthCm / CELL_CM)
  const owners = new Int32Array(columns * rows).fill(NOBODY)
  const rings = [...beds.map(({ ring, isFloating }) => (isFloating ? [] : ring)), ...pieces.map(({ ring }) => ring)]
  rings.forEach((ring, owner) => {
    const { front, back } = boundsOf(ring)
    for (let row = Math.max(0, Math.floor(front / CELL_CM)); row < rows && row * CELL_CM < back; row++) {
      const crossings = crossingsAt(ring, (row + 0.5) * CELL_CM)
      for (let pair = 0; pair + 1 < crossings.length; pair += 2)
        for (let column = Math.max(0, Math.ceil(crossings[pair]! / CELL_CM - 0.5)); column < columns; column++) {
          if ((column + 0.5) * CELL_CM >= crossings[pair + 1]!) break
          owners[row * columns + column] = owner
        }
    }
  })
  const cellOf = (xCm: number, yCm: number): number => Math.floor(yCm / CELL_CM) * columns + Math.floor(xCm / CELL_CM)
  const heightsCm = Float64Array.from(owners, (_, cell) =>
    groundHeightCm(ground, ((cell % columns) + 0.5) * CELL_CM, (Math.floor(cell / columns) + 0.5) * CELL_CM),
  )
  return { ownerAt: (x, y) => owners[cellOf(x, y)] ?? NOBODY, groundCmAt: (x, y) => heightsCm[cellOf(x, y)] ?? 0 }
}
const NOBODY = -1

/** Where a line along x meets a ring, ascending. */
function crossingsAt(ring: Ring, yCm: number): number[] {
  const crossings: number[] = []
  ring.forEach((a, index) => {
    const b = ring[(index + 1) % ring.length] ?? a
    if (a.yCm > yCm !== b.yCm > yCm) crossings.push(a.xCm + ((b.xCm - a.xCm) * (yCm - a.yCm)) / (b.yCm - a.yCm))
  })
  return crossings.sort((a, b) => a - b)
}
