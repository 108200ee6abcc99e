import { requireWithin } from '../quantity/outOfRange.js'
import { transmittance } from './attenuation.js'
import { linePpfd } from './lineSource.js'

export interface LampOverTank {
  readonly fluxUmolPerS: number
  readonly lampLengthM: number
  /** From the lamp to the water. */
  readonly aboveWaterM: number
  /** Inner floor. */
  readonly lengthM: number
  readonly widthM: number
  readonly waterDepthM: number
  /** Clear water 0.3–0.6 /m; rule of thumb. */
  readonly attenuationPerM: number
}

/** Diffuse light lost at a slightly moving surface (Fresnel); rule of thumb 0.05–0.08. */
const SURFACE_LOSS = 0.06
/** Rays in water lean by up to 48°: mean path over depth. Rule of thumb 1.1–1.25. */
const PATH_STRETCH = 1.15
/** Kept at each bounce off clean glass in air (total reflection less dirt); rule of thumb 0.8–0.95. */
const GLASS_KEEPS = 0.9
/** Mean sideways travel over depth, refracted. */
const SIDEWAYS = 0.5
export const FLOOR_FORMULA = `flux on the surface (line of Lambertian emitters)·${1 - SURFACE_LOSS}·${GLASS_KEEPS}^(${SIDEWAYS}·depth/mean chord)·e^(−attenuationPerM·${PATH_STRETCH}·depth)/floor area`
export const FLOOR_SOURCE = `Each lamp as a line of Lambertian emitters (Lambert 1760); ${1 - SURFACE_LOSS} passes the surface, ${GLASS_KEEPS} the glass for each half depth over the mean chord, and what the water keeps by Beer (1852). Losses at surface and glass are rules of thumb`
const CELLS_ALONG = 24
const CELLS_ACROSS = 10

/** Flux [µmol/s] that enters the water's surface from a Lambertian line centred above it; never more than the lamp gives. */
export function fluxOnSurface({ fluxUmolPerS, lampLengthM, aboveWaterM, lengthM, widthM }: LampOverTank): number {
  const height = Math.max(aboveWaterM, 0.02) // a lamp on the glass still has a gap; the formula needs one
  let sum = 0
  for (let i = 0; i < CELLS_ALONG; i++)
    for (let j = 0; j < CELLS_ACROSS; j++) {
      const x = ((i + 0.5) / CELLS_ALONG - 0.5) * lengthM
      const y = ((j + 0.5) / CELLS_ACROSS - 0.5) * widthM
      sum += linePpfd(fluxUmolPerS, lampLengthM, x, y, height)
    }
  return Math.min((sum * lengthM * widthM) / (CELLS_ALONG * CELLS_ACROSS), fluxUmolPerS)
}

/** Mean PPFD [µmol m⁻² s⁻¹] on the bare floor. Energy balance: what enters the surface (Lambert 1760) reaches the floor, less surface, walls and water (Beer 1852).
 *  Left out: shade of stones and plants, dirt on the lamp. */
export function floorPpfd(lamp: LampOverTank): number {
  requireWithin('fluxUmolPerS', lamp.fluxUmolPerS, 0, 100_000)
  requireWithin('lampLengthM', lamp.lampLengthM, 0.005, 20)
  const meanChordM = (Math.PI * lamp.lengthM * lamp.widthM) / (2 * (lamp.lengthM + lamp.widthM))
  const bounces = (SIDEWAYS * lamp.waterDepthM) / meanChordM
  const kept = (1 - SURFACE_LOSS) * GLASS_KEEPS ** bounces * transmittance(lamp.attenuationPerM, lamp.waterDepthM * PATH_STRETCH)
  return (fluxOnSurface(lamp) * kept) / (lamp.lengthM * lamp.widthM)
}
