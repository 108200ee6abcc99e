import { journalWords, numberWords } from '@jovrin/contract'
import { enteredValue, QUANTITY, readTyped, toldInUnit, unitsOf, USUAL_KITS, type Kit, type ReadingQuantity } from '@jovrin/core'
import { significant, type Units } from '../../../ui/units.js'
import { unitShown } from '../../quantity.text.js'
import type { PlainRecord } from '../../shared/logging.js'

export type ReadingPart = Extract<PlainRecord, { kind: 'reading' }>
export type Judged = { readonly part: ReadingPart; readonly isOdd: boolean; readonly hint: string | null } | { readonly error: string }

interface Draft {
  readonly quantity: ReadingQuantity
  readonly text: string
  readonly unit: string
  readonly kit: Kit | null
}

/** What is weighed (the ion or the element) is the kit's to say. */
const OF_IONS: ReadonlySet<ReadingQuantity> = new Set(['ammonia', 'nitrite', 'nitrate', 'phosphate'])

/** A kit reports in its own unit. Where none was entered the reader's choice counts, but for ions: there most leaflets say more than a preference does. */
export function unitOfField(quantity: ReadingQuantity, kit: Kit | null, units: Units): string {
  const usual = USUAL_KITS.find((known) => known.quantity === quantity)
  const isOwn = kit !== null && (kit.unit !== usual?.unit || kit.name !== null)
  return kit !== null && (isOwn || OF_IONS.has(quantity)) && unitsOf(quantity).includes(kit.unit) ? kit.unit : unitShown(quantity, units)
}

const sentence = { 'not-a-number': numberWords.none, 'both-marks': numberWords.both, 'unknown-unit': numberWords.none } as const

/** What a typed value would be kept as, or why not, in the words of its own unit. */
export function judgeReading({ quantity, text, unit, kit }: Draft): Judged {
  const shownBound = (bound: number): string => significant(inUnit(quantity, bound, unit), 3)
  const { range, usual } = QUANTITY[quantity]
  const typed = readTyped(text)
  if ('fault' in typed) return { error: typed.fault === 'out-of-range' ? numberWords.none : sentence[typed.fault] }
  const entered = enteredValue(quantity, typed.shown, typed.qualifier, unit, kit)
  if ('fault' in entered)
    return {
      error:
        entered.fault === 'out-of-range' ? numberWords.range(shownBound(range[0]), shownBound(range[1]), unit) : sentence[entered.fault],
    }
  const isOdd = entered.qualifier === '=' && (entered.value < usual[0] || entered.value > usual[1])
  return {
    part: {
      kind: 'reading',
      quantity,
      ...entered,
      enteredText: text.trim(),
      enteredUnit: unit,
      method: kit?.name ?? null,
      moment: null,
      eventId: null,
      note: null,
    },
    isOdd,
    hint: isOdd
      ? journalWords.odd(`${shownBound(usual[0])}–${shownBound(usual[1])}${unit === '' ? '' : ` ${unit}`}`)
      : entered.qualifier === '<' && typed.qualifier === '='
        ? journalWords.below
        : null,
  }
}

function inUnit(quantity: ReadingQuantity, value: number, unit: string): number {
  return toldInUnit(QUANTITY[quantity].dimension, value, unit) ?? NaN
}
