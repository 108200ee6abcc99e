import { numberInput, exactly, numberOf, textOf, type Working } from '../quantity/working.js'
import { DAY_SHAPES, dailyLightMolPerM2, MOL_PER_UMOL_H_PER_S, type DayShape } from './dailyLight.js'
import { meanOfPlane, PANE_KEEPS } from './litPlane.js'

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

/** Dirt, aim and what the maker prints against the field; rule of thumb. */
export const FLOOR_SPREAD = 1.3
export const FIELD_SOURCE = `Every element of a lamp by the cosine (Lambert 1760), refraction (Snell 1621), loss at the surface and in the panes (Fresnel 1823), slant ways in the water (Beer 1852); clean glass in air sends flat rays back wholly, and ${PANE_KEEPS} of every bounce is kept (rule of thumb 0.8–0.95)`

export const floorPpfdWorking: Working = {
  id: 'light.floor-ppfd',
  unit: 'µmol/m²/s',
  fields: [
    numberInput('fluxUmolPerS', 'µmol/s', 0, 100_000),
    numberInput('lampLengthCm', 'cm', 1, 1000),
    numberInput('lampWidthCm', 'cm', 0.5, 500, 8),
    numberInput('beamExponent', '', 0.5, 60, 1),
    numberInput('aboveWaterCm', 'cm', 0, 300),
    numberInput('lengthCm', 'cm', 5, 1000),
    numberInput('widthCm', 'cm', 5, 500),
    numberInput('waterDepthCm', 'cm', 1, 300),
    numberInput('attenuationPerM', '1/m', 0, 10, 0.45),
  ],
  formula:
    'mean over the floor of Σ fluxUmolPerS·(beamExponent+1)/(2π)·cosⁿ·passed surface·e^(−attenuationPerM·way)·kept by the panes/way²',
  source: FIELD_SOURCE,
  compute(inputs) {
    const given = (name: string): number => numberOf(inputs, name)
    const inner = { lengthCm: given('lengthCm'), widthCm: given('widthCm'), waterDepthCm: given('waterDepthCm') }
    const lamp = {
      xCm: inner.lengthCm / 2,
      yCm: inner.widthCm / 2,
      lengthCm: given('lampLengthCm'),
      widthCm: given('lampWidthCm'),
      aboveWaterCm: given('aboveWaterCm'),
      fluxUmolPerS: given('fluxUmolPerS'),
      beamExponent: given('beamExponent'),
      tiltDeg: 0,
    }
    const value = meanOfPlane({ lamps: [lamp], attenuationPerM: given('attenuationPerM'), inner, heightCm: 0 })
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
