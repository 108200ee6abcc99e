import { placeOfSpot, type TankFigures } from '@jovrin/core'
import { memo } from 'react'
import { INK } from '../ink.js'
import { spotLetter } from '../spotLetter.js'
import { xPx, yPx, type PlanLayout } from './planLayout.js'

interface PlanSpotsProps {
  readonly layout: PlanLayout
  readonly figures: Pick<TankFigures, 'spots' | 'pieces'>
  readonly chosenId: string | null
}
/** Letters of the spots on wood and stone, on their pieces from above. Several at one place stand side by side. */
export const PlanSpots = memo(function PlanSpots({ layout, figures, chosenId }: PlanSpotsProps) {
  return (
    <g pointerEvents="none">
      {figures.spots.map(({ spot }, index) => {
        const place = placeOfSpot(spot, figures.pieces)
        if (place === null) return null
        const { front, back } = place.placed.bounds
        // Those higher up lie further from the viewer's side of the piece.
        const yCm = front + (back - front) * (0.25 + 0.5 * spot.upFraction)
        const [x, y] = [xPx(layout, place.xCm), yPx(layout, yCm)]
        return (
          <g key={spot.id}>
            <rect x={x - 7} y={y - 7} width={14} height={14} rx={3} fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.thin} />
            <text x={x} y={y + 4} textAnchor="middle" fontSize="11" fontWeight={spot.id === chosenId ? 700 : 400} fill="var(--ink)">
              {spotLetter(index)}
            </text>
          </g>
        )
      })}
    </g>
  )
})
