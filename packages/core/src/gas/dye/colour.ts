import { BLUE_FORM, bell, YELLOW_FORM } from './spectrum.js'

/** Linear light of a screen's red, green and blue, 1 each for white. */
export type Rgb = readonly [red: number, green: number, blue: number]

const FROM_NM = 380
const TO_NM = 720
const STEP_NM = 5
const NANOMETRES: readonly number[] = Array.from({ length: (TO_NM - FROM_NM) / STEP_NM + 1 }, (_, index) => FROM_NM + index * STEP_NM)

/** What the eye's three kinds of cone make of a wavelength, in bells. Wyman, Sloan & Shirley (2013). */
const EYE = NANOMETRES.map((nm): Rgb => [
  1.056 * bell(nm, 599.8, 37.9, 31) + 0.362 * bell(nm, 442, 16, 26.7) - 0.065 * bell(nm, 501.1, 20.4, 26.2),
  0.821 * bell(nm, 568.8, 46.9, 40.5) + 0.286 * bell(nm, 530.9, 16.3, 31.1),
  1.217 * bell(nm, 437, 11.8, 36) + 0.681 * bell(nm, 459, 26, 13.8),
])
const YELLOW = NANOMETRES.map(YELLOW_FORM)
const BLUE = NANOMETRES.map(BLUE_FORM)

/** White of daylight, and from there to a screen's primaries. IEC 61966-2-1 (1999). */
const DAYLIGHT: Rgb = [0.9505, 1, 1.089]
const TO_SCREEN: readonly Rgb[] = [
  [3.2406, -1.5372, -0.4986],
  [-0.9689, 1.8758, 0.0415],
  [0.0557, -0.204, 1.057],
]
const WHITE = EYE.reduce<Rgb>(([x, y, z], [dx, dy, dz]) => [x + dx, y + dy, z + dz], [0, 0, 0])

/** What white light becomes on its way through the liquid: Beer–Lambert over both forms of the dye. `strength`: absorbance of the liquid in its yellow form at 433 nm, 0.2–3 in usual bulbs. */
export function dyeColour(blueShare: number, strength: number): Rgb {
  let [x, y, z] = [0, 0, 0]
  EYE.forEach(([ofX, ofY, ofZ], place) => {
    const passed = 10 ** (-strength * (blueShare * BLUE[place]! + (1 - blueShare) * YELLOW[place]!))
    x += ofX * passed
    y += ofY * passed
    z += ofZ * passed
  })
  const seen: Rgb = [(x / WHITE[0]) * DAYLIGHT[0], (y / WHITE[1]) * DAYLIGHT[1], (z / WHITE[2]) * DAYLIGHT[2]]
  const screen = TO_SCREEN.map(([a, b, c]) => Math.min(1, Math.max(0, a * seen[0] + b * seen[1] + c * seen[2])))
  return [screen[0]!, screen[1]!, screen[2]!]
}

/** A screen's 0–255 to linear light and back. IEC 61966-2-1 (1999). */
export const linearOf = (byte: number): number => {
  const share = byte / 255
  return share <= 0.04045 ? share / 12.92 : ((share + 0.055) / 1.055) ** 2.4
}
export const byteOf = (linear: number): number =>
  Math.round(255 * (linear <= 0.0031308 ? 12.92 * linear : 1.055 * linear ** (1 / 2.4) - 0.055))
