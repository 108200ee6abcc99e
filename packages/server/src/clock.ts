import { startWords } from '@jovrin/contract'
import { StartError } from './startError.js'

/** Handed in, so that tests and pictures stand at one fixed instant. */
export type Clock = () => Date

export function clockFrom(fixed: string | undefined): Clock {
  if (fixed === undefined || fixed === '') return () => new Date()
  const instant = new Date(fixed)
  if (Number.isNaN(instant.getTime())) throw new StartError(startWords.badClock(fixed))
  return () => instant
}
