import { quantileOfSorted } from './statistics.js'

/** What eight of ten of some values lie between, and their middle. */
export interface Band {
  readonly low: number
  readonly median: number
  readonly high: number
}

/** 10, 50 and 90 % of values in any order. The list must not be empty. */
export function bandOver(values: ArrayLike<number>): Band {
  const sorted = Float64Array.from(values).sort()
  return { low: quantileOfSorted(sorted, 0.1), median: quantileOfSorted(sorted, 0.5), high: quantileOfSorted(sorted, 0.9) }
}
