import { quantileOfSorted } from '../numeric/statistics.js'
import type { HindcastBand } from '../journal/hindcast.js'

/** Readings of one quantity, in any one unit that the band is in too. */
export interface Against {
  /** Days from the band's first, with their fraction. */
  readonly days: readonly number[]
  readonly values: ArrayLike<number>
  /** One of = < > a reading. */
  readonly qualifiers: string
}
export type FitSide = 'above' | 'below' | 'both'
export interface Fit {
  readonly inside: number
  readonly all: number
  /** On which side of the middle they lie, where that is told. */
  readonly side: FitSide | null
  /** Median distance from the middle of the forecast, signed; in the readings' unit. */
  readonly gap: number
  /** Whether they lie apart from the forecast: too many outside to be chance. */
  readonly isApart: boolean
}

/** The band holds eight of ten where the model is right. Fewer than six of ten in so many readings is no chance worth believing (binomial: under 5 % at 8, under 1 % at 18). */
const LEAST_READINGS = 5
const APART_BELOW = 0.6
/** So many on one side count as that side. Rule of thumb 0.7–0.85. */
const ONE_SIDED = 0.75

/** How readings lie beside what the model expected: how many inside its band, how far off, and on which side. Readings below what the kit sees say nothing of how far. */
export function againstForecast({ days, values, qualifiers }: Against, band: HindcastBand | null): Fit {
  const gaps: number[] = []
  let inside = 0
  let above = 0
  if (band !== null)
    days.forEach((at, index) => {
      const day = Math.floor(at)
      const low = band.low[day]
      const high = band.high[day]
      const middle = band.median[day]
      const value = values[index]
      if (low === undefined || high === undefined || middle === undefined || value === undefined || qualifiers[index] !== '=') return
      if (value >= low && value <= high) inside++
      if (value > middle) above++
      gaps.push(value - middle)
    })
  const all = gaps.length
  const share = all === 0 ? 0 : above / all
  return {
    inside,
    all,
    side: all === 0 ? null : share >= ONE_SIDED ? 'above' : share <= 1 - ONE_SIDED ? 'below' : 'both',
    gap: all === 0 ? 0 : quantileOfSorted(Float64Array.from(gaps).sort(), 0.5),
    isApart: all >= LEAST_READINGS && inside < APART_BELOW * all,
  }
}
