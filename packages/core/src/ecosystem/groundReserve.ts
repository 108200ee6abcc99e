import { courseBand, COURSE_WEEKS, type MemberCourses } from './feedCourses.js'

export const GROUND_STORES = ['groundN', 'groundP', 'groundK', 'groundFe'] as const
export type GroundStore = (typeof GROUND_STORES)[number]

/** Below this much of its first stock a ground no longer feeds. Rule of thumb a tenth to a fifth. */
const SPENT_SHARE = 0.15
/** Less nitrogen than this to the litre of tank is inert ground [mg/L]. Rule of thumb. */
const INERT_MG_PER_L = 1
/** So much left after half a year holds. */
const HOLDS_SHARE = 0.9

/** How a store of the ground goes on: spent already, in some week from now, later, or held up by what comes in. */
export type ReserveCourse =
  | { readonly kind: 'spent' }
  | { readonly kind: 'in-weeks'; readonly weeks: number }
  | { readonly kind: 'later' }
  | { readonly kind: 'holds' }

/** `firstMg`: what the ground held when it was new. By the middle of the drawn tanks. */
export function reserveCourse(results: readonly MemberCourses[], store: GroundStore, firstMg: number): ReserveCourse {
  const left = (week: number): number => courseBand(results, 0, store, week).median
  const low = SPENT_SHARE * firstMg
  if (firstMg <= 0 || left(0) <= low) return { kind: 'spent' }
  const week = Array.from({ length: COURSE_WEEKS }, (_, at) => at).find((at) => left(at) < low)
  if (week !== undefined) return { kind: 'in-weeks', weeks: week + 1 }
  return { kind: left(COURSE_WEEKS - 1) >= HOLDS_SHARE * left(0) ? 'holds' : 'later' }
}

export const isInertGround = (results: readonly MemberCourses[], waterL: number): boolean =>
  results.length > 0 && courseBand(results, 0, 'groundN', 0).median < INERT_MG_PER_L * waterL
