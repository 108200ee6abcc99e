import { choiceWords, describeWords, fieldWords } from '@jovrin/contract'
import { CHOICE_FIELDS, numberField, type ChoiceField, type ChoicePath, type FlagPath, type NumberPath } from '@jovrin/core'
import { Choice } from '../../ui/Choice.js'
import { NumberField } from '../../ui/NumberField.js'
import { answerAt, give, pointerOf, usePen, type Place } from './pen.js'

interface PlanFieldProps extends Place {
  readonly path: NumberPath
  /** Where the plan's own words do not say which of several it is. */
  readonly label?: string
  readonly range?: readonly [number, number]
  readonly unit?: string
  readonly otherwise?: string | undefined
  /** Where the answer stands for more than its own place. */
  readonly value?: number | null
  readonly onChange?: (value: number | null) => void
}

/** One number of the plan: label, reason, unit, range, usual span and assumed value are those of its path. */
export function PlanField({ path, label, range, unit, otherwise, value, onChange, ...place }: PlanFieldProps) {
  const { form, commit } = usePen()
  const pointer = pointerOf(path, place)
  const field = numberField(path)
  const [ownLabel, why] = fieldWords[path]
  const stored = value === undefined ? answerAt(form, path, place) : value
  return (
    <NumberField
      question={path}
      label={label ?? ownLabel}
      why={why}
      dimension={field.dimension}
      range={range ?? field.range}
      canBeUnknown={!field.isSure}
      isWhole={field.isWhole ?? false}
      value={typeof stored === 'number' ? stored : null}
      text={form.texts[pointer] ?? null}
      onChange={onChange ?? ((next) => give(form, path, place, next))}
      onText={(text) => form.write(pointer, text)}
      onCommit={commit}
      {...(unit === undefined ? {} : { unit })}
      {...(otherwise === undefined ? {} : { otherwise })}
      {...(field.usual ? { usual: field.usual } : {})}
      {...(field.unknown ? { unknown: field.unknown } : {})}
    />
  )
}

/** One answer of the plan that is one of some words. */
export function PlanChoice({ path, ...place }: Place & { readonly path: ChoicePath }) {
  const { form, commit } = usePen()
  const { choices, isSure }: ChoiceField = CHOICE_FIELDS[path]
  const words: Readonly<Record<string, string>> = choiceWords[path]
  const [label, why] = fieldWords[path]
  const stored = answerAt(form, path, place)
  return (
    <Choice
      question={path}
      label={label}
      why={why}
      value={typeof stored === 'string' ? stored : null}
      options={choices.map((choice) => [choice, words[choice] ?? choice] as const)}
      canBeUnknown={isSure !== true}
      onChange={(choice) => {
        give(form, path, place, choice)
        commit()
      }}
    />
  )
}

/** One answer of the plan that is yes or no. */
export function PlanFlag({ path, ...place }: Place & { readonly path: FlagPath & keyof typeof fieldWords }) {
  const { form, commit } = usePen()
  const [label, why] = fieldWords[path]
  return (
    <Choice
      question={path}
      label={label}
      why={why}
      value={answerAt(form, path, place) === true ? 'yes' : 'no'}
      options={[
        ['yes', describeWords.yes],
        ['no', describeWords.no],
      ]}
      onChange={(answer) => {
        give(form, path, place, answer === 'yes')
        commit()
      }}
    />
  )
}
