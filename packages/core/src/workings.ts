import { stockGramsWorking, stockStrengthWorking } from './feed/stock.workings.js'
import { bottleDoseWorking, ghSaltWorking, khSaltWorking, labelStrengthWorking, saltGramsWorking } from './feed/dose.workings.js'
import { accumulationWorking, saltDoseWorking } from './feed/feed.workings.js'
import { co2AirEquilibriumWorking } from './gas/airEquilibrium.working.js'
import { bubbleRateWorking } from './gas/bubbleRate.working.js'
import { co2FromDyeWorking } from './gas/dye/co2FromDye.working.js'
import { bottleOutputWorking, bubbleDissolvedWorking, endSurgeWorking } from './gas/sources.workings.js'
import { cylinderPressureWorking, indicatorColourWorking, stepResponseWorking } from './gas/course.workings.js'
import { co2FromDropWorking, cylinderDaysWorking } from './gas/checks.workings.js'
import { groundBagsWorking } from './ground/bags.working.js'
import { ballastWorking } from './hardscape/ballast.working.js'
import { filledWeightWorking } from './hardscape/filledWeight.working.js'
import { netWaterWorking } from './hardscape/netWater.working.js'
import { dliWorking, floorPpfdWorking } from './light/light.workings.js'
import { ppfdFromLuxWorking } from './light/light.workings.js'
import { linePpfdWorking, panelPpfdWorking, pointPpfdWorking, transmittanceWorking } from './light/lineSource.workings.js'
import { plantingPortionsWorking } from './planting/portions.working.js'
import type { Working } from './quantity/working.js'
import { evaporationWorking, jetReachWorking, paneSafetyWorking, realFlowWorking, twistWorking } from './tank/vessel.workings.js'
import { blendShareWorking, changesNeededWorking, conditionerWorking, fillTimeWorking, hotWaterWorking } from './water/change.workings.js'
import {
  co2FromPhWorking,
  dilutionWorking,
  oxygenSaturationWorking,
  phFromCo2Working,
  unionisedAmmoniaWorking,
} from './water/water.workings.js'

/** Every worked figure, in the order of the work. */
export const WORKINGS: readonly Working[] = [
  netWaterWorking,
  filledWeightWorking,
  paneSafetyWorking,
  twistWorking,
  evaporationWorking,
  groundBagsWorking,
  ballastWorking,
  plantingPortionsWorking,
  realFlowWorking,
  jetReachWorking,
  floorPpfdWorking,
  dliWorking,
  ppfdFromLuxWorking,
  pointPpfdWorking,
  linePpfdWorking,
  panelPpfdWorking,
  transmittanceWorking,
  co2FromPhWorking,
  phFromCo2Working,
  co2FromDropWorking,
  co2AirEquilibriumWorking,
  bubbleRateWorking,
  cylinderDaysWorking,
  cylinderPressureWorking,
  stepResponseWorking,
  indicatorColourWorking,
  co2FromDyeWorking,
  bubbleDissolvedWorking,
  endSurgeWorking,
  bottleOutputWorking,
  saltGramsWorking,
  stockGramsWorking,
  stockStrengthWorking,
  saltDoseWorking,
  bottleDoseWorking,
  labelStrengthWorking,
  accumulationWorking,
  dilutionWorking,
  changesNeededWorking,
  blendShareWorking,
  ghSaltWorking,
  khSaltWorking,
  fillTimeWorking,
  hotWaterWorking,
  conditionerWorking,
  unionisedAmmoniaWorking,
  oxygenSaturationWorking,
]
