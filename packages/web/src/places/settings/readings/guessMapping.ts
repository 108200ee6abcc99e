import type { RowMappingChoice } from '@jovrin/contract'
import { bareUnit, guessColumn, READING_QUANTITIES, type Kit } from '@jovrin/core'
import Papa from 'papaparse'
import { locale } from '../../../ui/locale.js'

export const DELIMITERS = [',', ';', '\t', '|'] as const
const LOOKED_AT_ROWS = 20

/** The first rows of a table as cells. */
export const firstRows = (text: string, delimiter: string): string[][] =>
  Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter, preview: LOOKED_AT_ROWS, skipEmptyLines: true }).data.map((cells) =>
    cells.map((cell) => cell.trim()),
  )

/** A first guess at a file's form, for a person to look over. */
export function guessMapping(text: string, timeZone: string, kits: readonly Kit[]): RowMappingChoice {
  const delimiter = guessDelimiter(text)
  const rows = firstRows(text, delimiter)
  const head = rows[0] ?? []
  const hasHeader = head.some((cell) => /\p{L}/u.test(cell)) && !head.some((cell) => /^\d{1,4}[-./]\d{1,2}[-./]\d{1,4}/.test(cell))
  const sample = rows.slice(1).flat().join(' ')
  return {
    delimiter,
    hasHeader,
    decimalMark: delimiter !== ',' && /\d,\d/.test(sample) ? ',' : '.',
    dateOrder: guessDateOrder(sample),
    timeZone,
    bareUnits: Object.fromEntries(READING_QUANTITIES.map((quantity) => [quantity, bareUnit(quantity, kits)])),
    columns: head.map((cell) => (hasHeader ? guessColumn(cell, kits) : { use: 'ignore' })),
  }
}

function guessDelimiter(text: string): (typeof DELIMITERS)[number] {
  const [first = ''] = text.replace(/^\uFEFF/, '').split(/\r?\n/)
  const count = (sign: string): number => first.split(sign).length - 1
  return [...DELIMITERS].sort((a, b) => count(b) - count(a))[0] ?? ','
}

function guessDateOrder(sample: string): RowMappingChoice['dateOrder'] {
  if (/\b\d{4}[-./]\d/.test(sample)) return 'ymd'
  const dates = [...sample.matchAll(/\b(\d{1,2})([-./])(\d{1,2})\2\d{2,4}\b/g)]
  if (dates.some(([, first]) => Number(first) > 12)) return 'dmy'
  if (dates.some(([, , , second]) => Number(second) > 12)) return 'mdy'
  const isWrittenWithSlashes = dates.some(([, , mark]) => mark === '/')
  return isWrittenWithSlashes && locale() === 'en-US' ? 'mdy' : 'dmy'
}
