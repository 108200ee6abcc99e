import { centreOf, type TankFigures } from '@jovrin/core'
import type { ReactNode } from 'react'
import { BedRows } from './BedRows.js'
import { FAINT } from './FrontBeds.js'
import { SpotPlants } from './FrontSpots.js'
import { GroundBehind, GroundFront } from './Ground.js'
import type { SectionLayout } from './layout.js'
import { Glass } from './marks.js'
import { PlacedSide } from './Pieces.js'

interface EndElevationProps {
  readonly figures: TankFigures
  /** Its front view is the end pane. */
  readonly layout: SectionLayout
  readonly end: 'left' | 'right'
  readonly weeks: number
  readonly prefix: string
  readonly chosenBedId?: string | null
}

/** The tank through one of its end panes: ground, stones and beds, the farthest first. From the right end the front pane is at the left; from the left end the picture is turned over. */
export function EndElevation({ figures, layout, end, weeks, prefix, chosenBedId = null }: EndElevationProps) {
  const { front: view, floorY, rimY, waterY, pxPerCm } = layout
  const { ground, vessel } = figures
  const place = (alongCm: number, standsCm: number): string =>
    `translate(${view.innerLeft + alongCm * pxPerCm} ${floorY - standsCm * pxPerCm}) scale(${pxPerCm})`
  const pieces = figures.pieces.flatMap((piece) => (piece.placed === null ? [] : [{ piece, placed: piece.placed }]))
  const standing: readonly { readonly xCm: number; readonly isFloating: boolean; readonly drawn: ReactNode }[] = [
    ...pieces.map(({ piece, placed }) => ({
      xCm: placed.centre.xCm,
      isFloating: false,
      drawn: (
        <g key={piece.piece.id}>
          <PlacedSide pieces={[piece]} layout={layout} prefix={prefix} atCm={placed.centre.xCm} />
          {figures.spots
            .filter(({ spot }) => spot.piece === piece.piece.id)
            .map((laid) => (
              <SpotPlants
                key={laid.spot.id}
                laid={laid}
                figures={figures}
                weeks={weeks}
                place={(xCm, zCm) => {
                  // From here the length of a piece is seen as its width.
                  const { left, right, front, back } = placed.bounds
                  return place(front + ((xCm - left) / Math.max(right - left, 1)) * (back - front), zCm)
                }}
              />
            ))}
        </g>
      ),
    })),
    ...figures.beds
      .filter(({ areaCm2, plants }) => areaCm2 > 1 && plants.length > 0)
      .map((bed) => {
        const { xCm } = centreOf(bed.ring)
        const isChosen = bed.bed.id === chosenBedId
        return {
          xCm,
          isFloating: bed.isFloating,
          drawn: (
            <g key={bed.bed.id} opacity={chosenBedId === null || isChosen ? 1 : FAINT}>
              <BedRows bed={bed} depthCm={xCm} figures={figures} weeks={weeks} isChosen={isChosen} along="width" place={place} />
            </g>
          ),
        }
      }),
  ]
  const nearest = end === 'left' ? -1 : 1
  const ordered = [...standing].sort((a, b) => Number(a.isFloating) - Number(b.isFloating) || nearest * (a.xCm - b.xCm))
  return (
    <g transform={end === 'left' ? `translate(${view.left + view.right} 0) scale(-1 1)` : undefined}>
      <rect
        x={view.innerLeft}
        y={waterY}
        width={view.innerRight - view.innerLeft}
        height={floorY - waterY}
        fill="var(--water-fill)"
        opacity="0.55"
      />
      <GroundBehind ground={ground} view={view} layout={layout} prefix={prefix} pane={end} />
      <clipPath id={`${prefix}-end`}>
        <rect x={view.innerLeft} y={0} width={view.innerRight - view.innerLeft} height={floorY} />
      </clipPath>
      <g clipPath={`url(#${prefix}-end)`}>{ordered.map(({ drawn }) => drawn)}</g>
      <GroundFront ground={ground} view={view} layout={layout} prefix={prefix} pane={end} />
      <Glass view={view} rimY={rimY} bottom={floorY + vessel.glassCm * pxPerCm} waterY={waterY} glassPx={vessel.glassCm * pxPerCm} />
    </g>
  )
}
