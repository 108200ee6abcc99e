import {
  boundsOf,
  centreOf,
  distanceCm,
  doBoundsMeet,
  isInside,
  lineOf,
  type Bed,
  type Bounds,
  type LaidBed,
  type Plan,
  type Ring,
  type Spot,
} from '@jovrin/core'
import { memo, useMemo } from 'react'
import { INK } from '../ink.js'
import { shadeInk, shadesAt } from '../species/shades.js'
import { pathOf, xPx, yPx, type PlanLayout } from './planLayout.js'

interface PlanBedsProps {
  readonly layout: PlanLayout
  readonly beds: readonly LaidBed[]
  readonly prefix: string
  readonly chosenId: string | null
}

/** The planting map: each bed in its plants' shades, portions as dots on their lattice, and its number in the legend. */
export const PlanBeds = memo(function PlanBeds({ layout, beds, prefix, chosenId }: PlanBedsProps) {
  return (
    <g>
      {beds.map((bed) => (
        <OneBed key={bed.bed.id} layout={layout} bed={bed} prefix={prefix} isChosen={bed.bed.id === chosenId} />
      ))}
    </g>
  )
})

const shadeOf = ({ plants }: LaidBed, index: number): string => {
  const plant = (plants[index] ?? plants[0])?.plant
  return plant === undefined ? 'var(--ink-2)' : shadeInk(shadesAt(plant.colour, 1).leaf)
}

interface OneBedProps {
  readonly layout: PlanLayout
  readonly bed: LaidBed
  readonly prefix: string
  readonly isChosen: boolean
}
const OneBed = memo(DrawnBed, isDrawnAlike)
function DrawnBed({ layout, bed, prefix, isChosen }: OneBedProps) {
  const d = pathOf(layout, bed.ring)
  const spacingPx = Math.max(3, (bed.plants[0]?.spacingCm ?? 4) * layout.pxPerCm)
  const id = `${prefix}-bed-${bed.bed.id}`
  const dot = Math.min(2.6, spacingPx / 5)
  return (
    <g>
      {/* A triangular lattice: two dots in a cell. Of mixed plants the second takes the second dot. */}
      <pattern id={id} patternUnits="userSpaceOnUse" width={spacingPx} height={spacingPx * Math.sqrt(3)}>
        <circle cx={spacingPx / 4} cy={(spacingPx * Math.sqrt(3)) / 4} r={dot} fill={shadeOf(bed, 0)} />
        <circle cx={(spacingPx * 3) / 4} cy={(spacingPx * Math.sqrt(3) * 3) / 4} r={dot} fill={shadeOf(bed, 1)} />
      </pattern>
      <path d={d} fill="var(--sheet)" fillOpacity={bed.isFloating ? 0 : 0.8} />
      <path d={d} fill={shadeOf(bed, 0)} fillOpacity={bed.isFloating ? 0.08 : 0.2} />
      <path d={d} fill={`url(#${id})`} />
      <path
        d={d}
        fill="none"
        stroke={shadeOf(bed, 0)}
        strokeWidth={isChosen ? INK.heavy : INK.medium}
        strokeDasharray={bed.isFloating ? '6 3' : undefined}
        strokeLinejoin="round"
      />
    </g>
  )
}
/** Areas and counts are reckoned anew with every step of a hand; what is drawn of a bed changes with itself. */
function isDrawnAlike(before: OneBedProps, now: OneBedProps): boolean {
  return (
    before.layout === now.layout &&
    before.prefix === now.prefix &&
    before.isChosen === now.isChosen &&
    before.bed.bed === now.bed.bed &&
    before.bed.isFloating === now.bed.isFloating &&
    before.bed.plants.length === now.bed.plants.length &&
    before.bed.plants.every(({ plant }, index) => plant === now.bed.plants[index]?.plant)
  )
}

interface NumbersProps extends Omit<PlanBedsProps, 'prefix'> {
  readonly pieces: Plan['hardscape']
}
/** Numbers of the legend, above all that lies on the floor; each on ground of its bed that no stone and no other bed covers, as near to its middle as there is. */
export const BedNumbers = memo(function BedNumbers({ layout, beds, chosenId, pieces }: NumbersProps) {
  const stones = useMemo(() => pieces.flatMap(({ outline }) => (outline === null ? [] : [lineOf(outline)])), [pieces])
  const over = useMemo(() => {
    const bounded = beds.map((bed) => ({ bed, bounds: boundsOf(bed.ring) }))
    return bounded.map((one, index) => ringsOver(one, index, bounded))
  }, [beds])
  return (
    <g pointerEvents="none">
      {beds.map(({ bed: { id, outline } }, index) => (
        <BedNumber
          key={id}
          layout={layout}
          outline={outline}
          stones={stones}
          over={over[index] ?? NONE}
          number={index + 1}
          isChosen={id === chosenId}
        />
      ))}
    </g>
  )
})

const NONE: readonly Ring[] = []
interface BoundedBed {
  readonly bed: LaidBed
  readonly bounds: Bounds
}
/** Rings that lie over a bed: later ones, and what floats over what is rooted. */
function ringsOver({ bed, bounds: own }: BoundedBed, place: number, all: readonly BoundedBed[]): readonly Ring[] {
  const over = all.flatMap(({ bed: other, bounds }, at) => {
    if (at === place || !(at > place || (other.isFloating && !bed.isFloating))) return []
    return doBoundsMeet(own, bounds) ? [other.ring] : []
  })
  return over.length === 0 ? NONE : over
}

interface NumberProps {
  readonly layout: PlanLayout
  readonly outline: Bed['outline']
  readonly stones: readonly Ring[]
  readonly over: readonly Ring[]
  readonly number: number
  readonly isChosen: boolean
}
const BedNumber = memo(function BedNumber({ layout, outline, stones, over, number, isChosen }: NumberProps) {
  const { xCm, yCm } = clearSpot(lineOf(outline), over.length === 0 ? stones : [...stones, ...over])
  const [x, y] = [xPx(layout, xCm), yPx(layout, yCm)]
  return (
    <g>
      <circle cx={x} cy={y} r="10" fill="var(--sheet)" stroke="var(--ink)" strokeWidth={INK.thin} />
      <text x={x} y={y + 4.5} textAnchor="middle" fontSize="13" fontWeight={isChosen ? 700 : 400} fill="var(--ink)">
        {number}
      </text>
    </g>
  )
})

const STEPS = 7
function clearSpot(ring: Ring, covers: readonly Ring[]): Spot {
  const middle = centreOf(ring)
  const { left, right, front, back } = boundsOf(ring)
  const isClear = ({ xCm, yCm }: Spot): boolean => isInside(ring, xCm, yCm) && !covers.some((cover) => isInside(cover, xCm, yCm))
  if (isClear(middle)) return middle
  const spots = Array.from({ length: STEPS * STEPS }, (_, index): Spot => ({
    xCm: left + ((right - left) * ((index % STEPS) + 0.5)) / STEPS,
    yCm: front + ((back - front) * (Math.floor(index / STEPS) + 0.5)) / STEPS,
  })).filter(isClear)
  return spots.sort((a, b) => distanceCm(a, middle) - distanceCm(b, middle))[0] ?? middle
}
