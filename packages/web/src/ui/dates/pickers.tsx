import { datesWords, FIRST_DATE, LAST_DATE } from '@jovrin/contract'
import { Box } from '@mui/material'
import { AdapterLuxon } from '@mui/x-date-pickers/AdapterLuxon'
import { DatePicker } from '@mui/x-date-pickers/DatePicker'
import { DateTimePicker } from '@mui/x-date-pickers/DateTimePicker'
import { LocalizationProvider } from '@mui/x-date-pickers/LocalizationProvider'
import { TimePicker } from '@mui/x-date-pickers/TimePicker'
import { DateTime } from 'luxon'
import type { FocusEvent, ReactNode } from 'react'
import { locale } from '../locale.js'
import { longDate } from '../units.js'
import type { DateFieldProps, FieldProps, MomentFieldProps } from './fieldProps.js'
import { useTyped } from './useTyped.js'

const UTC = 'UTC'
const dateOf = (text: string): DateTime => DateTime.fromISO(text, { zone: UTC })
const textOfDate = (time: DateTime): string => time.toFormat('yyyy-MM-dd')
const clockOf = (text: string): DateTime => DateTime.fromISO(`2000-01-01T${text}`, { zone: UTC })

/** A day, in the order in which the reader writes it. */
export function PickedDate({
  value,
  min = FIRST_DATE,
  max = LAST_DATE,
  early = datesWords.early(longDate(min)),
  onChange,
  ...field
}: DateFieldProps) {
  const typed = useTyped(value, dateOf)
  const fault = faultOfDate(typed.time, min, max, early)
  return (
    <Frame {...field}>
      <DatePicker
        {...shown(field, fault)}
        timezone={UTC}
        value={typed.time}
        minDate={dateOf(min)}
        maxDate={dateOf(max)}
        onChange={(time) => {
          const text = faultOfDate(time, min, max) === null && time !== null ? textOfDate(time) : ''
          typed.type(time, text)
          onChange(text)
        }}
        onAccept={() => field.onCommit?.()}
      />
    </Frame>
  )
}

/** A time of day by the tank's clock. */
export function PickedTime({ value, onChange, ...field }: DateFieldProps) {
  const typed = useTyped(value, clockOf)
  return (
    <Frame {...field}>
      <TimePicker
        {...shown(field, typed.time?.isValid === true ? null : datesWords.noTime)}
        timezone={UTC}
        value={typed.time}
        onChange={(time) => {
          const text = time?.isValid === true ? time.toFormat('HH:mm') : ''
          typed.type(time, text)
          onChange(text)
        }}
        onAccept={() => field.onCommit?.()}
      />
    </Frame>
  )
}

/** An instant, written by the clock of a zone. */
export function PickedMoment({ value, timeZone, onChange, ...field }: MomentFieldProps) {
  const typed = useTyped(value, (at) => DateTime.fromISO(at, { zone: timeZone }))
  return (
    <Frame {...field}>
      <DateTimePicker
        {...shown(field, faultOfDate(typed.time, FIRST_DATE, LAST_DATE))}
        timezone={timeZone}
        value={typed.time}
        minDateTime={dateOf(FIRST_DATE)}
        maxDateTime={dateOf(LAST_DATE)}
        onChange={(time) => {
          const at = time !== null && faultOfDate(time, FIRST_DATE, LAST_DATE) === null ? (time.toUTC().toISO() ?? '') : ''
          typed.type(time, at)
          onChange(at)
        }}
        onAccept={() => field.onCommit?.()}
      />
    </Frame>
  )
}

/** Why what stands in the field is no day that it takes; `null` when it is one. What is half typed is none. */
function faultOfDate(time: DateTime | null, min: string, max: string, early = datesWords.early(longDate(min))): string | null {
  if (time?.isValid !== true) return datesWords.noDay
  if (textOfDate(time) < min) return early
  return textOfDate(time) > max ? datesWords.late(longDate(max)) : null
}

/** What all three show alike. */
function shown(
  { label, name, error = false, helperText = '', autoFocus = false, title, canBeEmpty = false }: FieldProps,
  fault: string | null,
) {
  // A field that may stay empty marks half a day itself, once it is left.
  const isWrong = error || (fault !== null && !canBeEmpty)
  return {
    ...(label === undefined ? {} : { label }),
    autoFocus,
    slotProps: {
      textField: {
        variant: 'standard' as const,
        size: 'small' as const,
        ...(title === undefined ? {} : { title }),
        ...(canBeEmpty ? {} : { error: isWrong }),
        helperText: isWrong ? (fault ?? helperText) : helperText,
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
    <LocalizationProvider dateAdapter={AdapterLuxon} adapterLocale={locale()}>
      <Box sx={[{ minWidth: 0 }, sx ?? {}]} data-question={question} onBlur={onBlur}>
        {children}
      </Box>
    </LocalizationProvider>
  )
}
