import { Box } from '@mui/material'
import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon'
import { DatePicker } from '@mui/x-date-pickers/DatePicker'
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker'
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider'
import { deDE, enUS, type PickersLocaleText } from '@mui/x-date-pickers/locales'
import { TimePicker } from '@mui/x-date-pickers/TimePicker'
import { DateTime, Settings } from 'luxon'
import type { FocusEvent, ReactNode } from 'react'
import { locale, reading, weekStart } from '../locale.js'
import type { FieldProps } from './fieldProps.js'
import { useTyped } from './useTyped.js'

// The calendar's weeks begin as the reader's do; which days are free does not matter here.
Settings.defaultWeekSettings = { firstDay: weekStart(), minimalDays: 4, weekend: [6, 7] }

/** What the pickers themselves say. */
const PICKER_WORDS = (reading.language === 'de' ? deDE : enUS).components.MuiLocalizationProvider.defaultProps
  .localeText as Partial<PickersLocaleText> // its type says that what is there may be undefined, and nothing is

export interface PickedProps extends FieldProps {
  readonly value: string
  /** Days around what can be chosen, YYYY-MM-DD. */
  readonly days: readonly [first: string, last: string]
  /** What stands in the field, empty while it is none; whether it is taken is for the caller to say. */
  readonly onChange: (text: string) => void
  /** Why what stands in the field is none that it takes; `null` when it is one. */
  readonly faultOf: (text: string) => string | null
}
export interface PickedMomentProps extends PickedProps {
  readonly timeZone: string
}

const UTC = 'UTC'
const dateOf = (text: string): DateTime => DateTime.fromISO(text, { zone: UTC })
const clockOf = (text: string): DateTime => DateTime.fromISO(`2000-01-01T${text}`, { zone: UTC })
const textOf = (time: DateTime | null, tell: (time: DateTime) => string): string => (time?.isValid === true ? tell(time) : '')
const tellDate = (time: DateTime): string => time.toFormat('yyyy-MM-dd')
const tellClock = (time: DateTime): string => time.toFormat('HH:mm')
const tellInstant = (time: DateTime): string => time.toUTC().toISO() ?? ''

/** A day, in the order in which the reader writes it. */
export function PickedDate({ value, days: [first, last], onChange, faultOf, ...field }: PickedProps) {
  const typed = useTyped(value, dateOf)
  return (
    <Frame {...field}>
      <DatePicker
        {...shown(field, faultOf(textOf(typed.time, tellDate)))}
        timezone={UTC}
        value={typed.time}
        minDate={dateOf(first)}
        maxDate={dateOf(last)}
        onChange={(time) => {
          const text = textOf(time, tellDate)
          const taken = faultOf(text) === null ? text : ''
          typed.type(time, taken)
          onChange(taken)
        }}
        onAccept={() => field.onCommit?.()}
      />
    </Frame>
  )
}

/** A time of day by the tank's clock. */
export function PickedTime({ value, onChange, faultOf, ...field }: PickedProps) {
  const typed = useTyped(value, clockOf)
  return (
    <Frame {...field}>
      <TimePicker
        {...shown(field, faultOf(textOf(typed.time, tellClock)))}
        timezone={UTC}
        value={typed.time}
        onChange={(time) => {
          const text = textOf(time, tellClock)
          typed.type(time, text)
          onChange(text)
        }}
        onAccept={() => field.onCommit?.()}
      />
    </Frame>
  )
}

/** An instant, written by the clock of a zone. */
export function PickedMoment({ value, days: [first, last], timeZone, onChange, faultOf, ...field }: PickedMomentProps) {
  const typed = useTyped(value, (at) => DateTime.fromISO(at, { zone: timeZone }))
  return (
    <Frame {...field}>
      <DateTimePicker
        {...shown(field, faultOf(textOf(typed.time, tellDate)))}
        timezone={timeZone}
        value={typed.time}
        minDateTime={dateOf(first)}
        maxDateTime={dateOf(last)}
        onChange={(time) => {
          const taken = faultOf(textOf(time, tellDate)) === null ? textOf(time, tellInstant) : ''
          typed.type(time, taken)
          onChange(taken)
        }}
        onAccept={() => field.onCommit?.()}
      />
    </Frame>
  )
}

/** What all three show alike. */
function shown({ label, name, helperText = '', fault, autoFocus = false, title, canBeEmpty = false }: FieldProps, own: string | null) {
  // A field that may stay empty marks half a day itself, once it is left.
  const told = (canBeEmpty ? null : own) ?? fault ?? null
  return {
    ...(label === undefined ? {} : { label }),
    autoFocus,
    slotProps: {
      openPickerButton: { size: 'small' as const },
      openPickerIcon: { fontSize: 'small' as const },
      textField: {
        variant: 'standard' as const,
        size: 'small' as const,
        ...(title === undefined ? {} : { title }),
        ...(canBeEmpty && told === null ? {} : { error: told !== null }),
        helperText: told ?? helperText,
        fullWidth: true,
        ...(name === undefined ? {} : { slotProps: { input: { 'aria-label': name } } }),
      },
    },
  }
}

function Frame({ children, sx, question, onCommit }: FieldProps & { readonly children: ReactNode }) {
  const onBlur = (event: FocusEvent<HTMLElement>): void => {
    if (!event.currentTarget.contains(event.relatedTarget)) onCommit?.()
  }
  return (
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale={locale()} localeText={PICKER_WORDS}>
      <Box sx={[{ minWidth: 0 }, sx ?? {}]} data-question={question} onBlur={onBlur}>
        {children}
      </Box>
    </LocalizationProvider>
  )
}
