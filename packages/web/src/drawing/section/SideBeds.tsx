import { boundsOf, type TankFigures } from '@jovrin/core'
import { memo } from 'react'
import { drawnBeds } from './bedRow.js'
import { BedRows } from './BedRows.js'
import type { SectionLayout } from './layout.js'

interface SideBedsProps {
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly weeks: number
  /** Where along the tank it is cut. */
  readonly atCm: number
}

/** Beds of the map in the side view, those farther from the cut behind and fainter. */
export const SideBeds = memo(function SideBeds({ figures, layout, weeks, atCm }: SideBedsProps) {
  const { side, floorY, pxPerCm } = layout
  const away = (ring: (typeof figures.beds)[number]['ring']): number => {
    const { left, right } = boundsOf(ring)
    return atCm < left ? left - atCm : atCm > right ? atCm - right : 0
  }
  const ordered = drawnBeds(figures)
    .map((bed) => ({ bed, awayCm: away(bed.ring) }))
    .sort((a, b) => b.awayCm - a.awayCm)
  return (
    <g>
      {ordered.map(({ bed, awayCm }) => (
        <g key={bed.bed.id} opacity={awayCm === 0 ? 1 : BEHIND}>
          <BedRows
            bed={bed}
            figures={figures}
            weeks={weeks}
            isCut={false}
            isChosen={false}
            along="width"
            place={(alongCm, standsCm) =>
              `translate(${side.innerLeft + alongCm * pxPerCm} ${floorY - standsCm * pxPerCm}) scale(${pxPerCm})`
            }
          />
        </g>
      ))}
    </g>
  )
})
const BEHIND = 0.45
