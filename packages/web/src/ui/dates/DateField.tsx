import { datesWords, FIRST_DATE, LAST_DATE } from '@jovrin/contract'
import { TextField } from '@mui/material'
import { lazy, Suspense, type ComponentType } from 'react'
import { locale } from '../locale.js'
import { longDate } from '../units.js'
import type { DateFieldProps, FieldProps, MomentFieldProps } from './fieldProps.js'
import type { PickedMomentProps, PickedProps } from './pickers.js'
import { PlainDate, PlainMoment, PlainTime } from './plainFields.js'

/** The pickers are large and come when one is first shown. Whoever has lost the server by then gets the platform's own field. */
const pickers = () => import('./pickers.js').catch(() => null)
type Pickers = NonNullable<Awaited<ReturnType<typeof pickers>>>
const orPlain = <P,>(pick: (found: Pickers) => ComponentType<P>, plain: ComponentType<P>) =>
  lazy(async () => {
    const found = await pickers()
    return { default: found === null ? plain : pick(found) }
  })
/** Fetches the pickers for a page on which one may be wanted soon. */
export const expectPicker = (): void => void pickers()

const PickedDate = orPlain<PickedProps>((found) => found.PickedDate, PlainDate)
const PickedTime = orPlain<PickedProps>((found) => found.PickedTime, PlainTime)
const PickedMoment = orPlain<PickedMomentProps>((found) => found.PickedMoment, PlainMoment)

/** A day. What is none, or none that the field takes, is told and comes as an empty text. */
export function DateField({ min = FIRST_DATE, max = LAST_DATE, early = datesWords.early(longDate(min)), ...field }: DateFieldProps) {
  const faultOf = (date: string): string | null => {
    if (date === '') return datesWords.noDay
    if (date < min) return early
    return date > max ? datesWords.late(longDate(max)) : null
  }
  return (
    <Suspense fallback={<Waiting {...field} told={inUtc(`${field.value}T00:00Z`, { dateStyle: 'short' })} />}>
      <PickedDate {...field} days={[min, max]} faultOf={faultOf} />
    </Suspense>
  )
}

/** A time of day. */
export const TimeField = (field: DateFieldProps) => (
  <Suspense fallback={<Waiting {...field} told={inUtc(`2000-01-01T${field.value}Z`, { timeStyle: 'short' })} />}>
    <PickedTime {...field} days={[FIRST_DATE, LAST_DATE]} faultOf={(time) => (time === '' ? datesWords.noTime : null)} />
  </Suspense>
)

/** A moment by the clock of a zone. */
export function MomentField(field: MomentFieldProps) {
  const faultOf = (date: string): string | null => (date < FIRST_DATE || date > LAST_DATE ? datesWords.noDay : null)
  const told = inUtc(field.value, { dateStyle: 'short', timeStyle: 'short', timeZone: field.timeZone })
  return (
    <Suspense fallback={<Waiting {...field} told={told} />}>
      <PickedMoment {...field} days={[FIRST_DATE, LAST_DATE]} faultOf={faultOf} />
    </Suspense>
  )
}

function inUtc(text: string, options: Intl.DateTimeFormatOptions): string {
  const ms = Date.parse(text)
  return Number.isNaN(ms) ? '' : new Intl.DateTimeFormat(locale(), { timeZone: 'UTC', ...options }).format(ms)
}

/** As high as the field, with what it will show. */
const Waiting = ({ label, name, told, sx }: FieldProps & { readonly told: string }) => (
  <TextField
    {...(label === undefined ? {} : { label })}
    value={told}
    disabled
    aria-busy
    sx={sx ?? {}}
    slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'aria-label': name } }}
  />
)
