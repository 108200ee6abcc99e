import { ringOutline } from '../../ground/zoneEdits.js'
import { areNearer, keptApart } from '../../numeric/gap.js'
import { outlineFault } from '../../numeric/outline.js'
import { isInside } from '../../numeric/ring.js'
import { thinned } from '../../numeric/reshape.js'
import type { Plan } from '../../plan/plan.js'
import { withBed } from '../bedEdits.js'
import type { LaidBed } from '../bedsOf.js'

/** Two centimetres between groups keep them apart. General practice. */
export const BED_GAP_CM = 2
/** A line of sight through such a gap is lost in the leaves all the same: nearer than that is told. */
export const BED_GAP_TOLD_CM = 1.5
const THINNED_CM = 0.1

/** Two groups that would grow into each other. One plant on both sides of a line is one group. */
export const doTouch = (a: LaidBed, b: LaidBed): boolean =>
  a.bed.id !== b.bed.id &&
  !a.isFloating &&
  !b.isFloating &&
  a.plants.length > 0 &&
  b.plants.length > 0 &&
  !isIsland(a, b) &&
  !isIsland(b, a) &&
  !a.plants.some(({ plant }) => b.plants.some((other) => other.plant.id === plant.id)) &&
  areNearer(a.ring, b.ring, BED_GAP_TOLD_CM)

/** A group within another one is meant so. */
const isIsland = (a: LaidBed, b: LaidBed): boolean => a.ring.every(({ xCm, yCm }) => isInside(b.ring, xCm, yCm))

/** The bed drawn back from its neighbours until the gap is there. `null` where nothing would be left of it. */
export function movedApart(plan: Plan, bed: LaidBed, beds: readonly LaidBed[]): Plan | null {
  const neighbours = beds.filter((other) => doTouch(bed, other)).map(({ ring }) => ring)
  const kept = keptApart(bed.ring, neighbours, BED_GAP_CM)
  if (kept === null) return null
  const outline = ringOutline(thinned(kept, THINNED_CM))
  return outlineFault(outline) === null ? withBed(plan, bed.bed.id, (one) => ({ ...one, outline })) : null
}
