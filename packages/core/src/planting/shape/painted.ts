import { ringOutline } from '../../ground/zoneEdits.js'
import { around } from '../../numeric/around.js'
import { outlineFault } from '../../numeric/outline.js'
import { clipToFloor, thinned } from '../../numeric/reshape.js'
import type { Spot } from '../../numeric/ring.js'
import { joined } from '../../numeric/without.js'
import type { Vertex } from '../../plan/plan.js'

interface Floor {
  readonly lengthCm: number
  readonly widthCm: number
}
/** Half the width of the brush [cm]: a tenth of the shorter side of the floor. Rule of thumb. */
export const brushCm = ({ lengthCm, widthCm }: Floor): number => Math.round(Math.min(lengthCm, widthCm)) / 10
/** A hand trembles less than that, as shares of the brush. */
const TRAIL = 0.15
const EDGE = 0.08

/** What a brush has covered on its way, as an outline within the glass; `null` where it covers nothing. */
export function painted(trail: readonly Spot[], floor: Floor): readonly Vertex[] | null {
  const byCm = brushCm(floor)
  const way = trail.length > 2 ? thinned(trail, TRAIL * byCm) : trail
  const covered = clipToFloor(joined(around(way, byCm, false)), floor.lengthCm, floor.widthCm)
  const outline = ringOutline(thinned(covered, EDGE * byCm))
  return outlineFault(outline) === null ? outline : null
}
