import { ANIMAL_FINDINGS } from './safety/checkAnimals.js'
import { DENSITY_FINDINGS } from './safety/checkDensity.js'
import { FEED_FINDINGS } from './safety/checkFeed.js'
import { GAS_FINDINGS } from './safety/checkGas.js'
import { GROUND_FINDINGS } from './safety/checkGround.js'
import { GROUP_FINDINGS } from './safety/checkGroups.js'
import { HARDSCAPE_FINDINGS } from './safety/checkHardscape.js'
import { INTENT_FINDINGS } from './safety/checkIntent.js'
import { KIT_FINDINGS } from './safety/checkKit.js'
import { LIGHT_FINDINGS } from './safety/checkLight.js'
import { PLANTING_FINDINGS } from './safety/checkPlanting.js'
import { SPOT_FINDINGS } from './safety/checkSpots.js'
import { START_FINDINGS } from './safety/checkStart.js'
import { TANK_FINDINGS } from './safety/checkTank.js'
import { VESSEL_FINDINGS } from './safety/checkVessel.js'
import { WATER_FINDINGS } from './safety/checkWater.js'

/** Everything that can be found about a plan, by its code. */
export const FINDINGS = {
  ...TANK_FINDINGS,
  ...LIGHT_FINDINGS,
  ...GAS_FINDINGS,
  ...FEED_FINDINGS,
  ...WATER_FINDINGS,
  ...START_FINDINGS,
  ...VESSEL_FINDINGS,
  ...GROUND_FINDINGS,
  ...HARDSCAPE_FINDINGS,
  ...DENSITY_FINDINGS,
  ...SPOT_FINDINGS,
  ...PLANTING_FINDINGS,
  ...GROUP_FINDINGS,
  ...ANIMAL_FINDINGS,
  ...KIT_FINDINGS,
  ...INTENT_FINDINGS,
}
export type FindingCode = keyof typeof FINDINGS
