import { numberInput, numberOf, type Working } from '../quantity/working.js'
import { gasRateMgPerH, CO2_MG_PER_ML_AT_1_BAR } from './bubble.js'

/** How far a counted bubble's volume is off; rule of thumb. */
export const BUBBLE_SPREAD = 1.35

/** Of one line [mg/h]. */
export const BUBBLE_FORMULA = `bubblesPerS·3600·bubbleMl·${Number(CO2_MG_PER_ML_AT_1_BAR.toPrecision(4))}·(1 + linePressureBar)`

export const bubbleRateWorking: Working = {
  id: 'gas.bubble-rate',
  unit: 'mg/h',
  fields: [
    numberInput('bubblesPerS', '1/s', 0, 100),
    numberInput('bubbleMl', 'mL', 0.005, 1, 0.07),
    numberInput('linePressureBar', 'bar', 0, 10, 0.8),
  ],
  formula: BUBBLE_FORMULA,
  source: 'Ideal gas, CODATA (2018); bubble volume is a rule of thumb, 0.05–0.10 mL',
  compute(inputs) {
    const value = gasRateMgPerH({
      bubblesPerS: numberOf(inputs, 'bubblesPerS'),
      bubbleMl: numberOf(inputs, 'bubbleMl'),
      linePressureBar: numberOf(inputs, 'linePressureBar'),
    })
    return { value, low: value / BUBBLE_SPREAD, high: value * BUBBLE_SPREAD }
  },
}
