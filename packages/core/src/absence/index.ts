export { LEFT_ALONE, plannedLife, settingsWith } from './withAbsences.js'
export { FAST_DAYS, proposedAbsence, SHORT_DAYS } from './proposedAbsence.js'
export { awayWater, type AwayWater } from './awayWater.js'
export { awayDoses, awayGas, longestFastDays, portionG, SPARE, visitDays, type GasStockIs, type ProductStock } from './awayStocks.js'
export { openAwayFall, openAwayLoss, openAwayStock } from './away.sums.js'
export { AWAY_DANGERS, awayDangers, type AwayDanger, type AwayDangerCode } from './awayDangers.js'
export {
  AWAY_COURSES,
  awayAhead,
  awayMember,
  type AwayAhead,
  type AwayCourse,
  type AwayEnd,
  type AwayTask,
  type MemberAway,
} from './awayAhead.js'
