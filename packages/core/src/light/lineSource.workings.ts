import { exactly, numberInput, numberOf, type Working, type WorkingInputs } from '../quantity/working.js'
import { transmittance } from './attenuation.js'
import { linePpfd, panelPpfd, pointPpfd } from './lineSource.js'

const FLUX = numberInput('fluxUmolPerS', 'µmol/s', 0, 100_000)
/** From the point below the middle of the lamp, and down from it. */
const SPOT = [numberInput('xM', 'm', -20, 20), numberInput('yM', 'm', -20, 20), numberInput('hM', 'm', 0.001, 20)] as const
const spotOf = (inputs: WorkingInputs): readonly [number, number, number] => [
  numberOf(inputs, 'xM'),
  numberOf(inputs, 'yM'),
  numberOf(inputs, 'hM'),
]

export const pointPpfdWorking: Working = {
  id: 'light.point-ppfd',
  unit: 'µmol/m²/s',
  fields: [FLUX, ...SPOT],
  formula: 'fluxUmolPerS·hM²/(π·(xM²+yM²+hM²)²)',
  source: 'Point that shines by the cosine, in air (Lambert 1760)',
  compute: (inputs) => exactly(pointPpfd(numberOf(inputs, 'fluxUmolPerS'), ...spotOf(inputs))),
}

export const linePpfdWorking: Working = {
  id: 'light.line-ppfd',
  unit: 'µmol/m²/s',
  fields: [FLUX, numberInput('lengthM', 'm', 0.005, 20), ...SPOT],
  formula: 'fluxUmolPerS/(π·lengthM)·∫ hM²/((xM−s)²+yM²+hM²)² ds, s from −lengthM/2 to lengthM/2',
  source: 'Even line that shines by the cosine, in air (Lambert 1760); the integral in closed form',
  compute: (inputs) => exactly(linePpfd(numberOf(inputs, 'fluxUmolPerS'), numberOf(inputs, 'lengthM'), ...spotOf(inputs))),
}

export const panelPpfdWorking: Working = {
  id: 'light.panel-ppfd',
  unit: 'µmol/m²/s',
  fields: [FLUX, numberInput('lengthXM', 'm', 0.005, 20), numberInput('lengthYM', 'm', 0.005, 20), ...SPOT],
  formula: 'fluxUmolPerS/(π·lengthXM·lengthYM)·∬ hM²/((xM−u)²+(yM−v)²+hM²)² du dv over the panel',
  source: 'Even rectangle that shines by the cosine, in air (Lambert 1760); adaptive quadrature across its width',
  compute: (inputs) =>
    exactly(panelPpfd(numberOf(inputs, 'fluxUmolPerS'), numberOf(inputs, 'lengthXM'), numberOf(inputs, 'lengthYM'), ...spotOf(inputs))),
}

export const transmittanceWorking: Working = {
  id: 'light.transmittance',
  unit: '',
  fields: [numberInput('kPerM', '1/m', 0, 10), numberInput('depthM', 'm', 0, 20)],
  formula: 'e^(−kPerM·depthM)',
  source: 'Plumb way in water (Bouguer 1729, Beer 1852); clear tank water 0.3–0.6 /m, stained 1–3 /m (rule of thumb)',
  compute: (inputs) => exactly(transmittance(numberOf(inputs, 'kPerM'), numberOf(inputs, 'depthM'))),
}
