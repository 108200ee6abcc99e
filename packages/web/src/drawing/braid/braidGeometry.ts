import { STRANDS, type Band, type Strand } from '@jovrin/core'

/** One week of the braid: how ample each supply is, 0–1, and the algae [g DW/m²]. */
export interface BraidWeek {
  readonly strands: Readonly<Record<Strand, Band>>
  readonly algae: Band
}

export interface BraidBox {
  readonly left: number
  readonly right: number
  readonly top: number
  /** Line between plants' supplies and algae. */
  readonly waterline: number
  readonly bottom: number
}

export interface Ribbon {
  readonly strand: Strand
  /** Outlines at the ensemble's 10, 50 and 90 %. */
  readonly low: string
  readonly median: string
  readonly high: string
  /** Centre height at each week. */
  readonly centres: readonly number[]
}

/** Ranks change only where the difference is worth a crossing. */
const CROSSING = 0.04
/** Thickest strand over the distance between lanes. */
export const FULLNESS = 0.86
const ALGAE_SCALE = 0.25
const ALGAE_MOST = 20

/** x of a week, the first at the left edge. */
export const weekX = (box: BraidBox, week: number, weeks: number): number =>
  box.left + ((box.right - box.left) * week) / Math.max(weeks - 1, 1)

/** Depth below the waterline of an amount of algae; logarithmic, since only ratios mean something. */
export const algaeY = (box: BraidBox, gPerM2: number): number =>
  box.waterline + ((box.bottom - box.waterline) * Math.log(1 + Math.max(gPerM2, 0) / ALGAE_SCALE)) / Math.log(1 + ALGAE_MOST / ALGAE_SCALE)

/** Lane of each strand at each week: light on top as the yardstick, the others by how ample they are, the scarcest next to the algae. */
export function lanes(weeks: readonly BraidWeek[]): readonly (readonly Strand[])[] {
  let order: Strand[] = STRANDS.filter((strand) => strand !== 'light')
  return weeks.map((week, index) => {
    const ample = (strand: Strand): number => week.strands[strand].median
    if (index === 0) order = [...order].sort((a, b) => ample(b) - ample(a))
    else {
      order = [...order]
      for (let pass = 0; pass < order.length; pass++)
        for (let lane = 0; lane + 1 < order.length; lane++) {
          const above = order[lane]
          const below = order[lane + 1]
          if (above !== undefined && below !== undefined && ample(below) - ample(above) > CROSSING)
            [order[lane], order[lane + 1]] = [below, above]
        }
    }
    return ['light' as const, ...order]
  })
}

/** The five ribbons, drawn in the lanes of `ranked` (so that a ghost of another arm lies where its strand lies). */
export function ribbons(weeks: readonly BraidWeek[], box: BraidBox, ranked: readonly (readonly Strand[])[] = lanes(weeks)): Ribbon[] {
  const pitch = (box.waterline - box.top) / STRANDS.length
  const xs = weeks.map((_, week) => weekX(box, week, weeks.length))
  return STRANDS.map((strand) => {
    const centres = ranked.map((order) => box.top + (order.indexOf(strand) + 0.5) * pitch)
    const outline = (share: keyof Band): string => {
      const half = weeks.map((week) => Math.max((Math.min(1, week.strands[strand][share]) * pitch * FULLNESS) / 2, 0.6))
      return band(
        xs,
        centres.map((y, index) => y - (half[index] ?? 0)),
        centres.map((y, index) => y + (half[index] ?? 0)),
      )
    }
    return { strand, low: outline('low'), median: outline('median'), high: outline('high'), centres }
  })
}

/** Closed outline between an upper and a lower edge, flat at each week so that lanes stay readable. */
export function band(xs: readonly number[], upper: readonly number[], lower: readonly number[]): string {
  return `${curve(xs, upper)}L${xs.at(-1) ?? 0} ${fixed(lower.at(-1) ?? 0)}${curve([...xs].reverse(), [...lower].reverse()).replace(/^M[^C]*/, '')}Z`
}

export function curve(xs: readonly number[], ys: readonly number[]): string {
  let d = `M${fixed(xs[0] ?? 0)} ${fixed(ys[0] ?? 0)}`
  for (let index = 1; index < xs.length; index++) {
    const x0 = xs[index - 1] ?? 0
    const x1 = xs[index] ?? 0
    const middle = (x0 + x1) / 2
    d += `C${fixed(middle)} ${fixed(ys[index - 1] ?? 0)} ${fixed(middle)} ${fixed(ys[index] ?? 0)} ${fixed(x1)} ${fixed(ys[index] ?? 0)}`
  }
  return d
}

const fixed = (value: number): string => value.toFixed(1)
