import { highestLampCm } from './layout.js'
import type { TankFigures } from '@jovrin/core'
import { useId } from 'react'
import { Hatches } from '../Hatches.js'
import { svgPrefix } from '../ink.js'
import { FrontElevation } from './FrontElevation.js'
import { FILLED, type Stage } from './stage.js'

interface SmallSectionProps {
  readonly figures: TankFigures
  readonly ageDays: number
  /** Common to all tanks of a shelf. */
  readonly pxPerCm: number
  readonly description: string
  readonly stage?: Stage
}

/** A tank's front view on the shelf, at the shelf's scale. */
export function SmallSection({ figures, ageDays, pxPerCm, description, stage = FILLED }: SmallSectionProps) {
  const prefix = svgPrefix(useId())
  const { vessel } = figures
  const lampCm = highestLampCm(figures)
  const aboveCm = Math.max(lampCm - vessel.freeboardCm, 0) + 3
  const width = vessel.lengthCm * pxPerCm + 4
  const height = (vessel.heightCm + aboveCm) * pxPerCm + 3
  const bottom = height - 2
  const view = {
    left: 2,
    right: 2 + vessel.lengthCm * pxPerCm,
    innerLeft: 2 + vessel.glassCm * pxPerCm,
    innerRight: 2 + (vessel.lengthCm - vessel.glassCm) * pxPerCm,
  }
  const rimY = bottom - vessel.heightCm * pxPerCm
  const layout = {
    pxPerCm,
    front: view,
    side: view,
    floorY: bottom - vessel.glassCm * pxPerCm,
    rimY,
    waterY: rimY + vessel.freeboardCm * pxPerCm,
    scaleDenominator: 1,
    height,
  }
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      width={width}
      height={height}
      role="img"
      aria-label={description}
      style={{ display: 'block', maxWidth: '100%' }}
    >
      <Hatches prefix={prefix} />
      <FrontElevation figures={figures} layout={layout} ageDays={ageDays} prefix={prefix} stage={stage} />
    </svg>
  )
}
