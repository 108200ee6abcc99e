import type { core } from 'zod'
import { fieldPathOf } from '@jovrin/core'
import { fieldWords } from './text/en/field.js'
import { refusedWords } from './text/en/refused.js'

/** What a form calls the answer at this place of a plan: nobody who fills in a form knows its field's name. */
function labelOf(path: readonly PropertyKey[]): string | null {
  const known: Readonly<Partial<Record<string, readonly [label: string, why: string]>>> = fieldWords
  const at = fieldPathOf(`/${path.map(String).join('/')}`)
  return at === null ? null : (known[at]?.[0] ?? null)
}

/** A plain sentence for one refused value: field, range, reason. Used by the API and by forms alike. */
export function sentenceOf(issue: core.$ZodIssue): { readonly field: string; readonly detail: string; readonly allowed?: string } {
  const field = issue.path.map(String).join('.')
  const name = field === '' ? refusedWords.theBody : (labelOf(issue.path) ?? field)
  switch (issue.code) {
    case 'too_small':
    case 'too_big': {
      const limit = String(issue.code === 'too_small' ? issue.minimum : issue.maximum)
      if (issue.origin === 'string' || issue.origin === 'array')
        return { field, detail: issue.code === 'too_small' ? refusedWords.tooShort(name, limit) : refusedWords.tooLong(name, limit) }
      const isLow = issue.code === 'too_small'
      return {
        field,
        detail: isLow ? refusedWords.tooSmall(name, limit) : refusedWords.tooLarge(name, limit),
        allowed: isLow ? `≥ ${limit}` : `≤ ${limit}`,
      }
    }
    case 'invalid_type':
      return { field, detail: refusedWords.wrongType(name, issue.expected) }
    case 'invalid_value':
      return {
        field,
        detail: refusedWords.notOneOf(name, issue.values.map(String).join(', ')),
        allowed: issue.values.map(String).join(', '),
      }
    case 'unrecognized_keys':
      return { field: [field, issue.keys[0] ?? ''].filter(Boolean).join('.'), detail: refusedWords.unknownField(issue.keys.join(', ')) }
    case 'invalid_format':
      return { field, detail: refusedWords.wrongForm(name, issue.format) }
    case 'custom':
      return { field, detail: (refusedWords.rules as Record<string, string>)[issue.message] ?? refusedWords.notAccepted(name) } // rules are named by their error code
    case 'invalid_element':
    case 'invalid_key':
    case 'invalid_union':
    case 'not_multiple_of':
      return { field, detail: refusedWords.notAccepted(name) }
  }
}
