import { exactly, numberInput, numberOf, textOf, type Working } from '../quantity/working.js'
import { AIR_BAR, cylinderPressureBar } from './cylinderPressure.js'
import { blueShare, DYE_PK, indicatorPh } from './indicator.js'
import { gasAfter } from './transfer.js'

const DAY_H = 24

export const cylinderPressureWorking: Working = {
  id: 'gas.cylinder-pressure',
  unit: 'bar',
  fields: [numberInput('tC', '°C', -56.5, 30.9, 20), { kind: 'choice', name: 'readAs', choices: ['gauge', 'absolute'], standard: 'gauge' }],
  formula: 'pc·exp((Tc/T)·(−7.0602·x + 1.9391·x^1.5 − 1.6464·x² − 3.2996·x⁴)), x = 1 − T/Tc; gauge: less 1.013 bar',
  source: 'Span & Wagner (1996), as long as liquid is in the cylinder; above 31 °C there is none, and a full cylinder rises steeply',
  compute(inputs) {
    const absolute = cylinderPressureBar(numberOf(inputs, 'tC'))
    return exactly(textOf(inputs, 'readAs') === 'absolute' ? absolute : absolute - AIR_BAR)
  },
}

export const stepResponseWorking: Working = {
  id: 'gas.step-response',
  unit: 'mg/L',
  fields: [
    numberInput('kPerH', '1/h', 0.001, 20),
    numberInput('ceqMgPerL', 'mg/L', 0, 50, 0.8),
    numberInput('c0MgPerL', 'mg/L', 0, 500, 0.8),
    numberInput('sMgPerLH', 'mg/L/h', 0, 500),
    numberInput('onHours', 'h', 0, 24, 24),
    numberInput('tH', 'h', 0, 2000),
  ],
  formula:
    'C* + (C0 − C*)·e^(−k·t) + s·(1 − e^(−k·t))/k while the gas is on, without s while it is off; on for onHours of every day from t = 0',
  source: 'Film model of Lewis & Whitman (1924), solved exactly from switch to switch',
  compute(inputs) {
    const given = (name: string): number => numberOf(inputs, name)
    const exchange = { kPerH: given('kPerH'), equilibriumMgPerL: given('ceqMgPerL') }
    const [onHours, end] = [given('onHours'), given('tH')]
    let level = given('c0MgPerL')
    for (let hour = 0; hour < end;) {
      const ofDay = hour % DAY_H
      const isOn = ofDay < onHours
      const span = Math.min(end - hour, (isOn ? Math.min(onHours, DAY_H) : DAY_H) - ofDay)
      level = gasAfter(level, { ...exchange, sourceMgPerLH: isOn ? given('sMgPerLH') : 0 }, span)
      hour += span
    }
    return exactly(level)
  },
}

/** Eyes tell a tenth of the blue from another. */
const DYE_PK_RANGE = 0.1
export const indicatorColourWorking: Working = {
  id: 'gas.indicator-colour',
  unit: '',
  fields: [
    numberInput('co2MgPerL', 'mg/L', 0.1, 500),
    numberInput('referenceKhDkh', '°dKH', 0.5, 20, 4),
    numberInput('temperatureC', '°C', 0, 40, 24.5),
  ],
  formula: `1/(1 + 10^(${DYE_PK} − pH of the reference at co2MgPerL)): 1 is blue, a half green, 0 yellow`,
  source: `Mass action of bromothymol blue, pK ${DYE_PK} (7.0–7.3 by source); the liquid follows the water by one to three hours`,
  compute(inputs) {
    const pH = indicatorPh(numberOf(inputs, 'co2MgPerL'), numberOf(inputs, 'referenceKhDkh'), numberOf(inputs, 'temperatureC'))
    return { value: blueShare(pH), low: blueShare(pH, DYE_PK + DYE_PK_RANGE), high: blueShare(pH, DYE_PK - DYE_PK_RANGE) }
  },
}
