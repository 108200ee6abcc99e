import { numberWords } from '@jovrin/contract'
import type { Assumption, Dimension } from '@jovrin/core'
import { TextField, Tooltip } from '@mui/material'
import { useId, useState, type Ref } from 'react'
import { asWritten, readQuantity } from './readQuantity.js'
import { significant, useUnits } from './units.js'

export interface NumberFieldProps {
  /** Name of the question, by which a margin note finds its explanation. */
  readonly question?: string
  readonly label: string
  readonly why: string
  readonly dimension: Dimension
  /** Written instead of the dimension's unit: a currency, say. */
  readonly unit?: string
  /** Canonical; `null` is "don't know". */
  readonly value: number | null
  /** What was typed and is no value, kept by whoever holds the value; `null` where the value is what was typed. */
  readonly text?: string | null
  readonly range: readonly [number, number]
  /** Usual span, canonical: outside it the field warns and lets pass. */
  readonly usual?: readonly [number, number]
  readonly unknown?: Assumption
  /** Why whoever holds the value does not take it, where the number by itself is sound. */
  readonly fault?: string | null
  readonly inputRef?: Ref<HTMLInputElement>
  /** What the other answers make of it while it is left open; told in place of the assumption. */
  readonly otherwise?: string
  readonly canBeUnknown?: boolean
  readonly isWhole?: boolean
  /** While typing, for the live drawing. */
  readonly onChange: (value: number | null) => void
  /** Text that is no value, while it is typed; `null` as soon as it is one again. */
  readonly onText?: (text: string | null) => void
  /** The gesture ended: blur or Enter. */
  readonly onCommit?: () => void
}

/** An assumed value shows no more digits than a guess deserves. */
const rough = (value: number): string => significant(value, Math.abs(value) >= 20 ? 3 : 2)

/** A number with its unit, its reason and "don't know". Text is the user's own until it is left; a wrong one stays and is explained. */
export function NumberField(props: NumberFieldProps) {
  const {
    question,
    label,
    why,
    dimension,
    value,
    text: kept = null,
    range,
    usual,
    unknown,
    otherwise,
    canBeUnknown = true,
    isWhole = false,
    fault = null,
  } = props
  const { onChange, onText, onCommit } = props
  const units = useUnits()
  const id = useId()
  const shownUnit = props.unit ?? units.unitOf(dimension)
  const toShown = (canonical: number): number => units.to(dimension, canonical)
  const written = kept ?? (value === null ? '' : asWritten(toShown(value)))
  const [typed, setTyped] = useState<string | null>(null)
  // A value from outside (undo, another unit) replaces the text, but never while it is being typed.
  const text = typed ?? written

  const read = (entered: string) => readQuantity(entered, { dimension, range, canBeUnknown, isWhole, unit: shownUnit }, units)
  const meant = read(text)
  const error = 'error' in meant ? meant.error : null
  const hint = error ?? fault ?? ('value' in meant ? hintFor(meant.value) : '')
  function hintFor(canonical: number | null): string {
    if (canonical !== null) {
      if (!usual || (canonical >= usual[0] && canonical <= usual[1])) return ''
      return numberWords.odd(
        `${significant(toShown(usual[0]), 3)}–${significant(toShown(usual[1]), 3)}${shownUnit === '' ? '' : ` ${shownUnit}`}`,
      )
    }
    if (otherwise !== undefined) return otherwise
    if (!unknown) return canBeUnknown ? numberWords.unknown : ''
    const { value: common, low, high } = unknown
    return numberWords.assumed(rough(toShown(common)), significant(toShown(low), 2), significant(toShown(high), 2), shownUnit)
  }

  const type = (next: string): void => {
    setTyped(next)
    const now = read(next)
    if ('error' in now) onText?.(next)
    else {
      if (error !== null) onText?.(null)
      onChange(now.value)
    }
  }
  return (
    <Tooltip title={units.words(why)} placement="top-start" enterDelay={500} describeChild>
      <TextField
        id={id}
        data-question={question}
        label={shownUnit === '' ? label : `${label}, ${shownUnit}`}
        value={text}
        error={error !== null || fault !== null}
        helperText={hint}
        inputRef={props.inputRef}
        onChange={(event) => type(event.target.value)}
        onBlur={() => {
          if (error === null || onText) setTyped(null)
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
