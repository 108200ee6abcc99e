import { cellAreaCm2, patchwork } from '../numeric/patchwork.js'
import type { Ring } from '../numeric/ring.js'
import type { PlacedPiece } from './piece.js'

/** Figures of an arrangement. They measure; whether it pleases is for those who look at it. */
export interface Composition {
  /** Share of the floor under no piece. */
  readonly openFloor: number
  /** Share of the rear third under no piece: room for the back row. */
  readonly openRear: number
  /** Between the outermost outlines and each pane [cm]; `null` without pieces. */
  readonly gapsCm: { readonly left: number; readonly front: number; readonly right: number; readonly back: number } | null
  /** The least of them. */
  readonly leastGapCm: number | null
  /** Where the highest piece stands along the tank, 0–1, the third and the golden section next to it, and its distance to them as shares of the length. */
  readonly main: {
    readonly id: string
    readonly at: number
    readonly third: number
    readonly offThird: number
    readonly golden: number
    readonly offGolden: number
  } | null
  /** Heights of the pieces [cm], highest first. */
  readonly heightsCm: readonly number[]
  /** Second largest over largest by height, 0–1; `null` with fewer than two. */
  readonly secondOverMain: number | null
  /** Height falls from front to back (large in front makes depth): correlation of height and depth, −1 to 1; `null` with fewer than three. */
  readonly sizeToBack: number | null
  /** What that reads as: large pieces behind, in front, or mixed. */
  readonly sizeReads: 'near' | 'far' | 'even' | null
  /** Height of the outline over the ground [cm] in tenths along the tank. */
  readonly outlineCm: readonly number[]
  /** Its means [cm] over the left three, the middle four and the right three tenths. */
  readonly outlineMeansCm: OutlineMeans
  readonly outlineKind: 'triangle' | 'mound' | 'valley' | 'level'
  /** Shares of the eye's width that pieces in front hide of those behind, from the couch. */
  readonly hidden: readonly HiddenPiece[]
  /** The one that those before it hide most; `null` where nothing is hidden to speak of. */
  readonly mostHidden: HiddenPiece | null
}
export interface OutlineMeans {
  readonly left: number
  readonly middle: number
  readonly right: number
}
export interface HiddenPiece {
  readonly id: string
  readonly wideCm: number
  readonly hiddenCm: number
  readonly share: number
}

export const GOLDEN = (Math.sqrt(5) - 1) / 2
const SECTIONS = 10
export const REAR_SHARE = 1 / 3
/** Less difference is level. */
const OUTLINE_STEP = 0.25
/** Less is not told. */
const LEAST_HIDDEN = 0.05
/** So high a piece hides what stands behind it, against that one's own top. */
export const HIDES_FROM = 0.8
/** So strong a correlation of height and depth counts; rule of thumb. */
export const SIZE_STEP = 0.3

export function compositionOf(pieces: readonly PlacedPiece[], lengthCm: number, widthCm: number): Composition {
  const covered = coverage(
    pieces.map(({ ring }) => ring),
    lengthCm,
    widthCm,
  )
  const main = pieces.reduce<PlacedPiece | null>((best, piece) => (best === null || piece.topCm > best.topCm ? piece : best), null)
  const heightsCm = pieces.map(({ heightCm }) => heightCm).sort((a, b) => b - a)
  const [highest = 0, second] = heightsCm
  const outlineCm = outlineOf(pieces, lengthCm)
  const outlineMeansCm = meansOf(outlineCm)
  const gapsCm = gapsOf(pieces, lengthCm, widthCm)
  const hidden = hiddenShares(pieces)
  const sizeToBack =
    pieces.length < 3
      ? null
      : correlation(
          pieces.map(({ heightCm }) => heightCm),
          pieces.map(({ centre }) => centre.yCm),
        )
  return {
    openFloor: 1 - covered.all,
    openRear: 1 - covered.rear,
    gapsCm,
    leastGapCm: gapsCm === null ? null : Math.min(gapsCm.left, gapsCm.front, gapsCm.right, gapsCm.back),
    main: main === null ? null : placeOf(main, lengthCm),
    heightsCm,
    secondOverMain: second === undefined || highest === 0 ? null : second / highest,
    sizeToBack,
    sizeReads: sizeToBack === null ? null : sizeToBack > SIZE_STEP ? 'far' : sizeToBack < -SIZE_STEP ? 'near' : 'even',
    outlineCm,
    outlineMeansCm,
    outlineKind: kindOf(outlineMeansCm),
    hidden,
    mostHidden: mostHiddenOf(hidden),
  }
}

