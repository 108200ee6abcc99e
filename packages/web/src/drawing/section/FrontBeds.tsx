import { centreOf, type LaidBed, type TankFigures } from '@jovrin/core'
import { memo, type ReactNode } from 'react'
import { drawnBeds } from './bedRow.js'
import { BedRows } from './BedRows.js'
import type { SectionLayout } from './layout.js'

interface FrontBedsProps {
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly weeks: number
  /** Drawn between what stands behind the middle of the tank and what stands before it. */
  readonly between: ReactNode
  readonly chosenId?: string | null
  readonly isCut?: boolean
}

/** Beds of the map from the front, the rearmost first: each plant by its own gesture, as high and as closed as it is after so many weeks. */
export const FrontBeds = memo(function FrontBeds({ figures, layout, weeks, between, chosenId = null, isCut = false }: FrontBedsProps) {
  const middleCm = figures.inner.widthCm / 2
  const ordered = drawnBeds(figures)
    .map((bed) => ({ bed, depthCm: centreOf(bed.ring).yCm }))
    .sort((a, b) => b.depthCm - a.depthCm)
  const draw = (isHere: (entry: (typeof ordered)[number]) => boolean): ReactNode =>
    ordered
      .filter(isHere)
      .map(({ bed }) => (
        <FrontBed
          key={bed.bed.id}
          bed={bed}
          figures={figures}
          layout={layout}
          weeks={weeks}
          isCut={isCut}
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
  readonly figures: TankFigures
  readonly layout: SectionLayout
  readonly weeks: number
  readonly isCut: boolean
  readonly isFaint: boolean
  /** Its cut line is shown. */
  readonly isChosen: boolean
}
const FrontBed = memo(function FrontBed({ layout, isFaint, ...of }: FrontBedProps) {
  const { front, floorY, pxPerCm } = layout
  return (
    <g opacity={isFaint ? FAINT : 1}>
      <BedRows
        {...of}
        along="length"
        place={(alongCm, standsCm) => `translate(${front.innerLeft + alongCm * pxPerCm} ${floorY - standsCm * pxPerCm}) scale(${pxPerCm})`}
      />
    </g>
  )
})
export const FAINT = 0.35
