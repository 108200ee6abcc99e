import { GROUND, GROUND_NITRATE, NUTRIENT_COUNT } from '../../state.js'
import { POOL, type Step } from '../../step.js'
import { shadeCanopy } from '../canopy.js'
import { grantOf } from '../grant.js'
import { remember } from '../memories.js'
import { photosynthesise } from '../photosynthesis.js'
import { moistSoil } from './moistSoil.js'
import { plantsInAir } from './plantsInAir.js'

/** One step without water over the ground. The water's pools stay as they are, at nothing, until the tank is flooded; algae wait; the film keeps the air moist (drying out and mould are not run). */
export function advanceDry(step: Step): void {
  const { state, want, granted, dtH } = step
  want.fill(0)
  step.algaeGrowthG.fill(0)
  step.invasionPerH.fill(0)
  step.algaeFed.fill(0)
  step.dustOnGlassPerH = step.healthyLeafM2PerM2 = step.nitriteOxidation = 0
  step.waterUptakeAmmoniumMg = step.waterUptakeNitrateMg = 0
  step.co2MgPerL = step.bicarbonateMgPerL = 0
  step.water.hydrogen = 1e-7
  shadeCanopy(step)
  photosynthesise(step)
  plantsInAir.demand(step)
  moistSoil.demand(step)
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++)
    granted[POOL.ground + nutrient] = grantOf(state[GROUND + nutrient]!, dtH * want[POOL.ground + nutrient]!)
  granted[POOL.nitrate] = grantOf(state[GROUND_NITRATE]!, dtH * want[POOL.nitrate]!)
  plantsInAir.apply(step)
  moistSoil.apply(step)
  remember(step)
}
