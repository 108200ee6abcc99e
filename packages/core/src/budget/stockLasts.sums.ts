import { answered, defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import type { FeedNeed } from './feedNeed.js'

const SOURCE = 'Jovrin: the dose plan of a settled tank, mean of twelve weeks; what spills and dries up is not counted'
export const saltLastsSum = defineSum({
  id: 'stock.salt-lasts',
  dimension: 'days',
  terms: { leftG: 'salt', gPerDay: 'salt' },
  formula: 'leftG/gPerDay',
  source: SOURCE,
})
export const bottleLastsSum = defineSum({
  id: 'stock.bottle-lasts',
  dimension: 'days',
  terms: { leftMl: 'dosing', mlPerDay: 'dosing' },
  formula: 'leftMl/mlPerDay',
  source: SOURCE,
})

/** Doses by eye and by hand vary by so much. Rule of thumb. */
const EITHER_WAY = 1.15

/** Days for which what is left of a product lasts; `perDay` above 0. */
export function openStockLasts({ unit, perDay }: Pick<FeedNeed, 'unit' | 'perDay'>, left: number): OpenedSum {
  const value = left / perDay
  const range = { value, low: value / EITHER_WAY, high: value * EITHER_WAY }
  return unit === 'g'
    ? openSum(saltLastsSum, range, { leftG: answered(left, left), gPerDay: reckoned(perDay) })
    : openSum(bottleLastsSum, range, { leftMl: answered(left, left), mlPerDay: reckoned(perDay) })
}
