import type { LaidBed, LaidPlant } from './bedsOf.js'
import { heightAfterCm, spreadAfterCm } from './rise.js'
import { trimOf } from './trimPlan.js'

interface Growth {
  /** After planting. */
  readonly weeks: number
  /** Against its best, 0–1. */
  readonly supply: number
  /** It grows no higher than the water. */
  readonly mostCm?: number
  /** Light at the ground by which its trims are planned; left out: never cut. */
  readonly cutAtPpfd?: number | undefined
}

/** Height [cm] of a plant of a bed: as it grows, or as the trim plan keeps it. */
export function heightInBedCm(
  { bed }: Pick<LaidBed, 'bed'>,
  planted: LaidPlant,
  { weeks, supply, mostCm = Infinity, cutAtPpfd }: Growth,
): number {
  const { plant } = planted
  const grownCm = heightAfterCm(plant, { weeks, supply, mostCm, start: bed.start })
  if (cutAtPpfd === undefined) return grownCm
  const { cutToCm, firstWeek, everyWeeks } = trimOf(planted, cutAtPpfd)
  if (cutToCm === null || weeks < firstWeek) return grownCm
  const sinceCut = (weeks - firstWeek) % everyWeeks
  return Math.min(grownCm, heightAfterCm(plant, { weeks: sinceCut, supply, mostCm, fromCm: cutToCm }))
}

/** How far a plant of a bed has closed, 0–1: what its portions cover by then against their spacing. */
export const closedShare = ({ plant, spacingCm }: Pick<LaidPlant, 'plant' | 'spacingCm'>, weeks: number, supply: number): number =>
  Math.min(1, (spreadAfterCm(plant, weeks, supply) * Math.sqrt(3)) / spacingCm)
