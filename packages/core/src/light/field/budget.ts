import { elementsOf, type FieldLamp, type WaterBox } from './fieldLamp.js'
import { paneReturns, surfacePasses, WATER_INDEX } from './optics.js'

/** Where the photons of all lamps end, as shares that add up to 1. */
export interface LightBudget {
  /** Never meets the water inside the glass. */
  readonly missed: number
  readonly surfaceReflection: number
  /** Kept by what lies on the surface. */
  readonly surfaceCover: number
  readonly wallTransmitted: number
  readonly wallAbsorbed: number
  readonly water: number
  readonly floor: number
}

const ELEMENT_CM = 4
const MOST_ELEMENTS = 80
const RINGS = 24
const SPOKES = 36

/** Followed ray by ray: even shares of each element's light, one ray through the middle of each. */
export function budgetOf(lamps: readonly FieldLamp[], box: WaterBox): LightBudget {
  const sums = { missed: 0, surfaceReflection: 0, surfaceCover: 0, wallTransmitted: 0, wallAbsorbed: 0, water: 0, floor: 0 }
  const flux = lamps.reduce((sum, lamp) => sum + lamp.fluxUmolPerS, 0)
  if (flux <= 0) return sums
  for (const lamp of lamps) {
    const rows = elementsOf(lamp, Math.max(ELEMENT_CM, Math.sqrt((lamp.lengthCm * lamp.widthCm) / MOST_ELEMENTS)))
    const count = rows.reduce((sum, row) => sum + row.xsCm.length, 0)
    const share = lamp.fluxUmolPerS / flux / count / RINGS / SPOKES
    const tilt = (lamp.tiltDeg * Math.PI) / 180
    rows.forEach(({ yCm, aboveCm, xsCm }, row) =>
      xsCm.forEach((xCm, element) => {
        for (let ring = 0; ring < RINGS; ring++)
          for (let spoke = 0; spoke < SPOKES; spoke++) {
            const cos = (1 - (ring + 0.5) / RINGS) ** (1 / (lamp.beamExponent + 1))
            const sin = Math.sqrt(1 - cos * cos)
            const turn = (2 * Math.PI * (spoke + goldenPart(element + row * 17 + ring * 31))) / SPOKES
            const [x, side] = [sin * Math.cos(turn), sin * Math.sin(turn)]
            const down = cos * Math.cos(tilt) - side * Math.sin(tilt)
            const y = side * Math.cos(tilt) + cos * Math.sin(tilt)
            followed({ xCm, yCm, aboveCm, x, y, down, share }, box, sums)
          }
      }),
    )
  }
  return sums
}

/** Turns the spokes from ring to ring, so that they don't stand in line. */
const goldenPart = (place: number): number => (place * 0.618_033_988_75) % 1

interface Ray {
  readonly xCm: number
  readonly yCm: number
  readonly aboveCm: number
  /** Unit direction in air. */
  readonly x: number
  readonly y: number
  readonly down: number
  readonly share: number
}
type Sums = { -readonly [Key in keyof LightBudget]: number }

function followed(ray: Ray, box: WaterBox, sums: Sums): void {
  const enters = (at: number, direction: number): number => at + (direction / ray.down) * ray.aboveCm
  let [x, y] = [enters(ray.xCm, ray.x), enters(ray.yCm, ray.y)]
  if (ray.down <= 0 || x < 0 || x > box.lengthCm || y < 0 || y > box.widthCm) {
    sums.missed += ray.share
    return
  }
  const passed = ray.share * surfacePasses(ray.down)
  sums.surfaceReflection += ray.share - passed
  let light = passed * box.surfaceKeeps
  sums.surfaceCover += passed - light
  let [dx, dy] = [ray.x / WATER_INDEX, ray.y / WATER_INDEX]
  const dz = Math.sqrt(1 - dx * dx - dy * dy)
  let deepCm = 0
  for (;;) {
    const toX = dx > 0 ? (box.lengthCm - x) / dx : dx < 0 ? -x / dx : Infinity
    const toY = dy > 0 ? (box.widthCm - y) / dy : dy < 0 ? -y / dy : Infinity
    const toFloor = (box.depthCm - deepCm) / dz
    const way = Math.min(toX, toY, toFloor)
    const left = light * Math.exp((-box.attenuationPerM * way) / 100)
    sums.water += light - left
    if (toFloor <= way) {
      sums.floor += left
      return
    }
    const isX = toX <= toY
    const returns = paneReturns(Math.abs(isX ? dx : dy))
    sums.wallTransmitted += left * (1 - returns)
    sums.wallAbsorbed += left * returns * (1 - box.paneKeeps)
    light = left * returns * box.paneKeeps
    x += dx * way
    y += dy * way
    deepCm += dz * way
    if (isX) dx = -dx
    else dy = -dy
  }
}
