export { alkalinityOfDkh, co2FromPh, dkhOfAlkalinity, phFromCo2 } from './carbonate.js'
export { tapOf } from './tapOf.js'
export { mixOf, withShare } from './mixOf.js'
export { conditioning } from './conditioning.js'
export { newWater, toldNewWater, type NewWater } from './newWater.js'
export { reportMeans, type Reported } from './reports.js'
export { changeCard, mineralsFor, type CARD_STEPS, type CardCode, type CardStep, type ChangeCard } from './changeCard.js'
export { hoseLPerMin } from './hose.js'
export {
  MOST_STEP_FRACTION,
  stepwiseChange,
  USUAL_PER_DAY,
  WATER_QUALITIES,
  type Stepwise,
  type WaterQuality,
  type WaterState,
} from './stepwise.js'
export { hardnessCreep } from './hardnessCreep.js'
export { barrelCourse, type BarrelDraw } from './barrelCourse.js'
export { firstFill, type FillStage, type FirstFill } from './firstFill.js'
export { changesNeeded, dilutedMgPerL } from './dilution.js'
export { warming } from './warming.js'
export { openBlendAlkalinity, openBlendHardness, openChange } from './change.sums.js'
export { nearestPurified } from './nearestPurified.js'
