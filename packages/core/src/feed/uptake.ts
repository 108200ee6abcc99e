import type { FeedingSchool } from '../plan/plan.js'
import type { FeedNutrient } from './nutrients.js'

/** Nutrients that kits read. */
export const TESTED_NUTRIENTS = ['nitrateN', 'phosphateP', 'potassium', 'iron'] as const satisfies readonly FeedNutrient[]
export type TestedNutrient = (typeof TESTED_NUTRIENTS)[number]

/** One test. Days are of the tank's age, with parts. */
export interface UptakeTest {
  readonly day: number
  readonly mgPerL: number
  /** Below the kit's lowest step: read as half of it. */
  readonly isBelow: boolean
}
/** What happened between the tests besides uptake. */
export type UptakeEvent =
  | { readonly kind: 'dose'; readonly day: number; readonly mgPerL: number }
  | { readonly kind: 'change'; readonly day: number; readonly fraction: number; readonly newMgPerL: number }

export interface UptakeTask {
  readonly tests: readonly UptakeTest[]
  readonly events: readonly UptakeEvent[]
  /** Smallest step that the kit tells apart [mg/L of the element]. */
  readonly stepMgPerL: number
}
export const UPTAKE_REASONS = ['few', 'short', 'noise'] as const
/** Why the tests do not say: too few, too close together, or less apart than they are off by. */
export type UptakeReason = (typeof UPTAKE_REASONS)[number]
export interface Uptake {
  readonly verdict: 'says' | 'not-yet'
  readonly reason: UptakeReason | null
  /** Net loss a day [mg/L], with nine of ten chances; below zero it rises by itself. `null` where there are too few tests. */
  readonly perDay: { readonly value: number; readonly low: number; readonly high: number } | null
  /** Of each test: its day, and the level by the fit. */
  readonly fitted: readonly { readonly day: number; readonly mgPerL: number }[]
  /** What a test is off by [mg/L], one standard deviation, in the order of the tests. */
  readonly errors: readonly number[]
}

const LEAST_TESTS = 3
const LEAST_DAYS = 7
/** A colour card is read within its step, and within an eighth of the value. Rules of thumb 10–20 %. */
const OF_VALUE = 0.12
const OF_STEP = 0.5
/** Nine of ten chances. */
const NINETY = 1.64

/** Uptake from a row of tests by least squares: a level and a steady loss, carried over doses and changes between them. It says nothing while the loss is within what the tests are off by. */
export function uptakeFromTests({ tests, events, stepMgPerL }: UptakeTask): Uptake {
  const sorted = [...tests].sort((a, b) => a.day - b.day)
  const errors = sorted.map(({ mgPerL }) => Math.max(OF_STEP * stepMgPerL, OF_VALUE * mgPerL))
  const span = (sorted.at(-1)?.day ?? 0) - (sorted[0]?.day ?? 0)
  if (sorted.length < LEAST_TESTS) return { verdict: 'not-yet', reason: 'few', perDay: null, fitted: [], errors }
  if (span < LEAST_DAYS) return { verdict: 'not-yet', reason: 'short', perDay: null, fitted: [], errors }
  const rows = carried(sorted, events)
  // c(t) = a·c0 + b − g·u, each test weighted by its error.
  let [aa, ag, gg, ay, gy] = [0, 0, 0, 0, 0]
  rows.forEach(({ a, b, g }, at) => {
    const weight = 1 / errors[at]! ** 2
    const y = sorted[at]!.mgPerL - b
    aa += weight * a * a
    ag += weight * a * g
    gg += weight * g * g
    ay += weight * a * y
    gy += weight * g * y
  })
  const determinant = aa * gg - ag * ag
  if (!(determinant > 1e-12 * aa * gg)) return { verdict: 'not-yet', reason: 'noise', perDay: null, fitted: [], errors }
  const start = (gg * ay - ag * gy) / determinant
  const loss = (ag * ay - aa * gy) / determinant
  const fitted = rows.map(({ a, b, g }, at) => ({ day: sorted[at]!.day, mgPerL: a * start + b - g * loss }))
  // Tests that stray more than their kit explains widen the range.
  const left = fitted.reduce((sum, { mgPerL }, at) => sum + ((sorted[at]!.mgPerL - mgPerL) / errors[at]!) ** 2, 0)
  const stray = Math.max(1, left / Math.max(1, sorted.length - 2))
  const spread = NINETY * Math.sqrt((stray * aa) / determinant)
  const perDay = { value: loss, low: loss - spread, high: loss + spread }
  const says = Math.abs(loss) > spread
  return { verdict: says ? 'says' : 'not-yet', reason: says ? null : 'noise', perDay, fitted, errors }
}

