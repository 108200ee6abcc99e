import { numberInput, ContradictionError, exactly, numberOf, type FieldDescriptor, type Working } from '../quantity/working.js'
import { CO2_G_PER_MOL, MEQ_PER_DKH } from '../quantity/physicalConstants.js'
import { unionisedAmmoniaFraction } from './ammonia.js'
import { alkalinityOfDkh, co2FromPh, phFromCo2 } from './carbonate.js'
import { dilutedMgPerL } from './dilution.js'
import { oxygenSaturationMgPerL } from './oxygen.js'

/** What a drop test or a pen is off by; the band of a figure reckoned from them. */
const PH_STEP = 0.1
const DKH_STEP = 0.5

const temperature = (max: number): FieldDescriptor => ({ kind: 'number', name: 'temperatureC', unit: '°C', min: 0, max })
const ionicStrength: FieldDescriptor = numberInput('ionicStrengthMolPerKg', 'mol/kg', 0, 0.1, 0)
const hardness: FieldDescriptor = numberInput('khDkh', '°dKH', 0, 50)

export const co2FromPhWorking: Working = {
  id: 'gas.co2-from-ph',
  unit: 'mg/L',
  fields: [numberInput('pH', 'pH', 4, 10), hardness, temperature(50), ionicStrength],
  formula: `${CO2_G_PER_MOL * 1000}·(Alk − Kw/(h·γ1) + h/γ1)/(K1/(h·γ1) + 2·K1·K2/(h²·γ2)); h = 10^−pH; Alk = khDkh·${MEQ_PER_DKH.toFixed(5)}/1000`,
  source: 'Plummer & Busenberg (1982); Nordstrom et al. (1990); Davies (1962); Stumm & Morgan (1996)',
  compute(inputs) {
    const pH = numberOf(inputs, 'pH')
    const khDkh = numberOf(inputs, 'khDkh')
    const at = (shiftPh: number, shiftDkh: number): number | null =>
      co2FromPh(Math.min(10, Math.max(4, pH + shiftPh)), {
        alkalinityMeqPerL: alkalinityOfDkh(Math.min(50, Math.max(0, khDkh + shiftDkh))),
        temperatureC: numberOf(inputs, 'temperatureC'),
        ionicStrengthMolPerKg: numberOf(inputs, 'ionicStrengthMolPerKg'),
      })
    const value = at(0, 0)
    if (value === null) throw new ContradictionError(['pH', 'khDkh'])
    return { value, low: at(PH_STEP, -DKH_STEP) ?? 0, high: at(-PH_STEP, DKH_STEP) }
  },
}

export const phFromCo2Working: Working = {
  id: 'gas.ph-from-co2',
  unit: 'pH',
  fields: [numberInput('co2MgPerL', 'mg/L', 0.01, 2000), hardness, temperature(50), ionicStrength],
  formula: 'the positive root h of h³/γ1 + Alk·h² − (K1·CO2 + Kw)·h/γ1 − 2·K1·K2·CO2/γ2 = 0; pH = −log h',
  source: 'Plummer & Busenberg (1982); Nordstrom et al. (1990); Davies (1962)',
  compute: (inputs) =>
    exactly(
      phFromCo2(numberOf(inputs, 'co2MgPerL'), {
        alkalinityMeqPerL: alkalinityOfDkh(numberOf(inputs, 'khDkh')),
        temperatureC: numberOf(inputs, 'temperatureC'),
        ionicStrengthMolPerKg: numberOf(inputs, 'ionicStrengthMolPerKg'),
      }),
    ),
}

export const unionisedAmmoniaWorking: Working = {
  id: 'water.unionised-ammonia',
  unit: 'mg N/L',
  fields: [numberInput('tanMgNPerL', 'mg N/L', 0, 1000), numberInput('pH', 'pH', 4, 11), temperature(40)],
  formula: 'tanMgNPerL/(1 + 10^(pKa − pH)); pKa = 0.09018 + 2729.92/(temperatureC + 273.15)',
  source: 'Emerson, Russo, Lund & Thurston (1975)',
  compute: (inputs) =>
    exactly(numberOf(inputs, 'tanMgNPerL') * unionisedAmmoniaFraction(numberOf(inputs, 'pH'), numberOf(inputs, 'temperatureC'))),
}

export const oxygenSaturationWorking: Working = {
  id: 'water.oxygen-saturation',
  unit: 'mg/L',
  fields: [temperature(40)],
  formula: 'exp(−139.34411 + 1.575701e5/T − 6.642308e7/T² + 1.2438e10/T³ − 8.621949e11/T⁴); T = temperatureC + 273.15',
  source: 'Benson & Krause (1980, 1984), APHA Standard Methods 4500-O',
  compute: (inputs) => exactly(oxygenSaturationMgPerL(numberOf(inputs, 'temperatureC'))),
}

export const dilutionWorking: Working = {
  id: 'water.dilution',
  unit: 'mg/L',
  fields: [
    numberInput('startMgPerL', 'mg/L', 0, 1e6),
    numberInput('sourceMgPerL', 'mg/L', 0, 1e6),
    numberInput('fraction', '1', 0, 1),
    { kind: 'number', name: 'changes', unit: '1', min: 0, max: 10_000, whole: true },
  ],
  formula: 'sourceMgPerL + (startMgPerL − sourceMgPerL)·(1 − fraction)^changes',
  source: 'Mass balance of a mixed tank',
  compute: (inputs) =>
    exactly(
      dilutedMgPerL({
        startMgPerL: numberOf(inputs, 'startMgPerL'),
        sourceMgPerL: numberOf(inputs, 'sourceMgPerL'),
        fraction: numberOf(inputs, 'fraction'),
        changes: numberOf(inputs, 'changes'),
      }),
    ),
}
