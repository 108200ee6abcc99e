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
