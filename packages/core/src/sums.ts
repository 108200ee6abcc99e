import { awayBottleSum, awayFallSum, awayLossSum, awaySaltSum } from './absence/away.sums.js'
import { surfaceGasSum, surfaceLossSum } from './budget/gasBySurface.sums.js'
import { fertiliserCostSum, gasCostSum, monthSum, plantsCostSum, powerCostSum, saltsCostSum, waterCostSum } from './budget/running.sums.js'
import { bottleLastsSum, saltLastsSum } from './budget/stockLasts.sums.js'
import { gasRateSum } from './gas/gas.sums.js'
import { leakSum } from './gas/leak.sums.js'
import { bagsSum, dryGroundSum, groundSum, poreSum } from './ground/ground.sums.js'
import { gapSum, goldenSum, hiddenSum, mainSum, openFloorSum, openRearSum, secondSum, thirdSum } from './hardscape/composition.sums.js'
import { allWaterSum, displacedSum, openWaterSum } from './hardscape/water.sums.js'
import { upkeepSum } from './intent/upkeep.sums.js'
import { foodNitrogenSum, foodSum } from './livestock/load.sums.js'
import { equalLightSum } from './light/equalLight.js'
import { dailyLightSum, floorLightSum } from './light/light.sums.js'
import { filledSum, glassMassSum, piecesMassSum, usualMassSum, waterMassSum, weighedSum } from './safety/filled.sums.js'
import { deadShareSum, givenTurnoverSum, reachSum, realFlowSum, turnoverSum } from './tank/flow.sums.js'
import { coolerSum, heaterSum } from './tank/heat.sums.js'
import { basePressureSum, evaporationSum, fillSum, floorLoadSum, footPressureSum, grossSum, paneSum } from './tank/vessel.sums.js'

import { blendAlkalinitySum, blendHardnessSum, changeLitresSum, conditionerSum, fillSecondsSum, hotLitresSum } from './water/change.sums.js'

/** Every figure of a plan that opens with a sum of its own, in the order of the work. */
export const SUMS = [
  grossSum,
  fillSum,
  openWaterSum,
  allWaterSum,
  paneSum,
  evaporationSum,
  glassMassSum,
  waterMassSum,
  usualMassSum,
  weighedSum,
  filledSum,
  floorLoadSum,
  basePressureSum,
  footPressureSum,
  groundSum,
  poreSum,
  dryGroundSum,
  bagsSum,
  displacedSum,
  piecesMassSum,
  openFloorSum,
  openRearSum,
  gapSum,
  mainSum,
  thirdSum,
  goldenSum,
  secondSum,
  hiddenSum,
  realFlowSum,
  turnoverSum,
  givenTurnoverSum,
  reachSum,
  deadShareSum,
  heaterSum,
  coolerSum,
  blendHardnessSum,
  blendAlkalinitySum,
  changeLitresSum,
  hotLitresSum,
  conditionerSum,
  fillSecondsSum,
  foodSum,
  foodNitrogenSum,
  awayLossSum,
  awayFallSum,
  awaySaltSum,
  awayBottleSum,
  saltLastsSum,
  bottleLastsSum,
  floorLightSum,
  dailyLightSum,
  equalLightSum,
  gasRateSum,
  leakSum,
  surfaceGasSum,
  surfaceLossSum,
  powerCostSum,
  gasCostSum,
  saltsCostSum,
  fertiliserCostSum,
  waterCostSum,
  plantsCostSum,
  monthSum,
  upkeepSum,
] as const

type AnySum = (typeof SUMS)[number]
export type SumId = AnySum['id']
type KeyOf<T> = T extends unknown ? keyof T : never
/** Every name that a formula uses. */
export type SumTerm = KeyOf<AnySum['terms']> | KeyOf<AnySum['each']>
