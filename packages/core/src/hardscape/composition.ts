import { cellAreaCm2, patchwork } from '../numeric/patchwork.js'
import type { Ring } from '../numeric/ring.js'
import type { PlacedPiece } from './piece.js'

/** Figures of an arrangement. They measure; whether it pleases is for those who look at it. */
export interface Composition {
  /** Share of the floor under no piece. */
  readonly openFloor: number
  /** Share of the rear third under no piece: room for the back row. */
  readonly openRear: number
  /** Between the outermost outline and the glass [cm]; `null` without pieces. */
  readonly leastGapCm: number | null
  /** Where the highest piece stands along the tank, 0–1, and its distance to the nearest third and golden section as a share of the length. */
  readonly main: { readonly id: string; readonly at: number; readonly offThird: number; readonly offGolden: number } | null
  /** Second largest over largest by height, 0–1; `null` with fewer than two. */
  readonly secondOverMain: number | null
  /** Height falls from front to back (large in front makes depth): correlation of height and depth, −1 to 1; `null` with fewer than three. */
  readonly sizeToBack: number | null
  /** Height of the outline over the ground [cm] in tenths along the tank. */
  readonly outlineCm: readonly number[]
  readonly outlineKind: 'triangle' | 'mound' | 'valley' | 'level'
  /** Shares of the eye's width that pieces in front hide of those behind, from the couch. */
  readonly hidden: readonly { readonly id: string; readonly share: number }[]
}

export const GOLDEN = (Math.sqrt(5) - 1) / 2
const SECTIONS = 10
const REAR_SHARE = 1 / 3
/** Less difference is level. */
const OUTLINE_STEP = 0.25

export function compositionOf(pieces: readonly PlacedPiece[], lengthCm: number, widthCm: number): Composition {
  const covered = coverage(pieces.map(({ ring }) => ring), lengthCm, widthCm)
  const main = pieces.reduce<PlacedPiece | null>((best, piece) => (best === null || piece.topCm > best.topCm ? piece : best), null)
  const heights = pieces.map(({ heightCm }) => heightCm).sort((a, b) => b - a)
  const outlineCm = outlineOf(pieces, lengthCm)
  return {
    openFloor: 1 - covered.all,
    openRear: 1 - covered.rear,
    leastGapCm: pieces.length === 0 ? null : Math.min(...pieces.map(({ bounds }) => Math.min(bounds.left, bounds.front, lengthCm - bounds.right, widthCm - bounds.back))),
    main: main === null ? null : placeOf(main, lengthCm),
    secondOverMain: heights.length < 2 || heights[0] === 0 ? null : heights[1]! / heights[0]!,
    sizeToBack: pieces.length < 3 ? null : correlation(pieces.map(({ heightCm }) => heightCm), pieces.map(({ centre }) => centre.yCm)),
    outlineCm,
    outlineKind: kindOf(outlineCm),
    hidden: hiddenShares(pieces),
  }
}

/** Exact share of floor and rear third that the union of outlines covers. */
function coverage(rings: readonly Ring[], lengthCm: number, widthCm: number): { readonly all: number; readonly rear: number } {
  const floor = lengthCm * widthCm
  const from = widthCm * (1 - REAR_SHARE)
  const sum = (moved: readonly Ring[], depthCm: number): number => patchwork(moved, lengthCm, depthCm).reduce((area, cell) => (cell.owner < 0 ? area : area + cellAreaCm2(cell)), 0)
  const rear = rings.map((ring) => ring.map(({ xCm, yCm }) => ({ xCm, yCm: yCm - from })))
  return { all: sum(rings, widthCm) / floor, rear: sum(rear, widthCm * REAR_SHARE) / (floor * REAR_SHARE) }
}

function placeOf({ piece, centre }: PlacedPiece, lengthCm: number): NonNullable<Composition['main']> {
  const at = centre.xCm / lengthCm
  const off = (...marks: readonly number[]): number => Math.min(...marks.map((mark) => Math.abs(at - mark)))
  return { id: piece.id, at, offThird: off(1 / 3, 2 / 3), offGolden: off(GOLDEN, 1 - GOLDEN) }
}

function outlineOf(pieces: readonly PlacedPiece[], lengthCm: number): number[] {
  return Array.from({ length: SECTIONS }, (_, section) => {
    const from = (section * lengthCm) / SECTIONS
    const to = from + lengthCm / SECTIONS
    return Math.max(0, ...pieces.map((piece) => highestWithin(piece, from, to)))
  })
}
function highestWithin({ silhouette, footCm }: PlacedPiece, from: number, to: number): number {
  let highest = 0
  silhouette.forEach((point, index) => {
    const next = silhouette[(index + 1) % silhouette.length]!
    const [a, b] = point.xCm <= next.xCm ? [point, next] : [next, point]
    if (b.xCm < from || a.xCm > to) return
    const at = (x: number): number => (b.xCm - a.xCm < 1e-9 ? Math.max(a.zCm, b.zCm) : a.zCm + ((b.zCm - a.zCm) * (x - a.xCm)) / (b.xCm - a.xCm))
    highest = Math.max(highest, at(Math.max(from, a.xCm)) - footCm, at(Math.min(to, b.xCm)) - footCm)
  })
  return highest
}

function kindOf(outlineCm: readonly number[]): Composition['outlineKind'] {
  const mean = (from: number, to: number): number => outlineCm.slice(from, to).reduce((sum, cm) => sum + cm, 0) / (to - from)
  const [left, middle, right] = [mean(0, 3), mean(3, 7), mean(7, 10)]
  const most = Math.max(left, middle, right)
  if (most === 0) return 'level'
  const [l, m, r] = [left / most, middle / most, right / most]
  if (m + OUTLINE_STEP <= Math.min(l, r)) return 'valley'
  if (m >= Math.max(l, r) + OUTLINE_STEP) return 'mound'
  return Math.abs(l - r) >= OUTLINE_STEP ? 'triangle' : 'level'
}

function hiddenShares(pieces: readonly PlacedPiece[]): { id: string; share: number }[] {
  return pieces.map(({ piece, bounds, centre, topCm }) => {
    const wide = Math.max(bounds.right - bounds.left, 0.01)
    const before = pieces.filter((other) => other.centre.yCm < centre.yCm && other.topCm >= topCm * 0.8)
    const spans = before.map((other) => [Math.max(bounds.left, other.bounds.left), Math.min(bounds.right, other.bounds.right)] as const).filter(([from, to]) => to > from).sort((a, b) => a[0] - b[0])
    let reached = bounds.left
    let hidden = 0
    for (const [from, to] of spans) {
      hidden += Math.max(0, to - Math.max(from, reached))
      reached = Math.max(reached, to)
    }
    return { id: piece.id, share: hidden / wide }
  })
}

function correlation(a: readonly number[], b: readonly number[]): number {
  const mean = (list: readonly number[]): number => list.reduce((sum, value) => sum + value, 0) / list.length
  const [ma, mb] = [mean(a), mean(b)]
  let [ab, aa, bb] = [0, 0, 0]
  a.forEach((value, index) => {
    ab += (value - ma) * (b[index]! - mb)
    aa += (value - ma) ** 2
    bb += (b[index]! - mb) ** 2
  })
  return aa < 1e-9 || bb < 1e-9 ? 0 : ab / Math.sqrt(aa * bb)
}
