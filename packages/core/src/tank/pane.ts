import { requireWithin } from '../quantity/outOfRange.js'
import { GRAVITY_M_PER_S2 } from '../quantity/physicalConstants.js'

/** Greatest bending stress of a plate held on three edges, free above, under water to its top: σ = β·ρg·h³/t². β by length over height; after plate tables (Timoshenko & Woinowsky-Krieger 1959), read to two digits. */
const BETA = [
  [0.5, 0.085],
  [0.67, 0.116],
  [1, 0.16],
  [1.5, 0.26],
  [2, 0.32],
  [2.5, 0.35],
  [3, 0.37],
] as const
/** Bending strength of float glass [N/mm²], as usual for tanks; rule of thumb, less where scratched. */
export const STRENGTH_N_PER_MM2 = 19.2
const STRENGTH_SPAN_N_PER_MM2 = [15, 30] as const
export const PANE_SOURCE = `Plate held on three edges, water to its top (Timoshenko & Woinowsky-Krieger 1959), its shape by inside length over depth; strength of float glass ${STRENGTH_N_PER_MM2} N/mm², rule of thumb ${STRENGTH_SPAN_N_PER_MM2.join('–')}. Joints, edges, brace and stand left out. Information only: the maker decides`
/** A safety factor for weaker and for stronger glass. */
export const paneSafetySpan = (factor: number): readonly [number, number] => [
  (factor * STRENGTH_SPAN_N_PER_MM2[0]) / STRENGTH_N_PER_MM2,
  (factor * STRENGTH_SPAN_N_PER_MM2[1]) / STRENGTH_N_PER_MM2,
]
/** ρg of water [N/mm³]. */
const WATER_N_PER_MM3 = GRAVITY_M_PER_S2 * 1e-6
/** Makers' usual factor; rule of thumb 3–4. */
export const USUAL_SAFETY = 3.8

/** Safety factor of the longest pane against bending. Information only: cut edges, joints, the stand and the maker decide. A brace is left out, so a braced tank is stronger than this.
 *  Water height 5–150 cm, glass 2–60 mm; beyond three times as long as high the pane counts as three. */
export function paneSafety(lengthCm: number, waterHeightCm: number, glassCm: number): number {
  requireWithin('waterHeightCm', waterHeightCm, 1, 200)
  requireWithin('glassCm', glassCm, 0.2, 6)
  const stress = (paneShape(lengthCm, waterHeightCm) * WATER_N_PER_MM3 * (waterHeightCm * 10) ** 3) / (glassCm * 10) ** 2
  return STRENGTH_N_PER_MM2 / stress
}

/** β of the stress above, by length over water height between 0.5 and 3. */
export function paneShape(lengthCm: number, waterHeightCm: number): number {
  const ratio = Math.min(3, Math.max(0.5, lengthCm / waterHeightCm))
  for (let index = 1; index < BETA.length; index++) {
    const [from, low] = BETA[index - 1]!
    const [to, high] = BETA[index]!
    if (ratio <= to) return low + ((high - low) * (ratio - from)) / (to - from)
  }
  return BETA.at(-1)![1]
}
