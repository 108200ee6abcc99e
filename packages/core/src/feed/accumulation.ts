import { requireWithin } from '../quantity/outOfRange.js'

export const ACCUMULATION_POINTS = ['after-first-dose', 'after-last-dose', 'before-change', 'after-change'] as const
export type AccumulationPoint = (typeof ACCUMULATION_POINTS)[number]

export interface AccumulationOptions {
  /** Of the whole volume, in equal doses at days 7 j/n of each week. */
  readonly weeklyDoseMgPerL: number
  readonly dosesPerWeek: number
  /** Share replaced at the end of each week, 0–1. */
  readonly changeFraction: number
  /** First-order loss [1/day]. */
  readonly uptakePerDay: number
  /** Week number, from 1. */
  readonly week: number
  readonly at: AccumulationPoint
  /** In the new water. Default 0. */
  readonly sourceMgPerL?: number
  /** Just before the first dose. Default 0. */
  readonly startMgPerL?: number
}

/** Concentration [mg/L] in a given week under regular doses, first-order uptake and one weekly change.
 *  Closed-form geometric series (elementary): over a week c ← (1−f)(c e^(−7k) + D) + f·source. */
export function accumulatedMgPerL(options: AccumulationOptions): number {
  const { weeklyDoseMgPerL, dosesPerWeek: n, changeFraction: f, uptakePerDay: k, week, at, sourceMgPerL = 0, startMgPerL = 0 } = options
  requireWithin('dosesPerWeek', n, 1, 1000)
  requireWithin('changeFraction', f, 0, 1)
  requireWithin('uptakePerDay', k, 0, 1000)
  requireWithin('week', week, 1, 100_000)
  const dose = weeklyDoseMgPerL / n
  const x = Math.exp((-7 * k) / n) // left of a dose when the next one falls
  const weekLeft = Math.exp(-7 * k)
  const q = weekLeft * (1 - f)
  const gain = (1 - f) * dose * x * geometric(x, n) + f * sourceMgPerL
  const weekStart = startMgPerL * q ** (week - 1) + gain * geometric(q, week - 1)
  switch (at) {
    case 'after-first-dose':
      return weekStart + dose
    case 'after-last-dose':
      return weekStart * x ** (n - 1) + dose * geometric(x, n)
    case 'before-change':
      return weekStart * weekLeft + dose * x * geometric(x, n)
    case 'after-change':
      return (weekStart * weekLeft + dose * x * geometric(x, n)) * (1 - f) + f * sourceMgPerL
  }
}

/** 1 + q + … + q^(terms−1), exact at q = 1. */
const geometric = (q: number, terms: number): number => (q === 1 ? terms : (1 - q ** terms) / (1 - q))
