import { areaCm2, boundsOf, distanceCm, distanceToEdgeCm, isInside, type Ring, type Spot } from './ring.js'
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

const ROUND = 12
/** What lies within a distance of an outline, itself included: its edges as strips, its corners as discs (Minkowski 1903). */
function widened(ring: Ring, byCm: number): Ring[] {
  const disc = ({ xCm, yCm }: Spot): Ring =>
    Array.from({ length: ROUND }, (_, step) => {
      // The disc lies within the twelve-sided figure, not the other way round.
      const reach = byCm / Math.cos(Math.PI / ROUND)
      const angle = (2 * Math.PI * step) / ROUND
      return { xCm: xCm + reach * Math.cos(angle), yCm: yCm + reach * Math.sin(angle) }
    })
  const strips = ring.flatMap((from, index): Ring[] => {
    const to = ring[(index + 1) % ring.length] ?? from
    const long = distanceCm(from, to)
    if (long < LEAST_EDGE_CM) return []
    const [dx, dy] = [(-(to.yCm - from.yCm) / long) * byCm, ((to.xCm - from.xCm) / long) * byCm]
    const beside = ({ xCm, yCm }: Spot, sign: 1 | -1): Spot => ({ xCm: xCm + sign * dx, yCm: yCm + sign * dy })
    return [[beside(from, 1), beside(to, 1), beside(to, -1), beside(from, -1)]]
  })
  return [ring, ...strips, ...ring.map(disc)]
}
const LEAST_EDGE_CM = 0.01

/** Parts of a ring that keep a distance from others, the largest first; none where nothing is left. */
export const keptApart = (ring: Ring, others: readonly Ring[], byCm: number): Spot[][] =>
  partsWithout(
    ring,
    others.flatMap((other) => widened(other, byCm)),
  ).sort((a, b) => areaCm2(b) - areaCm2(a))
