import type { TankFigures } from '@jovrin/core'
import type { SectionLayout } from './layout.js'

export function frontLayout(
  vessel: Pick<TankFigures['vessel'], 'heightCm' | 'glassCm' | 'freeboardCm'>,
  innerLengthCm: number,
  aboveCm: number,
  pxPerCm: number,
  x0: number,
): SectionLayout {
  const floorY = (vessel.heightCm + aboveCm - vessel.glassCm) * pxPerCm + 4
  const rimY = floorY - (vessel.heightCm - vessel.glassCm) * pxPerCm
  const view = {
    left: x0 - vessel.glassCm * pxPerCm,
    right: x0 + (innerLengthCm + vessel.glassCm) * pxPerCm,
    innerLeft: x0,
    innerRight: x0 + innerLengthCm * pxPerCm,
  }
  return {
    pxPerCm,
    front: view,
    side: view,
    floorY,
    rimY,
    waterY: rimY + vessel.freeboardCm * pxPerCm,
    scaleDenominator: 1,
    height: floorY + vessel.glassCm * pxPerCm + 4,
  }
}
