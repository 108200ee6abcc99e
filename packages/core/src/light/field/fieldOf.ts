import { AIR_SHARE, ARRIVAL_VALUES, arrivalOf, COS_AIR, SIN_WATER, STRENGTH, type Arrival } from './arrival.js'
import { elementsOf, type ElementRow, type FieldLamp, type WaterBox } from './fieldLamp.js'
import { returned, RETURNS_IN_AIR, RETURNS_IN_WATER, WATER_INDEX } from './optics.js'
import type { Shade } from './shade.js'

/** Flux through a level plane on a grid of spots [µmol m⁻² s⁻¹], row by row from the front. */
export interface LightGrid {
  readonly xsCm: Float64Array
  readonly ysCm: Float64Array
  readonly ppfd: Float64Array
}

/** Flattest way to the side that refraction leaves, per depth. */
export const MOST_ASIDE = 1 / Math.sqrt(WATER_INDEX * WATER_INDEX - 1)
/** In an empty tank rays may be flatter; what comes from farther is next to nothing. */
const MOST_ASIDE_IN_AIR = 3
const asideOf = ({ depthCm, isEmpty = false }: WaterBox): number => (isEmpty ? MOST_ASIDE_IN_AIR : MOST_ASIDE) * depthCm
const CM2_PER_M2 = 10_000
/** Length of a lamp's elements over the way to the plane: finer changes no cell of the reference tanks by more than 2 %. */
const PITCH_BY_WAY = 0.2
const LEAST_PITCH_CM = 1

interface FieldOptions {
  /** Elements of the lamps; left out: fine enough for a drawing. */
  readonly pitchCm?: number
  readonly shade?: Shade | undefined
}

/** Light of lamps on a level plane under water, in a tank of vertical panes. Every element of a lamp is seen directly and mirrored in the panes; a ray counts if it enters the water inside the glass. Refraction, loss at the surface, slant ways in the water and what panes send back by their angle are exact; polarisation is not carried on. The plane returns nothing. */
export function fieldOf(
  lamps: readonly FieldLamp[],
  box: WaterBox,
  xsCm: Float64Array,
  ysCm: Float64Array,
  { pitchCm, shade }: FieldOptions = {},
): LightGrid {
  const ppfd = new Float64Array(xsCm.length * ysCm.length)
  for (const lamp of lamps) {
    if (lamp.fluxUmolPerS <= 0) continue
    const pitch = pitchCm ?? Math.max(LEAST_PITCH_CM, PITCH_BY_WAY * (lamp.aboveWaterCm + box.depthCm))
    const rows = elementsOf(lamp, pitch)
    const count = rows.reduce((sum, row) => sum + row.xsCm.length, 0)
    const intensity = ((lamp.fluxUmolPerS / count) * (lamp.beamExponent + 1) * CM2_PER_M2 * box.surfaceKeeps) / (2 * Math.PI)
    const reachCm = reachOf(lamp, box)
    const arrivals = new Map<number, Arrival>()
    for (const row of rows) {
      const arrival =
        arrivals.get(row.aboveCm) ??
        arrivalOf(row.aboveCm, box.depthCm, box.isEmpty ? 0 : box.attenuationPerM, reachCm, box.isEmpty ? 1 : WATER_INDEX)
      arrivals.set(row.aboveCm, arrival)
      addRow({ lamp, box, row, arrival, intensity, xsCm, ysCm, ppfd, shade })
    }
  }
  return { xsCm, ysCm, ppfd }
}

/** Farthest that a spot or its mirror image can lie from an element. */
const reachOf = ({ xCm, yCm, lengthCm, widthCm }: FieldLamp, box: WaterBox): number => {
  const asideCm = asideOf(box)
  const far = (at: number, half: number, size: number): number => Math.max(at + half, size - at + half) + asideCm
  return Math.hypot(far(xCm, lengthCm / 2, box.lengthCm), far(yCm, widthCm / 2, box.widthCm)) + 1
}

/** Spots of one axis in the mirror that many panes away, near enough for refraction to reach them. */
interface Mirrored {
  readonly bounces: number
  readonly isFlipped: boolean
  readonly places: Int32Array
  readonly atCm: Float64Array
}
function mirrored(spots: Float64Array, sizeCm: number, asideCm: number): Mirrored[] {
  const most = Math.ceil(asideCm / sizeCm)
  return Array.from({ length: 2 * most + 1 }, (_, index): Mirrored => {
    const image = index - most
    const isFlipped = image % 2 !== 0
    const places: number[] = []
    const atCm: number[] = []
    spots.forEach((spot, place) => {
      const at = image * sizeCm + (isFlipped ? sizeCm - spot : spot)
      if (at < -asideCm || at > sizeCm + asideCm) return
      places.push(place)
      atCm.push(at)
    })
    return { bounces: Math.abs(image), isFlipped, places: Int32Array.from(places), atCm: Float64Array.from(atCm) }
  }).filter(({ places }) => places.length > 0)
}

