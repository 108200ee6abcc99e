import { SLOPE_INPUTS } from '../ground/bags.working.js'
import { GROUND } from '../ground/kinds.js'
import { layerVolumeL } from '../ground/layer.js'
import type { GroundKind } from '../plan/plan.js'
import { exactly, numberInput, numberOf, textOf, type Working } from '../quantity/working.js'
import { floorAreaCm2, GLASS_KG_PER_M3, glassMassKg, tankVolumes } from '../tank/vessel.js'
import { VESSEL_INPUTS, vesselIn } from '../tank/vesselInputs.js'
import { MATERIAL } from './materials.js'

/** Water at 24 °C. */
const WATER_KG_PER_L = 0.9973

export const filledWeightWorking: Working = {
  id: 'vessel.filled-weight',
  unit: 'kg',
  fields: [...VESSEL_INPUTS, ...SLOPE_INPUTS, numberInput('hardscapeKg', 'kg', 0, 5000, 0), numberInput('standKg', 'kg', 0, 5000, 0)],
  formula: `${GLASS_KG_PER_M3 / 1000}·glass + ${WATER_KG_PER_L}·(open water + pores) + bulk·ground + hardscapeKg + standKg`,
  source: `Float glass ${GLASS_KG_PER_M3 / 1000} kg/L, water at 24 °C (Tanaka et al. 2001), ground dry in bulk; stones counted as ${MATERIAL.granite.densityKgPerL} kg/L for the water they push aside`,
  compute(inputs) {
    const vessel = vesselIn(inputs)
    const { porosity, bulkKgPerL } = GROUND[textOf(inputs, 'ground') as GroundKind] // a listed choice
    const groundL = layerVolumeL({ frontCm: numberOf(inputs, 'frontCm'), backCm: numberOf(inputs, 'backCm') }, floorAreaCm2(vessel))
    const hardscapeKg = numberOf(inputs, 'hardscapeKg')
    const { netWaterL } = tankVolumes(vessel, {
      groundL,
      poreWaterL: groundL * porosity,
      hardscapeL: hardscapeKg / MATERIAL.granite.densityKgPerL,
    })
    return exactly(
      glassMassKg(vessel) + Math.max(0, netWaterL) * WATER_KG_PER_L + groundL * bulkKgPerL + hardscapeKg + numberOf(inputs, 'standKg'),
    )
  },
}
