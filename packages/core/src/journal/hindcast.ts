import { quantileOfSorted } from '../numeric/statistics.js'
import type { ReadingQuantity } from '../plan/journal.js'
import type { TimelineEntry } from '../plan/plan.js'
import { ATOMIC_WEIGHT } from '../quantity/physicalConstants.js'
import { compile } from '../ecosystem/compile.js'
import { DAY, DAY_STRIDE } from '../ecosystem/daySeries.js'
import type { Deeds } from '../ecosystem/deeds.js'
import { drawParameters } from '../ecosystem/drawParameters.js'
import { INTERACTIVE_STEP_MIN } from '../ecosystem/forecast.js'
import { simulate } from '../ecosystem/simulate.js'

/** What the model says of each measured quantity, day by day: the lowest and highest value that the day passes through. */
const SERIES = {
  pH: (row: Row) => [row(DAY.pHMin), row(DAY.pHMax)],
  alkalinity: (row: Row) => once(row(DAY.alkalinity)),
  hardness: (row: Row) => once(row(DAY.calcium) / ATOMIC_WEIGHT.Ca + row(DAY.magnesium) / ATOMIC_WEIGHT.Mg),
  ammonia: (row: Row) => once(row(DAY.ammonium)),
  nitrite: (row: Row) => once(row(DAY.nitrite)),
  nitrate: (row: Row) => once(row(DAY.nitrate)),
  phosphate: (row: Row) => once(row(DAY.phosphate)),
  potassium: (row: Row) => once(row(DAY.potassium)),
  iron: (row: Row) => once(row(DAY.iron)),
  oxygen: (row: Row) => [row(DAY.oxygenMin), row(DAY.oxygenMax)],
} as const satisfies Partial<Record<ReadingQuantity, (row: Row) => readonly [low: number, high: number]>>
type Row = (column: number) => number
const once = (value: number): [number, number] => [value, value]

export type ModelledQuantity = keyof typeof SERIES
export const MODELLED_QUANTITIES = Object.keys(SERIES) as ModelledQuantity[]
export const isModelled = (quantity: ReadingQuantity): quantity is ModelledQuantity => quantity in SERIES

export interface HindcastOptions {
  readonly timeline: readonly TimelineEntry[]
  readonly deeds: Deeds
  /** Days from the tank's start; may reach beyond today. */
  readonly days: number
  readonly seed: number
}
/** Of one member: low and high of each day, one after the other. */
export type MemberHindcast = Readonly<Record<ModelledQuantity, Float32Array>>

/** One member's whole life, day by day. */
export function hindcastMember({ timeline, deeds, days, seed }: HindcastOptions, member: number): MemberHindcast {
  const parameters = drawParameters(seed, member)
  const {
    forcing,
    startState,
    parameters: suited,
  } = compile({ timeline, days, stepMin: INTERACTIVE_STEP_MIN, draw: { seed, member }, parameters, deeds })
  const { rows } = simulate({ forcing, parameters: suited, startState, days })
  const result = Object.fromEntries(MODELLED_QUANTITIES.map((quantity) => [quantity, new Float32Array(2 * days)])) as Record<
    ModelledQuantity,
    Float32Array
  >
  for (let day = 0; day < days; day++) {
    const row = (column: number): number => rows[day * DAY_STRIDE + column]!
    for (const quantity of MODELLED_QUANTITIES) result[quantity].set(SERIES[quantity](row), 2 * day)
  }
  return result
}

export interface HindcastBand {
  /** One value a day from day 0. */
  readonly low: Float64Array
  readonly median: Float64Array
  readonly high: Float64Array
}

/** From the 10 % quantile of the day's lows to the 90 % quantile of its highs; the middle is the median of the day's middles. The list must not be empty. */
export function hindcastBand(members: readonly MemberHindcast[], quantity: ModelledQuantity): HindcastBand {
  const days = (members[0]?.[quantity].length ?? 0) / 2
  const band = { low: new Float64Array(days), median: new Float64Array(days), high: new Float64Array(days) }
  const values = new Float64Array(members.length)
  const quantile = (of: (series: Float32Array) => number, share: number): number => {
    members.forEach((member, index) => (values[index] = of(member[quantity])))
    return quantileOfSorted(values.sort(), share)
  }
  for (let day = 0; day < days; day++) {
    band.low[day] = quantile((series) => series[2 * day]!, 0.1)
    band.high[day] = quantile((series) => series[2 * day + 1]!, 0.9)
    band.median[day] = quantile((series) => (series[2 * day]! + series[2 * day + 1]!) / 2, 0.5)
  }
  return band
}
