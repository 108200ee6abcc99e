import { gasAdviceWords } from '@jovrin/contract'
import type { GasAdvice } from '@jovrin/core'
import type { Units } from '../ui/units.js'

/** A piece of advice as a sentence; some name the level at which a controller shuts. */
export function gasAdvice(code: GasAdvice, limitMgPerL: number | null, units: Units): string {
  const advice = gasAdviceWords[code]
  return typeof advice === 'string' ? advice : advice(limitMgPerL === null ? '…' : units.show('concentration', limitMgPerL))
}
