import { numberInput, numberOf, type FieldDescriptor, type WorkingInputs } from '../quantity/working.js'
import type { Vessel } from './vessel.js'

/** What workings of a whole tank ask of its glass. */
export const VESSEL_INPUTS: readonly FieldDescriptor[] = [
  numberInput('lengthCm', 'cm', 5, 1000),
  numberInput('widthCm', 'cm', 5, 500),
  numberInput('heightCm', 'cm', 5, 300),
  numberInput('glassCm', 'cm', 0, 10),
  numberInput('freeboardCm', 'cm', 0, 300),
]
export const vesselIn = (inputs: WorkingInputs): Vessel => ({
  lengthCm: numberOf(inputs, 'lengthCm'),
  widthCm: numberOf(inputs, 'widthCm'),
  heightCm: numberOf(inputs, 'heightCm'),
  glassCm: numberOf(inputs, 'glassCm'),
  freeboardCm: numberOf(inputs, 'freeboardCm'),
})
