import { HARDSCAPE_MATERIALS, type HardscapeMaterial } from '../plan/plan.js'
import { exactly, numberInput, numberOf, textOf, type Working } from '../quantity/working.js'
import { MATERIAL } from './materials.js'
import { buoyancyOf } from './piece.js'

export const ballastWorking: Working = {
  id: 'hardscape.ballast',
  unit: 'kg',
  fields: [{ kind: 'choice', name: 'material', choices: HARDSCAPE_MATERIALS }, numberInput('massKg', 'kg', 0, 1000)],
  formula: `massKg/density·(1 − density)/(1 − 1/${MATERIAL.granite.densityKgPerL})`,
  source: 'Archimedes; the stone that holds it is lifted too. Density of dry wood 0.75–1.15 by kind',
  compute: (inputs) => exactly(buoyancyOf(numberOf(inputs, 'massKg'), textOf(inputs, 'material') as HardscapeMaterial).ballastKg), // a listed choice
}
