import {
  boundsOf,
  centreOf,
  closedShare,
  groundHeightCm,
  heightInBedCm,
  type LaidBed,
  type LaidPlant,
  type TankFigures,
} from '@jovrin/core'
import { plantShape, type PlantShape } from '../species/plantShape.js'
import { supplyIn } from './supplyIn.js'

/** Looked at from the front, the rear or the couch, beds run along the tank; from an end, from the front pane to the rear. */
export type Along = 'length' | 'width'
/** When plants are looked at, and whether as the trim plan keeps them or as they grow. */
export interface Season {
  readonly weeks: number
  readonly isCut: boolean
}

/** Beds of which there is something to draw. */
export const drawnBeds = ({ beds }: TankFigures): readonly LaidBed[] =>
  beds.filter(({ areaCm2, plants }) => areaCm2 > 1 && plants.length > 0)

/** Plants of one kind side by side within a bed. */
export interface Stretch {
  readonly planted: LaidPlant
  readonly fromCm: number
  readonly widthCm: number
  /** Its foot above the glass; the water's surface where it floats. */
  readonly standsCm: number
}

/** Mixed plants stand in turns, this far from one turn to the next. */
const TURN_CM = 12
const MOST_TURNS = 3
/** A bed from its one end to the other, plant after plant by their shares; mixed ones take turns. */
export function stretchesOf({ plants, ring, isFloating }: LaidBed, { ground, inner }: TankFigures, along: Along): readonly Stretch[] {
  const bounds = boundsOf(ring)
  const centre = centreOf(ring)
  const [alongCm, acrossCm] = along === 'length' ? [inner.lengthCm, inner.widthCm] : [inner.widthCm, inner.lengthCm]
  const [least, most] = along === 'length' ? [bounds.left, bounds.right] : [bounds.front, bounds.back]
  const [from, to] = [Math.max(0, least), Math.min(alongCm, most)]
  const across = within(along === 'length' ? centre.yCm : centre.xCm, acrossCm)
  const standsAt = (cm: number): number => {
    if (isFloating) return inner.waterDepthCm
    const middle = within(cm, alongCm)
    return along === 'length' ? groundHeightCm(ground, middle, across) : groundHeightCm(ground, across, middle)
  }
  const areaCm2 = plants.reduce((sum, planted) => sum + planted.areaCm2, 0)
  const turns = plants.length === 1 ? 1 : Math.min(MOST_TURNS, Math.max(1, Math.round((to - from) / TURN_CM)))
  let fromCm = from
  return Array.from({ length: turns }, () => plants)
    .flat()
    .map((planted) => {
      const widthCm = areaCm2 === 0 ? 0 : ((to - from) * planted.areaCm2) / areaCm2 / turns
      fromCm += widthCm
      return { planted, fromCm: fromCm - widthCm, widthCm, standsCm: standsAt(fromCm - widthCm / 2) }
    })
}
const within = (cm: number, mostCm: number): number => Math.min(Math.max(cm, 0.1), mostCm - 0.1)

export interface BedRow {
  /** Growth against its best. */
  readonly supply: number
  /** How many plants are drawn, each so far from the next. */
  readonly count: number
  readonly stepCm: number
  /** Their gestures in turn. */
  readonly shapes: readonly PlantShape[]
}
/** How the plants of a stretch stand: as high and as closed as they are then. */
export function rowOf(
  bed: LaidBed,
  { planted, widthCm, standsCm }: Omit<Stretch, 'fromCm'>,
  figures: TankFigures,
  { weeks, isCut }: Season,
): BedRow {
  const { plant, spacingCm } = planted
  // Out of the water neither light nor carbon is short.
  const supply = bed.isOut ? 1 : supplyIn(figures, plant)
  const mostCm = bed.isFloating ? Infinity : Math.max(1, figures.inner.waterDepthCm - standsCm) * 0.97
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
  return { supply, count, stepCm, shapes }
}
const MOST_PIECES = 14
/** To two millimetres [cm], which nobody sees: beds of one plant share their gestures. What is lower keeps its height. */
const rounded = (lengthCm: number): number => (lengthCm < 2 ? lengthCm : Math.round(lengthCm * 5) / 5)
/** So many different gestures of one plant, each with its share of the height: enough that no row looks stamped. */
const HEIGHTS = [0.94, 0.88, 1, 0.91, 0.97]
