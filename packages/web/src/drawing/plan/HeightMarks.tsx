import type { Plan } from '@jovrin/core'
import { xPx, yPx, type PlanLayout } from './planLayout.js'

interface HeightMarksProps {
  readonly layout: PlanLayout
  readonly heights: Plan['zones'][number]['heights']
  readonly length: (cm: number) => string
}

/** Heights of the ground's surface that were set, each a cross with its figure. */
export const HeightMarks = ({ layout, heights, length }: HeightMarksProps) => (
  <g pointerEvents="none">
    {heights.map(({ id, xCm, yCm, heightCm }) => {
      const [x, y] = [xPx(layout, xCm), yPx(layout, yCm)]
      return (
        <g key={id}>
          <path d={`M${x - 5} ${y}h10M${x} ${y - 5}v10`} stroke="var(--ink)" strokeWidth="1.4" />
          <text
            x={x + 6}
            y={y - 4}
            fontSize="12"
            fill="var(--ink)"
            stroke="var(--sheet)"
            strokeWidth="4"
            paintOrder="stroke"
            className="figures"
          >
            {length(heightCm)}
          </text>
        </g>
      )
    })}
  </g>
)
