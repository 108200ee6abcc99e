import { accumulationWorking, saltDoseWorking } from './feed/feed.workings.js'
import { co2AirEquilibriumWorking } from './gas/airEquilibrium.working.js'
import { bubbleRateWorking } from './gas/bubbleRate.working.js'
import { netWaterWorking } from './hardscape/netWater.working.js'
import { dliWorking, floorPpfdWorking } from './light/light.workings.js'
import type { Working } from './quantity/working.js'
import { co2FromPhWorking, dilutionWorking, oxygenSaturationWorking, phFromCo2Working, unionisedAmmoniaWorking } from './water/water.workings.js'

/** Every worked figure, in the order of the work. */
export const WORKINGS: readonly Working[] = [
  netWaterWorking,
  floorPpfdWorking,
  dliWorking,
  co2FromPhWorking,
  phFromCo2Working,
  co2AirEquilibriumWorking,
  bubbleRateWorking,
  saltDoseWorking,
  accumulationWorking,
  dilutionWorking,
  unionisedAmmoniaWorking,
  oxygenSaturationWorking,
]
