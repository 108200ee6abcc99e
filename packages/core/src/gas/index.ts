export { co2AirEquilibriumMgPerL } from './airEquilibrium.js'
export { addedGasLine, gasGPerDay, gasHoursOf, hasGas, type AnsweredLine } from './linesOf.js'
export { GAS_ANIMALS, type GasAnimals } from './grade.js'
export { openGasRate } from './gas.sums.js'
export { LEAK_ALARM, LEAK_HARMFUL } from './leak.js'
export { openLeak } from './leak.sums.js'
export { windowOf, type DailyWindow } from './fit/dailyWindows.js'
export { fitGasLog, fittedLevels, GAS_FIT_REASONS, type FittedFigure, type GasFit, type GasFitReason } from './fit/fitGasLog.js'
export type { GasLog } from './fit/gasLog.js'
export { gasDayCurve, type GasWater } from './gasDay.js'
export { timerWays, type TimerWay } from './timer.js'
export { readLog, type ReadLog } from './fit/readLog.js'
export { cylinderForecast, cylinderOf, SWAP_AT_FRACTION, type CylinderForecast, type Weighing } from './cylinder.js'
export { blueShare, indicatorPh } from './indicator.js'
export {
  AT_LIGHTS_ON_SHARE,
  FIRST_DAY_MG_PER_L,
  MUCH_MG_PER_L,
  SENSITIVE_MG_PER_L,
  SHORT_MG_PER_L,
  TOO_MUCH_MG_PER_L,
  wantsSensitive,
} from './limits.js'
export { gradeOf, type GasGrade } from './grade.js'
export { withTimer } from './timerEdits.js'
export { ASSEMBLY_STEPS, assemblyOf, type AssemblyStep } from './assembly.js'
export { byteOf, dyeColour, linearOf, type Rgb } from './dye/colour.js'
export { DYE_REFUSALS, readDye, type DyeReading, type DyeRefusal } from './dye/readDye.js'
export { bottleDays, BOTTLE_RANGE, FERMENTED, remixDay, unstoppedMgPerL, type Bottle } from './fermentation.js'
export { bubbleMlOfCaught, withBubbleTimes } from './bubbleSize.js'
export { BUBBLE_WAYS, dissolvedOfBubble } from './risingBubble.js'
export { GAS_STAGES, gasAims, type GasAimStep, type GasStage } from './stages.js'
export { surgedPeakMgPerL, surgeTimes } from './surge.js'
export { bottleOutputWorking, bubbleDissolvedWorking, endSurgeWorking } from './sources.workings.js'
