import {
  boundsOf,
  centreOf,
  groundHeightCm,
  heightAfterCm,
  spreadAfterCm,
  trimOf,
  type LaidBed,
  type LaidPlant,
  type TankFigures,
} from '@jovrin/core'
import { memo, type ReactNode } from 'react'
import { INK } from '../ink.js'
import { PlantParts } from '../species/PlantGlyph.js'
import { plantShape } from '../species/plantShape.js'
import type { SectionLayout } from './layout.js'
import { supplyIn } from './supplyIn.js'

interface FrontBedsProps {
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly weeks: number
  /** Drawn between what stands behind the middle of the tank and what stands before it. */
  readonly between: ReactNode
  readonly chosenId?: string | null
}

/** Beds of the map from the front, the rearmost first: each plant by its own gesture, as high and as closed as it is after so many weeks. */
export const FrontBeds = memo(function FrontBeds({ figures, layout, weeks, between, chosenId = null }: FrontBedsProps) {
  const middleCm = figures.inner.widthCm / 2
  const ordered = figures.beds
    .filter(({ areaCm2, plants }) => areaCm2 > 1 && plants.length > 0)
    .map((bed) => ({ bed, depthCm: centreOf(bed.ring).yCm }))
    .sort((a, b) => b.depthCm - a.depthCm)
  const draw = (isHere: (entry: (typeof ordered)[number]) => boolean): ReactNode =>
    ordered
      .filter(isHere)
      .map(({ bed, depthCm }) => (
        <FrontBed
          key={bed.bed.id}
          bed={bed}
          depthCm={depthCm}
          figures={figures}
          layout={layout}
          weeks={weeks}
          isFaint={chosenId !== null && chosenId !== bed.bed.id}
          isChosen={chosenId === bed.bed.id}
        />
      ))
  return (
    <g>
      {draw(({ bed, depthCm }) => !bed.isFloating && depthCm > middleCm)}
      {between}
      {draw(({ bed, depthCm }) => !bed.isFloating && depthCm <= middleCm)}
      {draw(({ bed }) => bed.isFloating)}
    </g>
  )
})

interface FrontBedProps {
  readonly bed: LaidBed
  readonly depthCm: number
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly weeks: number
  readonly isFaint: boolean
  /** Its cut line is shown. */
  readonly isChosen: boolean
}
const FrontBed = memo(function FrontBed({ bed, depthCm, figures, layout, weeks, isFaint, isChosen }: FrontBedProps) {
  const { ground, inner } = figures
  const { left, right } = boundsOf(bed.ring)
  const [from, to] = [Math.max(0, left), Math.min(inner.lengthCm, right)]
  const shares = bed.plants.reduce((sum, { areaCm2 }) => sum + areaCm2, 0)
  const widthOf = ({ areaCm2 }: LaidPlant): number => (shares === 0 ? 0 : ((to - from) * areaCm2) / shares)
  return (
    <g opacity={isFaint ? 0.35 : 1}>
      {bed.plants.map((planted, index) => {
        const widthCm = widthOf(planted)
        const start = bed.plants.slice(0, index).reduce((left, before) => left + widthOf(before), from)
        const middle = Math.min(Math.max(start + widthCm / 2, 0.1), inner.lengthCm - 0.1)
        const standsCm = bed.isFloating
          ? inner.waterDepthCm
          : groundHeightCm(ground, middle, Math.min(Math.max(depthCm, 0.1), inner.widthCm - 0.1))
        return (
          <g
            key={planted.id}
            transform={`translate(${layout.front.innerLeft + start * layout.pxPerCm} ${layout.floorY - standsCm * layout.pxPerCm}) scale(${layout.pxPerCm})`}
          >
            <Row
              planted={planted}
              bed={bed}
              figures={figures}
              widthCm={widthCm}
              headroomCm={Math.max(1, inner.waterDepthCm - standsCm)}
              weeks={weeks}
            />
            {isChosen && <CutLine cutToCm={trimOf(planted, figures.ppfd).cutToCm} widthCm={widthCm} />}
          </g>
        )
      })}
    </g>
  )
})

/** How low the scissors go. */
const CutLine = ({ cutToCm, widthCm }: { readonly cutToCm: number | null; readonly widthCm: number }) =>
  cutToCm === null ? null : (
    <path
      d={`M0 ${-cutToCm}H${widthCm}`}
      stroke="var(--focus)"
      strokeWidth={INK.medium}
      strokeDasharray="6 3"
      vectorEffect="non-scaling-stroke"
      fill="none"
    />
  )

interface RowProps {
  readonly planted: LaidPlant
  readonly bed: LaidBed
  readonly figures: TankFigures
  readonly widthCm: number
  readonly headroomCm: number
  readonly weeks: number
}
/** Plants side by side along a bed; apart while they have not closed. */
function Row({ planted: { plant, spacingCm }, bed, figures, widthCm, headroomCm, weeks }: RowProps) {
  const supply = supplyIn(figures, plant)
  const heightCm = heightAfterCm(plant, { weeks, supply, mostCm: bed.isFloating ? Infinity : headroomCm * 0.97, start: bed.bed.start })
  const closed = Math.min(1, (spreadAfterCm(plant, weeks, supply) * Math.sqrt(3)) / spacingCm)
  // As many as fit a reader's eye: one drawn stands for a few portions of what is small.
  const pieceCm = Math.max(spacingCm, plant.spreadCm.value * (plant.kind === 'carpet' || plant.kind === 'moss' ? 1.6 : 1), 2)
  const count = Math.max(1, Math.min(MOST_PIECES, Math.round(widthCm / pieceCm)))
  const stepCm = widthCm / count
  const shapes = Array.from({ length: Math.min(count, HEIGHTS.length) }, (_, seed) =>
    plantShape(plant, {
      heightCm: rounded(heightCm * (HEIGHTS[seed] ?? 1)),
      widthCm: rounded(stepCm * (0.45 + 0.6 * closed)),
      light: supply,
      seed,
    }),
  )
  return Array.from({ length: count }, (_, index) => {
    const shape = shapes[index % shapes.length]
    return (
      <g key={index} transform={`translate(${(index + 0.5) * stepCm} 0)`}>
        {shape !== undefined && <PlantParts shape={shape} plant={plant} light={supply} />}
      </g>
    )
  })
}
const MOST_PIECES = 14
/** To two millimetres [cm], which nobody sees: beds of one plant share their gestures. What is lower keeps its height. */
const rounded = (lengthCm: number): number => (lengthCm < 2 ? lengthCm : Math.round(lengthCm * 5) / 5)
/** So many different gestures of one plant, each with its share of the height: enough that no row looks stamped. */
const HEIGHTS = [0.94, 0.88, 1, 0.91, 0.97]
