import { journalWords, momentWords } from '@jovrin/contract'
import { MOMENTS, type Moment } from '@jovrin/core'
import { Choice } from '../../ui/Choice.js'

/** At which moment of the gas day a pH was taken; `null` is some time. */
export function MomentChoice({ moment, onChange }: { moment: Moment | null; onChange: (moment: Moment | null) => void }) {
  return (
    <Choice
      label={journalWords.moment}
      why={journalWords.momentWhy}
      value={moment ?? 'any'}
      options={[...MOMENTS.map((name) => [name, momentWords[name]] as const), ['any', journalWords.anyMoment] as const]}
      onChange={(next) => onChange(next === 'any' ? null : next)}
    />
  )
}
