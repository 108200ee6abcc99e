import type { LaidBed } from '@jovrin/core'
import { centreOf } from '@jovrin/core'
import { memo } from 'react'
import { INK } from '../ink.js'
import { pathOf, xPx, yPx, type PlanLayout } from '../plan/planLayout.js'

/** Patches as thin lines with their numbers, so that what lies over them stays legible. */
export const PlanBedLines = memo(function PlanBedLines({ layout, beds }: { layout: PlanLayout; beds: readonly LaidBed[] }) {
  return (
    <g pointerEvents="none">
      {beds.map(({ bed, ring }, index) => {
        const { xCm, yCm } = centreOf(ring)
        return (
          <g key={bed.id}>
            <path d={pathOf(layout, ring)} fill="none" stroke="var(--mass)" strokeWidth={INK.thin} strokeDasharray="3 2" />
            <text
              x={xPx(layout, xCm)}
              y={yPx(layout, yCm) + 4}
              fontSize="11"
              textAnchor="middle"
              fill="var(--mass)"
              stroke="var(--sheet)"
              strokeWidth="3"
              paintOrder="stroke"
            >
              {index + 1}
            </text>
          </g>
        )
      })}
    </g>
  )
})
