/** A point of the floor [cm]. */
export interface Spot {
  readonly xCm: number
  readonly yCm: number
}
/** A closed polygon; the last point joins the first. Either way round. */
export type Ring = readonly Spot[]

export interface Bounds {
  readonly left: number
  readonly right: number
  readonly front: number
  readonly back: number
}

/** Positive counter-clockwise (x right, y back). The surveyor's formula (Meister 1769). */
export function signedAreaCm2(ring: Ring): number {
  let sum = 0
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) sum += ring[j]!.xCm * ring[i]!.yCm - ring[i]!.xCm * ring[j]!.yCm
  return sum / 2
}
export const areaCm2 = (ring: Ring): number => Math.abs(signedAreaCm2(ring))

/** Centre of the area; of the points where there is no area. */
export function centreOf(ring: Ring): Spot {
  let x = 0
  let y = 0
  let twice = 0
  const origin = ring[0] ?? { xCm: 0, yCm: 0 } // reckoned from a corner, so that a ring far from the origin loses no digits
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const [ax, ay, bx, by] = [ring[j]!.xCm - origin.xCm, ring[j]!.yCm - origin.yCm, ring[i]!.xCm - origin.xCm, ring[i]!.yCm - origin.yCm]
    const cross = ax * by - bx * ay
    twice += cross
    x += (ax + bx) * cross
    y += (ay + by) * cross
  }
  if (Math.abs(twice) < 1e-9)
    return {
      xCm: ring.reduce((sum, spot) => sum + spot.xCm, 0) / Math.max(ring.length, 1),
      yCm: ring.reduce((sum, spot) => sum + spot.yCm, 0) / Math.max(ring.length, 1),
    }
  return { xCm: origin.xCm + x / (3 * twice), yCm: origin.yCm + y / (3 * twice) }
}

export function boundsOf(ring: Ring): Bounds {
  let [left, right, front, back] = [Infinity, -Infinity, Infinity, -Infinity]
  for (const { xCm, yCm } of ring) {
    left = Math.min(left, xCm)
    right = Math.max(right, xCm)
    front = Math.min(front, yCm)
    back = Math.max(back, yCm)
  }
  return ring.length === 0 ? { left: 0, right: 0, front: 0, back: 0 } : { left, right, front, back }
}

/** Whether two reaches share more than an edge. */
export const doBoundsMeet = (a: Bounds, b: Bounds): boolean => a.left < b.right && b.left < a.right && a.front < b.back && b.front < a.back

export const distanceCm = (a: Spot, b: Spot): number => Math.hypot(a.xCm - b.xCm, a.yCm - b.yCm)

/** From a spot to the nearest one between two others. */
export function distanceToEdgeCm(from: Spot, to: Spot, spot: Spot): number {
  const [dx, dy] = [to.xCm - from.xCm, to.yCm - from.yCm]
  const long2 = dx * dx + dy * dy
  const share = long2 === 0 ? 0 : Math.min(1, Math.max(0, ((spot.xCm - from.xCm) * dx + (spot.yCm - from.yCm) * dy) / long2))
  return distanceCm({ xCm: from.xCm + dx * share, yCm: from.yCm + dy * share }, spot)
}

/** Even-odd rule; a spot on the edge may count either way. */
export function isInside(ring: Ring, xCm: number, yCm: number): boolean {
  let inside = false
  for (let i = 0, j = ring.length - 1; i < ring.length; j = i++) {
    const a = ring[i]!
    const b = ring[j]!
    if (a.yCm > yCm !== b.yCm > yCm && xCm < ((b.xCm - a.xCm) * (yCm - a.yCm)) / (b.yCm - a.yCm) + a.xCm) inside = !inside
  }
  return inside
}

const turn = (a: Spot, b: Spot, c: Spot): number => (b.xCm - a.xCm) * (c.yCm - a.yCm) - (b.yCm - a.yCm) * (c.xCm - a.xCm)
const isBetween = (a: Spot, b: Spot, c: Spot): boolean =>
  Math.min(a.xCm, b.xCm) <= c.xCm && c.xCm <= Math.max(a.xCm, b.xCm) && Math.min(a.yCm, b.yCm) <= c.yCm && c.yCm <= Math.max(a.yCm, b.yCm)

function doCross(a: Spot, b: Spot, c: Spot, d: Spot): boolean {
  const [t1, t2, t3, t4] = [turn(a, b, c), turn(a, b, d), turn(c, d, a), turn(c, d, b)]
  if (((t1 > 0 && t2 < 0) || (t1 < 0 && t2 > 0)) && ((t3 > 0 && t4 < 0) || (t3 < 0 && t4 > 0))) return true
  return (
    (t1 === 0 && isBetween(a, b, c)) ||
    (t2 === 0 && isBetween(a, b, d)) ||
    (t3 === 0 && isBetween(c, d, a)) ||
    (t4 === 0 && isBetween(c, d, b))
  )
}

/** No edge meets another one but its neighbours, and those only at their common corner. */
export function isSimple(ring: Ring): boolean {
  const n = ring.length
  for (let i = 0; i < n; i++) {
    const a = ring[i]!
    const b = ring[(i + 1) % n]!
    const after = ring[(i + 2) % n]!
    // A neighbour that folds back on this edge.
    if (n > 2 && turn(a, b, after) === 0 && (b.xCm - a.xCm) * (after.xCm - b.xCm) + (b.yCm - a.yCm) * (after.yCm - b.yCm) < 0) return false
    for (let j = i + 2; j < n; j++) {
      if (i === 0 && j === n - 1) continue
      const c = ring[j]!
      const d = ring[(j + 1) % n]!
      if (Math.max(c.yCm, d.yCm) < Math.min(a.yCm, b.yCm) || Math.min(c.yCm, d.yCm) > Math.max(a.yCm, b.yCm)) continue
      if (doCross(a, b, c, d)) return false
    }
  }
  return n > 2
}
