import { surfacePasses } from './optics.js'

/** Where a ray from a point above the water meets a level plane below it, by how far to the side that is. */
export interface Arrival {
  /** Entries a centimetre. */
  readonly perCm: number
  readonly last: number
  /** Four values an entry, together for the sake of speed, at the places below. */
  readonly table: Float64Array
}
export const ARRIVAL_VALUES = 4
/** Of the way to the side, what lies in the air. */
export const AIR_SHARE = 0
/** Flux through the plane for an intensity of one [1/cm²], surface and water passed. */
export const STRENGTH = 1
/** Of the ray in air against the plumb line. */
export const COS_AIR = 2
/** Of the ray in water against the plumb line. */
export const SIN_WATER = 3

const ENTRIES = 768
const TURNS = 40

/** Tabulated once for a height above the water and a depth below it: refraction (Snell 1621), loss at the surface (Fresnel 1823) and along the slant way (Beer 1852). Lengths in cm, all above 0; `index` of refraction of what is below the surface, 1 in an empty tank. */
export function arrivalOf(aboveCm: number, depthCm: number, attenuationPerM: number, reachCm: number, index: number): Arrival {
  const table = new Float64Array((ENTRIES + 2) * ARRIVAL_VALUES)
  const perCm = ENTRIES / reachCm
  let tanAir = 0
  for (let entry = 0; entry <= ENTRIES + 1; entry++) {
    const sideCm = entry / perCm
    tanAir = tanAirTo(sideCm, { aboveCm, depthCm, index }, tanAir)
    const cos = 1 / Math.sqrt(1 + tanAir * tanAir)
    const sin = tanAir * cos
    const inWater = sin / index
    const cosWater = Math.sqrt(1 - inWater * inWater)
    const spreadCm = aboveCm / (cos * cos) + (depthCm * cos) / (index * cosWater ** 3) // of the place by the angle in air
    const perCm2 = entry === 0 ? 1 / (aboveCm + depthCm / index) ** 2 : sin / (sideCm * spreadCm)
    const at = entry * ARRIVAL_VALUES
    table[at + STRENGTH] = perCm2 * surfacePasses(cos, index) * Math.exp((-attenuationPerM * depthCm) / 100 / cosWater)
    table[at + AIR_SHARE] = entry === 0 ? aboveCm / (aboveCm + depthCm / index) : (aboveCm * tanAir) / sideCm
    table[at + COS_AIR] = cos
    table[at + SIN_WATER] = inWater
  }
  return { perCm, last: ENTRIES, table }
}

/** Tangent of the ray in air that arrives so far to the side. Newton's steps from a nearer place climb and never pass it: the way to the side bends down. */
function tanAirTo(
  sideCm: number,
  { aboveCm, depthCm, index }: { readonly aboveCm: number; readonly depthCm: number; readonly index: number },
  from: number,
): number {
  let tan = from
  for (let turn = 0; turn < TURNS; turn++) {
    const secant = Math.sqrt(1 + tan * tan)
    const sinWater = tan / secant / index
    const cosWater = Math.sqrt(1 - sinWater * sinWater)
    const missing = sideCm - aboveCm * tan - (depthCm * sinWater) / cosWater
    const step = missing / (aboveCm + depthCm / (index * secant ** 3 * cosWater ** 3))
    tan += step
    if (step < 1e-9 * (1 + tan)) break
  }
  return tan
}
