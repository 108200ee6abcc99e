import { numberInput, exactly, numberOf, type Working } from '../quantity/working.js'
import { co2AirEquilibriumMgPerL } from './airEquilibrium.js'

/** What a pen or a drop test is off by. */
const PH_STEP = 0.1

/** CO2 from the drop of pH against a sample of the same water that stood open for a day. */
export const co2FromDropWorking: Working = {
  id: 'gas.co2-from-drop',
  unit: 'mg/L',
  fields: [
    numberInput('pHDegassed', 'pH', 4, 10),
    numberInput('pHNow', 'pH', 4, 10),
    numberInput('temperatureC', '°C', 0, 40, 24.5),
    numberInput('roomCo2Ppm', 'ppm', 280, 5000, 700),
  ],
  formula: '(CO2 of the open water at roomCo2Ppm)·10^(pHDegassed − pHNow)',
  source:
    'Henry’s law at constant alkalinity; room air 450–1500 ppm decides, stuffy rooms and samples not wholly degassed make the true figure higher',
  compute(inputs) {
    const open = co2AirEquilibriumMgPerL(numberOf(inputs, 'temperatureC'), numberOf(inputs, 'roomCo2Ppm'))
    const at = (shift: number): number => open * 10 ** (numberOf(inputs, 'pHDegassed') - numberOf(inputs, 'pHNow') + shift)
    return { value: at(0), low: at(-PH_STEP), high: at(PH_STEP) }
  },
}

export const cylinderDaysWorking: Working = {
  id: 'gas.cylinder-days',
  unit: 'days',
  fields: [
    numberInput('scaleKg', 'kg', 0, 200),
    numberInput('emptyKg', 'kg', 0, 200),
    numberInput('gPerDay', 'g/day', 0.01, 10_000),
    numberInput('swapAtKg', 'kg', 0, 50, 0.2),
  ],
  formula: '(scaleKg − emptyKg − swapAtKg)·1000/gPerDay',
  source: 'Mass balance; swapping before the last tenth avoids the surge at the end',
  compute: (inputs) =>
    exactly(
      Math.max(
        0,
        ((numberOf(inputs, 'scaleKg') - numberOf(inputs, 'emptyKg') - numberOf(inputs, 'swapAtKg')) * 1000) / numberOf(inputs, 'gPerDay'),
      ),
    ),
}
