import { fillGround } from '../ground/layer.js'
import { numberInput, ContradictionError, exactly, numberOf, rowsOf, type Working } from '../quantity/working.js'
import { floorAreaCm2, innerSize, tankVolumes } from '../tank/vessel.js'
import { VESSEL_INPUTS, vesselIn } from '../tank/vesselInputs.js'
import { displacementL } from './displacement.js'

export const netWaterWorking: Working = {
  id: 'vessel.net-water',
  unit: 'L',
  fields: [
    ...VESSEL_INPUTS,
    {
      kind: 'rows',
      name: 'layers',
      maxRows: 100,
      fields: [numberInput('frontCm', 'cm', 0, 300), numberInput('backCm', 'cm', 0, 300), numberInput('porosity', '1', 0, 0.95)],
    },
    {
      kind: 'rows',
      name: 'hardscape',
      maxRows: 500,
      fields: [numberInput('massKg', 'kg', 0, 5000), numberInput('densityKgPerL', 'kg/L', 0.1, 12)],
    },
  ],
  formula:
    '(lengthCm − 2·glassCm)·(widthCm − 2·glassCm)·(heightCm − glassCm − freeboardCm)/1000 − Σ ground·(1 − porosity) − Σ massKg/densityKgPerL',
  source: 'Geometry; layers are straight slopes, stones lie wholly under water',
  compute(inputs) {
    const vessel = vesselIn(inputs)
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
