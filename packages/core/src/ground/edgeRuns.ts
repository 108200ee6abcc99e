import { lineOf } from '../numeric/outline.js'
import { distanceCm, distanceToEdgeCm, isInside, type Ring, type Spot } from '../numeric/ring.js'
import type { GroundZone, Plan } from '../plan/plan.js'

interface Floor {
  readonly lengthCm: number
  readonly widthCm: number
}
/** So far beyond an edge it is looked what lies there. */
const BEYOND_CM = 0.6
/** Spots that are looked at along an edge. */
const STEP_CM = 1
/** A stone that stands so near an edge, or a separator, holds the ground apart there. */
const HOLDS_WITHIN_CM = 3

/** Parts of a zone's edge where other ground lies beyond it: not along the glass, and not beside a bare floor. */
export function edgeRuns(ring: Ring, floor: Floor, hasGround: (spot: Spot) => boolean): Spot[][] {
  const edges = ring.map((from, index) => ({ from, to: ring[(index + 1) % ring.length]! }))
  const isKept = edges.map(({ from, to }) => {
    const beyond = beyondOf(ring, from, to)
    return beyond !== null && isOn(floor, beyond) && hasGround(beyond)
  })
  const first = isKept.findIndex((kept, index) => kept && isKept.at(index - 1) !== true)
  if (first < 0) return isKept.includes(true) ? [[...ring, ...ring.slice(0, 1)]] : []
  const runs: Spot[][] = []
  for (let step = 0; step < edges.length; step++) {
    const index = (first + step) % edges.length
    const { from, to } = edges[index]!
    if (isKept[index] !== true) continue
    if (isKept.at(index - 1) === true && runs.length > 0 && step > 0) runs.at(-1)!.push(to)
    else runs.push([from, to])
  }
  return runs
}

const isOn = ({ lengthCm, widthCm }: Floor, { xCm, yCm }: Spot): boolean => xCm > 0 && yCm > 0 && xCm < lengthCm && yCm < widthCm

/** A spot just outside the middle of an edge; `null` of an edge without length. */
function beyondOf(ring: Ring, from: Spot, to: Spot): Spot | null {
  const long = distanceCm(from, to)
  if (long < 1e-6) return null
  const [x, y] = [(from.xCm + to.xCm) / 2, (from.yCm + to.yCm) / 2]
  const [nx, ny] = [((to.yCm - from.yCm) / long) * BEYOND_CM, (-(to.xCm - from.xCm) / long) * BEYOND_CM]
  return isInside(ring, x + nx, y + ny) ? { xCm: x - nx, yCm: y - ny } : { xCm: x + nx, yCm: y + ny }
}

/** Whether ground is laid at a spot: of the uppermost zone there, else of the rest. */
export function groundLaidAt(plan: Pick<Plan, 'zones' | 'layers'>): (spot: Spot) => boolean {
  const rings = plan.zones.map((zone): [GroundZone, Ring] => [zone, lineOf(zone.outline)]).reverse()
  return ({ xCm, yCm }) => {
    const zone = rings.find(([, ring]) => isInside(ring, xCm, yCm))?.[0]
    return zone === undefined ? plan.layers.length > 0 : zone.purpose !== 'bare' && zone.layers.length > 0
  }
}

/** Share of some runs along which neither a separator nor a piece of hardscape stands. */
export function openShare(plan: Pick<Plan, 'barriers' | 'hardscape'>, runs: readonly (readonly Spot[])[]): number {
  const pieces = plan.hardscape.flatMap(({ outline }) => (outline === null ? [] : [lineOf(outline)]))
  const walls = plan.barriers.map(({ line }) => line)
  const spots = runs.flatMap((run) => run.slice(1).flatMap((to, index) => spotsBetween(run[index]!, to)))
  const isHeld = (spot: Spot): boolean =>
    walls.some((line) => isNear(line, spot)) ||
    pieces.some((ring) => isInside(ring, spot.xCm, spot.yCm) || isNear([...ring, ...ring.slice(0, 1)], spot))
  return spots.length === 0 ? 0 : spots.filter((spot) => !isHeld(spot)).length / spots.length
}

function spotsBetween(from: Spot, to: Spot): Spot[] {
  const steps = Math.max(1, Math.round(distanceCm(from, to) / STEP_CM))
  return Array.from({ length: steps }, (_, index) => {
    const share = (index + 0.5) / steps
    return { xCm: from.xCm + (to.xCm - from.xCm) * share, yCm: from.yCm + (to.yCm - from.yCm) * share }
  })
}
const isNear = (line: readonly Spot[], spot: Spot): boolean =>
  line.slice(1).some((to, index) => distanceToEdgeCm(line[index]!, to, spot) <= HOLDS_WITHIN_CM)
