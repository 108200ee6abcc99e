import { around } from './around.js'
import { areaCm2, boundsOf, distanceToEdgeCm, isInside, type Ring, type Spot } from './ring.js'
import { partsWithout } from './without.js'

/** Between two outlines, corner to edge [cm]; 0 where they overlap. */
export function gapCm(a: Ring, b: Ring): number {
  if (a.some(({ xCm, yCm }) => isInside(b, xCm, yCm)) || b.some(({ xCm, yCm }) => isInside(a, xCm, yCm))) return 0
  return Math.min(cornersToEdgesCm(a, b), cornersToEdgesCm(b, a))
}

const cornersToEdgesCm = (corners: Ring, edges: Ring): number =>
  Math.min(
    ...corners.flatMap((corner) => edges.map((from, index) => distanceToEdgeCm(from, edges[(index + 1) % edges.length] ?? from, corner))),
  )

/** Whether two outlines come nearer to each other than that. */
export function areNearer(a: Ring, b: Ring, leastCm: number): boolean {
  const [one, other] = [boundsOf(a), boundsOf(b)]
  const apart = Math.max(one.left - other.right, other.left - one.right, one.front - other.back, other.front - one.back)
  return apart < leastCm && gapCm(a, b) < leastCm
}

/** Parts of a ring that keep a distance from others, the largest first; none where nothing is left. */
export const keptApart = (ring: Ring, others: readonly Ring[], byCm: number): Spot[][] =>
  partsWithout(
    ring,
    others.flatMap((other) => [other, ...around(other, byCm, true)]),
  ).sort((a, b) => areaCm2(b) - areaCm2(a))
