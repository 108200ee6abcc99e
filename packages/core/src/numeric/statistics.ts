/** Quantile of an ascending list by linear interpolation (Hyndman & Fan 1996, type 7); `share` 0–1. The list must not be empty. */
export function quantileOfSorted(ascending: ArrayLike<number>, share: number): number {
  const position = (ascending.length - 1) * share
  const below = Math.floor(position)
  const low = ascending[below]
  const high = ascending[Math.min(below + 1, ascending.length - 1)]
  if (low === undefined || high === undefined) throw new RangeError('quantile of an empty list')
  return low + (high - low) * (position - below)
}

export function mean(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length
}

/** Middle of a list in any order. The list must not be empty. */
export const medianOf = (values: readonly number[]): number =>
  quantileOfSorted(
    [...values].sort((a, b) => a - b),
    0.5,
  )
