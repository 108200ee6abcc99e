import type { Job, JobPortion } from '@jovrin/core'
import { nameIn } from './plural.js'
import { saltWords } from './en/feed.js'
import { jobTaskWords, portionWords } from './en/routine.js'
import { say, tell, type Reader } from './tell.js'

/** One portion of a day's doses, as it is weighed or poured. */
export function portionText({ name, salt, unit, amount, stock, isGuess }: JobPortion, reader: Reader): string {
  const ml = (value: number): string => tell({ value, dimension: 'dosing' }, reader)
  const grams = (value: number): string => tell({ value, dimension: 'salt' }, reader)
  if (isGuess) return portionWords.ofGuess(ml(amount))
  const called = name === '' && salt !== null ? nameIn(saltWords, salt) : name
  if (stock !== null) return portionWords.ofStock(called, ml(stock.ml), grams(stock.inG))
  return unit === 'g' ? portionWords.weighed(called, grams(amount)) : portionWords.ofBottle(called, ml(amount))
}

/** What a job asks for besides its title; '' where the title says it all. */
export const jobTask = ({ kind, values, portions }: Pick<Job, 'kind' | 'values' | 'portions'>, reader: Reader): string =>
  kind === 'dose' ? (portions ?? []).map((portion) => portionText(portion, reader)).join(' · ') : say(jobTaskWords, kind, values, reader)
