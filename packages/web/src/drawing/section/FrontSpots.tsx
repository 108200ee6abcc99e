import { heightAfterCm, placeOfSpot, spreadAfterCm, type LaidSpot, type TankFigures } from '@jovrin/core'
import { memo } from 'react'
import { PlantParts } from '../species/PlantGlyph.js'
import { plantShape } from '../species/plantShape.js'
import type { SectionLayout } from './layout.js'
import { supplyIn } from './supplyIn.js'

interface FrontSpotsProps {
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly weeks: number
}

/** Plants on wood and stone from the front, as large as they are after so many weeks. */
export const FrontSpots = memo(function FrontSpots({ figures, layout, weeks }: FrontSpotsProps) {
  const { pxPerCm, front, floorY } = layout
  return (
    <g>
      {figures.spots.map((laid) => (
        <SpotPlants
          key={laid.spot.id}
          laid={laid}
          figures={figures}
          weeks={weeks}
          place={(xCm, zCm) => `translate(${front.innerLeft + xCm * pxPerCm} ${floorY - zCm * pxPerCm}) scale(${pxPerCm})`}
        />
      ))}
    </g>
  )
})

const MOST_PIECES = 12
/** Leaves turn this far from one piece to the next, so that none stands straight above another [rad]. */
const GOLDEN_ANGLE = Math.PI * (3 - Math.sqrt(5))

interface SpotPlantsProps {
  readonly laid: LaidSpot
  readonly figures: TankFigures
  readonly weeks: number
  /** Transform to a point of the drawing, one centimetre a unit: along the tank, and above the glass. */
  readonly place: (xCm: number, zCm: number) => string
}
/** The plants of one spot, those farther up behind. */
export function SpotPlants({ laid, figures, weeks, place }: SpotPlantsProps) {
  const { spot, plants, areaCm2 } = laid
  const at = placeOfSpot(spot, figures.pieces)
  const [planted] = plants
  if (at === null || planted === undefined) return null
  const { plant, spacingCm } = planted
  const supply = supplyIn(figures, plant)
  const isHung = spot.fixing === 'hang'
  const roomCm = Math.max(1, isHung ? at.zCm : figures.inner.waterDepthCm - at.zCm)
  const heightCm = heightAfterCm(plant, { weeks, supply, mostCm: roomCm * 0.97, start: spot.start })
  const closed = Math.min(1, (spreadAfterCm(plant, weeks, supply) * Math.sqrt(3)) / spacingCm)
  const pieceCm = Math.max(spacingCm, plant.spreadCm.value * (plant.kind === 'moss' ? 1 : 0.6), 1.5)
  const count = Math.max(1, Math.min(MOST_PIECES, Math.round((areaCm2 / pieceCm ** 2) * 1.4)))
  const shapes = [0, 1, 2].map((seed) =>
    plantShape(plant, { heightCm, widthCm: Math.min(pieceCm * (0.6 + 0.6 * closed), spot.widthCm), light: supply, seed }),
  )
  // The higher ones stand behind.
  const spots = Array.from({ length: count }, (_, index) => {
    const share = Math.sqrt((index + 0.5) / count) * (count === 1 ? 0 : 0.85)
    return {
      dxCm: (spot.widthCm / 2) * share * Math.cos(index * GOLDEN_ANGLE),
      dzCm: (spot.heightCm / 2) * share * Math.sin(index * GOLDEN_ANGLE),
    }
  }).sort((a, b) => b.dzCm - a.dzCm)
  return (
    <g>
      {spots.map(({ dxCm, dzCm }, index) => {
        const shape = shapes[index % shapes.length]
        return (
          <g key={index} transform={`${place(at.xCm + dxCm, at.zCm + dzCm)}${isHung ? ' scale(1 -1)' : ''}`}>
            {shape !== undefined && <PlantParts shape={shape} plant={plant} light={supply} />}
          </g>
        )
      })}
    </g>
  )
}
