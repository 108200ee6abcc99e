import type { core } from 'zod'
import { en } from './text/en.js'

/** A plain sentence for one refused value: field, range, reason. Used by the API and by forms alike. */
export function sentenceOf(issue: core.$ZodIssue): { readonly field: string; readonly detail: string; readonly allowed?: string } {
  const field = issue.path.map(String).join('.')
  const name = field === '' ? en.refused.theBody : field
  switch (issue.code) {
    case 'too_small':
    case 'too_big': {
      const limit = String(issue.code === 'too_small' ? issue.minimum : issue.maximum)
      if (issue.origin === 'string' || issue.origin === 'array')
        return { field, detail: issue.code === 'too_small' ? en.refused.tooShort(name, limit) : en.refused.tooLong(name, limit) }
      const isLow = issue.code === 'too_small'
      return {
        field,
        detail: isLow ? en.refused.tooSmall(name, limit) : en.refused.tooLarge(name, limit),
        allowed: isLow ? `≥ ${limit}` : `≤ ${limit}`,
      }
    }
    case 'invalid_type':
      return { field, detail: en.refused.wrongType(name, issue.expected) }
    case 'invalid_value':
      return { field, detail: en.refused.notOneOf(name, issue.values.map(String).join(', ')), allowed: issue.values.map(String).join(', ') }
    case 'unrecognized_keys':
      return { field: [field, issue.keys[0] ?? ''].filter(Boolean).join('.'), detail: en.refused.unknownField(issue.keys.join(', ')) }
    case 'invalid_format':
      return { field, detail: en.refused.wrongForm(name, issue.format) }
    case 'custom':
      return { field, detail: (en.refused.rules as Record<string, string>)[issue.message] ?? en.refused.notAccepted(name) } // rules are named by their error code
    case 'invalid_element':
    case 'invalid_key':
    case 'invalid_union':
    case 'not_multiple_of':
      return { field, detail: en.refused.notAccepted(name) }
  }
}
