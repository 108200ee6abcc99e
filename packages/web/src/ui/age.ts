import { appWords } from '@jovrin/contract'
import { daysBetween } from '@jovrin/core'
import { shortDate, significant } from './units.js'

/** How old a tank is, or for when it is planned. */
export const ageText = (startedOn: string, today: string): string =>
  startedOn > today ? appWords.plannedFor(shortDate(startedOn)) : appWords.dayOfTank(significant(daysBetween(startedOn, today), 6))
