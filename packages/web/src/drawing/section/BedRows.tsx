import { boundsOf, closedShare, groundHeightCm, heightInBedCm, trimOf, type LaidBed, type LaidPlant, type TankFigures } from '@jovrin/core'
import { INK } from '../ink.js'
import { PlantParts } from '../species/PlantGlyph.js'
import { plantShape } from '../species/plantShape.js'
import { supplyIn } from './supplyIn.js'

interface BedRowsProps {
  readonly bed: LaidBed
  /** Where its middle stands across the line of sight [cm]. */
  readonly depthCm: number
  readonly figures: TankFigures
  readonly weeks: number
  /** As the trim plan keeps it; otherwise as it grows. */
  readonly isCut: boolean
  /** Its cut line is shown. */
  readonly isChosen: boolean
  /** Looked at from the front or the couch, it runs along the tank; from an end, from the front pane to the rear. */
  readonly along: 'length' | 'width'
  /** Transform to a point of the drawing, one centimetre a unit: along the bed, and above the glass. */
  readonly place: (alongCm: number, standsCm: number) => string
}

/** The plants of a bed as they are looked at, side by side: each by its own gesture, as high and as closed as it is after so many weeks. */
export function BedRows({ bed, depthCm, figures, weeks, isCut, isChosen, along, place }: BedRowsProps) {
  const { ground, inner } = figures
  const bounds = boundsOf(bed.ring)
  const [alongCm, acrossCm] = along === 'length' ? [inner.lengthCm, inner.widthCm] : [inner.widthCm, inner.lengthCm]
  const [least, most] = along === 'length' ? [bounds.left, bounds.right] : [bounds.front, bounds.back]
  const [from, to] = [Math.max(0, least), Math.min(alongCm, most)]
  const within = (cm: number, mostCm: number): number => Math.min(Math.max(cm, 0.1), mostCm - 0.1)
  return stretchesOf(bed, from, to).map(({ planted, fromCm, widthCm }, index) => {
    const middle = within(fromCm + widthCm / 2, alongCm)
    const across = within(depthCm, acrossCm)
    const standsCm = bed.isFloating
      ? inner.waterDepthCm
      : along === 'length'
        ? groundHeightCm(ground, middle, across)
        : groundHeightCm(ground, across, middle)
    return (
      <g key={index} transform={place(fromCm, standsCm)}>
        <Row
          planted={planted}
          bed={bed}
          figures={figures}
          widthCm={widthCm}
          headroomCm={Math.max(1, inner.waterDepthCm - standsCm)}
          weeks={weeks}
          isCut={isCut}
        />
        {isChosen && <CutLine cutToCm={trimOf(planted, figures.ppfd).cutToCm} widthCm={widthCm} />}
      </g>
    )
  })
}

/** Mixed plants stand in turns, this far from one turn to the next. */
const TURN_CM = 12
const MOST_TURNS = 3
/** A bed from its one end to the other, plant after plant by their shares; mixed ones take turns. */
function stretchesOf({ plants }: LaidBed, from: number, to: number) {
  const areaCm2 = plants.reduce((sum, planted) => sum + planted.areaCm2, 0)
  const turns = plants.length === 1 ? 1 : Math.min(MOST_TURNS, Math.max(1, Math.round((to - from) / TURN_CM)))
  let fromCm = from
  return Array.from({ length: turns }, () => plants)
    .flat()
    .map((planted) => {
      const widthCm = areaCm2 === 0 ? 0 : ((to - from) * planted.areaCm2) / areaCm2 / turns
      fromCm += widthCm
      return { planted, fromCm: fromCm - widthCm, widthCm }
    })
}

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
  readonly isCut: boolean
}
/** Plants side by side along a bed; apart while they have not closed. */
function Row({ planted, bed, figures, widthCm, headroomCm, weeks, isCut }: RowProps) {
  const { plant, spacingCm } = planted
  // Out of the water neither light nor carbon is short.
  const supply = bed.isOut ? 1 : supplyIn(figures, plant)
  const mostCm = bed.isFloating ? Infinity : headroomCm * 0.97
  const heightCm = heightInBedCm(bed, planted, { weeks, supply, mostCm, cutAtPpfd: isCut ? figures.ppfd : undefined })
  const closed = closedShare(planted, weeks, supply)
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
