import type { FilterMedia, Outlet } from '../plan/plan.js'
import { requireWithin } from '../quantity/outOfRange.js'

/** Kept of the rated flow once media lie in the filter and hoses have run in; rules of thumb, ±20 %. */
export const MEDIA_SHARE: Readonly<Record<FilterMedia, number>> = { light: 0.8, usual: 0.65, packed: 0.5 }
/** Lost for each metre that the water is lifted above the pump's rated point; canisters lift in a closed loop, so less than a free head. Rule of thumb 0.15–0.3. */
const LOST_PER_M = 0.2
export const FLOW_SPREAD = 1.25
/** However high it is lifted, some always trickles. */
const LEAST_SHARE = 0.1
/** Share left after the lift, as formulas write it. */
export const HEAD_FORMULA = `max(${LEAST_SHARE}, 1 − ${LOST_PER_M}·headCm/100)`
export const FLOW_SOURCE = `Media ${Object.values(MEDIA_SHARE).join(' / ')} and ${LOST_PER_M * 100} % a metre: rules of thumb, ±20 %`

/** What a filter really moves [L/h]. */
export function realFlowLPerH(ratedLPerH: number, headCm: number, media: FilterMedia): number {
  requireWithin('ratedLPerH', ratedLPerH, 0, 50_000)
  requireWithin('headCm', headCm, 0, 500)
  return ratedLPerH * MEDIA_SHARE[media] * headShare(headCm)
}
/** Share of the flow left after lifting. */
export const headShare = (headCm: number): number => Math.max(LEAST_SHARE, 1 - (LOST_PER_M * headCm) / 100)

/** Speed at which leaves just stir [m/s]; rule of thumb. */
export const STIR_M_PER_S = 0.05
const STIR_SPAN_M_PER_S = [0.03, 0.08] as const
/** Speed on the axis of a round jet: 6.2·u0·d/x (Rajaratnam 1976). */
export const JET_DECAY = 6.2
/** Half-width of a round jet over its length, to where it still stirs. */
export const JET_SPREAD = 0.22
export const JET_SOURCE = `Round free jet (Rajaratnam 1976); ${STIR_M_PER_S * 100} cm/s stirs leaves, rule of thumb ${STIR_SPAN_M_PER_S.map((speed) => speed * 100).join('–')}. Plants, stones and the return current left out`

export type JetOutlet = Omit<Outlet, 'id'>

/** How far an outlet's jet stirs leaves [cm]. Left out: walls, plants, and the return current. */
export function jetReachCm(flowLPerH: number, boreMm: number): number {
  return ((JET_DECAY * jetSpeedMPerS(flowLPerH, boreMm) * (boreMm / 1000)) / STIR_M_PER_S) * 100
}
/** Speed in the mouth of an outlet [m/s]. */
export function jetSpeedMPerS(flowLPerH: number, boreMm: number): number {
  requireWithin('boreMm', boreMm, 3, 100)
  return flowLPerH / 3_600_000 / ((Math.PI * (boreMm / 1000) ** 2) / 4)
}
/** The same reach for leaves that stir sooner or later: low and high end. */
export const reachSpanCm = (reachCm: number): readonly [number, number] => [
  (reachCm * STIR_M_PER_S) / STIR_SPAN_M_PER_S[1],
  (reachCm * STIR_M_PER_S) / STIR_SPAN_M_PER_S[0],
]

/** Half the width of the stirred cone at a distance from the outlet [cm]. */
export const jetHalfWidthCm = (distanceCm: number, boreMm: number): number => boreMm / 20 + JET_SPREAD * distanceCm

/** Whether a spot of the plan lies in a jet, seen from above. A jet that meets a wall is turned along it. */
export function isStirred(
  outlet: JetOutlet,
  reachCm: number,
  xCm: number,
  yCm: number,
  floor: { readonly lengthCm: number; readonly widthCm: number },
): boolean {
  const heading = (outlet.headingDeg * Math.PI) / 180
  const pitch = Math.cos((outlet.pitchDeg * Math.PI) / 180)
  let [x, y, dx, dy, left] = [outlet.xCm, outlet.yCm, Math.cos(heading), Math.sin(heading), reachCm * Math.max(pitch, 0.2)]
  let walked = 0
  for (let bounce = 0; bounce < 4 && left > 1; bounce++) {
    const toWall = Math.min(left, wallCm(x, dx, floor.lengthCm), wallCm(y, dy, floor.widthCm))
    const along = (xCm - x) * dx + (yCm - y) * dy
    const aside = Math.abs((xCm - x) * dy - (yCm - y) * dx)
    if (along >= -2 && along <= toWall + 2 && aside <= jetHalfWidthCm(walked + Math.max(along, 0), outlet.boreMm)) return true
    walked += toWall
    left -= toWall
    x += dx * toWall
    y += dy * toWall
    // Along the wall that it met, the way it leaned; head on, towards the farther side.
    const hitEnd = x < 0.5 || x > floor.lengthCm - 0.5
    ;[dx, dy] = hitEnd
      ? [0, Math.abs(dy) > 0.05 ? Math.sign(dy) : y < floor.widthCm / 2 ? 1 : -1]
      : [Math.abs(dx) > 0.05 ? Math.sign(dx) : x < floor.lengthCm / 2 ? 1 : -1, 0]
  }
  return false
}
const wallCm = (at: number, way: number, sizeCm: number): number =>
  Math.abs(way) < 1e-6 ? Infinity : Math.max(0, (way > 0 ? sizeCm - at : -at) / way)

export const CELL_CM = 4
/** What lies outside every jet. */
export interface DeadArea {
  readonly cells: readonly { readonly xCm: number; readonly yCm: number; readonly dxCm: number; readonly dyCm: number }[]
  /** Cells of the whole floor. */
  readonly all: number
  readonly share: number
}
/** Cells of the floor that no jet reaches, as rectangles [cm], and their share of it. */
export function deadCells(
  outlets: readonly JetOutlet[],
  reachesCm: readonly number[],
  floor: { readonly lengthCm: number; readonly widthCm: number },
): DeadArea {
  const columns = Math.max(1, Math.round(floor.lengthCm / CELL_CM))
  const rows = Math.max(1, Math.round(floor.widthCm / CELL_CM))
  const dxCm = floor.lengthCm / columns
  const dyCm = floor.widthCm / rows
  const cells = []
  for (let row = 0; row < rows; row++)
    for (let column = 0; column < columns; column++) {
      const xCm = (column + 0.5) * dxCm
      const yCm = (row + 0.5) * dyCm
      if (!outlets.some((outlet, index) => isStirred(outlet, reachesCm[index] ?? 0, xCm, yCm, floor)))
        cells.push({ xCm: column * dxCm, yCm: row * dyCm, dxCm, dyCm })
    }
  return { cells, all: rows * columns, share: cells.length / (rows * columns) }
}
