import { GROUND } from '../ground/kinds.js'
import { bagsOf, layerVolumeL } from '../ground/layer.js'
import { GROUND_KINDS, HARDSCAPE_MATERIALS, type GroundKind, type HardscapeMaterial } from '../plan/plan.js'
import { exactly, numberOf, textOf, type FieldDescriptor, type Working } from '../quantity/working.js'
import { floorAreaCm2, glassMassKg, tankVolumes, type Vessel } from '../tank/vessel.js'
import { buoyancyOf } from './piece.js'

const number = (name: string, unit: string, min: number, max: number, standard?: number): FieldDescriptor => ({
  kind: 'number',
  name,
  unit,
  min,
  max,
  ...(standard === undefined ? {} : { standard }),
})
const SIZES = [number('lengthCm', 'cm', 5, 1000), number('widthCm', 'cm', 5, 500), number('glassCm', 'cm', 0, 10)] as const
const SLOPE = [number('frontCm', 'cm', 0, 200), number('backCm', 'cm', 0, 200)] as const
const GROUNDS: FieldDescriptor = { kind: 'choice', name: 'ground', choices: GROUND_KINDS }
const READ = (inputs: Parameters<Working['compute']>[0], heightCm: number, freeboardCm: number): Vessel => ({
  lengthCm: numberOf(inputs, 'lengthCm'),
  widthCm: numberOf(inputs, 'widthCm'),
  heightCm,
  glassCm: numberOf(inputs, 'glassCm'),
  freeboardCm,
})
/** High enough for any ground: only the floor counts. */
const ANY_HEIGHT_CM = 1000

export const groundBagsWorking: Working = {
  id: 'ground.bags',
  unit: '1',
  fields: [...SIZES, ...SLOPE, GROUNDS, number('bagL', 'L', 0.1, 2000)],
  formula: '⌈(lengthCm − 2·glassCm)·(widthCm − 2·glassCm)·(frontCm + backCm)/2000·(1 + settling)/bagL⌉',
  source: 'Geometry; settling 5–10 % by kind: rule of thumb',
  compute(inputs) {
    const litres = layerVolumeL(
      { frontCm: numberOf(inputs, 'frontCm'), backCm: numberOf(inputs, 'backCm') },
      floorAreaCm2(READ(inputs, ANY_HEIGHT_CM, 0)),
    )
    return exactly(bagsOf(litres, numberOf(inputs, 'bagL'), GROUND[textOf(inputs, 'ground') as GroundKind].settling)) // a listed choice
  },
}

/** Water at 24 °C. */
const WATER_KG_PER_L = 0.9973

export const filledWeightWorking: Working = {
  id: 'vessel.filled-weight',
  unit: 'kg',
  fields: [
    ...SIZES.slice(0, 2),
    number('heightCm', 'cm', 5, 300),
    SIZES[2],
    number('freeboardCm', 'cm', 0, 300),
    ...SLOPE,
    GROUNDS,
    number('hardscapeKg', 'kg', 0, 5000, 0),
    number('standKg', 'kg', 0, 5000, 0),
  ],
  formula: '2.5·glass + 0.9973·(open water + pores) + bulk·ground + hardscapeKg + standKg',
  source:
    'Float glass 2.5 kg/L, water at 24 °C (Tanaka et al. 2001), ground dry in bulk; stones counted as 2.65 kg/L for the water they push aside',
  compute(inputs) {
    const vessel = READ(inputs, numberOf(inputs, 'heightCm'), numberOf(inputs, 'freeboardCm'))
    const { porosity, bulkKgPerL } = GROUND[textOf(inputs, 'ground') as GroundKind] // a listed choice
    const groundL = layerVolumeL({ frontCm: numberOf(inputs, 'frontCm'), backCm: numberOf(inputs, 'backCm') }, floorAreaCm2(vessel))
    const hardscapeKg = numberOf(inputs, 'hardscapeKg')
    const { netWaterL } = tankVolumes(vessel, { groundL, poreWaterL: groundL * porosity, hardscapeL: hardscapeKg / 2.65 })
    return exactly(
      glassMassKg(vessel) + Math.max(0, netWaterL) * WATER_KG_PER_L + groundL * bulkKgPerL + hardscapeKg + numberOf(inputs, 'standKg'),
    )
  },
}

export const ballastWorking: Working = {
  id: 'hardscape.ballast',
  unit: 'kg',
  fields: [{ kind: 'choice', name: 'material', choices: HARDSCAPE_MATERIALS }, number('massKg', 'kg', 0, 1000)],
  formula: 'massKg/density·(1 − density)/(1 − 1/2.65)',
  source: 'Archimedes; the stone that holds it is lifted too. Density of dry wood 0.75–1.15 by kind',
  compute: (inputs) => exactly(buoyancyOf(numberOf(inputs, 'massKg'), textOf(inputs, 'material') as HardscapeMaterial).ballastKg), // a listed choice
}
