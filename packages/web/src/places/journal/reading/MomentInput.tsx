import { journalWords, momentWords } from '@jovrin/contract'
import { MOMENTS, type Moment } from '@jovrin/core'
import type { FieldValues } from 'react-hook-form'
import { Choice } from '../../../ui/Choice.js'
import { useBound, type Bound } from '../../../ui/form/fields.js'

/** At which moment of the gas day a pH was taken; `null` is some time. */
export function MomentInput<Draft extends FieldValues, Kept>(bound: Bound<Draft, Kept, Moment | null>) {
  const { value, onChange } = useBound<Draft, Kept, Moment | null>(bound)
  return (
    <Choice
      label={journalWords.moment}
      why={journalWords.momentWhy}
      value={value ?? 'any'}
      options={[...MOMENTS.map((name) => [name, momentWords[name]] as const), ['any', journalWords.anyMoment] as const]}
      onChange={(next) => onChange(next === 'any' ? null : next)}
    />
  )
}
