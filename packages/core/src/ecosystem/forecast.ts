import type { TimelineEntry } from '../plan/plan.js'
import { plantedAge } from '../plan/startPhase.js'
import { compile, type Compiled } from './compile.js'
import { checkpointed, type CheckpointStore } from './checkpoints.js'
import { NO_DEEDS, type Deeds } from './deeds.js'
import { drawParameters } from './drawParameters.js'
import { applyLevers, isAtRest, type Levers } from './levers.js'
import { DEFAULT_PARAMETERS } from './parameters.js'
import { simulate, type DayCurve } from './simulate.js'
import { summariseWeeks } from './weekSummary.js'

export interface ForecastOptions {
  readonly timeline: readonly TimelineEntry[]
  /** The tank's age today; the forecast starts here. */
  readonly today: number
  readonly weeks: number
  readonly seed: number
  readonly levers: Levers
  readonly deeds?: Deeds
}

export interface ArmResult {
  /** Weekly rows of WEEK_STRIDE. */
  readonly weeks: Float64Array
  /** A typical day of each week; empty for members whose hours are not kept. */
  readonly curves: readonly DayCurve[]
}

/** One tank of the ensemble, along the plan and, where levers were moved, along the changed plan from today: the same draws, the same start. */
export interface MemberResult {
  readonly member: number
  readonly planned: ArmResult
  readonly changed: ArmResult | null
}

export const INTERACTIVE_STEP_MIN = 30
/** Member 0 is the common tank: standard parameters, common answers. */
export const COMMON_TANK = 0

/** Hours are kept for the first members only: their median is a typical day, and a whole ensemble of hours would be megabytes. */
export const MEMBERS_WITH_HOURS = 12
/** The day after the weekly care is no typical one; the fourth is. */
const TYPICAL_DAY_OF_WEEK = 3

/** What levers cannot change, kept between gestures: each member's state today, and its planned arm by number of weeks. Of use only for the same timeline, day and seed. */
export type MemberCache = Map<number, { readonly stateToday: Float64Array; readonly plannedOfWeeks: Map<number, ArmResult> }>

/** One member's state at the start of today, run from the first day or from the newest checkpoint whose past is the same. */
export function stateToday(
  { timeline, deeds = NO_DEEDS, today, seed }: Pick<ForecastOptions, 'timeline' | 'deeds' | 'today' | 'seed'>,
  member: number,
  store: CheckpointStore,
): Float64Array {
  const compiled = compile({
    timeline,
    days: Math.max(1, today),
    stepMin: INTERACTIVE_STEP_MIN,
    draw: drawOf(seed, member),
    parameters: parametersOf(seed, member),
    deeds,
  })
  return checkpointed({ compiled, timeline, deeds, today, slot: `${seed}/${member}` }, store)
}

const drawOf = (seed: number, member: number) => (member === COMMON_TANK ? null : { seed, member })
const parametersOf = (seed: number, member: number) => (member === COMMON_TANK ? DEFAULT_PARAMETERS : drawParameters(seed, member))

/** `store` outlives the cache: it keeps states on the way to today for whatever stays the same. */
export function forecastMember(
  options: ForecastOptions,
  member: number,
  cache: MemberCache,
  store: CheckpointStore = new Map(),
): MemberResult {
  const { timeline, today, weeks, seed, levers, deeds = NO_DEEDS } = options
  const parameters = parametersOf(seed, member)
  const draw = drawOf(seed, member)
  const days = weeks * 7
  const newest = timeline.at(-1)?.plan
  const ageToday = newest === undefined ? today : plantedAge(newest, today)
  const curveDays = member > MEMBERS_WITH_HOURS ? [] : Array.from({ length: weeks }, (_, week) => today + week * 7 + TYPICAL_DAY_OF_WEEK)
  const compileAlong = (along: readonly TimelineEntry[], massFactor?: number): Compiled =>
    compile({
      timeline: along,
      days: today + days,
      stepMin: INTERACTIVE_STEP_MIN,
      draw,
      parameters,
      deeds,
      ...(massFactor === undefined ? {} : { massChange: { day: today, factor: massFactor } }),
    })
  const runFromToday = ({ forcing, figures, parameters: suited }: Compiled, startState: Float64Array): ArmResult => {
    const run = simulate({ forcing, parameters: suited, startState, fromDay: today, days, curveDays })
    return { weeks: summariseWeeks(run.rows, weeks, ageToday, figures.surfaceM2), curves: run.curves }
  }

  let past = cache.get(member)
  let compiled: Compiled | undefined
  if (past === undefined) {
    compiled = compileAlong(timeline)
    const state = checkpointed({ compiled, timeline, deeds, today, slot: `${seed}/${member}` }, store)
    past = { stateToday: state, plannedOfWeeks: new Map() }
    cache.set(member, past)
  }
  const { stateToday: startState, plannedOfWeeks } = past
  const planned = plannedOfWeeks.get(weeks) ?? runFromToday(compiled ?? compileAlong(timeline), startState)
  plannedOfWeeks.set(weeks, planned)
  if (isAtRest(levers)) return { member, planned, changed: null }
  return { member, planned, changed: runFromToday(compileAlong(leveredTimeline(timeline, today, levers), levers.massFactor), startState) }
}

/** The timeline with the levers in force from today on. */
export function leveredTimeline(timeline: readonly TimelineEntry[], today: number, levers: Levers): TimelineEntry[] {
  const past = timeline.filter((entry) => entry.fromDay < today)
  const now = timeline.filter((entry) => entry.fromDay <= today).at(-1) ?? timeline[0]
  if (now === undefined) throw new RangeError('a timeline has at least one entry')
  const changed = { ...now, fromDay: today, plan: applyLevers(now.plan, levers) }
  // Entries still to come keep their day, with the levers on top.
  const later = timeline.filter((entry) => entry.fromDay > today).map((entry) => ({ ...entry, plan: applyLevers(entry.plan, levers) }))
  return [...past, changed, ...later]
}
