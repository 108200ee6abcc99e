import { ringOutline } from '../../ground/zoneEdits.js'
import { areNearer, keptApart } from '../../numeric/gap.js'
import { outlineFault } from '../../numeric/outline.js'
import { isInside } from '../../numeric/ring.js'
import { thinned } from '../../numeric/reshape.js'
import type { Plan } from '../../plan/plan.js'
import { withBed } from '../bedEdits.js'
import type { LaidBed } from '../bedsOf.js'

interface Floor {
  readonly lengthCm: number
  readonly widthCm: number
}
/** Two centimetres between groups keep them apart (general practice); less in a small tank, where all is smaller: a twentieth of its shorter side. Rule of thumb. */
export const bedGapCm = ({ lengthCm, widthCm }: Floor): number =>
  Math.min(MOST_GAP_CM, Math.max(LEAST_GAP_CM, Math.round(Math.min(lengthCm, widthCm) / 2) / 10))
const MOST_GAP_CM = 2
const LEAST_GAP_CM = 0.5
/** A gap that is somewhat too narrow is let pass. */
const TOLD = 0.6
/** Nearer than that is told. */
export const toldGapCm = (floor: Floor): number => Math.round(10 * TOLD * bedGapCm(floor)) / 10
const THINNED_CM = 0.1

/** Two groups that would grow into each other. One plant on both sides of a line is one group. */
export const doTouch = (a: LaidBed, b: LaidBed, floor: Floor): boolean =>
  a.bed.id !== b.bed.id &&
  !a.isFloating &&
  !b.isFloating &&
  a.plants.length > 0 &&
  b.plants.length > 0 &&
  !isIsland(a, b) &&
  !isIsland(b, a) &&
  !a.plants.some(({ plant }) => b.plants.some((other) => other.plant.id === plant.id)) &&
  areNearer(a.ring, b.ring, toldGapCm(floor))

/** A group within another one is meant so. */
const isIsland = (a: LaidBed, b: LaidBed): boolean => a.ring.every(({ xCm, yCm }) => isInside(b.ring, xCm, yCm))

/** The bed drawn back from its neighbours until the gap is there. `null` where nothing would be left of it. */
export function movedApart(plan: Plan, bed: LaidBed, beds: readonly LaidBed[], floor: Floor): Plan | null {
  const neighbours = beds.filter((other) => doTouch(bed, other, floor)).map(({ ring }) => ring)
  const [kept] = keptApart(bed.ring, neighbours, bedGapCm(floor))
  if (kept === undefined) return null
  const outline = ringOutline(thinned(kept, THINNED_CM))
  return outlineFault(outline) === null ? withBed(plan, bed.bed.id, (one) => ({ ...one, outline })) : null
}
