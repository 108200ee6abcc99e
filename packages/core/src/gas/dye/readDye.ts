import { dyeColour, type Rgb } from './colour.js'

/** What a photographed liquid says of its dye; or why it says nothing. */
export type DyeReading =
  | { readonly kind: 'read'; readonly share: number; readonly low: number; readonly high: number }
  | { readonly kind: 'refused'; readonly why: DyeRefusal }
/** `white`: the reference is too dark, burnt out or coloured. `pale`: hardly any colour is there. `other`: no mixture of the dye's forms looks like this. */
export const DYE_REFUSALS = ['white', 'pale', 'other'] as const
export type DyeRefusal = (typeof DYE_REFUSALS)[number]

const SHARES = Array.from({ length: 101 }, (_, index) => index / 100)
const STRENGTHS = Array.from({ length: 24 }, (_, index) => 0.15 * 1.14 ** index)
/** The eye's steps are about alike in the cube root of light. CIE (1976). */
const felt = (light: number): number => Math.cbrt(Math.max(0, light))
const TABLE = SHARES.flatMap((share) =>
  STRENGTHS.map((strength) => {
    const [red, green, blue] = dyeColour(share, strength)
    return { share, felt: [felt(red), felt(green), felt(blue)] as const }
  }),
)

/** A camera's red, green and blue are not quite a screen's, and bulbs shine [in felt light]. Rules of thumb. */
const CAMERA_ERROR = 0.04
const MOST_ERROR = 0.13
const WHITE_LEAST = 0.12
/** The brightest step of a byte: nothing is known above it. */
const BURNT_OUT = 0.985
/** Lamps and cameras colour a white by so much at most: brightest over darkest of its three. */
const WHITE_MOST_CAST = 3
/** Less between brightest and darkest of the three is no colour. */
const LEAST_CHROMA = 0.05

/** Share of the dye in its blue form from the linear light of the liquid and of a white thing in the same picture and light. The white takes out lamp and camera; how strong the dye is, is found along. */
export function readDye(liquid: Rgb, white: Rgb): DyeReading {
  const least = Math.min(...white)
  const most = Math.max(...white)
  if (least < WHITE_LEAST || white.every((light) => light > BURNT_OUT) || most / least > WHITE_MOST_CAST)
    return { kind: 'refused', why: 'white' }
  const ratio = liquid.map((light, place) => light / white[place]!)
  // A liquid in shade or in glare is that in all its colours.
  const seen = ratio.map((light) => felt(Math.min(1.2, light)))
  if (Math.max(...seen) - Math.min(...seen) < LEAST_CHROMA) return { kind: 'refused', why: 'pale' }
  let best = { share: 0, error: Infinity }
  const errors = new Float64Array(SHARES.length).fill(Infinity)
  TABLE.forEach(({ share, felt: mixed }, place) => {
    // Brightness as fits best, within what shade and glare make.
    const up = mixed.reduce((sum, light, band) => sum + light * seen[band]!, 0)
    const shade = Math.min(
      SHADE_MOST,
      Math.max(
        SHADE_LEAST,
        up /
          Math.max(
            1e-9,
            mixed.reduce((sum, light) => sum + light * light, 0),
          ),
      ),
    )
    const error = Math.sqrt(mixed.reduce((sum, light, band) => sum + (seen[band]! - shade * light) ** 2, 0) / 3)
    const row = Math.floor(place / STRENGTHS.length)
    if (error < errors[row]!) errors[row] = error
    if (error < best.error) best = { share, error }
  })
  if (best.error > MOST_ERROR) return { kind: 'refused', why: 'other' }
  const near = SHARES.filter((_, row) => errors[row]! <= best.error + CAMERA_ERROR / 2)
  return { kind: 'read', share: best.share, low: near[0]!, high: near.at(-1)! }
}
/** The felt light of a liquid in half shade, and in some glare. Rules of thumb. */
const SHADE_LEAST = 0.72
const SHADE_MOST = 1.1
