import { clockOf, instantOf, minutesOf, wallClock } from '@jovrin/core'
import { TextField } from '@mui/material'
import type { FieldProps } from './fieldProps.js'
import type { PickedMomentProps, PickedProps } from './pickers.js'

/** The platform's own fields, for a page that could not fetch the pickers any more. */
export const PlainDate = (props: PickedProps) => <Plain {...props} type="date" shown={props.value} read={(text) => text} />
export const PlainTime = (props: PickedProps) => <Plain {...props} type="time" shown={props.value} read={(text) => text} />

export function PlainMoment({ timeZone, ...props }: PickedMomentProps) {
  const wall = props.value === '' ? null : wallClock(props.value, timeZone)
  const read = (text: string): string => {
    const [date = '', clock = ''] = text.split('T')
    return instantOf(date, minutesOf(clock.slice(0, 5)), timeZone).toISOString()
  }
  return <Plain {...props} type="datetime-local" shown={wall === null ? '' : `${wall.date}T${clockOf(wall.minute)}`} read={read} />
}

interface PlainProps extends Omit<PickedProps, 'value' | 'days'> {
  readonly type: string
  readonly shown: string
  readonly read: (text: string) => string
}
function Plain({ type, shown, read, onChange, faultOf, ...props }: PlainProps) {
  const { label, name, title, helperText = '', fault = null, canBeEmpty = false, question, sx, onCommit }: FieldProps = props
  const own = shown === '' && canBeEmpty ? null : faultOf(shown.slice(0, type === 'time' ? 5 : 10))
  return (
    <TextField
      {...(label === undefined ? {} : { label })}
      type={type}
      value={shown}
      title={title ?? ''}
      error={(own ?? fault) !== null}
      helperText={own ?? fault ?? helperText}
      data-question={question}
      onChange={(event) => onChange(event.target.value === '' ? '' : read(event.target.value))}
      onBlur={onCommit}
      sx={sx ?? {}}
      slotProps={{ inputLabel: { shrink: true }, htmlInput: { 'aria-label': name } }}
    />
  )
}
