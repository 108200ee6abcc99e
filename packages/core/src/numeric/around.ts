import { distanceCm, type Ring, type Spot } from './ring.js'

const CORNERS = 12
const LEAST_EDGE_CM = 0.01

/** A disc as a twelve-sided figure about it, no part of the disc outside. */
function disc({ xCm, yCm }: Spot, radiusCm: number): Ring {
  const reach = radiusCm / Math.cos(Math.PI / CORNERS)
  return Array.from({ length: CORNERS }, (_, step) => {
    const angle = (2 * Math.PI * step) / CORNERS
    return { xCm: xCm + reach * Math.cos(angle), yCm: yCm + reach * Math.sin(angle) }
  })
}

/** What lies within a distance of a line, in parts that overlap: its stretches as strips, its corners as discs (Minkowski 1903). */
export function around(line: readonly Spot[], byCm: number, isClosed: boolean): Ring[] {
  const ends = isClosed ? [...line.slice(1), ...line.slice(0, 1)] : line.slice(1)
  const strips = ends.flatMap((to, index): Ring[] => {
    const from = line[index] ?? to
    const long = distanceCm(from, to)
    if (long < LEAST_EDGE_CM) return []
    const [dx, dy] = [(-(to.yCm - from.yCm) / long) * byCm, ((to.xCm - from.xCm) / long) * byCm]
    const beside = ({ xCm, yCm }: Spot, sign: 1 | -1): Spot => ({ xCm: xCm + sign * dx, yCm: yCm + sign * dy })
    return [[beside(from, 1), beside(to, 1), beside(to, -1), beside(from, -1)]]
  })
  return [...strips, ...line.map((spot) => disc(spot, byCm))]
}
