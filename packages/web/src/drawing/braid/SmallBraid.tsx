import type { Strand } from '@jovrin/core'
import { useId } from 'react'
import { Hatches } from '../Hatches.js'
import { hatchFill, INK, svgPrefix } from '../ink.js'
import { algaeY, band, ribbons, weekX, type BraidBox, type BraidWeek } from './braidGeometry.js'

const WIDTH = 220
const HEIGHT = 84

/** The braid for a shelf: strands and algae without lettering. */
export function SmallBraid({ weeks, limiting, description }: { weeks: readonly BraidWeek[]; limiting: Strand; description: string }) {
  const prefix = svgPrefix(useId())
  const box: BraidBox = { left: 2, right: WIDTH - 2, top: 2, waterline: 66, bottom: HEIGHT - 2 }
  const xs = weeks.map((_, week) => weekX(box, week, weeks.length))
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      width={WIDTH}
      height={HEIGHT}
      role="img"
      aria-label={description}
      style={{ display: 'block', maxWidth: '100%' }}
    >
      <Hatches prefix={prefix} />
      {ribbons(weeks, box).map(({ strand, median }) => (
        <g key={strand}>
          <path d={median} fill={`var(--${strand}-fill)`} fillOpacity="0.6" />
          <path
            d={median}
            fill={hatchFill(prefix, strand)}
            stroke={strand === limiting ? 'var(--ink)' : `var(--${strand})`}
            strokeWidth={strand === limiting ? INK.medium : INK.thin}
          />
        </g>
      ))}
      <path d={`M${box.left} ${box.waterline}H${box.right}`} stroke="var(--ink)" strokeWidth={INK.medium} />
      <path
        d={band(
          xs,
          xs.map(() => box.waterline),
          weeks.map((week) => algaeY(box, week.algae.median)),
        )}
        fill="var(--algae-fill)"
        stroke="var(--algae)"
        strokeWidth={INK.thin}
      />
    </svg>
  )
}
