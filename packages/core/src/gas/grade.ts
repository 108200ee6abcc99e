import { DANGEROUS_MG_PER_L, MUCH_MG_PER_L, SENSITIVE_MG_PER_L, TOO_MUCH_MG_PER_L, WASTED_MG_PER_L } from './limits.js'

/** Who would bear it. `sensitive`: shrimps and fish that want less than most. */
export const GAS_ANIMALS = ['none', 'some', 'sensitive'] as const
export type GasAnimals = (typeof GAS_ANIMALS)[number]

/** What is known of a level [mg/L]. */
export interface Co2Range {
  readonly low: number
  readonly value: number
  readonly high: number
}

/** How much a level is for those who live in it, least first. Without animals only waste counts. */
export const GAS_GRADES = ['fine', 'wasted', 'much', 'too-much', 'dangerous'] as const
export type GasGrade = (typeof GAS_GRADES)[number]

/** A forecast, or what a plan would give: judged on its range. Much when the high end passes 40 or the middle 30 (25 where they are sensitive), too much when the low end passes 30 or the middle 40. */
export function gradeOf({ low, value, high }: Co2Range, animals: GasAnimals): GasGrade {
  if (animals === 'none') return isOver(value, WASTED_MG_PER_L) ? 'wasted' : 'fine'
  if (isOver(low, TOO_MUCH_MG_PER_L) || isOver(value, DANGEROUS_MG_PER_L)) return 'dangerous'
  if (isOver(low, MUCH_MG_PER_L) || isOver(value, TOO_MUCH_MG_PER_L)) return 'too-much'
  const much = animals === 'sensitive' ? SENSITIVE_MG_PER_L : MUCH_MG_PER_L
  return isOver(high, TOO_MUCH_MG_PER_L) || isOver(value, much) ? 'much' : 'fine'
}
/** What is tuned to a limit is not over it. */
const isOver = (mgPerL: number, limit: number): boolean => mgPerL - limit > 0.05

export const worseGrade = (a: GasGrade, b: GasGrade): GasGrade => (GAS_GRADES.indexOf(a) >= GAS_GRADES.indexOf(b) ? a : b)
