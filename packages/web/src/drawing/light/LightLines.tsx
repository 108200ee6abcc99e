import { LIGHT_LEVELS, type LightGrid, type LightLevel } from '@jovrin/core'
import { memo, useMemo } from 'react'
import { significant } from '../../ui/units.js'
import { INK } from '../ink.js'
import { isoLines, levelsOf, type GridBox } from './contoursOf.js'

/** Each level lies over those below it, so that the amber deepens. */
const LEVEL_OPACITY: Readonly<Record<LightLevel, number>> = { dim: 0, low: 0.2, medium: 0.3, high: 0.42, 'very-high': 0.6 }
/** How deep it is in the end. */
export const LEVEL_DEPTH: Readonly<Record<LightLevel, number>> = (() => {
  let open = 1
  return Object.fromEntries(LIGHT_LEVELS.map((level) => [level, 1 - (open *= 1 - LEVEL_OPACITY[level])])) as Record<LightLevel, number> // all levels
})()

interface LightLinesProps extends GridBox {
  readonly grid: LightGrid
  readonly fontSize?: number
}

/** A field of light: its levels as amber that deepens, and lines of equal light with their numbers. */
export const LightLines = memo(function LightLines({ grid, left, right, bottom, top, fontSize = 12 }: LightLinesProps) {
  const { levels, lines } = useMemo(() => {
    const box = { left, right, bottom, top }
    return { levels: levelsOf(grid, box), lines: isoLines(grid, box) }
  }, [grid, left, right, bottom, top])
  return (
    <g pointerEvents="none">
      {levels.map(({ level, d }) => (
        <path key={level} d={d} fill="var(--light-fill)" fillOpacity={LEVEL_OPACITY[level]} fillRule="evenodd" />
      ))}
      {lines.map(({ ppfd, d, label }) => (
        <g key={ppfd}>
          <path data-isoline={ppfd} d={d} fill="none" stroke="var(--light)" strokeWidth={INK.medium} />
          {label !== null && (
            <text
              x={label.x}
              y={label.y + fontSize / 3}
              fontSize={fontSize}
              textAnchor="middle"
              fill="var(--ink)"
              stroke="var(--sheet)"
              strokeWidth="4"
              paintOrder="stroke"
              className="figures"
            >
              {significant(ppfd, 3)}
            </text>
          )}
        </g>
      ))}
    </g>
  )
})
