import { GROUND_KINDS, type GroundKind } from '../plan/plan.js'
import { exactly, numberInput, numberOf, textOf, type FieldDescriptor, type Working } from '../quantity/working.js'
import { floorAreaCm2 } from '../tank/vessel.js'
import { GROUND } from './kinds.js'
import { bagsOf, layerVolumeL } from './layer.js'

/** One slope over the whole floor, and what it is made of. */
export const SLOPE_INPUTS: readonly FieldDescriptor[] = [
  numberInput('frontCm', 'cm', 0, 200),
  numberInput('backCm', 'cm', 0, 200),
  { kind: 'choice', name: 'ground', choices: GROUND_KINDS },
]

/** High enough for any ground: only the floor counts. */
const ANY_HEIGHT_CM = 1000

export const groundBagsWorking: Working = {
  id: 'ground.bags',
  unit: '1',
  fields: [
    numberInput('lengthCm', 'cm', 5, 1000),
    numberInput('widthCm', 'cm', 5, 500),
    numberInput('glassCm', 'cm', 0, 10),
    ...SLOPE_INPUTS,
    numberInput('bagL', 'L', 0.1, 2000),
  ],
  formula: '⌈(lengthCm − 2·glassCm)·(widthCm − 2·glassCm)·(frontCm + backCm)/2000·(1 + settling)/bagL⌉',
  source: 'Geometry; settling 5–10 % by kind: rule of thumb',
  compute(inputs) {
    const vessel = {
      lengthCm: numberOf(inputs, 'lengthCm'),
      widthCm: numberOf(inputs, 'widthCm'),
      heightCm: ANY_HEIGHT_CM,
      glassCm: numberOf(inputs, 'glassCm'),
      freeboardCm: 0,
    }
    const litres = layerVolumeL({ frontCm: numberOf(inputs, 'frontCm'), backCm: numberOf(inputs, 'backCm') }, floorAreaCm2(vessel))
    return exactly(bagsOf(litres, numberOf(inputs, 'bagL'), GROUND[textOf(inputs, 'ground') as GroundKind].settling)) // a listed choice
  },
}
