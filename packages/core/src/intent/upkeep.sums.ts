import type { JobKind } from '../routine/jobKinds.js'
import { defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'

/** Half to twice as long is common; rule of thumb. */
const SPREAD = 2

export const upkeepSum = defineSum({
  id: 'upkeep.week',
  dimension: 'minutes',
  each: { minutesPerWeek: 'minutes' },
  formula: 'Σ(minutesPerWeek)',
  source: 'Jovrin: mean of four settled weeks; minutes for each job are rules of thumb, half to twice as long is common',
})

/** Upkeep of a settled week, by kind of work. */
export function openUpkeep(cost: { readonly minutesByKind: ReadonlyMap<JobKind, number>; readonly hoursPerWeek: number }): OpenedSum {
  const value = cost.hoursPerWeek * 60
  return openSum(
    upkeepSum,
    { value, low: value / SPREAD, high: value * SPREAD },
    {},
    [...cost.minutesByKind].map(([kind, minutes]) => ({ of: ['job', kind] as const, minutesPerWeek: reckoned(minutes) })),
  )
}
