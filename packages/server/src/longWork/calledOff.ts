import { refusalWords } from '@jovrin/contract'
import { Refusal } from '../http/refusal.js'

/** What is told of work that its asker no longer wants. */
export const calledOff = (): Refusal => new Refusal(409, 'called_off', refusalWords.calledOff)
