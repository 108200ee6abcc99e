import { numberOf, type Working } from '../quantity/working.js'
import { gasRateMgPerH } from './bubble.js'

/** How far a counted bubble's volume is off; rule of thumb. */
export const BUBBLE_SPREAD = 1.35

export const bubbleRateWorking: Working = {
  id: 'gas.bubble-rate',
  unit: 'mg/h',
  fields: [
    { kind: 'number', name: 'bubblesPerS', unit: '1/s', min: 0, max: 100 },
    { kind: 'number', name: 'bubbleMl', unit: 'mL', min: 0.005, max: 1, standard: 0.07 },
    { kind: 'number', name: 'linePressureBar', unit: 'bar', min: 0, max: 10, standard: 0.8 },
  ],
  formula: 'bubblesPerS·3600·bubbleMl·1.81·(1 + linePressureBar)',
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
