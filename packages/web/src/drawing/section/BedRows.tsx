import { trimOf, type LaidBed, type TankFigures } from '@jovrin/core'
import { INK } from '../ink.js'
import { PlantParts } from '../species/PlantGlyph.js'
import { rowOf, stretchesOf, type Along, type Season } from './bedRow.js'

interface BedRowsProps extends Season {
  readonly bed: LaidBed
  readonly figures: TankFigures
  /** Its cut line is shown. */
  readonly isChosen: boolean
  readonly along: Along
  /** Transform to a point of the drawing, one centimetre a unit: along the bed, and above the glass. */
  readonly place: (alongCm: number, standsCm: number) => string
}

/** The plants of a bed as they are looked at, side by side: each by its own gesture, apart while they have not closed. */
export function BedRows({ bed, figures, weeks, isCut, isChosen, along, place }: BedRowsProps) {
  return stretchesOf(bed, figures, along).map((stretch, index) => {
    const { planted, fromCm, widthCm, standsCm } = stretch
    const { supply, count, stepCm, shapes } = rowOf(bed, stretch, figures, { weeks, isCut })
    return (
      <g key={index} transform={place(fromCm, standsCm)}>
        {Array.from({ length: count }, (_, piece) => {
          const shape = shapes[piece % shapes.length]
          return (
            <g key={piece} transform={`translate(${(piece + 0.5) * stepCm} 0)`}>
              {shape !== undefined && <PlantParts shape={shape} plant={planted.plant} light={supply} />}
            </g>
          )
        })}
        {isChosen && <CutLine cutToCm={trimOf(planted, figures.ppfd).cutToCm} widthCm={widthCm} />}
      </g>
    )
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
