import polygonClipping, { type Polygon } from 'polygon-clipping'
import { areaCm2, boundsOf, distanceCm, distanceToEdgeCm, isInside, type Ring, type Spot } from './ring.js'

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
function widened(ring: Ring, byCm: number): Polygon[] {
  const disc = ({ xCm, yCm }: Spot): Polygon => [
    Array.from({ length: ROUND }, (_, step): [number, number] => {
      // The disc lies within the twelve-sided figure, not the other way round.
      const reach = byCm / Math.cos(Math.PI / ROUND)
      const angle = (2 * Math.PI * step) / ROUND
      return [xCm + reach * Math.cos(angle), yCm + reach * Math.sin(angle)]
    }),
  ]
  const strips = ring.flatMap((from, index): Polygon[] => {
    const to = ring[(index + 1) % ring.length] ?? from
    const long = distanceCm(from, to)
    if (long < 1e-9) return []
    const [dx, dy] = [(-(to.yCm - from.yCm) / long) * byCm, ((to.xCm - from.xCm) / long) * byCm]
    return [
      [
        [
          [from.xCm + dx, from.yCm + dy],
          [to.xCm + dx, to.yCm + dy],
          [to.xCm - dx, to.yCm - dy],
          [from.xCm - dx, from.yCm - dy],
        ],
      ],
    ]
  })
  return [...strips, ...ring.map(disc)]
}
const polygonOf = (ring: Ring): Polygon => [ring.map(({ xCm, yCm }) => [xCm, yCm])]

/** The largest part of a ring that keeps a distance from others; `null` where nothing is left, or what is left has a hole. */
export function keptApart(ring: Ring, others: readonly Ring[], byCm: number): Spot[] | null {
  if (others.length === 0) return [...ring]
  const parts = polygonClipping.difference(polygonOf(ring), ...others.flatMap((other) => [polygonOf(other), ...widened(other, byCm)]))
  const solid = parts.flatMap(([outer, ...holes]) => (outer === undefined || holes.length > 0 ? [] : [outer.slice(0, -1)]))
  const rings = solid.map((outer) => outer.map(([xCm, yCm]): Spot => ({ xCm, yCm })))
  return rings.sort((a, b) => areaCm2(b) - areaCm2(a))[0] ?? null
}
