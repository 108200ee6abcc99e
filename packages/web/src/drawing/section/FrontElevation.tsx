import { groundHeightCm, type TankFigures } from '@jovrin/core'
import { GroundBehind, GroundFront } from './Ground.js'
import type { SectionLayout } from './layout.js'
import { atStage, FILLED, type Stage } from './stage.js'
import { Glass, LightField } from './marks.js'
import { PlacedFront, UnplacedPieces } from './Pieces.js'
import { FrontSpots } from './FrontSpots.js'
import { Film } from './Film.js'
import { FrontBeds } from './FrontBeds.js'
import { FrontPlants } from './Plants.js'

interface ElevationProps {
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly ageDays: number
  readonly prefix: string
  readonly chosenPieceId?: string | null
  readonly hasPlants?: boolean
  readonly chosenBedId?: string | null
  /** Plants of the map as the trim plan keeps them; otherwise as they grow. */
  readonly isCut?: boolean
  /** Water, plants, or both. */
  readonly stage?: Stage
}

/** The front view alone: water, light, plants, stones, ground, glass. */
export function FrontElevation({
  figures,
  layout: filled,
  ageDays,
  prefix,
  chosenPieceId = null,
  hasPlants: showsPlants = true,
  chosenBedId = null,
  isCut = false,
  stage = FILLED,
}: ElevationProps) {
  const layout = atStage(filled, stage)
  const hasPlants = showsPlants && stage.phase !== 'dark'
  const { front, floorY, rimY, pxPerCm } = layout
  const { inner, ground } = figures
  const middleCm = groundHeightCm(ground, inner.lengthCm / 2, inner.widthCm / 2)
  const pieces = (
    <>
      <UnplacedPieces figures={figures} layout={layout} y={floorY - middleCm * pxPerCm} prefix={prefix} />
      <PlacedFront pieces={figures.pieces} layout={layout} prefix={prefix} chosenId={chosenPieceId} />
      {hasPlants && <FrontSpots figures={figures} layout={layout} weeks={ageDays / 7} />}
    </>
  )
  return (
    <g>
      <rect
        x={front.innerLeft}
        y={layout.waterY}
        width={front.innerRight - front.innerLeft}
        height={floorY - layout.waterY}
        fill="var(--water-fill)"
        opacity="0.55"
      />
      {stage.phase === 'dark' ? null : <LightField view={front} layout={filled} lamps={figures.lamps} groundCm={middleCm} />}
      <clipPath id={`${prefix}-inside`}>
        <rect x={front.innerLeft} y={0} width={front.innerRight - front.innerLeft} height={floorY} />
      </clipPath>
      <GroundBehind ground={ground} view={front} layout={layout} prefix={prefix} />
      <g clipPath={`url(#${prefix}-inside)`}>
        {!hasPlants ? (
          pieces
        ) : (
          <FrontPlants
            layout={layout}
            figures={figures}
            ageDays={ageDays}
            between={
              <FrontBeds layout={layout} figures={figures} weeks={ageDays / 7} between={pieces} chosenId={chosenBedId} isCut={isCut} />
            }
          />
        )}
      </g>
      <GroundFront ground={ground} view={front} layout={layout} prefix={prefix} />
      <Glass
        view={front}
        rimY={rimY}
        bottom={floorY + figures.vessel.glassCm * pxPerCm}
        waterY={layout.waterY}
        glassPx={figures.vessel.glassCm * pxPerCm}
      />
      {stage.phase === 'dry' && <Film view={front} layout={layout} />}
    </g>
  )
}
