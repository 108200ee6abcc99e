import { Checkbox, FormControlLabel, MenuItem, TextField } from '@mui/material'
import type { ReactNode } from 'react'
import { useController, type Control, type FieldPathByValue, type FieldValues } from 'react-hook-form'
import { Choice } from '../Choice.js'
import { DateField } from '../dates/DateField.js'
import type { DateFieldProps } from '../dates/fieldProps.js'
import { NumberField, type NumberFieldProps } from '../NumberField.js'
import { sentenceOfFault, type NumberDraft } from './useJudgedForm.js'

/** A field of a form: bound by its name, its fault below it, and reached by the form when it is the first at fault. */
export interface Bound<Draft extends FieldValues, Kept, Value> {
  readonly control: Control<Draft, unknown, Kept>
  readonly name: FieldPathByValue<Draft, Value>
}

/** What every field of a form takes from it; its own name for the value is left to the field. */
export function useBound<Draft extends FieldValues, Kept, Value>({ control, name }: Bound<Draft, Kept, Value>) {
  const { field, fieldState } = useController({ control, name })
  return {
    value: field.value as Value, // the name was chosen by the type of its value
    onChange: (value: Value): void => field.onChange(value),
    onBlur: field.onBlur,
    inputRef: field.ref,
    fault: sentenceOfFault(fieldState.error?.message),
  }
}

/** The same for a field of the toolkit that tells its value as text. */
export function useBoundText<Draft extends FieldValues, Kept, Value>(
  bound: Bound<Draft, Kept, Value>,
  valueOf: (text: string) => Value,
  hintOf: (value: Value) => string = () => '',
) {
  const { value, onChange, onBlur, inputRef, fault } = useBound<Draft, Kept, Value>(bound)
  return {
    value,
    onChange: (event: { readonly target: { readonly value: string } }): void => onChange(valueOf(event.target.value)),
    onBlur,
    inputRef,
    error: fault !== null,
    helperText: fault ?? hintOf(value),
  }
}
export const asTyped = (text: string): string => text

type TextInputProps<Draft extends FieldValues, Kept> = Bound<Draft, Kept, string> & {
  readonly label: string
  readonly most: number
  readonly hint?: string
  readonly isLong?: boolean
  readonly isDecimal?: boolean
  readonly autoFocus?: boolean
}
export function TextInput<Draft extends FieldValues, Kept>(props: TextInputProps<Draft, Kept>) {
  const { label, most, hint = '', isLong = false, isDecimal = false, autoFocus = false } = props
  return (
    <TextField
      {...useBoundText<Draft, Kept, string>(props, asTyped, () => hint)}
      label={label}
      multiline={isLong}
      minRows={isLong ? 3 : 1}
      autoFocus={autoFocus}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: most, ...(isDecimal ? { inputMode: 'decimal' as const } : {}) } }}
    />
  )
}

type PickInputProps<Draft extends FieldValues, Kept> = Bound<Draft, Kept, string> & {
  readonly label: string
  readonly options: readonly (readonly [value: string, label: string])[]
}
/** One of a list. An empty value may be one of them. */
export function PickInput<Draft extends FieldValues, Kept>({ label, options, ...bound }: PickInputProps<Draft, Kept>) {
  return (
    <TextField
      {...useBoundText<Draft, Kept, string>(bound, asTyped)}
      select
      label={label}
      slotProps={{ inputLabel: { shrink: true }, select: { displayEmpty: true } }}
    >
      {options.map(([option, text]) => (
        <MenuItem key={option} value={option}>
          {text}
        </MenuItem>
      ))}
    </TextField>
  )
}

type PickManyProps<Draft extends FieldValues, Kept> = Bound<Draft, Kept, readonly string[]> & {
  readonly label: string
  readonly options: readonly (readonly [value: string, label: string])[]
  /** What is shown of those that are chosen. */
  readonly told: (chosen: readonly string[]) => ReactNode
}
export function PickManyInput<Draft extends FieldValues, Kept>({ label, options, told, ...bound }: PickManyProps<Draft, Kept>) {
  const field = useBoundText<Draft, Kept, readonly string[]>(bound, (list) => list as unknown as readonly string[]) // a list, since it takes several
  return (
    <TextField
      {...field}
      select
      label={label}
      slotProps={{ inputLabel: { shrink: true }, select: { multiple: true, displayEmpty: true, renderValue: () => told(field.value) } }}
    >
      {options.map(([option, text]) => (
        <MenuItem key={option} value={option}>
          {text}
        </MenuItem>
      ))}
    </TextField>
  )
}

type NumberInputProps<Draft extends FieldValues, Kept> = Bound<Draft, Kept, NumberDraft> &
  Pick<NumberFieldProps, 'label' | 'why' | 'dimension' | 'range' | 'usual' | 'canBeUnknown' | 'isWhole'>
/** A number with its unit; text that is none stays in the form as it was typed. */
export function NumberInput<Draft extends FieldValues, Kept>({ control, name, ...given }: NumberInputProps<Draft, Kept>) {
  const { value, onChange, onBlur, inputRef, fault } = useBound<Draft, Kept, NumberDraft>({ control, name })
  return (
    <NumberField
      {...given}
      value={typeof value === 'number' ? value : null}
      text={typeof value === 'string' ? value : null}
      onChange={onChange}
      onText={(text) => text !== null && onChange(text)}
      onCommit={onBlur}
      inputRef={inputRef}
      fault={fault}
    />
  )
}

type ChoiceInputProps<Draft extends FieldValues, Kept, Value extends string> = Bound<Draft, Kept, Value> & {
  readonly label: string
  readonly why: string
  readonly options: readonly (readonly [value: Value, label: string])[]
}
/** One of a few, side by side; one of them is always chosen. */
export function ChoiceInput<Draft extends FieldValues, Kept, Value extends string>(props: ChoiceInputProps<Draft, Kept, Value>) {
  const { value, onChange } = useBound<Draft, Kept, Value>(props)
  return <Choice {...props} value={value} onChange={(next) => next !== null && onChange(next)} />
}

export function CheckInput<Draft extends FieldValues, Kept>({ label, ...bound }: Bound<Draft, Kept, boolean> & { readonly label: string }) {
  const { value, onChange, onBlur, inputRef } = useBound<Draft, Kept, boolean>(bound)
  return (
    <FormControlLabel
      control={
        <Checkbox
          checked={value}
          onChange={(event) => onChange(event.target.checked)}
          onBlur={onBlur}
          slotProps={{ input: { ref: inputRef } }}
        />
      }
      label={label}
    />
  )
}

type DateInputProps<Draft extends FieldValues, Kept> = Bound<Draft, Kept, string> &
  Pick<DateFieldProps, 'label' | 'min' | 'early' | 'helperText' | 'autoFocus'>
/** A day; empty while it is none. */
export function DateInput<Draft extends FieldValues, Kept>({ control, name, ...given }: DateInputProps<Draft, Kept>) {
  const { value, onChange, onBlur, fault } = useBound<Draft, Kept, string>({ control, name })
  return <DateField {...given} value={value} onChange={onChange} onCommit={onBlur} fault={fault} />
}
