import { EVAPORATION_SOURCE, EVAPORATION_SPREAD } from '../tank/evaporation.js'
import { defineSum, openSum, reckoned, assumed, type OpenedSum } from '../quantity/sum.js'
import { SPARE, type ProductStock } from './awayStocks.js'
import type { AwayWater } from './awayWater.js'

const DRY_AIR = `${EVAPORATION_SOURCE}; by the room in the month of leaving; ×/÷ ${EVAPORATION_SPREAD}`

export const awayLossSum = defineSum({
  id: 'absence.evaporated',
  dimension: 'volume',
  terms: { lPerDay: 'yield', daysAway: 'days' },
  formula: 'lPerDay·daysAway',
  source: DRY_AIR,
})
export const awayFallSum = defineSum({
  id: 'absence.fall',
  dimension: 'length',
  terms: { mmPerDay: 'thickness', aloneDays: 'days' },
  formula: 'mmPerDay·aloneDays/10',
  source: DRY_AIR,
})
const STOCK_SOURCE = `General practice: stocks for ${SPARE} times the days; what the pump gives by the dose plan, with the absence in it`
export const awaySaltSum = defineSum({
  id: 'absence.salt',
  dimension: 'salt',
  terms: { spare: 'ratio', dosedG: 'salt' },
  formula: 'spare·dosedG',
  source: STOCK_SOURCE,
})
export const awayBottleSum = defineSum({
  id: 'absence.bottle',
  dimension: 'dosing',
  terms: { spare: 'ratio', dosedMl: 'dosing' },
  formula: 'spare·dosedMl',
  source: STOCK_SOURCE,
})

export const openAwayLoss = ({ litres, lPerDay }: AwayWater, daysAway: number): OpenedSum =>
  openSum(awayLossSum, litres, { lPerDay: reckoned(lPerDay.value), daysAway: reckoned(daysAway) })

/** The time alone is the cautious one: of a store that runs out early. */
export function openAwayFall({ mmPerDay, aloneDays }: AwayWater): OpenedSum {
  const cm = (mm: number): number => (mm * aloneDays) / 10
  return openSum(
    awayFallSum,
    { value: cm(mmPerDay.value), low: cm(mmPerDay.low), high: cm(mmPerDay.high) },
    { mmPerDay: reckoned(mmPerDay.value), aloneDays: reckoned(aloneDays) },
  )
}

export function openAwayStock({ unit, dosed }: ProductStock): OpenedSum {
  const range = { value: SPARE * dosed, low: dosed, high: SPARE * dosed }
  return unit === 'g'
    ? openSum(awaySaltSum, range, { spare: assumed(SPARE), dosedG: reckoned(dosed) })
    : openSum(awayBottleSum, range, { spare: assumed(SPARE), dosedMl: reckoned(dosed) })
}