interface RowTask {
  readonly lamp: FieldLamp
  readonly box: WaterBox
  readonly row: ElementRow
  readonly arrival: Arrival
  readonly intensity: number
  readonly xsCm: Float64Array
  readonly ysCm: Float64Array
  readonly ppfd: Float64Array
  readonly shade: Shade | undefined
}

function addRow({ lamp, box, row, arrival, intensity, xsCm, ysCm, ppfd, shade }: RowTask): void {
  const { perCm, last, table } = arrival
  const { beamExponent, tiltDeg } = lamp
  const [cosTilt, sinTilt] = [Math.cos((tiltDeg * Math.PI) / 180), Math.sin((tiltDeg * Math.PI) / 180)]
  const { lengthCm, widthCm, paneKeeps } = box
  const asideCm = asideOf(box)
  const returns = box.isEmpty ? RETURNS_IN_AIR : RETURNS_IN_WATER
  const across = mirrored(ysCm, widthCm, asideCm)
  for (const inX of mirrored(xsCm, lengthCm, asideCm))
    for (const inY of across) {
      const isDirect = inX.bounces === 0 && inY.bounces === 0
      for (const elementCm of row.xsCm)
        for (let m = 0; m < inY.places.length; m++) {
          const dy = inY.atCm[m]! - row.yCm
          const line = inY.places[m]! * xsCm.length
          for (let k = 0; k < inX.places.length; k++) {
            const dx = inX.atCm[k]! - elementCm
            const sideCm = Math.sqrt(dx * dx + dy * dy)
            const at = sideCm * perCm
            const entry = at | 0
            if (entry > last) continue
            const part = at - entry
            const low = entry * ARRIVAL_VALUES
            const high = low + ARRIVAL_VALUES
            const air = table[low + AIR_SHARE]! + (table[high + AIR_SHARE]! - table[low + AIR_SHARE]!) * part
            const entering =
              sharesWithin(elementCm + air * dx, row.longCm * (1 - air), lengthCm) *
              sharesWithin(row.yCm + air * dy, row.deepCm * (1 - air), widthCm)
            if (entering <= 0) continue
            const cos = table[low + COS_AIR]! + (table[high + COS_AIR]! - table[low + COS_AIR]!) * part
            let toNormal = cos
            if (sinTilt !== 0) {
              toNormal = cos * cosTilt + (sideCm === 0 ? 0 : (Math.sqrt(1 - cos * cos) * dy * sinTilt) / sideCm)
              if (toNormal <= 0) continue
            }
            let light = entering * (table[low + STRENGTH]! + (table[high + STRENGTH]! - table[low + STRENGTH]!) * part)
            light *= beamExponent === 1 ? toNormal : toNormal ** beamExponent
            if (!isDirect || shade !== undefined) {
              const sin = table[low + SIN_WATER]! + (table[high + SIN_WATER]! - table[low + SIN_WATER]!) * part
              if (!isDirect) {
                const slope = sideCm === 0 ? 0 : sin / sideCm
                if (inX.bounces > 0) light *= keptOf(paneKeeps * returned(returns, Math.abs(dx) * slope), inX.bounces)
                if (inY.bounces > 0) light *= keptOf(paneKeeps * returned(returns, Math.abs(dy) * slope), inY.bounces)
              }
              if (shade !== undefined) light *= shade.passes(line + inX.places[k]!, inX.isFlipped ? dx : -dx, inY.isFlipped ? dy : -dy, sin)
            }
            ppfd[line + inX.places[k]!]! += intensity * light
          }
        }
    }
}

/** Of an element's rays to one spot, those that enter between the panes: they meet the surface spread over `wideCm` around `at`. */
function sharesWithin(at: number, wideCm: number, sizeCm: number): number {
  const half = wideCm / 2
  if (at >= half && at <= sizeCm - half) return 1
  if (at <= -half || at >= sizeCm + half) return 0
  return (Math.min(at + half, sizeCm) - Math.max(at - half, 0)) / wideCm
}

/** Raised to a power that is nearly always 1. */
const keptOf = (share: number, bounces: number): number => (bounces === 1 ? share : share ** bounces)
