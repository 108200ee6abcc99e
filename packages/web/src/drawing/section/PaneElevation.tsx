import { centreOf, type Spot, type TankFigures } from '@jovrin/core'
import type { ReactNode } from 'react'
import { drawnBeds } from './bedRow.js'
import { BedRows } from './BedRows.js'
import { FAINT } from './FrontBeds.js'
import { SpotPlants } from './FrontSpots.js'
import { GroundBehind, GroundFront, type Pane } from './Ground.js'
import type { SectionLayout } from './layout.js'
import { Glass } from './marks.js'
import { PlacedFront, PlacedSide } from './Pieces.js'

interface PaneElevationProps {
  readonly figures: TankFigures
  /** Its front view is the pane. */
  readonly layout: SectionLayout
  readonly pane: Exclude<Pane, 'front'>
  readonly weeks: number
  readonly prefix: string
  readonly chosenBedId?: string | null
  readonly isCut?: boolean
}

/** The tank through an end or the rear pane: ground, stones and beds, the farthest first. From the right end the front pane is at the left; from the left end and from the rear the picture is turned over. */
export function PaneElevation({ figures, layout, pane, weeks, prefix, chosenBedId = null, isCut = false }: PaneElevationProps) {
  const { front: view, floorY, rimY, waterY, pxPerCm } = layout
  const { ground, vessel } = figures
  const place = (alongCm: number, standsCm: number): string =>
    `translate(${view.innerLeft + alongCm * pxPerCm} ${floorY - standsCm * pxPerCm}) scale(${pxPerCm})`
  /** From the pane, or as good for the order. */
  const awayOf = ({ xCm, yCm }: Spot): number => (pane === 'left' ? xCm : pane === 'right' ? -xCm : -yCm)
  const pieces = figures.pieces.flatMap((piece) => (piece.placed === null ? [] : [{ piece, placed: piece.placed }]))
  const standing: readonly { readonly away: number; readonly isFloating: boolean; readonly drawn: ReactNode }[] = [
    ...pieces.map(({ piece, placed }) => ({
      away: awayOf(placed.centre),
      isFloating: false,
      drawn: (
        <g key={piece.piece.id}>
          {pane === 'back' ? (
            <PlacedFront pieces={[piece]} layout={layout} prefix={prefix} />
          ) : (
            <PlacedSide pieces={[piece]} layout={layout} prefix={prefix} atCm={placed.centre.xCm} />
          )}
          {figures.spots
            .filter(({ spot }) => spot.piece === piece.piece.id)
            .map((laid) => (
              <SpotPlants
                key={laid.spot.id}
                laid={laid}
                figures={figures}
                weeks={weeks}
                place={(xCm, zCm) => {
                  if (pane === 'back') return place(xCm, zCm)
                  // From an end the length of a piece is seen as its width.
                  const { left, right, front, back } = placed.bounds
                  return place(front + ((xCm - left) / Math.max(right - left, 1)) * (back - front), zCm)
                }}
              />
            ))}
        </g>
      ),
    })),
    ...drawnBeds(figures).map((bed) => {
      const centre = centreOf(bed.ring)
      const isChosen = bed.bed.id === chosenBedId
      return {
        away: awayOf(centre),
        isFloating: bed.isFloating,
        drawn: (
          <g key={bed.bed.id} opacity={chosenBedId === null || isChosen ? 1 : FAINT}>
            <BedRows
              bed={bed}
              figures={figures}
              weeks={weeks}
              isCut={isCut}
              isChosen={isChosen}
              along={pane === 'back' ? 'length' : 'width'}
              place={place}
            />
          </g>
        ),
      }
    }),
  ]
  const ordered = [...standing].sort((a, b) => Number(a.isFloating) - Number(b.isFloating) || b.away - a.away)
  return (
    <g transform={pane !== 'right' ? `translate(${view.left + view.right} 0) scale(-1 1)` : undefined}>
      <rect
        x={view.innerLeft}
        y={waterY}
        width={view.innerRight - view.innerLeft}
        height={floorY - waterY}
        fill="var(--water-fill)"
        opacity="0.55"
      />
      <GroundBehind ground={ground} view={view} layout={layout} prefix={prefix} pane={pane} />
      <clipPath id={`${prefix}-end`}>
        <rect x={view.innerLeft} y={0} width={view.innerRight - view.innerLeft} height={floorY} />
      </clipPath>
      <g clipPath={`url(#${prefix}-end)`}>{ordered.map(({ drawn }) => drawn)}</g>
      <GroundFront ground={ground} view={view} layout={layout} prefix={prefix} pane={pane} />
      <Glass view={view} rimY={rimY} bottom={floorY + vessel.glassCm * pxPerCm} waterY={waterY} glassPx={vessel.glassCm * pxPerCm} />
    </g>
  )
}
