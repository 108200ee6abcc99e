import { instantOfIso, isCivilDate } from '@jovrin/core'
import { z } from 'zod'

/** First and last day that a plan may have. */
export const FIRST_DATE = '1990-01-01'
export const LAST_DATE = '2100-12-31'

/** A civil date between the years that a plan may have. The one form of a day at every boundary. */
export const CivilDate = z.iso.date().refine((date) => date >= FIRST_DATE && date <= LAST_DATE, { error: 'date_range' })

/** `2026-11-24T09:00:00.000Z` is 24 signs; whoever writes shorter or without fractions is understood. */
const INSTANT_MOST = 30

/** An instant in UTC between the years that a plan may have, told in one form: milliseconds and Z. */
export const Instant = z.iso
  .datetime()
  .max(INSTANT_MOST)
  .refine((at) => isCivilDate(at.slice(0, 10)) && at.slice(0, 10) >= FIRST_DATE && at.slice(0, 10) <= LAST_DATE, { error: 'date_range' })
  .overwrite((at) => instantOfIso(at) ?? at)

/** A name of the time zone tables, such as Europe/Berlin. */
export const TimeZone = z.string().max(64).refine(isTimeZone, { error: 'time_zone' })

function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}
