import { numberWords } from '@jovrin/contract'
import { type Dimension, readNumber } from '@jovrin/core'
import { significant, type Units } from './units.js'

/** What a field for a number takes. Bounds are canonical. */
export interface Wanted {
  readonly dimension: Dimension
  readonly range: readonly [number, number]
  /** Whether an empty text is an answer: "don't know". */
  readonly canBeUnknown: boolean
  readonly isWhole: boolean
  /** Written instead of the dimension's unit: a currency, say. */
  readonly unit?: string | undefined
}

/** What a text in the reader's units means: a canonical value, or the sentence that says why it is none. */
export function readQuantity(
  text: string,
  { dimension, range, canBeUnknown, isWhole, unit = undefined }: Wanted,
  units: Units,
): { readonly value: number | null } | { readonly error: string } {
  const parsed = readNumber(text)
  if ('error' in parsed) return { error: numberWords[parsed.error] }
  const canonical = parsed.value === null ? null : units.from(dimension, parsed.value)
  const slack = 1e-6 * Math.max(1, Math.abs(range[1])) // the bounds themselves may come back from another unit a hair off
  const isOut = canonical === null ? !canBeUnknown : canonical < range[0] - slack || canonical > range[1] + slack
  const bound = (value: number): string => significant(units.to(dimension, value), 4)
  if (isOut) return { error: numberWords.range(bound(range[0]), bound(range[1]), unit ?? units.unitOf(dimension)) }
  if (canonical === null) return { value: null }
  if (isWhole && !Number.isInteger(canonical)) return { error: numberWords.whole }
  return { value: Math.min(range[1], Math.max(range[0], canonical)) }
}

/** As it was typed, to five digits; what comes from another unit and would not end there, to four. */
export function asWritten(shown: number): string {
  const isWhole = Math.abs(Number(shown.toPrecision(5)) - shown) <= Math.abs(shown) * 1e-6
  return significant(shown, isWhole ? 5 : 4)
}
