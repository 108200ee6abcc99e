export { dailyLightMolPerM2 } from './dailyLight.js'
export { lightDayTable, openDayTable } from './dayTable.js'
export { dimOf, effectiveHoursOf, lightHoursOf, lightsOnMin, type AnsweredLamp } from './lampsOf.js'
export { edgeMinutes, moveEdge, SNAP_MIN, type DayEdge } from './dayEdits.js'
export { openDailyLight, openFloorLight } from './light.sums.js'
export { addLamp, changeLamp, moveLamp, raiseLamp, removeLamp } from './lampEdits.js'
export { LIGHT_LEVEL_FROM, LIGHT_LEVELS, lightLevelOf, type LightLevel } from './classes.js'
export { hoursForSameLight, MOST_LIGHT_HOURS, openEqualLight } from './equalLight.js'
export { sunByMonth, type WindowPlace } from './sunByMonth.js'
export { budgetOf, type LightBudget } from './field/budget.js'
export { cellsOf, type CellField } from './field/cells.js'
export { fieldOf, type LightGrid } from './field/fieldOf.js'
export type { FieldLamp, WaterBox } from './field/fieldLamp.js'
export { lightAt } from './lightAt.js'
export { litPlane, meanOfPlane, PANE_KEEPS } from './litPlane.js'
export {
  fitReadings,
  LIGHT_FIT_DOUBTS,
  withFit,
  type FittedReading,
  type FittedValue,
  type LightFit,
  type LightFitDoubt,
} from './fit/fitReadings.js'
export { fluxOfTable, type MakerFit, type MakerValue } from './fit/makerTable.js'
export { levelLight, levelMeanWith, levelWaterBox, spreadOf, type LevelLight } from './levelLight.js'
export { underFilmPpfd } from './underFilm.js'
