import { numberInput, exactly, numberOf, textOf, type Working } from '../quantity/working.js'
import { DAY_SHAPES, dailyLightMolPerM2, MOL_PER_UMOL_H_PER_S, type DayShape } from './dailyLight.js'
import { FLOOR_FORMULA, FLOOR_SOURCE, floorPpfd } from './floorLight.js'

export const dliWorking: Working = {
  id: 'light.dli',
  unit: 'mol/m²/day',
  fields: [
    { kind: 'choice', name: 'shape', choices: DAY_SHAPES },
    numberInput('peakPpfd', 'µmol/m²/s', 0, 5000),
    numberInput('photoperiodH', 'h', 0, 24),
    numberInput('rampH', 'h', 0, 12, 0),
  ],
  formula: `peakPpfd·hours·${MOL_PER_UMOL_H_PER_S}; hours: flat photoperiodH, trapezoid photoperiodH − rampH, half-sine photoperiodH·2/π`,
  source: 'Exact integrals of the three shapes',
  compute: (inputs) =>
    exactly(
      dailyLightMolPerM2({
        shape: textOf(inputs, 'shape') as DayShape,
        peakPpfd: numberOf(inputs, 'peakPpfd'),
        photoperiodH: numberOf(inputs, 'photoperiodH'),
        rampH: numberOf(inputs, 'rampH'),
      }),
    ),
}

/** Walls, dirt and aim of a real lamp against the balance below; rule of thumb. */
export const FLOOR_SPREAD = 1.3

export const floorPpfdWorking: Working = {
  id: 'light.floor-ppfd',
  unit: 'µmol/m²/s',
  fields: [
    numberInput('fluxUmolPerS', 'µmol/s', 0, 100_000),
    numberInput('lampLengthCm', 'cm', 1, 1000),
    numberInput('aboveWaterCm', 'cm', 0, 300),
    numberInput('lengthCm', 'cm', 5, 1000),
    numberInput('widthCm', 'cm', 5, 500),
    numberInput('waterDepthCm', 'cm', 1, 300),
    numberInput('attenuationPerM', '1/m', 0, 10, 0.45),
  ],
  formula: FLOOR_FORMULA,
  source: FLOOR_SOURCE,
  compute(inputs) {
    const value = floorPpfd({
      fluxUmolPerS: numberOf(inputs, 'fluxUmolPerS'),
      lampLengthM: numberOf(inputs, 'lampLengthCm') / 100,
      aboveWaterM: numberOf(inputs, 'aboveWaterCm') / 100,
      lengthM: numberOf(inputs, 'lengthCm') / 100,
      widthM: numberOf(inputs, 'widthCm') / 100,
      waterDepthM: numberOf(inputs, 'waterDepthCm') / 100,
      attenuationPerM: numberOf(inputs, 'attenuationPerM'),
    })
    return { value, low: value / FLOOR_SPREAD, high: value * FLOOR_SPREAD }
  },
}

/** Lux to photons for a white lamp; 55–75 by its spectrum. */
const LUX_PER_PPFD = 65
const LUX_SPREAD = 0.25
export const ppfdFromLuxWorking: Working = {
  id: 'light.ppfd-from-lux',
  unit: 'µmol/m²/s',
  fields: [numberInput('lux', 'lx', 0, 200_000)],
  formula: `lux/${LUX_PER_PPFD}`,
  source: `Rule of thumb for white LED and daylight, ±${LUX_SPREAD * 100} %; a phone held at the ground of the empty tank`,
  compute(inputs) {
    const value = numberOf(inputs, 'lux') / LUX_PER_PPFD
    return { value, low: value * (1 - LUX_SPREAD), high: value * (1 + LUX_SPREAD) }
  },
}
