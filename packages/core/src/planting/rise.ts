import type { Datum } from '../species/datum.js'
import type { PlantSpecies } from '../species/plantSpecies.js'
import type { Melt } from '../species/traits.js'

/** How a plant starts: from a farm-grown pot or bunch, or from a culture cup. */
export type PlantStart = 'pot' | 'cup'

/** Starts that lose so many leaves that the plant stands still until new ones have come. */
const STANDS_STILL: readonly Melt[] = ['marked', 'full']

/** Growth of a plant against its best, 0–1: not less than in weak light. */
export const leastSupply = ({
  riseStrongCmPerWeek,
  riseWeakCmPerWeek,
}: Pick<PlantSpecies, 'riseStrongCmPerWeek' | 'riseWeakCmPerWeek'>): number =>
  riseStrongCmPerWeek.value === 0 ? 0 : Math.min(1, riseWeakCmPerWeek.value / riseStrongCmPerWeek.value)

interface RiseOptions {
  readonly weeks: number
  /** Growth now against its best, 0–1. */
  readonly supply: number
  /** It grows no higher than the water. */
  readonly mostCm?: number
  /** Left out: as last cut, with all its leaves. */
  readonly start?: PlantStart
  /** Left out: as planted. */
  readonly fromCm?: number
}

/** Height [cm] so many weeks after planting or a cut: h′ = r·h·(1 − h/H), at its steepest r·H/4, so r = 4·rise·supply/H (Verhulst 1838). What melts at the start stands still until new leaves have come. */
export function heightAfterCm(
  plant: PlantSpecies,
  { weeks, supply, mostCm = Infinity, start, fromCm = plant.plantingHeightCm.value }: RiseOptions,
): number {
  const tallest = Math.min(plant.matureHeightCm.value, mostCm)
  if (tallest <= fromCm) return Math.max(0, tallest)
  const waits = start === undefined ? 0 : standsStillWeeks(plant, start)
  const grows = Math.max(0, weeks - waits)
  const perWeek = (4 * plant.riseStrongCmPerWeek.value * Math.min(1, Math.max(leastSupply(plant), supply))) / plant.matureHeightCm.value
  return tallest / (1 + (tallest / fromCm - 1) * Math.exp(-perWeek * grows))
}
/** Weeks after planting in which a plant that loses most of its leaves does not grow. */
export const standsStillWeeks = (plant: PlantSpecies, start: PlantStart): number =>
  STANDS_STILL.includes(plant.melt[start]) ? newLeavesWeeks(plant, start).value : 0
/** Until new leaves stand, by how it started. */
export const newLeavesWeeks = ({ newLeavesPotWeeks, newLeavesCupWeeks }: PlantSpecies, start: PlantStart): Datum =>
  start === 'pot' ? newLeavesPotWeeks : newLeavesCupWeeks

/** Radius [cm] that a portion covers after so many weeks: what it covers at first, and more each week once it has rooted; faster with supply. */
export const spreadAfterCm = ({ closingStartCm, closingCmPerWeek, closingLagWeeks }: PlantSpecies, weeks: number, supply: number): number =>
  closingStartCm.value + closingCmPerWeek.value * supply * Math.max(0, weeks - closingLagWeeks.value)

/** A triangular lattice of spacing a is closed when each point covers a/√3 around it. */
const CLOSED = Math.sqrt(3)
/** Weeks until portions at a spacing close; `null` where they never do. */
export function weeksToClose(plant: PlantSpecies, spacingCm: number, supply: number): number | null {
  const { closingStartCm, closingCmPerWeek, closingLagWeeks } = plant
  const lacking = spacingCm / CLOSED - closingStartCm.value
  if (lacking <= 0) return 0
  const perWeek = closingCmPerWeek.value * supply
  return perWeek <= 0 ? null : closingLagWeeks.value + lacking / perWeek
}
/** The widest spacing [cm] that closes within so many weeks. */
export const spacingToClose = (plant: PlantSpecies, weeks: number, supply: number): number => CLOSED * spreadAfterCm(plant, weeks, supply)
