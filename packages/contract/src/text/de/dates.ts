import type { datesWords } from '../en/dates.js'
import type { Translation } from '../language.js'

export const dates: Translation<typeof datesWords> = {
  noDay: 'Noch kein Tag des Kalenders.',
  noTime: 'Noch keine Uhrzeit.',
  early: (first) => `Nicht vor dem ${first}.`,
  late: (last) => `Nicht nach dem ${last}.`,
}
