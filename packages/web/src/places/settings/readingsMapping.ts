import type { RowMappingChoice } from '@jovrin/contract'
import { READING_QUANTITIES, unitsOf, type ColumnUse, type ReadingQuantity } from '@jovrin/core'

export const DELIMITERS = [',', ';', '\t', '|'] as const

/** The first lines of a file as cells, for choosing what the columns are. Quotation marks are kept out of sight here; the server reads them properly. */
export function headCells(text: string, delimiter: string): string[][] {
  return text
    .split(/\r?\n/)
    .filter((line) => line.trim() !== '')
    .slice(0, 4)
    .map((line) => line.split(delimiter).map((cell) => cell.replace(/^"|"$/g, '').trim()))
}

const count = (text: string, sign: string): number => text.split(sign).length - 1

/** A first guess at a file's form, for a person to look over. */
export function guessMapping(text: string, timeZone: string): RowMappingChoice {
  const [first = ''] = text.replace(/^\uFEFF/, '').split(/\r?\n/)
  const delimiter = [...DELIMITERS].sort((a, b) => count(first, b) - count(first, a))[0] ?? ','
  const rows = headCells(text.replace(/^\uFEFF/, ''), delimiter)
  const head = rows[0] ?? []
  const hasHeader = head.some((cell) => /[a-z]/i.test(cell)) && !head.some((cell) => /^\d{4}-\d{2}-\d{2}/.test(cell))
  const sample = rows.slice(1).flat().join(' ')
  return {
    delimiter,
    hasHeader,
    decimalMark: delimiter !== ',' && /\d,\d/.test(sample) ? ',' : '.',
    dateOrder: /\b\d{4}-\d/.test(sample)
      ? 'ymd'
      : /\b(1[3-9]|2\d|3[01])[./]\d/.test(sample)
        ? 'dmy'
        : /\b\d{1,2}[./](1[3-9]|2\d|3[01])/.test(sample)
          ? 'mdy'
          : 'dmy',
    timeZone,
    columns: head.map((cell) => (hasHeader ? guessColumn(cell) : { use: 'ignore' })),
  }
}

const NAMES: Readonly<Record<string, ColumnUse['use']>> = {
  id: 'id',
  at: 'at',
  datetime: 'at',
  timestamp: 'at',
  date: 'date',
  day: 'date',
  time: 'time',
  quantity: 'quantity',
  value: 'value',
  unit: 'unit',
  note: 'note',
  notes: 'note',
  entered: 'entered',
  enteredunit: 'enteredUnit',
  basis: 'basis',
  method: 'method',
  moment: 'moment',
  recordedby: 'recordedBy',
}
const QUANTITY_NAMES: Readonly<Record<string, ReadingQuantity>> = {
  ph: 'pH',
  kh: 'alkalinity',
  gh: 'hardness',
  no3: 'nitrate',
  no2: 'nitrite',
  nh4: 'ammonia',
  nh3: 'ammonia',
  tan: 'ammonia',
  po4: 'phosphate',
  k: 'potassium',
  fe: 'iron',
  temp: 'temperature',
  temperature: 'temperature',
}
/** Units in which a column of that name is mostly written. */
const UNIT_OF: Readonly<Record<string, string>> = {
  kh: '°dKH',
  gh: '°dGH',
  no3: 'mg NO3/L',
  no2: 'mg NO2/L',
  nh4: 'mg NH4/L',
  nh3: 'mg NH3/L',
  tan: 'mg N/L',
  po4: 'mg PO4/L',
}

function guessColumn(head: string): ColumnUse {
  const name = head.toLowerCase().replace(/[^a-z0-9]/g, '')
  const use = NAMES[name]
  if (use !== undefined && use !== 'reading') return { use }
  const quantity = QUANTITY_NAMES[name] ?? READING_QUANTITIES.find((known) => known.toLowerCase() === name)
  return quantity === undefined ? { use: 'ignore' } : { use: 'reading', quantity, unit: UNIT_OF[name] ?? unitsOf(quantity)[0] ?? '' }
}
