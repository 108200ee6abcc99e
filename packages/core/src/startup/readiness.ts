import type { Reading } from '../plan/journal.js'
import { unionisedAmmoniaFraction } from '../water/ammonia.js'

/** A test reads "zero" at or below this [mg N/L]: the lowest step of common kits. Rule of thumb 0.02–0.05. */
const ZERO_MG_N_PER_L = 0.05
/** Two tests of one day are one. */
const APART_MS = 20 * 3_600_000
/** Older tests say nothing about today. */
const STALE_MS = 14 * 86_400_000
/** Un-ionised ammonia [mg N/L] that troubles animals, and that harms them. Rules of thumb 0.01–0.02 and 0.05; sensitive species want less. */
export const UNIONISED_TROUBLE = 0.02
export const UNIONISED_HARM = 0.05

export type Readiness = 'not-tested' | 'not-yet' | 'once-more' | 'twice-zero'
export interface ReadinessReport {
  readonly readiness: Readiness
  /** Newest tests [mg N/L]; `null` where there is none of late. */
  readonly ammonia: Reading | null
  readonly nitrite: Reading | null
  /** From the newest ammonia test, pH and temperature; `null` where one is missing. */
  readonly unionisedMgNPerL: number | null
  readonly danger: 'none-seen' | 'trouble' | 'harm' | 'unknown'
}

/** Whether ammonia and nitrite have both been at zero twice. Says nothing of what was not measured. */
export function readinessOf(readings: readonly Reading[], nowMs: number, instantMs: (at: string) => number): ReadinessReport {
  const newestFirst = (quantity: Reading['quantity']): Reading[] =>
    readings
      .filter(
        (reading) => reading.quantity === quantity && nowMs - instantMs(reading.at) < STALE_MS && instantMs(reading.at) <= nowMs + APART_MS,
      )
      .sort((a, b) => instantMs(b.at) - instantMs(a.at))
  const zeros = (tests: readonly Reading[]): number => {
    let count = 0
    let last = Infinity
    for (const test of tests) {
      if (!isZero(test)) break
      if (last - instantMs(test.at) < APART_MS) continue
      last = instantMs(test.at)
      count++
    }
    return count
  }
  const ammonia = newestFirst('ammonia')
  const nitrite = newestFirst('nitrite')
  const least = Math.min(zeros(ammonia), zeros(nitrite))
  const readiness: Readiness =
    ammonia.length === 0 || nitrite.length === 0 ? 'not-tested' : least >= 2 ? 'twice-zero' : least === 1 ? 'once-more' : 'not-yet'
  const pH = newestFirst('pH')[0]
  const temperature = newestFirst('temperature')[0]
  const total = ammonia[0]
  const unionised =
    total && pH && temperature && pH.value >= 4 && temperature.value <= 40
      ? total.value * unionisedAmmoniaFraction(pH.value, temperature.value)
      : null
  return {
    readiness,
    ammonia: total ?? null,
    nitrite: nitrite[0] ?? null,
    unionisedMgNPerL: unionised,
    danger:
      unionised === null ? 'unknown' : unionised >= UNIONISED_HARM ? 'harm' : unionised >= UNIONISED_TROUBLE ? 'trouble' : 'none-seen',
  }
}

const isZero = ({ value, qualifier }: Reading): boolean => qualifier !== '>' && value <= ZERO_MG_N_PER_L