/** How level at the first test, what came in, and a loss of one a day show in each test. */
function carried(
  tests: readonly UptakeTest[],
  events: readonly UptakeEvent[],
): readonly { readonly a: number; readonly b: number; readonly g: number }[] {
  const first = tests[0]!.day
  const along = [...events].filter(({ day }) => day > first).sort((x, y) => x.day - y.day)
  let [a, b, g, now, next] = [1, 0, 0, first, 0]
  return tests.map(({ day }) => {
    for (; next < along.length && along[next]!.day <= day; next++) {
      const event = along[next]!
      g += event.day - now
      now = event.day
      if (event.kind === 'dose') b += event.mgPerL
      else {
        a *= 1 - event.fraction
        b = b * (1 - event.fraction) + event.fraction * event.newMgPerL
        g *= 1 - event.fraction
      }
    }
    g += day - now
    now = day
    return { a, b, g }
  })
}

export interface CorrectionTask {
  readonly uptake: Uptake
  /** What is dosed in a week now [mg/L]. */
  readonly weeklyMgPerL: number
  readonly wantedMgPerL: { readonly low: number; readonly high: number }
  /** Share of the water that a week's changes replace, and what new water holds. */
  readonly weeklyChange: number
  readonly newMgPerL: number
}
/** A dose that would hold the middle of what is wanted, and how far one step goes towards it. */
export interface Correction {
  readonly weeklyMgPerL: number
  /** By which the dose moves at once. */
  readonly isWholeStep: boolean
  readonly waitDays: number
}
/** One step changes a dose by no more than a third: the next tests say whether it was right. General practice. */
const MOST_STEP = 1 / 3
/** Two to three weeks until levels and leaves have followed. General practice. */
const WAIT_DAYS = 14

/** The dose that tests ask for; `null` while they do not say, or where the level by the fit is within what is wanted. */
export function correctionOf({ uptake, weeklyMgPerL, wantedMgPerL, weeklyChange, newMgPerL }: CorrectionTask): Correction | null {
  const latest = uptake.fitted.at(-1)
  if (uptake.verdict !== 'says' || uptake.perDay === null || latest === undefined) return null
  const settles = (weeklyMgPerL + weeklyChange * newMgPerL - 7 * uptake.perDay.value) / Math.max(weeklyChange, 0.02)
  const { low, high } = wantedMgPerL
  const isIn = (level: number): boolean => level >= low && level <= high
  if (isIn(latest.mgPerL) && isIn(settles)) return null
  const aim = (low + high) / 2
  const needed = Math.max(0, 7 * uptake.perDay.value + weeklyChange * (aim - newMgPerL))
  const most = Math.max(weeklyMgPerL * MOST_STEP, (low / 7) * MOST_STEP)
  const step = Math.max(-most, Math.min(most, needed - weeklyMgPerL))
  return {
    weeklyMgPerL: Math.max(0, weeklyMgPerL + step),
    isWholeStep: Math.abs(needed - weeklyMgPerL) <= most + 1e-12,
    waitDays: WAIT_DAYS,
  }
}

/** Where levels are held by most growers of a school [mg/L of the element]. Rules of thumb: nitrate 10–30, phosphate 1–3 in a rich column; 5–15 and 0.5–1.5 measured; 1–10 and 0.1–1 lean. */
const LEVELS = {
  rich: { nitrateN: [2.26, 6.8], phosphateP: [0.33, 1], potassium: [10, 40], iron: [0.05, 0.5] },
  measured: { nitrateN: [1.13, 3.4], phosphateP: [0.16, 0.5], potassium: [10, 20], iron: [0.05, 0.3] },
  lean: { nitrateN: [0.23, 2.26], phosphateP: [0.03, 0.33], potassium: [4, 15], iron: [0.01, 0.2] },
} as const satisfies Readonly<Record<string, Readonly<Record<TestedNutrient, readonly [number, number]>>>>
const LEVELS_OF: Readonly<Record<FeedingSchool, keyof typeof LEVELS>> = {
  'rich-column': 'rich',
  'lean-column': 'lean',
  'measured-ratio': 'measured',
  'ground-led': 'lean',
  'all-in-one': 'measured',
  none: 'lean',
}
export function wantedLevel(school: FeedingSchool, nutrient: TestedNutrient): { readonly low: number; readonly high: number } {
  const [low, high] = LEVELS[LEVELS_OF[school]][nutrient]
  return { low, high }
}
