import { plantedAge } from '../plan/startPhase.js'
import type { FeedingSchool, TimelineEntry } from '../plan/plan.js'
import { bandOver, type Band } from '../numeric/band.js'
import { compile } from './compile.js'
import type { CheckpointStore } from './checkpoints.js'
import { NO_DEEDS, type Deeds } from './deeds.js'
import { drawParameters } from './drawParameters.js'
import { COMMON_TANK, leveredTimeline, stateToday } from './forecast.js'
import { DEFAULT_PARAMETERS } from './parameters.js'
import { simulate } from './simulate.js'
import { summariseWeeks, WEEK_STRIDE, weekColumn, type WeekColumn } from './weekSummary.js'

/** A school followed from today on; for some days only where the grower means to go back. */
export interface FeedCourse {
  readonly school: FeedingSchool
  readonly backAfterDays: number | null
}
export interface FeedCourseTask {
  readonly timeline: readonly TimelineEntry[]
  readonly today: number
  readonly seed: number
  readonly deeds?: Deeds
  readonly courses: readonly FeedCourse[]
}
export const COURSE_WEEKS = 26
/** Each drawn tank is compared with itself, so that few are enough. */
export const COURSE_MEMBERS = 8
/** Half a year of doses by the day: an hour a step is fine enough. */
const STEP_MIN = 60

/** Weekly rows of WEEK_STRIDE of each course, in one drawn tank. */
export interface MemberCourses {
  readonly member: number
  readonly courses: readonly Float64Array[]
}

/** One drawn tank from its state today along each course. */
export function feedCourses(task: FeedCourseTask, member: number, store: CheckpointStore): MemberCourses {
  const { timeline, today, seed, deeds = NO_DEEDS, courses } = task
  const startState = stateToday({ timeline, today, seed, deeds }, member, store)
  const days = COURSE_WEEKS * 7
  return {
    member,
    courses: courses.map((course) => {
      const newest = timeline.at(-1)?.plan
      const ageToday = newest === undefined ? today : plantedAge(newest, today)
      const { forcing, figures, parameters } = compile({
        timeline: alongCourse(timeline, today, course),
        days: today + days,
        stepMin: STEP_MIN,
        draw: member === COMMON_TANK ? null : { seed, member },
        parameters: member === COMMON_TANK ? DEFAULT_PARAMETERS : drawParameters(seed, member),
        deeds,
      })
      const { rows } = simulate({ forcing, parameters, startState, fromDay: today, days })
      return summariseWeeks(rows, COURSE_WEEKS, ageToday, figures.surfaceM2)
    }),
  }
}

/** The timeline with a school in force from today, and what was planned again after the days that it is followed. */
export function alongCourse(timeline: readonly TimelineEntry[], today: number, { school, backAfterDays }: FeedCourse): TimelineEntry[] {
  const changed = leveredTimeline(timeline, today, { feeding: school })
  if (backAfterDays === null) return changed
  const back = today + backAfterDays
  const then = timeline.findLast(({ fromDay }) => fromDay <= back) ?? timeline[0]
  return [
    ...changed.filter(({ fromDay }) => fromDay < back),
    ...(then === undefined ? [] : [{ ...then, fromDay: back }]),
    ...timeline.filter(({ fromDay }) => fromDay > back),
  ]
}

/** A column of one course and week over the drawn tanks: the middle and eight of ten. */
export function courseBand(results: readonly MemberCourses[], course: number, column: WeekColumn, week: number): Band {
  const values = results.map(({ courses }) => courses[course]?.[week * WEEK_STRIDE + weekColumn(column)] ?? 0)
  return bandOver(values)
}
