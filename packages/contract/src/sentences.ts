import type { core } from 'zod'
import { enRefused } from './text/en/refused.js'

/** A plain sentence for one refused value: field, range, reason. Used by the API and by forms alike. */
export function sentenceOf(issue: core.$ZodIssue): { readonly field: string; readonly detail: string; readonly allowed?: string } {
  const field = issue.path.map(String).join('.')
  const name = field === '' ? enRefused.theBody : field
  switch (issue.code) {
    case 'too_small':
    case 'too_big': {
      const limit = String(issue.code === 'too_small' ? issue.minimum : issue.maximum)
      if (issue.origin === 'string' || issue.origin === 'array')
        return { field, detail: issue.code === 'too_small' ? enRefused.tooShort(name, limit) : enRefused.tooLong(name, limit) }
      const isLow = issue.code === 'too_small'
      return {
        field,
        detail: isLow ? enRefused.tooSmall(name, limit) : enRefused.tooLarge(name, limit),
        allowed: isLow ? `≥ ${limit}` : `≤ ${limit}`,
      }
    }
    case 'invalid_type':
      return { field, detail: enRefused.wrongType(name, issue.expected) }
    case 'invalid_value':
      return { field, detail: enRefused.notOneOf(name, issue.values.map(String).join(', ')), allowed: issue.values.map(String).join(', ') }
    case 'unrecognized_keys':
      return { field: [field, issue.keys[0] ?? ''].filter(Boolean).join('.'), detail: enRefused.unknownField(issue.keys.join(', ')) }
    case 'invalid_format':
      return { field, detail: enRefused.wrongForm(name, issue.format) }
    case 'custom':
      return { field, detail: (enRefused.rules as Record<string, string>)[issue.message] ?? enRefused.notAccepted(name) } // rules are named by their error code
    case 'invalid_element':
    case 'invalid_key':
    case 'invalid_union':
    case 'not_multiple_of':
      return { field, detail: enRefused.notAccepted(name) }
  }
}
