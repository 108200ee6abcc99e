import type { LightReading } from '@jovrin/core'
import { INK } from '../../../../drawing/ink.js'
import { xPx, yPx, type PlanLayout } from '../../../../drawing/plan/planLayout.js'
import { significant } from '../../../../ui/units.js'

/** Where the light was read, and what was read. */
export function ReadingMarks({ layout, readings }: { layout: PlanLayout; readings: readonly LightReading[] }) {
  return (
    <g pointerEvents="none">
      {readings.map(({ id, xCm, yCm, ppfd }) => {
        const [x, y] = [xPx(layout, xCm), yPx(layout, yCm)]
        return (
          <g key={id}>
            <path d={`M${x - 5} ${y - 5}h10v10h-10z`} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.medium} />
            <text
              x={x}
              y={y + 19}
              fontSize="12"
              textAnchor="middle"
              fill="var(--ink)"
              stroke="var(--sheet)"
              strokeWidth="4"
              paintOrder="stroke"
              className="figures"
            >
              {significant(ppfd, 3)}
            </text>
          </g>
        )
      })}
    </g>
  )
}
