import { findingWords, mendWords, say } from '@jovrin/contract'
import type { Finding, Mend } from '@jovrin/core'
import type { Units } from '../../../ui/units.js'

export const findingSentence = ({ code, values, names }: Finding, units: Units): string =>
  say(findingWords, code, values, units.reader, names)
export const mendLabel = ({ code, values }: Mend, units: Units): string => say(mendWords, code, values, units.reader)
