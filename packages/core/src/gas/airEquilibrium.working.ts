import { numberInput, exactly, numberOf, type Working } from '../quantity/working.js'
import { CO2_G_PER_MOL } from '../quantity/physicalConstants.js'
import { co2AirEquilibriumMgPerL } from './airEquilibrium.js'

export const co2AirEquilibriumWorking: Working = {
  id: 'gas.co2-air-equilibrium',
  unit: 'mg/L',
  fields: [numberInput('temperatureC', '°C', 0, 40), numberInput('co2PpmDry', 'ppm', 0, 100_000)],
  formula: `KH·co2PpmDry·1e−6·(1 − pw)·${CO2_G_PER_MOL * 1000}·ρ/1000`,
  source: 'Plummer & Busenberg (1982); Weiss & Price (1980); Tanaka et al. (2001)',
  compute: (inputs) => exactly(co2AirEquilibriumMgPerL(numberOf(inputs, 'temperatureC'), numberOf(inputs, 'co2PpmDry'))),
}
