import { instantOf, instantOfIso, isCivilDate } from '../plan/clock.js'
import type { Moment, Qualifier, ReadingQuantity } from '../plan/journal.js'
import { momentNamed, quantityNamed } from './columnWords.js'
import { enteredValue, readTyped, unitsOf, type EntryFault } from './entry.js'
import { unitNamed } from './unitNamed.js'

export const DATE_ORDERS = ['ymd', 'dmy', 'mdy'] as const
export type DateOrder = (typeof DATE_ORDERS)[number]
export const DECIMAL_MARKS = ['.', ','] as const
export type DecimalMark = (typeof DECIMAL_MARKS)[number]

/** Uses of a column that need no more said. The last six are what a file written here tells beside a value. */
export const PLAIN_USES = [
  'ignore',
  'at',
  'date',
  'time',
  'quantity',
  'value',
  'unit',
  'note',
  'id',
  'entered',
  'enteredUnit',
  'basis',
  'method',
  'moment',
  'recordedBy',
] as const
/** What a column of the file holds. `long` files have a column that names the quantity and one with its value; `wide` ones a column a quantity. */
export type ColumnUse =
  | { readonly use: (typeof PLAIN_USES)[number] }
  | {
      readonly use: 'reading'
      readonly quantity: ReadingQuantity
      readonly unit: string
      /** When in the gas day the whole column was taken; a column of moments says otherwise row by row. */
      readonly moment: Moment | null
    }

export interface RowMapping {
  readonly columns: readonly ColumnUse[]
  readonly decimalMark: DecimalMark
  readonly dateOrder: DateOrder
  readonly timeZone: string
  /** What a number without a unit is in, by quantity: what the kits at hand report. */
  readonly bareUnits: Readonly<Partial<Record<ReadingQuantity, string>>>
}
export interface ImportedReading {
  /** Line of the file, counted as editors do. */
  readonly line: number
  readonly id: string | null
  readonly at: string
  readonly quantity: ReadingQuantity
  readonly value: number
  readonly qualifier: Qualifier
  readonly basis: string | null
  readonly enteredText: string
  readonly enteredUnit: string
  readonly note: string | null
  readonly method: string | null
  readonly moment: string | null
  readonly recordedBy: string | null
}
export type RowFault = EntryFault | 'no-date' | 'bad-date' | 'date-range' | 'unknown-quantity' | 'no-value' | 'wrong-mark' | 'too-few-cells'
export interface RefusedRow {
  readonly line: number
  readonly fault: RowFault
  readonly cell: string
}

/** Turns one row into readings, or says why not. A row without any value is passed over: journals have gaps. */
export function readRow(
  cells: readonly string[],
  line: number,
  mapping: RowMapping,
): { readonly readings: ImportedReading[] } | { readonly refused: RefusedRow } {
  const refuse = (fault: RowFault, cell: string): { refused: RefusedRow } => ({ refused: { line, fault, cell: cell.slice(0, 60) } })
  const cell = (use: ColumnUse['use']): string | null => {
    const at = mapping.columns.findIndex((column) => column.use === use)
    return at < 0 ? null : (cells[at] ?? '').trim()
  }
  if (cells.length < neededCells(mapping)) return refuse('too-few-cells', cells.join(' '))
  const dateText = cell('at') ?? cell('date')
  if (dateText === null || dateText === '') return refuse('no-date', cells.join(' '))
  const at = instantOfCell(dateText, cell('time'), mapping)
  if (at === null) return refuse('bad-date', dateText)
  if (at < '1990' || at > '2101') return refuse('date-range', dateText)
  const told = (use: ColumnUse['use']): string | null => {
    const text = unguarded(cell(use) ?? '')
    return text === '' ? null : text
  }
  const momentTold = told('moment')
  const shared = { line, at, note: told('note'), method: told('method'), recordedBy: told('recordedBy') }
  const rowMoment = momentTold === null ? null : (momentNamed(momentTold) ?? momentTold)

  // A file that says what was typed says all of it: a blank unit there is a blank unit.
  const enteredText = told('entered')
  const typedThere = enteredText === null ? {} : { enteredText, enteredUnit: told('enteredUnit') ?? '', basis: told('basis') }

  const wanted: { quantity: ReadingQuantity; unit: string; text: string; id: string | null; moment: string | null }[] = []
  const value = cell('value')
  if (value !== null) {
    const name = cell('quantity') ?? ''
    const quantity = quantityNamed(name)
    if (quantity === null) return refuse('unknown-quantity', name)
    if (value === '') return refuse('no-value', name)
    const id = cell('id')
    const bare = mapping.bareUnits[quantity] ?? unitsOf(quantity)[0] ?? ''
    wanted.push({
      quantity,
      unit: unitOfCell(quantity, cell('unit') ?? '', bare),
      text: value,
      id: id === '' ? null : id,
      moment: rowMoment,
    })
  }
  mapping.columns.forEach((column, index) => {
    const text = (cells[index] ?? '').trim()
    if (column.use === 'reading' && text !== '')
      wanted.push({ quantity: column.quantity, unit: column.unit, text, id: null, moment: rowMoment ?? column.moment })
  })
  const readings: ImportedReading[] = []
  for (const { quantity, unit, text, id, moment } of wanted) {
    if (mayBeThousands(text, mapping.decimalMark)) return refuse('wrong-mark', text)
    const typed = readTyped(text)
    if ('fault' in typed) return refuse(typed.fault, text)
    const entered = enteredValue(quantity, typed.shown, typed.qualifier, unit, null)
    if ('fault' in entered) return refuse(entered.fault, entered.fault === 'unknown-unit' ? `${quantity} ${unit}` : text)
    readings.push({ ...shared, ...entered, moment, quantity, id, enteredText: text, enteredUnit: unit, ...typedThere })
  }
  return { readings }
}

