import type { Vessel } from './vessel.js'

/** Heights of the corners against a common mark [mm]. */
export interface Corners {
  readonly frontLeft: number
  readonly frontRight: number
  readonly backLeft: number
  readonly backRight: number
}
export interface Level {
  /** Right side against left, back against front [mm over the tank]; positive: right, back is higher. */
  readonly alongMm: number
  readonly acrossMm: number
  /** The same by the metre. */
  readonly alongMmPerM: number
  readonly acrossMmPerM: number
  /** By how much the means of the two diagonals differ: the part that no tilt explains. */
  readonly twistMm: number
  /** Laid under each corner, these bring all to the height of the highest. */
  readonly shimsMm: Corners
  /** Between the water line at its highest and lowest corner. */
  readonly waterLineMm: number
}

/** 2 mm a metre only shows; a twist of more than 2 mm breaks glass. General practice. */
export const TILT_FINE_MM_PER_M = 2
export const TWIST_LIMIT_MM = 2

/** Tilt and twist of four corner readings. */
export function levelOf(corners: Corners, { lengthCm, widthCm }: Pick<Vessel, 'lengthCm' | 'widthCm'>): Level {
  const { frontLeft, frontRight, backLeft, backRight } = corners
  const alongMm = (frontRight + backRight - frontLeft - backLeft) / 2
  const acrossMm = (backLeft + backRight - frontLeft - frontRight) / 2
  const highest = Math.max(frontLeft, frontRight, backLeft, backRight)
  return {
    alongMm,
    acrossMm,
    alongMmPerM: alongMm / (lengthCm / 100),
    acrossMmPerM: acrossMm / (widthCm / 100),
    twistMm: Math.abs(frontLeft + backRight - frontRight - backLeft) / 2,
    shimsMm: {
      frontLeft: highest - frontLeft,
      frontRight: highest - frontRight,
      backLeft: highest - backLeft,
      backRight: highest - backRight,
    },
    waterLineMm: Math.abs(alongMm) + Math.abs(acrossMm),
  }
}
