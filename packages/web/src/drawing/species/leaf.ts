import type { LeafOutline, PlantTraits } from '@jovrin/core'

/** A point of a leaf: along its midrib from 0 at the base to 1 at the tip, and across it in halves of its width. */
type LeafPoint = readonly [along: number, across: number]

/** Along half a leaf; a narrow one shows no more. */
const stepsOf = (outline: LeafOutline): readonly number[] => (outline === 'linear' || outline === 'ribbon' ? NARROW : BROAD)
const shares = (steps: number): number[] => Array.from({ length: steps + 1 }, (_, index) => index / steps)
const NARROW = shares(5)
const BROAD = shares(11)

/** Half the width along the midrib, 1 at the widest. */
const PROFILE: Readonly<Record<LeafOutline, (t: number) => number>> = {
  linear: (t) => Math.min(1, t * 9 + 0.3, (1 - t) * 5),
  ribbon: (t) => Math.min(1, t * 5 + 0.35, (1 - t) * 7),
  lanceolate: (t) => Math.sin(Math.PI * t ** 0.8) ** 0.9,
  elliptic: (t) => Math.sin(Math.PI * t) ** 0.8,
  ovate: (t) => Math.sin(Math.PI * t ** 0.62) ** 0.85,
  round: (t) => Math.sqrt(Math.max(0, 1 - (2 * t - 1) ** 2)),
  spoon: (t) => (t < 0.45 ? 0.2 : 0.2 + 0.8 * Math.sin(Math.PI * ((t - 0.45) / 0.55) ** 0.8) ** 0.6),
  heart: (t) => (t < 0.12 ? 0.55 + t * 3.6 : Math.max(0, (1 - (t - 0.12) / 0.88) ** 0.62)),
  arrow: (t) => (t < 0.3 ? 0.95 - t : Math.max(0, 0.68 * (1 - (t - 0.3) / 0.7) ** 0.8)),
  needle: (t) => Math.min(1, (1 - t) * 4 + 0.1),
  frond: (t) => Math.sin(Math.PI * t ** 0.7) ** 0.6,
  clover: (t) => Math.sin(Math.PI * t ** 0.8),
  thallus: (t) => Math.sin(Math.PI * t ** 0.7) ** 0.6,
  feathery: (t) => Math.sin(Math.PI * t ** 0.6),
  pinnate: (t) => Math.sin(Math.PI * t ** 0.7) ** 0.7,
  divided: (t) => Math.sin(Math.PI * t ** 0.9) ** 0.7,
}

/** How the edge leaves its smooth line. */
const MARGIN: Readonly<Record<PlantTraits['margin'], (step: number) => number>> = {
  entire: () => 1,
  wavy: (step) => 1 + 0.1 * Math.sin(step * 2.1),
  toothed: (step) => (step % 2 === 0 ? 1.04 : 0.93),
  lobed: (step) => (step % 3 === 0 ? 1.12 : step % 3 === 1 ? 0.95 : 0.68),
}

const outlineOf = (outline: LeafOutline, margin: PlantTraits['margin']): LeafPoint[] => {
  const half = stepsOf(outline).map((t, step): LeafPoint => [t, PROFILE[outline](t) * MARGIN[margin](step)])
  return [...half, ...[...half].reverse().map(([t, across]): LeafPoint => [t, -across])]
}
/** Backward lobes of a heart or an arrow, below the base. */
const lobes = (back: number, wide: number): LeafPoint[] => [
  [back, -wide],
  [0.03, 0],
  [back, wide],
]
const LOBES: Readonly<Partial<Record<LeafOutline, readonly LeafPoint[]>>> = { heart: lobes(-0.1, 0.45), arrow: lobes(-0.3, 0.75) }

const MIDRIB: readonly LeafPoint[] = [
  [0, 0],
  [1, 0],
]
/** A line from the midrib outwards and on, to either side. */
const sideLines = (starts: readonly number[], on: number, reach: (t: number) => number): LeafPoint[][] =>
  starts.flatMap((t) =>
    [-1, 1].map((side): LeafPoint[] => [
      [t, 0],
      [t + on, side * reach(t)],
    ]),
  )
/** Leaves that are lines rather than blades. */
const LINES: Readonly<Partial<Record<LeafOutline, readonly (readonly LeafPoint[])[]>>> = {
  needle: [MIDRIB],
  pinnate: [MIDRIB, ...sideLines([0.2, 0.36, 0.52, 0.68, 0.84], 0.14, PROFILE.pinnate)],
  feathery: [MIDRIB, ...sideLines([0.25, 0.5, 0.75], 0.2, () => 0.8)],
  divided: [-1, -0.6, -0.2, 0.2, 0.6, 1].map((across): LeafPoint[] => [
    [0, 0],
    [0.35, across * 0.3],
    [1 - Math.abs(across) * 0.2, across],
  ]),
}
/** Leaflets of a clover: across, and how far below the outer ones stand. */
const LEAFLETS = [-1, -0.35, 0.35, 1] as const

