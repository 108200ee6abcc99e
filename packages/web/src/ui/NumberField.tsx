import { enNumber } from '@jovrin/contract'
import { ASSUMED, type Dimension } from '@jovrin/core'
import { TextField, Tooltip } from '@mui/material'
import { useId, useState } from 'react'
import { parseNumber } from './parseNumber.js'
import { significant, useUnits } from './units.js'

interface NumberFieldProps {
  /** Name of the question, by which a margin note finds its explanation. */
  readonly question?: string
  readonly label: string
  readonly why: string
  /** Canonical; `null` is "don't know". */
  readonly value: number | null
  readonly range: readonly [number, number]
  /** Usual span, canonical: outside it the field warns and lets pass. */
  readonly usual?: readonly [number, number]
  readonly dimension?: Dimension
  readonly unit?: string
  /** Shown value = canonical × scale, for percent of a fraction. */
  readonly scale?: number
  readonly assumed?: keyof typeof ASSUMED
  readonly canBeUnknown?: boolean
  /** While typing, for the live drawing; NaN marks text that is no number. */
  readonly onChange: (value: number | null) => void
  /** The gesture ended: blur or Enter. */
  readonly onCommit?: () => void
}

/** An assumed value shows no more digits than a guess deserves. */
const rough = (value: number): string => significant(value, Math.abs(value) >= 20 ? 3 : 2)

/** A number with its unit, its reason and "don't know". Text is the user's own until it is left; a wrong one stays and is explained. */
export function NumberField({
  question,
  label,
  why,
  value,
  range,
  usual,
  dimension,
  unit = '',
  scale = 1,
  assumed,
  canBeUnknown = true,
  onChange,
  onCommit,
}: NumberFieldProps) {
  const units = useUnits()
  const id = useId()
  const shownUnit = dimension ? units.unitOf(dimension) : unit
  const toShown = (canonical: number): number => (dimension ? units.to(dimension, canonical) : canonical * scale)
  const written = value === null || Number.isNaN(value) ? '' : significant(toShown(value), 5)
  const [typed, setTyped] = useState<string | null>(null)
  const [isEditing, setEditing] = useState(false)
  // A value from outside (undo, another unit) replaces the text, but never while it is being typed nor while it is wrong.
  const isWrong = value !== null && Number.isNaN(value)
  const text = typed !== null && (isEditing || isWrong) ? typed : written

  const [low, high] = [significant(toShown(range[0]), 4), significant(toShown(range[1]), 4)]
  const parsed = parseNumber(text)
  const canonical =
    'value' in parsed && parsed.value !== null ? (dimension ? units.from(dimension, parsed.value) : parsed.value / scale) : null
  const slack = 1e-6 * Math.max(1, Math.abs(range[1])) // the bounds themselves may come back from another unit a hair off
  const error =
    'error' in parsed
      ? enNumber[parsed.error]
      : canonical !== null && (canonical < range[0] - slack || canonical > range[1] + slack)
        ? enNumber.range(low, high, shownUnit)
        : parsed.value === null && !canBeUnknown
          ? enNumber.range(low, high, shownUnit)
          : null
  const given = assumed ? ASSUMED[assumed] : null
  const hint =
    error ??
    (canonical !== null && usual && (canonical < usual[0] || canonical > usual[1])
      ? enNumber.odd(`${significant(toShown(usual[0]), 3)}–${significant(toShown(usual[1]), 3)}${shownUnit === '' ? '' : ` ${shownUnit}`}`)
      : canonical === null && given
        ? enNumber.assumed(rough(toShown(given.value)), significant(toShown(given.low), 2), significant(toShown(given.high), 2), shownUnit)
        : canonical === null && canBeUnknown
          ? enNumber.unknown
          : '')

  const type = (next: string): void => {
    setTyped(next)
    const read = parseNumber(next)
    if ('error' in read) onChange(NaN)
    else if (read.value === null) onChange(canBeUnknown ? null : NaN)
    else {
      const entered = dimension ? units.from(dimension, read.value) : read.value / scale
      onChange(entered < range[0] - slack || entered > range[1] + slack ? NaN : Math.min(range[1], Math.max(range[0], entered)))
    }
  }
  return (
    <Tooltip title={why} placement="top-start" enterDelay={500} describeChild>
      <TextField
        id={id}
        data-question={question}
        label={shownUnit === '' ? label : `${label}, ${shownUnit}`}
        value={text}
        error={error !== null}
        helperText={hint}
        onChange={(event) => type(event.target.value)}
        onFocus={() => setEditing(true)}
        onBlur={() => {
          setEditing(false)
          if (!isWrong) setTyped(null)
          onCommit?.()
        }}
        onKeyDown={(event) => {
          if (event.key === 'Enter') onCommit?.()
        }}
        slotProps={{ htmlInput: { inputMode: 'decimal', autoComplete: 'off' }, inputLabel: { shrink: true } }}
        fullWidth
      />
    </Tooltip>
  )
}
