import { fillGround } from '../ground/layer.js'
import { ContradictionError, exactly, numberOf, rowsOf, type Working } from '../quantity/working.js'
import { floorAreaCm2, innerSize, tankVolumes } from '../tank/vessel.js'
import { displacementL } from './displacement.js'

export const netWaterWorking: Working = {
  id: 'vessel.net-water',
  unit: 'L',
  fields: [
    { kind: 'number', name: 'lengthCm', unit: 'cm', min: 5, max: 1000 },
    { kind: 'number', name: 'widthCm', unit: 'cm', min: 5, max: 500 },
    { kind: 'number', name: 'heightCm', unit: 'cm', min: 5, max: 300 },
    { kind: 'number', name: 'glassCm', unit: 'cm', min: 0, max: 10 },
    { kind: 'number', name: 'freeboardCm', unit: 'cm', min: 0, max: 300 },
    {
      kind: 'rows',
      name: 'layers',
      maxRows: 100,
      fields: [
        { kind: 'number', name: 'frontCm', unit: 'cm', min: 0, max: 300 },
        { kind: 'number', name: 'backCm', unit: 'cm', min: 0, max: 300 },
        { kind: 'number', name: 'porosity', unit: '1', min: 0, max: 0.95 },
      ],
    },
    {
      kind: 'rows',
      name: 'hardscape',
      maxRows: 500,
      fields: [
        { kind: 'number', name: 'massKg', unit: 'kg', min: 0, max: 5000 },
        { kind: 'number', name: 'densityKgPerL', unit: 'kg/L', min: 0.1, max: 12 },
      ],
    },
  ],
  formula:
    '(lengthCm − 2·glassCm)·(widthCm − 2·glassCm)·(heightCm − glassCm − freeboardCm)/1000 − Σ ground·(1 − porosity) − Σ massKg/densityKgPerL',
  source: 'Geometry; layers are straight slopes, stones lie wholly under water',
  compute(inputs) {
    const vessel = {
      lengthCm: numberOf(inputs, 'lengthCm'),
      widthCm: numberOf(inputs, 'widthCm'),
      heightCm: numberOf(inputs, 'heightCm'),
      glassCm: numberOf(inputs, 'glassCm'),
      freeboardCm: numberOf(inputs, 'freeboardCm'),
    }
    innerSize(vessel)
    const layers = rowsOf(inputs, 'layers').map((row) => ({
      frontCm: numberOf(row, 'frontCm'),
      backCm: numberOf(row, 'backCm'),
      porosity: numberOf(row, 'porosity'),
    }))
    const pieces = rowsOf(inputs, 'hardscape').map((row) => ({
      massKg: numberOf(row, 'massKg'),
      densityKgPerL: numberOf(row, 'densityKgPerL'),
    }))
    const volumes = tankVolumes(vessel, { ...fillGround(layers, floorAreaCm2(vessel)), hardscapeL: displacementL(pieces) })
    if (volumes.openWaterL < 0) throw new ContradictionError(['layers', 'hardscape', 'heightCm'])
    return exactly(volumes.netWaterL)
  },
}
