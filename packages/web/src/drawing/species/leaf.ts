import type { LeafOutline, PlantTraits } from '@jovrin/core'

/** A point of a leaf: along its midrib from 0 at the base to 1 at the tip, and across it in halves of its width. */
type LeafPoint = readonly [along: number, across: number]

const STEPS = 12
const steps = Array.from({ length: STEPS + 1 }, (_, index) => index / STEPS)

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
  const half = steps.map((t, step): LeafPoint => [t, PROFILE[outline](t) * MARGIN[margin](step)])
  return [...half, ...[...half].reverse().map(([t, across]): LeafPoint => [t, -across])]
}
/** Backward lobes of a heart or an arrow, below the base. */
const LOBES: Readonly<Partial<Record<LeafOutline, readonly LeafPoint[]>>> = { heart: [[-0.1, -0.45], [0.02, 0], [-0.1, 0.45]], arrow: [[-0.3, -0.75], [0.05, 0], [-0.3, 0.75]] } // prettier-ignore

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
  const place = (point: LeafPoint): string => spot(point).map(at).join(' ')
  const line = (points: readonly LeafPoint[]): string => points.map((point, index) => `${index === 0 ? 'M' : 'L'}${place(point)}`).join('')
  switch (outline) {
    case 'divided':
      return { blade: '', fine: [-1, -0.6, -0.2, 0.2, 0.6, 1].map((across) => line([[0, 0], [0.35, across * 0.3], [1 - Math.abs(across) * 0.2, across]])).join('') } // prettier-ignore
    case 'pinnate':
      return { blade: '', fine: line([[0, 0], [1, 0]]) + [0.2, 0.36, 0.52, 0.68, 0.84].flatMap((t) => [-1, 1].map((side) => line([[t, 0], [t + 0.14, side * PROFILE.pinnate(t)]]))).join('') } // prettier-ignore
    case 'feathery':
      return { blade: '', fine: line([[0, 0], [1, 0]]) + [0.25, 0.5, 0.75].flatMap((t) => [-1, 1].map((side) => line([[t, 0], [t + 0.2, side * 0.8]]))).join('') } // prettier-ignore
    case 'clover':
      return { blade: [-1, -0.35, 0.35, 1].map((side) => round(x + Math.sin(lean) * lengthCm * 0.8 + side * half * 0.8, y - Math.cos(lean) * lengthCm * 0.8 - (1 - Math.abs(side)) * half * 0.7, half * 0.55)).join(''), fine: line([[0, 0], [0.8, 0]]) } // prettier-ignore
    case 'needle':
      return {
        blade: '',
        fine: line([
          [0, 0],
          [0.5, 0],
          [1, 0],
        ]),
      }
    default:
      return { blade: smooth(pointsOf(outline, margin).map(spot)), fine: '' }
  }
}
const round = (x: number, y: number, r: number): string =>
  `M${at(x - r)} ${at(y)}a${at(r)} ${at(r * 0.8)} 0 1 1 ${at(2 * r)} 0a${at(r)} ${at(r * 0.8)} 0 1 1 ${at(-2 * r)} 0z`
