import {
  digitsOf,
  shownIn,
  unitIn,
  type Dimension,
  type Dimensions,
  type Quantities,
  type Quantity,
  type TextsOf,
  type UnitPreferences,
} from '@jovrin/core'
import { unitWords } from './en/quantity.js'
import { decimalsIn, moneyIn, significantIn } from './numbers.js'

/** For whom a number is told. */
export interface Reader {
  readonly units: UnitPreferences
  readonly locale: string
}

/** A quantity as text in the reader's unit and locale. This is the one place where a number gets its unit. */
export function tell({ value, dimension, currency }: Quantity, { units, locale }: Reader, digits = digitsOf(dimension, value)): string {
  if (dimension === 'money') return currency === undefined ? decimalsIn(locale, value, 2) : moneyIn(locale, value, currency)
  if (dimension === 'minutes') return spanIn(locale, value)
  const shown = shownIn(dimension, value, units)
  return withUnit(numberOf(dimension, shown, locale, digits), dimension, units)
}

/** Shares are told in whole percent, things as they are counted. */
function numberOf(dimension: Dimension, shown: number, locale: string, digits: number): string {
  if (dimension === 'fraction') return decimalsIn(locale, shown, 0)
  if ((dimension === 'count' || dimension === 'day') && Number.isInteger(shown)) return decimalsIn(locale, shown, 0)
  return significantIn(locale, shown, digits)
}

/** A unit in the catalogue's language: some are words. */
export const unitTold = (unit: string): string => (unit === 'days' ? unitWords.days : unit.replace(/\/day$/, unitWords.aDay))

/** A degree of angle stands at its number, other units apart from it. */
const withUnit = (text: string, dimension: Dimension, units: UnitPreferences): string => {
  const unit = unitTold(unitIn(dimension, units))
  return unit === '' ? text : dimension === 'angle' ? `${text}${unit}` : `${text} ${unit}`
}

/** Minutes as people say them: 45 min, 2 h, 3 h 10. */
function spanIn(locale: string, minutes: number): string {
  const whole = Math.round(minutes / 5) * 5
  if (minutes < 7.5) return `${decimalsIn(locale, minutes, 0)} min`
  if (whole < 60) return `${whole} min`
  const rest = whole % 60
  return rest === 0 ? `${Math.floor(whole / 60)} h` : `${Math.floor(whole / 60)} h ${String(rest).padStart(2, '0')}`
}

/** Measures that a text names by itself, such as {4 to 5 cm}: the unit that it is written in, and what it is. A span of temperature has no zero. */
const WRITTEN: Readonly<Record<string, readonly [dimension: Dimension, factor: number]>> = {
  cm: ['length', 1],
  mm: ['thickness', 1],
}
/** A text with the measures in it told in the reader's units. */
export const inUnits = (text: string, { units, locale }: Reader): string =>
  text.replace(
    /\{([\d.]+)(?:( to |–)([\d.]+))? (cm|mm|K)\}/g,
    (_all, low: string, between: string | undefined, high: string | undefined, unit: string) => {
      const told = (value: string): string => {
        const [dimension, factor] = WRITTEN[unit] ?? ['temperature', 1]
        const shown =
          unit === 'K' ? Number(value) * (units.temperature === '°F' ? 1.8 : 1) : shownIn(dimension, Number(value) * factor, units)
        return significantIn(locale, shown, 2)
      }
      const shownUnit = unitIn(WRITTEN[unit]?.[0] ?? 'temperature', units)
      return `${told(low)}${high === undefined ? '' : `${between ?? ''}${told(high)}`} ${shownUnit}`
    },
  )

/** A sentence of the catalogue: the values as texts, and as the numbers that decide between one and many. */
export type Sentence<Values extends Dimensions = Dimensions, Names extends string = never> = (
  texts: TextsOf<Values> & { readonly [Name in Names]: string },
  numbers: { readonly [Name in keyof Values]: number },
) => string

type AnySentence = (texts: never, numbers: never) => string

/** Says what a code means, with the quantities that came with it; the code itself where the catalogue does not know it (a newer server's, say). */
export function say(
  sentences: Readonly<Record<string, AnySentence>>,
  code: string,
  values: Quantities,
  reader: Reader,
  names: Readonly<Record<string, string>> = {},
): string {
  if (!Object.hasOwn(sentences, code)) return code
  // The definition that made the values and the sentence's own type stand under the same code, which the compiler has checked.
  const sentence = sentences[code] as (texts: Readonly<Record<string, string>>, numbers: Readonly<Record<string, number>>) => string
  const texts = Object.fromEntries(Object.entries(values).map(([name, quantity]) => [name, tell(quantity, reader)]))
  const numbers = Object.fromEntries(Object.entries(values).map(([name, { value }]) => [name, value]))
  return sentence({ ...texts, ...names }, numbers)
}
