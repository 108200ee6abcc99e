import { molarMass } from '../salts/chemicalFormula.js'
import { instantMs } from '../plan/clock.js'
import type { JournalRecord, Reading } from '../plan/journal.js'
import { CYCLE_C, CYCLE_MEQ_PER_L, CYCLE_PH } from '../startup/waysToStart.js'
import { judgeNitrogen } from './judgeNitrogen.js'

const DAY_MS = 86_400_000
/** Conditions are read from tests of so many days; older ones say little. */
const CONDITION_MS = 10 * DAY_MS
/** Ammonia is held against a test so much older. */
const LEAST_APART_MS = 5 * DAY_MS
const MOST_APART_MS = 21 * DAY_MS
/** It falls where it lost so much of what it was: a step of most kits. Rule of thumb 0.1–0.3. */
const FALLEN = 0.2

export const CYCLE_STATES = ['not-tested', 'done', 'once-more', 'stalled', 'at-risk', 'slow', 'running'] as const
/** Stalled: ammonia does not fall, and a condition is missing; at risk: a condition is missing; slow: it does not fall, though nothing is missing. */
export type CycleState = (typeof CYCLE_STATES)[number]
export const CYCLE_CONDITIONS = ['alkalinity', 'pH', 'temperature'] as const
export type CycleQuantity = (typeof CYCLE_CONDITIONS)[number]
/** What bacteria ask for, in the canonical unit of each quantity. */
export const CYCLE_LEAST: Readonly<Record<CycleQuantity, number>> = { alkalinity: CYCLE_MEQ_PER_L, pH: CYCLE_PH, temperature: CYCLE_C }
export interface CycleCondition {
  readonly quantity: CycleQuantity
  /** Newest of late. */
  readonly reading: Reading | null
  readonly least: number
  readonly is: 'enough' | 'short' | 'unknown'
}
export interface DarkCycle {
  readonly state: CycleState
  readonly ammonia: Reading | null
  readonly nitrite: Reading | null
  /** The older test that the newest is held against. */
  readonly before: Reading | null
  readonly conditions: readonly CycleCondition[]
}

/** Potassium bicarbonate [g] that brings tank water to twice the least alkalinity, which leaves room for what the cycle takes; `null` where the alkalinity is enough or was not tested. */
export function alkalinityMend(cycle: DarkCycle, waterL: number): { readonly grams: number; readonly toMeqPerL: number } | null {
  const { is, reading, least } = cycle.conditions.find(({ quantity }) => quantity === 'alkalinity') ?? {}
  if (is !== 'short' || reading == null || least === undefined) return null
  const toMeqPerL = 2 * least
  return { grams: ((toMeqPerL - reading.value) * waterL * molarMass('KHCO3')) / 1000, toMeqPerL }
}

/** How the cycle of a tank that started dark stands, by its tests alone. Pure: `nowMs` is handed in. */
export function judgeDarkCycle(
  records: readonly JournalRecord[],
  facts: { readonly ageDays: number; readonly temperatureC: number; readonly roomCo2Ppm: number },
  nowMs: number,
): DarkCycle {
  const newestFirst = (quantity: Reading['quantity'], withinMs: number): Reading[] =>
    records
      .filter((record): record is Reading => record.kind === 'reading' && record.quantity === quantity)
      .filter(({ at }) => nowMs - instantMs(at) < withinMs && instantMs(at) <= nowMs + DAY_MS)
      .sort((a, b) => instantMs(b.at) - instantMs(a.at))
  const { readiness, ammonia, nitrite } = judgeNitrogen(records, { ...facts, hasGas: false }, nowMs)
  const before =
    ammonia === null
      ? null
      : (newestFirst('ammonia', 2 * MOST_APART_MS).find(({ at }) => {
          const apart = instantMs(ammonia.at) - instantMs(at)
          return apart >= LEAST_APART_MS && apart <= MOST_APART_MS
        }) ?? null)
  const conditions = CYCLE_CONDITIONS.map((quantity): CycleCondition => {
    const reading = newestFirst(quantity, CONDITION_MS)[0] ?? null
    const least = CYCLE_LEAST[quantity]
    return { quantity, reading, least, is: reading === null ? 'unknown' : reading.value < least - 1e-9 ? 'short' : 'enough' }
  })
  const isShort = conditions.some(({ is }) => is === 'short')
  const stands = ammonia !== null && before !== null && ammonia.value > (1 - FALLEN) * before.value
  const state = ((): CycleState => {
    if (readiness === 'twice-zero') return 'done'
    if (readiness === 'once-more') return 'once-more'
    if (stands) return isShort ? 'stalled' : 'slow'
    if (isShort) return 'at-risk'
    return ammonia === null ? 'not-tested' : 'running'
  })()
  return { state, ammonia, nitrite, before, conditions }
}
