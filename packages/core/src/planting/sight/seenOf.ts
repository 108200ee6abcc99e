import type { LaidBed } from '../bedsOf.js'
import { CELL_CM, floorGrid, type Scene } from './floorGrid.js'
import { FROM_COUCH, raysOf, type Eye, type Look } from './look.js'
import { standingOf, topOf, type Grown } from './standing.js'

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
interface SeenOptions extends Grown {
  readonly look: Look
  readonly eye?: Eye
}

/** Of the pane: finer than a carpet is high. */
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
