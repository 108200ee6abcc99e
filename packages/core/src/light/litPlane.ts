import type { InnerSize } from '../tank/vessel.js'
import type { FieldLamp, WaterBox } from './field/fieldLamp.js'
import { fieldOf, type LightGrid } from './field/fieldOf.js'

/** Kept by the pane and what sits on it at each bounce, on top of what clean glass sends back. Rule of thumb 0.8–0.95. */
export const PANE_KEEPS = 0.9
const LEAST_WATER_CM = 1
/** Spots of the coarse grid, along the longer side. The mean of the reference tanks comes out within 2 %. */
const SPOTS = 13
const COARSE_PITCH_CM = 10

/** A level plane of a tank in clear water, so high above the glass. */
export interface PlaneOfTank {
  readonly lamps: readonly FieldLamp[]
  readonly attenuationPerM: number
  readonly inner: Pick<InnerSize, 'lengthCm' | 'widthCm' | 'waterDepthCm'>
  readonly heightCm: number
}

export const boxOf = ({ attenuationPerM, inner, heightCm }: Omit<PlaneOfTank, 'lamps'>): WaterBox => ({
  lengthCm: inner.lengthCm,
  widthCm: inner.widthCm,
  depthCm: Math.max(inner.waterDepthCm - heightCm, LEAST_WATER_CM),
  attenuationPerM,
  paneKeeps: PANE_KEEPS,
  surfaceKeeps: 1,
})

/** Centres of so many equal parts. */
export const centresOf = (sizeCm: number, count: number): Float64Array =>
  Float64Array.from({ length: count }, (_, place) => ((place + 0.5) / count) * sizeCm)

const MOST_KEPT = 200
const kept = new Map<string, LightGrid>()
const keyOf = (plane: PlaneOfTank): string =>
  JSON.stringify([
    plane.lamps.map(({ xCm, yCm, lengthCm, widthCm, aboveWaterCm, fluxUmolPerS, beamExponent, tiltDeg }) => [
      ...[xCm, yCm, lengthCm, widthCm, aboveWaterCm, fluxUmolPerS, beamExponent, tiltDeg],
    ]),
    plane.attenuationPerM,
    plane.inner.lengthCm,
    plane.inner.widthCm,
    plane.inner.waterDepthCm,
    plane.heightCm,
  ])

/** The field of a plane on a coarse grid. Reckoned once for the same lamps, water and height: drags of other things ask for it at every step. */
export function litPlane(plane: PlaneOfTank): LightGrid {
  const key = keyOf(plane)
  const known = kept.get(key)
  if (known !== undefined) return known
  const { lengthCm, widthCm } = plane.inner
  const spots = (sizeCm: number): number => Math.max(4, Math.round((SPOTS * sizeCm) / Math.max(lengthCm, widthCm)))
  const box = boxOf(plane)
  const field = fieldOf(plane.lamps, box, centresOf(lengthCm, spots(lengthCm)), centresOf(widthCm, spots(widthCm)), {
    pitchCm: Math.max(COARSE_PITCH_CM, lengthCm / 16),
  })
  if (kept.size >= MOST_KEPT) kept.clear()
  kept.set(key, field)
  return field
}

/** Mean PPFD [µmol m⁻² s⁻¹] over a level plane, at full planned light. */
export function meanOfPlane(plane: PlaneOfTank): number {
  if (plane.lamps.length === 0) return 0
  const { ppfd } = litPlane(plane)
  return ppfd.reduce((sum, value) => sum + value, 0) / ppfd.length
}

/** Between the spots of a grid by straight lines; beyond the outer spots as they are. */
export function lightAt({ xsCm, ysCm, ppfd }: LightGrid, xCm: number, yCm: number): number {
  const [left, right, toRight] = between(xsCm, xCm)
  const [front, back, toBack] = between(ysCm, yCm)
  const at = (column: number, row: number): number => ppfd[row * xsCm.length + column]!
  const inFront = at(left, front) + (at(right, front) - at(left, front)) * toRight
  const behind = at(left, back) + (at(right, back) - at(left, back)) * toRight
  return inFront + (behind - inFront) * toBack
}
/** Grids are even: the two neighbours of a place, and how far from the first to the second it lies. */
function between(spots: Float64Array, at: number): readonly [number, number, number] {
  if (spots.length === 1) return [0, 0, 0]
  const stepCm = spots[1]! - spots[0]!
  const place = Math.min(spots.length - 1, Math.max(0, (at - spots[0]!) / stepCm))
  const low = Math.min(spots.length - 2, Math.floor(place))
  return [low, low + 1, place - low]
}
