import { feedSheetWords, schoolWords } from '@jovrin/contract'
import type { FeedCourse, FeedingSchool, Plan } from '@jovrin/core'

/** Those that growers follow. */
const COMPARED = ['rich-column', 'lean-column', 'measured-ratio', 'ground-led', 'all-in-one'] as const satisfies readonly FeedingSchool[]
/** Rich to lean and back: so long lean. */
const BACK_AFTER_DAYS = 56

/** The courses of the comparison for a plan: what it follows first, then the others, and lean for some weeks where it is not lean. */
export function comparedCourses({ feeding }: Pick<Plan, 'feeding'>): readonly FeedCourse[] {
  const isLeaner = feeding === 'lean-column' || feeding === 'none'
  return [
    { school: feeding, backAfterDays: null },
    ...COMPARED.filter((school) => school !== feeding).map((school) => ({ school, backAfterDays: null })),
    ...(isLeaner ? [] : [{ school: 'lean-column' as const, backAfterDays: BACK_AFTER_DAYS }]),
  ]
}
export const courseName = ({ school, backAfterDays }: FeedCourse): string =>
  backAfterDays === null ? schoolWords[school] : feedSheetWords.back
