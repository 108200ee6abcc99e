export { plantSiteOf, siteOfBed } from './plantSite.js'
export { MENDS, type MendCode } from './mends.js'
export { checkTank, GASLESS_PPFD } from './checkTank.js'
export { TOOL_GAP_CM } from './checkHardscape.js'
export { outletFlowsLPerH, outletReaches } from './checkKit.js'
export { gasWaterOf } from './checkGas.js'
export { checkPlan } from './checkPlan.js'
export { cornersOf, filledKg } from './filled.js'
export { openWeights } from './filled.sums.js'
export { lightScore, lightWays, type LightScore, type LightWay } from './lightWays.js'
export {
  growthOf as plantGrowthOf,
  lightInCut,
  lightOverFloor,
  lightPicture,
  spreadOf,
  type LightPicture,
  type LightView,
} from './lightPicture.js'
