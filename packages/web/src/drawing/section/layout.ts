import type { TankFigures } from '@jovrin/core'

/** Where things stand on the section's sheet [px]. Front view left, side view right, one scale for both. */
export interface SectionLayout {
  readonly pxPerCm: number
  readonly front: View
  readonly side: View
  /** y of the floor's upper side, of the water line and of the rim. */
  readonly floorY: number
  readonly waterY: number
  readonly rimY: number
  readonly scaleDenominator: number
  /** Of the sheet: no higher than the drawing needs. */
  readonly height: number
}
export interface View {
  readonly left: number
  readonly right: number
  readonly innerLeft: number
  readonly innerRight: number
}

const GAP_PX = 66
const MARGIN_LEFT_PX = 56
const MARGIN_RIGHT_PX = 46
const BELOW_PX = 122
const ABOVE_PX = 14
/** A screen pixel is 1/96 inch. */
const MM_PER_PX = 25.4 / 96

/** How high the highest lamp hangs over the water [cm]; 0 where there is none, so that no room is kept for it. */
export const highestLampCm = ({ lamps }: Pick<TankFigures, 'lamps'>): number =>
  Math.max(0, ...lamps.map(({ aboveWaterCm }) => aboveWaterCm))

export function sectionLayout(vessel: TankFigures['vessel'], width: number, mostHeight: number, lampCm: number): SectionLayout {
  const acrossPx = width - MARGIN_LEFT_PX - GAP_PX - MARGIN_RIGHT_PX
  const aboveCm = Math.max(lampCm - vessel.freeboardCm, 0) + 5
  const pxPerCm = Math.min(acrossPx / (vessel.lengthCm + vessel.widthCm), (mostHeight - BELOW_PX - ABOVE_PX) / (vessel.heightCm + aboveCm))
  const height = (vessel.heightCm + aboveCm) * pxPerCm + BELOW_PX + ABOVE_PX
  const bottom = height - BELOW_PX
  const floorY = bottom - vessel.glassCm * pxPerCm
  const rimY = bottom - vessel.heightCm * pxPerCm
  const view = (left: number, outerCm: number): View => ({
    left,
    right: left + outerCm * pxPerCm,
    innerLeft: left + vessel.glassCm * pxPerCm,
    innerRight: left + (outerCm - vessel.glassCm) * pxPerCm,
  })
  const front = view(MARGIN_LEFT_PX, vessel.lengthCm)
  return {
    pxPerCm,
    front,
    side: view(front.right + GAP_PX, vessel.widthCm),
    floorY,
    rimY,
    waterY: rimY + vessel.freeboardCm * pxPerCm,
    height,
    scaleDenominator: 10 / (pxPerCm * MM_PER_PX),
  }
}
