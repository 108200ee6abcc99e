import type { Level } from '@jovrin/core'
import { INK } from '../ink.js'
import type { SectionLayout } from './layout.js'

interface TiltedWaterProps {
  readonly layout: SectionLayout
  readonly level: Level
  readonly exaggeration: number
  readonly label: string
}

/** Where the water stands against the rim of a tank that leans: level water in a leaning tank, drawn steeper than it is. */
export function TiltedWater({ layout, level, exaggeration, label }: TiltedWaterProps) {
  const { front, side, waterY, pxPerCm } = layout
  const lift = (mm: number): number => (mm / 10 / 2) * pxPerCm * exaggeration
  // A corner that stands high has less water against its glass.
  const along = lift(level.alongMm)
  const across = lift(level.acrossMm)
  const isOff = Math.abs(level.alongMm) + Math.abs(level.acrossMm) > 0.2
  return (
    <g fill="none" stroke="var(--algae)" strokeWidth={INK.medium}>
      {isOff && (
        <>
          <path d={`M${front.innerLeft} ${waterY - along}L${front.innerRight} ${waterY + along}`} strokeDasharray="8 3" />
          <path d={`M${side.innerLeft} ${waterY - across}L${side.innerRight} ${waterY + across}`} strokeDasharray="8 3" />
          <text x={front.innerLeft + 8} y={waterY - Math.abs(along) - 8} fontSize="12" fill="var(--algae)" stroke="none">
            {label}
          </text>
        </>
      )}
    </g>
  )
}