const remembered = new Map<string, readonly LeafPoint[]>()
function pointsOf(outline: LeafOutline, margin: PlantTraits['margin']): readonly LeafPoint[] {
  const key = `${outline} ${margin}`
  const known = remembered.get(key)
  if (known !== undefined) return known
  const made = [...outlineOf(outline, margin), ...(LOBES[outline] ?? [])]
  remembered.set(key, made)
  return made
}

export interface Leaf {
  readonly outline: LeafOutline
  readonly margin: PlantTraits['margin']
  readonly lengthCm: number
  readonly widthCm: number
  /** Where it is fastened; y downwards. */
  readonly x: number
  readonly y: number
  /** 0 straight up, positive to the right [rad]. */
  readonly lean: number
  /** How much the tip hangs over towards the side it leans to [rad]. */
  readonly curve?: number
  /** Seen from the side: its width is foreshortened to this share. */
  readonly turned?: number
}

/** SVG path data of a leaf: `blade` is filled, `fine` is drawn as a line. */
export interface LeafPaths {
  readonly blade: string
  readonly fine: string
}
const at = (value: number): string => (Math.round(value * 100) / 100).toString()

/** A leaf too small to show more than that it is one. */
export function smallLeaf(x: number, y: number, lengthCm: number, widthCm: number, lean: number): string {
  const [along, across] = [Math.sin(lean) * lengthCm, -Math.cos(lean) * lengthCm]
  const [sideX, sideY] = [Math.cos(lean) * widthCm, Math.sin(lean) * widthCm]
  const side = (way: 1 | -1): string => `Q${at(x + along / 2 + way * sideX)} ${at(y + across / 2 + way * sideY)}`
  return `M${at(x)} ${at(y)}${side(1)} ${at(x + along)} ${at(y + across)}${side(-1)} ${at(x)} ${at(y)}z`
}

/** A closed line through the middles of a ring's edges, bent towards its corners. */
function smooth(ring: readonly (readonly [number, number])[]): string {
  const middle = (index: number): string => {
    const [ax, ay] = ring[index % ring.length] ?? [0, 0]
    const [bx, by] = ring[(index + 1) % ring.length] ?? [0, 0]
    return `${at((ax + bx) / 2)} ${at((ay + by) / 2)}`
  }
  return `M${middle(ring.length - 1)}${ring.map(([x, y], index) => `Q${at(x)} ${at(y)} ${middle(index)}`).join('')}z`
}

export function leafPaths({ outline, margin, lengthCm, widthCm, x, y, lean, curve = 0, turned = 1 }: Leaf): LeafPaths {
  const half = (widthCm / 2) * turned
  const spot = ([along, across]: LeafPoint): readonly [number, number] => {
    // The midrib bends evenly from its base to its tip.
    const bend = lean + curve * along
    const middle = lean + (curve * along) / 2
    const cx = x + Math.sin(middle) * along * lengthCm
    const cy = y - Math.cos(middle) * along * lengthCm
    return [cx + Math.cos(bend) * across * half, cy + Math.sin(bend) * across * half]
  }
  const line = (points: readonly LeafPoint[]): string =>
    points.map((point, index) => `${index === 0 ? 'M' : 'L'}${spot(point).map(at).join(' ')}`).join('')
  const lines = LINES[outline]
  if (lines !== undefined) return { blade: '', fine: lines.map(line).join('') }
  if (outline === 'clover') {
    const [topX, topY] = spot([STALK, 0])
    const leaflets = LEAFLETS.map((side) => disc(topX + side * half * 0.8, topY - (1 - Math.abs(side)) * half * 0.7, half * 0.55))
    return {
      blade: leaflets.join(''),
      fine: line([
        [0, 0],
        [STALK, 0],
      ]),
    }
  }
  return { blade: smooth(pointsOf(outline, margin).map(spot)), fine: '' }
}
/** Share of a clover's leaf that is its stalk. */
const STALK = 0.8
/** Seen a little from the side. */
const disc = (x: number, y: number, r: number): string =>
  `M${at(x - r)} ${at(y)}a${at(r)} ${at(r * 0.8)} 0 1 1 ${at(2 * r)} 0a${at(r)} ${at(r * 0.8)} 0 1 1 ${at(-2 * r)} 0z`
