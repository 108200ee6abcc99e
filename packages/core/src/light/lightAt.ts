import type { LightGrid } from './field/fieldOf.js'

/** Between the spots of a grid by straight lines; beyond the outer spots as they are. */
export function lightAt({ xsCm, ysCm, ppfd }: LightGrid, xCm: number, yCm: number): number {
  const [left, right, toRight] = between(xsCm, xCm)
  const [front, back, toBack] = between(ysCm, yCm)
  const at = (column: number, row: number): number => ppfd[row * xsCm.length + column]!
  const inFront = at(left, front) + (at(right, front) - at(left, front)) * toRight
  const behind = at(left, back) + (at(right, back) - at(left, back)) * toRight
  return inFront + (behind - inFront) * toBack
}
/** Grids are even: the two neighbours of a place, and how far from the first to the second it lies. */
function between(spots: Float64Array, at: number): readonly [number, number, number] {
  if (spots.length === 1) return [0, 0, 0]
  const stepCm = spots[1]! - spots[0]!
  const place = Math.min(spots.length - 1, Math.max(0, (at - spots[0]!) / stepCm))
  const low = Math.min(spots.length - 2, Math.floor(place))
  return [low, low + 1, place - low]
}
