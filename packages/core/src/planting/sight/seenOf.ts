import { groundHeightCm, type GroundPlan } from '../../ground/groundPlan.js'
import type { PlacedPiece } from '../../hardscape/piece.js'
import { boundsOf, type Ring } from '../../numeric/ring.js'
import type { PlantSpecies } from '../../species/plantSpecies.js'
import type { LaidBed } from '../bedsOf.js'
import { closedShare, heightInBedCm } from '../heightInBed.js'
import { FROM_COUCH, raysOf, type Eye, type Look } from './look.js'

/** What stands before something: another bed, a piece, or the rising ground. */
export type Hider =
  { readonly kind: 'bed'; readonly id: string } | { readonly kind: 'piece'; readonly id: string } | { readonly kind: 'ground' }
export interface SeenBed {
  readonly bed: LaidBed
  /** Of its whole outline as it would be seen alone, 0–1; `null` where it floats, or nothing of it stands. */
  readonly seen: number | null
  /** What hides most of it, and how much. */
  readonly hider: { readonly by: Hider; readonly share: number } | null
}
/** Looked at from several sides, one and the same object serves them all. */
interface Scene {
  readonly beds: readonly LaidBed[]
  readonly pieces: readonly PlacedPiece[]
  readonly ground: GroundPlan
  readonly inner: { readonly lengthCm: number; readonly widthCm: number; readonly waterDepthCm: number }
}
interface SeenOptions {
  readonly look: Look
  readonly weeks: number
  /** Growth of a plant against its best here, 0–1. */
  readonly supplyOf: (plant: PlantSpecies) => number
  readonly eye?: Eye
  /** As the trim plan keeps it at this light; left out: never cut. */
  readonly cutAtPpfd?: number | undefined
}

/** Of the floor and of the pane: finer than a carpet is high. */
const CELL_CM = 1
const BIN_CM = 0.5
/** Ground, in the lists of owners. */
const GROUND = -1

/** How much of each bed is seen so many weeks after planting, and what hides most of the rest: lines of sight over a grid of the floor, nearest first. A bed that has not closed yet hides as much as it has closed; stones, wood and ground hide all. */
export function seenOf(scene: Scene, { look, weeks, supplyOf, eye = FROM_COUCH, cutAtPpfd }: SeenOptions): SeenBed[] {
  const { beds, pieces, inner } = scene
  const standing = beds.map((bed) => standingOf(bed, { weeks, supplyOf, cutAtPpfd }))
  const floor = floorGrid(scene)
  const { rays, deepCm } = raysOf(look, inner, eye)
  const bins = Math.ceil(Math.max(inner.waterDepthCm, ...pieces.map(({ topCm }) => topCm), eye.highCm) / BIN_CM) + 1
  const binOf = (heightCm: number): number => Math.min(bins, Math.max(0, Math.round(heightCm / BIN_CM)))
  const whole = new Float64Array(beds.length)
  const seen = new Float64Array(beds.length)
  const hidden = beds.map(() => new Map<number, number>())
  /** The last ray in which a bed was met at a height, so that each counts once. */
  const met = new Int32Array(beds.length * bins).fill(-1)
  rays.forEach((ray, number) => {
    const light = new Float64Array(bins).fill(1)
    const nearest = new Int32Array(bins).fill(GROUND)
    for (let behindCm = CELL_CM / 2; behindCm < deepCm; behindCm += CELL_CM) {
      const { xCm, yCm } = ray.at(behindCm)
      if (xCm < 0 || xCm >= inner.lengthCm || yCm < 0 || yCm >= inner.widthCm) continue
      const groundCm = floor.groundCmAt(xCm, yCm)
      for (let bin = binOf(ray.onPaneCm(groundCm, behindCm)) - 1; bin >= 0 && light[bin]! > 0; bin--) light[bin] = 0
      const owner = floor.ownerAt(xCm, yCm)
      if (owner < 0) continue
      const piece = pieces[owner - beds.length]
      const stands = standing[owner]
      const topCm = piece === undefined ? groundCm + Math.min(stands?.heightCm ?? 0, inner.waterDepthCm - groundCm) : topOf(piece, xCm)
      const hides = piece === undefined ? (stands?.closed ?? 0) : 1
      const to = binOf(ray.onPaneCm(topCm, behindCm))
      for (let bin = binOf(ray.onPaneCm(groundCm, behindCm)); bin < to; bin++) {
        if (piece === undefined) {
          if (met[owner * bins + bin] === number) continue
          met[owner * bins + bin] = number
          whole[owner]! += 1
          seen[owner]! += light[bin]!
          const by = nearest[bin]!
          if (light[bin]! < 1) hidden[owner]!.set(by, (hidden[owner]!.get(by) ?? 0) + 1 - light[bin]!)
        }
        if (light[bin] === 1) nearest[bin] = owner
        light[bin]! *= 1 - hides
      }
    }
  })
  const hiderOf = (owner: number): Hider =>
    owner === GROUND
      ? { kind: 'ground' }
      : owner < beds.length
        ? { kind: 'bed', id: beds[owner]!.bed.id }
        : { kind: 'piece', id: pieces[owner - beds.length]!.piece.id }
  return beds.map((bed, index): SeenBed => {
    const all = whole[index]!
    if (bed.isFloating || all === 0) return { bed, seen: null, hider: null }
    const most = [...hidden[index]!].sort(([, a], [, b]) => b - a)[0]
    return { bed, seen: seen[index]! / all, hider: most === undefined ? null : { by: hiderOf(most[0]), share: most[1] / all } }
  })
}

/** Mean height of a bed by area, and how far it has closed. */
function standingOf(bed: LaidBed, { weeks, supplyOf, cutAtPpfd }: Pick<SeenOptions, 'weeks' | 'supplyOf' | 'cutAtPpfd'>) {
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
function topOf({ silhouette, footCm }: PlacedPiece, xCm: number): number {
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

/** The floor in cells: who stands there (index of the bed, after all beds of the piece, or nobody), and how high the ground is. */
interface FloorGrid {
  readonly ownerAt: (xCm: number, yCm: number) => number
  readonly groundCmAt: (xCm: number, yCm: number) => number
}
const grids = new WeakMap<Scene, FloorGrid>()
/** The same for each look. */
function floorGrid(scene: Scene): FloorGrid {
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
