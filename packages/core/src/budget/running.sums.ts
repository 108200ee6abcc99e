import { defineSum, openSum, reckoned, type Given, type OpenedSum } from '../quantity/sum.js'
import { DAYS_PER_MONTH, monthlyCost, type RunningPart } from './running.js'

const DAYS = Number(DAYS_PER_MONTH.toFixed(2))
const SOURCE = 'Jovrin: heat balance of glass and surface for the heating, the rest from the plan; prices yours or assumed'

export const powerCostSum = defineSum({
  id: 'running.power',
  dimension: 'money',
  terms: { meanWatts: 'power', hoursPerDay: 'hours', perKwh: 'money' },
  formula: `meanWatts·hoursPerDay·${DAYS}/1000·perKwh`,
  source: SOURCE,
})
export const gasCostSum = defineSum({
  id: 'running.gas',
  dimension: 'money',
  terms: { gramsPerH: 'gasRate', hoursPerDay: 'hours', perKg: 'money' },
  formula: `gramsPerH·hoursPerDay·${DAYS}/1000·perKg`,
  source: SOURCE,
})
export const saltsCostSum = defineSum({
  id: 'running.salts',
  dimension: 'money',
  terms: { gramsPerDay: 'salt', perKg: 'money' },
  formula: `gramsPerDay·${DAYS}/1000·perKg`,
  source: SOURCE,
})
export const fertiliserCostSum = defineSum({
  id: 'running.fertiliser',
  dimension: 'money',
  terms: { costPerDay: 'money' },
  formula: `costPerDay·${DAYS}`,
  source: 'Jovrin: grams and millilitres of the dose plan, by the price of their own packs and bottles',
})
export const waterCostSum = defineSum({
  id: 'running.water',
  dimension: 'money',
  terms: { litresPerChange: 'volume', everyDays: 'days', drawnPerL: 'ratio', perM3: 'money' },
  formula: `litresPerChange·${DAYS}/everyDays·drawnPerL/1000·perM3`,
  source: SOURCE,
})
export const plantsCostSum = defineSum({
  id: 'running.plants',
  dimension: 'money',
  terms: { perMonth: 'money' },
  formula: 'perMonth',
  source: 'As you reckon a month',
})
export const monthSum = defineSum({
  id: 'running.month',
  dimension: 'money',
  each: { costPerMonth: 'money' },
  formula: 'Σ(costPerMonth)',
  source: SOURCE,
})

/** A month of one part, from its power or amount, its hours and its price. */
export function openRunningPart({ kind, terms, cost, rate, isRateGiven }: RunningPart, currency: string): OpenedSum {
  const {
    watts = 0,
    hoursPerDay = 0,
    gramsPerH = 0,
    gramsPerDay = 0,
    costPerDay = 0,
    litresPerChange = 0,
    everyDays = 1,
    drawnPerL = 1,
  } = terms
  const price: Given = { value: rate, from: isRateGiven ? 'typed' : 'assumed' }
  const hours = reckoned(hoursPerDay)
  switch (kind) {
    case 'light':
    case 'pump':
    case 'heating':
      return openSum(powerCostSum, cost, { meanWatts: reckoned(watts), hoursPerDay: hours, perKwh: price }, [], {
        currency,
        of: ['running', kind],
      })
    case 'gas':
      return openSum(gasCostSum, cost, { gramsPerH: reckoned(gramsPerH), hoursPerDay: hours, perKg: price }, [], { currency })
    case 'salts':
      return openSum(saltsCostSum, cost, { gramsPerDay: reckoned(gramsPerDay), perKg: price }, [], { currency })
    case 'fertiliser':
      return openSum(fertiliserCostSum, cost, { costPerDay: reckoned(costPerDay) }, [], { currency })
    case 'water':
      return openSum(
        waterCostSum,
        cost,
        { litresPerChange: reckoned(litresPerChange), everyDays: reckoned(everyDays), drawnPerL: reckoned(drawnPerL), perM3: price },
        [],
        { currency },
      )
    case 'plants':
      return openSum(plantsCostSum, cost, { perMonth: price }, [], { currency })
  }
}

/** A month of all parts. */
export const openMonth = (parts: readonly RunningPart[], currency: string): OpenedSum =>
  openSum(
    monthSum,
    monthlyCost(parts),
    {},
    parts.map(({ kind, cost }) => ({ of: ['running', kind] as const, costPerMonth: reckoned(cost) })),
    { currency },
  )