/** Whether the other mark may part thousands: three figures follow it, and a whole number that is not zero stands before it. Anything else can only be a decimal mark, and many a log has both. */
const mayBeThousands = (text: string, mark: DecimalMark): boolean =>
  new RegExp(`(?<![\\d.,])[1-9]\\d{0,2}${mark === '.' ? ',' : '\\.'}\\d{3}(?![\\d])`).test(text)

const neededCells = ({ columns }: RowMapping): number =>
  columns.reduce((last, { use }, index) => (use === 'at' || use === 'date' || use === 'value' || use === 'quantity' ? index + 1 : last), 0)

/** "mg/l" alone leaves the ion open: then the kit's unit says it, if it is one of milligrams too. */
function unitOfCell(quantity: ReadingQuantity, text: string, bare: string): string {
  if (text === '') return bare
  const isOpen = /^(mg\s*\/\s*(l|liter|litre)|ppm)$/i.test(text) && /^mg /.test(bare)
  return unitsOf(quantity).find((unit) => unit === text) ?? unitNamed(quantity, text) ?? (isOpen ? bare : text)
}

/** Line ends within the cells of a row: with them a row is found again by its line. */
export const lineEndsIn = (cells: readonly string[]): number => cells.reduce((ends, cell) => ends + (cell.match(/\n/g)?.length ?? 0), 0)

/** A leading apostrophe that guards a text cell from being taken for a formula. */
export const unguarded = (text: string): string => (/^'+[=+\-@\t]/.test(text) ? text.slice(1) : text)
export const guarded = (text: string): string => (/^'*[=+\-@\t]/.test(text) ? `'${text}` : text)

/** An ISO instant, or a civil date in the stated order with an optional time in the stated zone. `null` when it is neither. */
function instantOfCell(text: string, timeText: string | null, { dateOrder, timeZone }: RowMapping): string | null {
  const iso = /^(\d{4}-\d{2}-\d{2})T\d{2}:\d{2}(:\d{2}(\.\d{1,3})?)?(Z|[+-]\d{2}:\d{2})$/.exec(text)
  if (iso) return isCivilDate(iso[1] ?? '') ? instantOfIso(text) : null
  const [, dateText = '', inlineTime = ''] = /^(\S+?)(?:[\sT,]+(.*))?$/s.exec(text) ?? []
  const date = civilOf(dateText, dateOrder)
  const minutes = minutesOfText(timeText !== null && timeText !== '' ? timeText : inlineTime)
  if (date === null || minutes === null) return null
  return instantOf(date, minutes, timeZone).toISOString()
}

function civilOf(text: string, order: DateOrder): string | null {
  const parts = text.split(/[-./]/)
  if (parts.length !== 3 || !parts.every((part) => /^\d{1,4}$/.test(part))) return null
  const place = { ymd: [0, 1, 2], dmy: [2, 1, 0], mdy: [2, 0, 1] }[order]
  const [written = '', month = '', day = ''] = place.map((index) => parts[index] ?? '')
  const year = written.length === 2 ? `20${written}` : written
  if (year.length !== 4 || month.length > 2 || day.length > 2) return null
  const date = `${year}-${month.padStart(2, '0')}-${day.padStart(2, '0')}`
  return isCivilDate(date) ? date : null
}

/** Without a time of day noon is taken. */
function minutesOfText(text: string): number | null {
  if (text === '') return 720
  const match = /^(\d{1,2})[:.h](\d{2})(?::(\d{2}))?(?:\s*([ap])\.?m\.?|\s*uhr)?$/i.exec(text)
  if (!match) return null
  const [written, minutes] = [Number(match[1]), Number(match[2])]
  const half = match[4]?.toLowerCase()
  if (half !== undefined && (written < 1 || written > 12)) return null
  const hours = half === undefined ? written : (written % 12) + (half === 'p' ? 12 : 0)
  return hours < 24 && minutes < 60 ? hours * 60 + minutes : null
}
