import { instantOf, minutesOf, clockOf, wallClock } from '@jovrin/core'
import { TextField } from '@mui/material'
import { lazy, Suspense, type ComponentType } from 'react'
import { locale } from '../locale.js'
import type { DateFieldProps, FieldProps, MomentFieldProps } from './fieldProps.js'

/** The pickers are large and come when one is first shown. Whoever has lost the server by then gets the platform's own field. */
const pickers = () => import('./pickers.js').catch(() => null)
const orPlain = <P,>(pick: (found: typeof import('./pickers.js')) => ComponentType<P>, plain: ComponentType<P>) =>
  lazy(async () => {
    const found = await pickers()
    return { default: found === null ? plain : pick(found) }
  })
/** Fetches the pickers for a page on which one may be wanted soon. */
export const expectPicker = (): void => void pickers()

const PickedDate = orPlain((found) => found.PickedDate, PlainDate)
const PickedTime = orPlain((found) => found.PickedTime, PlainTime)
const PickedMoment = orPlain((found) => found.PickedMoment, PlainMoment)

export const DateField = (props: DateFieldProps) => (
  <Suspense fallback={<Waiting {...props} told={inUtc(`${props.value}T00:00Z`, { dateStyle: 'short' })} />}>
    <PickedDate {...props} />
  </Suspense>
)
export const TimeField = (props: DateFieldProps) => (
  <Suspense fallback={<Waiting {...props} told={inUtc(`2000-01-01T${props.value}Z`, { timeStyle: 'short' })} />}>
    <PickedTime {...props} />
  </Suspense>
)
/** A moment by the clock of a zone. */
export const MomentField = (props: MomentFieldProps) => (
  <Suspense
    fallback={<Waiting {...props} told={inUtc(props.value, { dateStyle: 'short', timeStyle: 'short', timeZone: props.timeZone })} />}
  >
    <PickedMoment {...props} />
  </Suspense>
)

function inUtc(text: string, options: Intl.DateTimeFormatOptions): string {
  const ms = Date.parse(text)
  return Number.isNaN(ms) ? '' : new Intl.DateTimeFormat(locale(), { timeZone: 'UTC', ...options }).format(ms)
}

/** As high as the field, with what it will show. */
const Waiting = ({ told, ...props }: FieldProps & { readonly told: string }) => (
  <TextField {...plain(props)} value={told} disabled aria-busy />
)

const plain = ({ label, name, title, error, helperText, sx, question }: FieldProps) => ({
  ...(label === undefined ? {} : { label }),
  title: title ?? '',
  error: error ?? false,
  helperText: helperText ?? '',
  'data-question': question,
  sx: sx ?? {},
  slotProps: { inputLabel: { shrink: true }, htmlInput: { 'aria-label': name } },
})

function PlainDate({ value, onChange, onCommit, ...props }: DateFieldProps) {
  return <TextField {...plain(props)} type="date" value={value} onChange={(event) => onChange(event.target.value)} onBlur={onCommit} />
}
function PlainTime({ value, onChange, onCommit, ...props }: DateFieldProps) {
  return <TextField {...plain(props)} type="time" value={value} onChange={(event) => onChange(event.target.value)} onBlur={onCommit} />
}
function PlainMoment({ value, timeZone, onChange, onCommit, ...props }: MomentFieldProps) {
  const wall = value === '' ? null : wallClock(value, timeZone)
  const read = (text: string): string => {
    const [date = '', clock = ''] = text.split('T')
    return text === '' ? '' : instantOf(date, minutesOf(clock.slice(0, 5)), timeZone).toISOString()
  }
  return (
    <TextField
      {...plain(props)}
      type="datetime-local"
      value={wall === null ? '' : `${wall.date}T${clockOf(wall.minute)}`}
      onChange={(event) => onChange(read(event.target.value))}
      onBlur={onCommit}
    />
  )
}
