export {
  backwardCalendar,
  firstFillL,
  laterPlanting,
  LONG_DAY_H,
  OFTEN_FORGOTTEN,
  plantingWork,
  waterLogistics,
  type Forgotten,
  type Preparation,
  type WaterLogistics,
} from './backward.js'
export { START_END, startEndedOnDay, startMovedOn } from './startMovedOn.js'
export { PREPARATIONS, type PreparationCode } from './preparations.js'
export { animalsAllowedFromDay } from './animalsAllowed.js'
export { OUTLOOK_ASPECTS, outlookAspects, standOutlook, type OutlookAspect, type OutlookOfWeek } from './standOutlook.js'
export { AIR_GAP_CM, carpetCloses, dryWaterLineCm } from './dryWeeks.js'
export { START_REASONS, waysToStart, type StartReason, type WayToStart } from './waysToStart.js'
export { startDensity, type StartDensity } from './startDensity.js'
export { lightSettingOf, withLight, type LightSetting, type LightStep, type StepPutOff } from './lightSteps.js'
export { programmed, type ProgrammedLife, type ProgrammeFacts } from './programmed.js'
export { PROGRAMME_DAYS } from './programmeDays.js'
export { PROGRAMME_STEPS, programmeLength, startProgramme, stepsOn, type ProgrammeCode, type ProgrammeStep } from './programme.js'
export { beginOf, feedPhasesOf, proposedPhases, type LaidPhase } from './feedPhases.js'
