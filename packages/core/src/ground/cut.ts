import type { Spot } from '../numeric/ring.js'
import { layerTopsCm, zoneAt, type GroundPlan, type LaidZone } from './groundPlan.js'

/** A stretch of a cut through the ground that lies in one zone. */
export interface CutSpan {
  readonly zone: LaidZone
  /** Stations along the cut [cm] with the tops of the layers above the glass, lowest layer first. */
  readonly stations: readonly { readonly atCm: number; readonly topsCm: readonly number[] }[]
}

const CONTOUR_STATIONS = 24
const JUST_CM = 1e-4

/** The ground along a straight cut from a to b, zone by zone. Straight slopes need only their ends; contoured ones are sampled. */
export function cutGround(ground: GroundPlan, a: Spot, b: Spot): CutSpan[] {
  const lengthCm = Math.hypot(b.xCm - a.xCm, b.yCm - a.yCm)
  if (lengthCm < 0.01) return []
  const spot = (atCm: number): Spot => ({
    xCm: a.xCm + ((b.xCm - a.xCm) * atCm) / lengthCm,
    yCm: a.yCm + ((b.yCm - a.yCm) * atCm) / lengthCm,
  })
  const borders = [0, lengthCm, ...ground.zones.flatMap(({ id, ring }) => (id === null ? [] : crossingsCm(ring, a, b, lengthCm)))].sort(
    (x, y) => x - y,
  )
  const spans: CutSpan[] = []
  for (let index = 0; index + 1 < borders.length; index++) {
    const from = borders[index]!
    const to = borders[index + 1]!
    if (to - from < 2 * JUST_CM) continue
    const middle = spot((from + to) / 2)
    const zone = zoneAt(ground, middle.xCm, middle.yCm)
    const steps = zone.heights.length > 0 ? CONTOUR_STATIONS : 1
    const stations = Array.from({ length: steps + 1 }, (_, step) => {
      const atCm = from + ((to - from) * step) / steps
      const { xCm, yCm } = spot(atCm)
      return { atCm, topsCm: layerTopsCm(zone, xCm, yCm) }
    })
    const before = spans.at(-1)
    if (before?.zone === zone && zone.heights.length === 0)
      spans[spans.length - 1] = { zone, stations: [...before.stations.slice(0, -1), ...stations] }
    else spans.push({ zone, stations })
  }
  return spans
}

function crossingsCm(ring: readonly Spot[], a: Spot, b: Spot, lengthCm: number): number[] {
  const side = (spot: Spot): number => (b.xCm - a.xCm) * (spot.yCm - a.yCm) - (b.yCm - a.yCm) * (spot.xCm - a.xCm)
  return ring.flatMap((from, index) => {
    const to = ring[(index + 1) % ring.length]!
    const here = side(from)
    const there = side(to)
    if (here === there || here * there > 0) return []
    const share = here / (here - there)
    const x = from.xCm + (to.xCm - from.xCm) * share
    const y = from.yCm + (to.yCm - from.yCm) * share
    const atCm = ((x - a.xCm) * (b.xCm - a.xCm) + (y - a.yCm) * (b.yCm - a.yCm)) / lengthCm
    return atCm > 0 && atCm < lengthCm ? [atCm] : []
  })
}
