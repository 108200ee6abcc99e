import { distanceCm, type Ring, type Spot } from './ring.js'

/** The part of a ring within the rectangle 0…length by 0…width (Sutherland & Hodgman 1974). A hollow ring may come back with an edge along the border twice; its area is right. */
export function clipToFloor(ring: Ring, lengthCm: number, widthCm: number): Spot[] {
  let rest = clip([...ring], (spot) => spot.xCm, 0, 1)
  rest = clip(rest, (spot) => spot.xCm, lengthCm, -1)
  rest = clip(rest, (spot) => spot.yCm, 0, 1)
  return clip(rest, (spot) => spot.yCm, widthCm, -1)
}

function clip(ring: readonly Spot[], along: (spot: Spot) => number, limit: number, side: 1 | -1): Spot[] {
  const kept: Spot[] = []
  ring.forEach((spot, index) => {
    const next = ring[(index + 1) % ring.length]!
    const here = (along(spot) - limit) * side
    const there = (along(next) - limit) * side
    if (here >= 0) kept.push(spot)
    if ((here > 0 && there < 0) || (here < 0 && there > 0)) kept.push(between(spot, next, here / (here - there)))
  })
  return kept
}

const between = (a: Spot, b: Spot, share: number): Spot => ({ xCm: a.xCm + (b.xCm - a.xCm) * share, yCm: a.yCm + (b.yCm - a.yCm) * share })

function offLineCm(spot: Spot, a: Spot, b: Spot): number {
  const length = distanceCm(a, b)
  if (length < 1e-9) return distanceCm(spot, a)
  return Math.abs((b.xCm - a.xCm) * (spot.yCm - a.yCm) - (b.yCm - a.yCm) * (spot.xCm - a.xCm)) / length
}

/** Leaves out points that lie within a tolerance of the line they stand on (Ramer 1972, Douglas & Peucker 1973). */
export function thinned(ring: Ring, toleranceCm: number): Spot[] {
  if (ring.length < 3) return [...ring]
  // A ring has no ends: the point farthest from the first serves as the other one.
  let far = 1
  for (let index = 2; index < ring.length; index++) if (distanceCm(ring[0]!, ring[index]!) > distanceCm(ring[0]!, ring[far]!)) far = index
  const closed = [...ring, ring[0]!]
  return [...chain(closed.slice(0, far + 1), toleranceCm).slice(0, -1), ...chain(closed.slice(far), toleranceCm).slice(0, -1)]
}

function chain(line: readonly Spot[], toleranceCm: number): Spot[] {
  const keep = new Uint8Array(line.length)
  keep[0] = keep[line.length - 1] = 1
  const open: [number, number][] = [[0, line.length - 1]]
  for (let span = open.pop(); span !== undefined; span = open.pop()) {
    const [from, to] = span
    let worst = toleranceCm
    let at = -1
    for (let index = from + 1; index < to; index++) {
      const off = offLineCm(line[index]!, line[from]!, line[to]!)
      if (off > worst) {
        worst = off
        at = index
      }
    }
    if (at < 0) continue
    keep[at] = 1
    open.push([from, at], [at, to])
  }
  return line.filter((_, index) => keep[index] === 1)
}

/** Parts of a ring on both sides of the endless line through a and b. One part when the line misses it. */
export function splitByLine(ring: Ring, a: Spot, b: Spot): Spot[][] {
  const side = (spot: Spot): number => {
    const value = (b.xCm - a.xCm) * (spot.yCm - a.yCm) - (b.yCm - a.yCm) * (spot.xCm - a.xCm)
    return Math.abs(value) < 1e-7 * distanceCm(a, b) ? 0 : value
  }
  const along = (spot: Spot): number => (spot.xCm - a.xCm) * (b.xCm - a.xCm) + (spot.yCm - a.yCm) * (b.yCm - a.yCm)
  const walked: { readonly spot: Spot; readonly side: number }[] = []
  ring.forEach((spot, index) => {
    const next = ring[(index + 1) % ring.length]!
    const here = side(spot)
    const there = side(next)
    walked.push({ spot, side: here })
    if ((here > 0 && there < 0) || (here < 0 && there > 0)) walked.push({ spot: between(spot, next, here / (here - there)), side: 0 })
  })
  // Where the ring really changes sides, in the order along the line; each pair of them is one cut.
  const crossings = walked.flatMap((entry, index) => {
    if (entry.side !== 0) return []
    const before = sideNear(walked, index, -1)
    const after = sideNear(walked, index, 1)
    const isLastOfRun = walked[(index + 1) % walked.length]!.side !== 0
    return isLastOfRun && before * after < 0 ? [index] : []
  })
  const ordered = [...crossings].sort((i, j) => along(walked[i]!.spot) - along(walked[j]!.spot))
  let parts: number[][] = [walked.map((_, index) => index)]
  for (let pair = 0; pair + 1 < ordered.length; pair += 2) {
    const [from, to] = [ordered[pair]!, ordered[pair + 1]!]
    parts = parts.flatMap((part) => {
      const i = part.indexOf(from)
      const j = part.indexOf(to)
      if (i < 0 || j < 0) return [part]
      const [low, high] = [Math.min(i, j), Math.max(i, j)]
      return [part.slice(low, high + 1), [...part.slice(high), ...part.slice(0, low + 1)]]
    })
  }
  return parts.map((part) => part.map((index) => walked[index]!.spot)).filter((part) => part.length > 2)
}

function sideNear(walked: readonly { readonly side: number }[], from: number, step: 1 | -1): number {
  for (let i = 1; i < walked.length; i++) {
    const { side } = walked[(from + step * i + walked.length * 2) % walked.length]!
    if (side !== 0) return Math.sign(side)
  }
  return 0
}
