export {
  AMPLE,
  bandOf,
  changeBand,
  changeShares,
  leadOf,
  algaeFedBy,
  growthOf,
  typicalDay,
  WIPE_MOST_DAYS,
  limitsByKind,
  ratioBand,
  type Arm,
  type Growth,
  type Hold,
  type KindLimit,
  type Lead,
  type LeadWord,
} from './balance.js'
export { CARE_MIN, compile, type Compiled, type CompileOptions } from './compile.js'
export { DAY, DAY_STRIDE } from './daySeries.js'
export { NO_DEEDS, type Act, type Deeds } from './deeds.js'
export { drawParameters } from './drawParameters.js'
export { type CheckpointStore } from './checkpoints.js'
export { flagsOf, isOfGas, NO_ANIMALS_MG_N_PER_L, type Flag } from './flags.js'
export {
  forecastMember,
  leveredTimeline,
  stateToday,
  type ArmResult,
  type ForecastOptions,
  type MemberResult,
  type MemberCache,
} from './forecast.js'
export { applyLevers, isAtRest, type Levers } from './levers.js'
export { DEFAULT_PARAMETERS } from './parameters.js'
export { PUBLIC_SERIES, publicForecast, type PublicForecast, type PublicForecastOptions } from './publicForecast.js'
export {
  COURSE_MEMBERS,
  COURSE_WEEKS,
  courseBand,
  feedCourses,
  type FeedCourse,
  type FeedCourseTask,
  type MemberCourses,
} from './feedCourses.js'
export { MODEL_VERSION, simulate, type DayCurve, type Run } from './simulate.js'
export { ALGAE_GUILDS, STATE_SIZE, type AlgaeGuild, type Feeder } from './state.js'
export { warmUp } from './warmUp.js'
export { tankFigures, type TankFigures } from './tankFigures.js'
export { STRANDS, SUPPLIES, WEEK_STRIDE, weekColumn, type Strand, type Supply, type WeekColumn } from './weekSummary.js'
export { cylinderSharers, type Sharer } from './cylinderSharers.js'
export { withGasAim, type GasAimTask } from './gasAimEdits.js'
export { gasMoves, type GasMove, type GasMoveKind } from './gasMoves.js'
export { measuredGas, withMeasuredGas, type MeasuredGas } from './measuredGas.js'
export { planInPhase } from './planInPhase.js'
export { changeFractionOn, isChangeDay, nextChange } from './changeDays.js'
export { GROUND_STORES, isInertGround, reserveCourse, type GroundStore } from './groundReserve.js'
