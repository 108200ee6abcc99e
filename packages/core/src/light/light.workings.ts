import { exactly, numberOf, textOf, type Working } from '../quantity/working.js'
import { DAY_SHAPES, dailyLightMolPerM2, type DayShape } from './dailyLight.js'
import { floorPpfd } from './floorLight.js'

export const dliWorking: Working = {
  id: 'light.dli',
  unit: 'mol/m²/day',
  fields: [
    { kind: 'choice', name: 'shape', choices: DAY_SHAPES },
    { kind: 'number', name: 'peakPpfd', unit: 'µmol/m²/s', min: 0, max: 5000 },
    { kind: 'number', name: 'photoperiodH', unit: 'h', min: 0, max: 24 },
    { kind: 'number', name: 'rampH', unit: 'h', min: 0, max: 12, standard: 0 },
  ],
  formula: 'peakPpfd·hours·0.0036; hours: flat photoperiodH, trapezoid photoperiodH − rampH, half-sine photoperiodH·2/π',
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
    { kind: 'number', name: 'fluxUmolPerS', unit: 'µmol/s', min: 0, max: 100_000 },
    { kind: 'number', name: 'lampLengthCm', unit: 'cm', min: 1, max: 1000 },
    { kind: 'number', name: 'aboveWaterCm', unit: 'cm', min: 0, max: 300 },
    { kind: 'number', name: 'lengthCm', unit: 'cm', min: 5, max: 1000 },
    { kind: 'number', name: 'widthCm', unit: 'cm', min: 5, max: 500 },
    { kind: 'number', name: 'waterDepthCm', unit: 'cm', min: 1, max: 300 },
    { kind: 'number', name: 'attenuationPerM', unit: '1/m', min: 0, max: 10, standard: 0.45 },
  ],
  formula: 'flux on the surface (line of Lambertian emitters)·0.94·0.9^(0.5·depth/mean chord)·e^(−attenuationPerM·1.15·depth)/floor area',
  source: 'Lambert (1760); Beer (1852); losses at surface and glass are rules of thumb',
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
  fields: [{ kind: 'number', name: 'lux', unit: 'lx', min: 0, max: 200_000 }],
  formula: 'lux/65',
  source: 'Rule of thumb for white LED and daylight, ±25 %; a phone held at the ground of the empty tank',
  compute(inputs) {
    const value = numberOf(inputs, 'lux') / LUX_PER_PPFD
    return { value, low: value * (1 - LUX_SPREAD), high: value * (1 + LUX_SPREAD) }
  },
}
