import { commonAnswers } from '../plan/answers.js'
import type { Plan } from '../plan/plan.js'

/** A cylinder on the scale. */
export interface Weighing {
  readonly atMs: number
  readonly kg: number
}
export interface CylinderForecast {
  /** Since it was last filled or swapped, oldest first. */
  readonly weighings: readonly Weighing[]
  readonly gPerDay: { readonly value: number; readonly low: number; readonly high: number }
  /** Between first and last of them; under seven the range is wide. */
  readonly spanDays: number
  /** When what is left comes to the mass at which to swap; `null` where nobody told the empty mass. */
  readonly swap: { readonly onMs: number; readonly earliestMs: number; readonly latestMs: number } | null
}

const DAY_MS = 86_400_000
/** A cylinder that grew heavier was filled or swapped [kg]. */
const REFILLED_KG = 0.05
/** What a bathroom or luggage scale is off by from one weighing to the next [kg]. Rule of thumb 0.01–0.05. */
const SCALE_KG = 0.02
const Z90 = 1.645
/** Left at the swap, of the full mass: below a tenth pressure falls, and some regulators surge. */
export const SWAP_AT_FRACTION = 0.1

/** Grams a day by a straight line through the weighings since the last filling, and when to swap. `null` of fewer than two, or where it does not get lighter. */
export function cylinderForecast(
  all: readonly Weighing[],
  { emptyKg, fullKg }: { readonly emptyKg: number | null; readonly fullKg: number },
): CylinderForecast | null {
  const sorted = [...all].sort((a, b) => a.atMs - b.atMs)
  const filled = sorted.findLastIndex(({ kg }, place) => place > 0 && kg - sorted[place - 1]!.kg > REFILLED_KG)
  const weighings = sorted.slice(Math.max(0, filled))
  if (weighings.length < 2) return null
  const days = weighings.map(({ atMs }) => (atMs - weighings[0]!.atMs) / DAY_MS)
  const meanDay = days.reduce((sum, day) => sum + day, 0) / days.length
  const meanKg = weighings.reduce((sum, { kg }) => sum + kg, 0) / weighings.length
  const spread = days.reduce((sum, day) => sum + (day - meanDay) ** 2, 0)
  if (spread === 0) return null
  const slope = weighings.reduce((sum, { kg }, place) => sum + (days[place]! - meanDay) * (kg - meanKg), 0) / spread
  const left = weighings.reduce((sum, { kg }, place) => sum + (kg - meanKg - slope * (days[place]! - meanDay)) ** 2, 0)
  // The scale's own error where too few weighings tell it.
  const errorKg = Math.max(SCALE_KG, weighings.length > 2 ? Math.sqrt(left / (weighings.length - 2)) : 0)
  const errorG = (Z90 * errorKg * 1000) / Math.sqrt(spread)
  const value = -slope * 1000
  if (value <= 0) return null
  const gPerDay = { value, low: Math.max(0, value - errorG), high: value + errorG }
  const last = weighings.at(-1)!
  const leftG = emptyKg === null ? null : Math.max(0, (last.kg - emptyKg - fullKg * SWAP_AT_FRACTION) * 1000)
  const on = (perDay: number): number => last.atMs + ((leftG ?? 0) / Math.max(perDay, 1e-6)) * DAY_MS
  return {
    weighings,
    gPerDay,
    spanDays: days.at(-1)!,
    swap: leftG === null ? null : { onMs: on(value), earliestMs: on(gPerDay.high), latestMs: on(Math.max(gPerDay.low, value / 4)) },
  }
}

/** Of a plan's own cylinder; `null` too where its gas comes from another tank's. */
export function cylinderOf({ gasLines }: Pick<Plan, 'gasLines'>, weighings: readonly Weighing[]): CylinderForecast | null {
  const line = gasLines.find(({ control, sharedWith }) => control !== 'none' && sharedWith === null)
  if (line === undefined) return null
  return cylinderForecast(weighings, {
    emptyKg: line.emptyKg,
    fullKg: commonAnswers().number('gasLines/*/cylinderKg', line.cylinderKg),
  })
}