function mostHiddenOf(hidden: readonly HiddenPiece[]): HiddenPiece | null {
  const worst = hidden.reduce<HiddenPiece | null>((best, one) => (best === null || one.share > best.share ? one : best), null)
  return worst === null || worst.share < LEAST_HIDDEN ? null : worst
}

/** Exact share of floor and rear third that the union of outlines covers. */
function coverage(rings: readonly Ring[], lengthCm: number, widthCm: number): { readonly all: number; readonly rear: number } {
  const floor = lengthCm * widthCm
  const from = widthCm * (1 - REAR_SHARE)
  const sum = (moved: readonly Ring[], depthCm: number): number =>
    patchwork(moved, lengthCm, depthCm).reduce((area, cell) => (cell.owner < 0 ? area : area + cellAreaCm2(cell)), 0)
  const rear = rings.map((ring) => ring.map(({ xCm, yCm }) => ({ xCm, yCm: yCm - from })))
  return { all: sum(rings, widthCm) / floor, rear: sum(rear, widthCm * REAR_SHARE) / (floor * REAR_SHARE) }
}

function gapsOf(pieces: readonly PlacedPiece[], lengthCm: number, widthCm: number): Composition['gapsCm'] {
  if (pieces.length === 0) return null
  const bounds = pieces.map((piece) => piece.bounds)
  return {
    left: Math.min(...bounds.map(({ left }) => left)),
    front: Math.min(...bounds.map(({ front }) => front)),
    right: lengthCm - Math.max(...bounds.map(({ right }) => right)),
    back: widthCm - Math.max(...bounds.map(({ back }) => back)),
  }
}

function placeOf({ piece, centre }: PlacedPiece, lengthCm: number): NonNullable<Composition['main']> {
  const at = centre.xCm / lengthCm
  const nearest = (a: number, b: number): number => (Math.abs(at - a) <= Math.abs(at - b) ? a : b)
  const third = nearest(1 / 3, 2 / 3)
  const golden = nearest(1 - GOLDEN, GOLDEN)
  return { id: piece.id, at, third, offThird: Math.abs(at - third), golden, offGolden: Math.abs(at - golden) }
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
    const at = (x: number): number =>
      b.xCm - a.xCm < 1e-9 ? Math.max(a.zCm, b.zCm) : a.zCm + ((b.zCm - a.zCm) * (x - a.xCm)) / (b.xCm - a.xCm)
    highest = Math.max(highest, at(Math.max(from, a.xCm)) - footCm, at(Math.min(to, b.xCm)) - footCm)
  })
  return highest
}

function meansOf(outlineCm: readonly number[]): OutlineMeans {
  const mean = (from: number, to: number): number => outlineCm.slice(from, to).reduce((sum, cm) => sum + cm, 0) / (to - from)
  return { left: mean(0, 3), middle: mean(3, 7), right: mean(7, 10) }
}

function kindOf({ left, middle, right }: OutlineMeans): Composition['outlineKind'] {
  const most = Math.max(left, middle, right)
  if (most === 0) return 'level'
  const [l, m, r] = [left / most, middle / most, right / most]
  if (m + OUTLINE_STEP <= Math.min(l, r)) return 'valley'
  if (m >= Math.max(l, r) + OUTLINE_STEP) return 'mound'
  return Math.abs(l - r) >= OUTLINE_STEP ? 'triangle' : 'level'
}

function hiddenShares(pieces: readonly PlacedPiece[]): HiddenPiece[] {
  return pieces.map(({ piece, bounds, centre, topCm }) => {
    const wideCm = Math.max(bounds.right - bounds.left, 0.01)
    const before = pieces.filter((other) => other.centre.yCm < centre.yCm && other.topCm >= topCm * HIDES_FROM)
    const spans = before
      .map((other) => [Math.max(bounds.left, other.bounds.left), Math.min(bounds.right, other.bounds.right)] as const)
      .filter(([from, to]) => to > from)
      .sort((a, b) => a[0] - b[0])
    let reached = bounds.left
    let hiddenCm = 0
    for (const [from, to] of spans) {
      hiddenCm += Math.max(0, to - Math.max(from, reached))
      reached = Math.max(reached, to)
    }
    return { id: piece.id, wideCm, hiddenCm, share: hiddenCm / wideCm }
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
