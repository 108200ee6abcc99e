import { CONFIDENCES, SOURCE_OF, type Confidence, type Datum, type DatumSource, type LightNeed, type TemperatureNeed } from '@jovrin/core'

/** How a cell of a table of plants is written: "25 (15-40) B" for a figure and its range, "18 (22-28) 31" for a temperature, "red; pink" for classes, "yes" or "no". */
export type CellFault = 'not-a-figure' | 'out-of-range' | 'range-turned' | 'not-a-class' | 'not-yes-or-no' | 'not-a-temperature' | 'empty'
export type Cell<Value> = { readonly value: Value } | { readonly fault: CellFault }

const NUMBER = String.raw`(-?\d+(?:[.,]\d+)?)`
const RANGE = new RegExp(String.raw`^${NUMBER}(?:\s*\(\s*${NUMBER}\s*[-–]\s*${NUMBER}\s*\))?(?:\s+([ABC]))?$`)
const TEMPERATURE = new RegExp(String.raw`^${NUMBER}\s*\(\s*${NUMBER}\s*[-–]\s*${NUMBER}\s*\)\s*${NUMBER}$`)
const numberOf = (text: string): number => Number(text.replace(',', '.'))

/** Where a row gives a figure alone: ×/÷ 1.3, an estimate. Rule of thumb. */
const ALONE = 1.3

export interface RowTrust {
  readonly confidence: Confidence
  /** Of the whole file: the grower's own, or by confidence. */
  readonly source: DatumSource | null
}
const trusted = (confidence: Confidence, { source }: RowTrust) => ({ confidence, source: source ?? SOURCE_OF[confidence] })

export function readRange(text: string, limits: { readonly least: number; readonly most: number }, row: RowTrust): Cell<Datum> {
  const found = RANGE.exec(text.trim())
  if (found === null) return { fault: 'not-a-figure' }
  const [, middle = '', from, to, letter] = found
  const value = numberOf(middle)
  const isAlone = from === undefined || to === undefined
  const [low, high] = isAlone ? [value / ALONE, value * ALONE] : [numberOf(from), numberOf(to)]
  if (!(low <= value && value <= high)) return { fault: 'range-turned' }
  if (low < 0 || value < limits.least || value > limits.most || high > limits.most * ALONE) return { fault: 'out-of-range' }
  const confidence = CONFIDENCES.find((one) => one === letter) ?? (isAlone ? 'C' : row.confidence)
  return { value: { value, low, high, ...trusted(confidence, row) } }
}
export const writeRange = ({ value, low, high, confidence }: Datum, row: Confidence): string =>
  `${plain(value)} (${plain(low)}-${plain(high)})${confidence === row ? '' : ` ${confidence}`}`

/** Without the tail that binary fractions leave. */
const plain = (value: number): string => String(Number(value.toPrecision(6)))

export function readTemperature(text: string, row: RowTrust): Cell<TemperatureNeed> {
  const found = TEMPERATURE.exec(text.trim())
  if (found === null) return { fault: 'not-a-temperature' }
  const [min = NaN, goodLow = NaN, goodHigh = NaN, max = NaN] = found.slice(1).map(numberOf)
  if (!(min <= goodLow && goodLow < goodHigh && goodHigh <= max)) return { fault: 'range-turned' }
  if (min < -5 || max > 45) return { fault: 'out-of-range' }
  return { value: { min, goodLow, goodHigh, max, ...trusted(row.confidence, row) } }
}
export const writeTemperature = ({ min, goodLow, goodHigh, max }: TemperatureNeed): string =>
  `${plain(min)} (${plain(goodLow)}-${plain(goodHigh)}) ${plain(max)}`

/** Says that there are none; an empty cell says nothing. */
const NONE = 'none'

export function readClasses<Class extends string>(text: string, classes: readonly Class[]): Cell<Class[]> {
  const said = text
    .split(/[;|]/)
    .map((part) => part.trim().toLowerCase())
    .filter((part) => part !== '')
  if (said.join() === NONE && !classes.some((one) => one === NONE)) return { value: [] }
  const known = said.flatMap((part) => classes.filter((one) => one === part))
  return known.length === said.length ? { value: [...new Set(known)] } : { fault: 'not-a-class' }
}
export const writeClasses = (classes: readonly string[]): string => (classes.length === 0 ? NONE : classes.join('; '))

export function readFlag(text: string): Cell<boolean> {
  const said = text.trim().toLowerCase()
  return ['yes', 'true', '1'].includes(said)
    ? { value: true }
    : ['no', 'false', '0'].includes(said)
      ? { value: false }
      : { fault: 'not-yes-or-no' }
}
export const writeFlag = (flag: boolean): string => (flag ? 'yes' : 'no')

/** From the two cells of a light need; the lower one is read as a figure without its range. */
export function readLight(minText: string, goodText: string, row: RowTrust): Cell<LightNeed> {
  const limits = { least: 0.5, most: 1000 }
  const min = readRange(minText, limits, row)
  const good = readRange(goodText, limits, row)
  if ('fault' in min) return min
  if ('fault' in good) return good
  const { value, low, high, confidence, source } = good.value
  if (min.value.value > low) return { fault: 'range-turned' }
  return { value: { min: min.value.value, good: value, goodLow: low, goodHigh: high, confidence, source } }
}
