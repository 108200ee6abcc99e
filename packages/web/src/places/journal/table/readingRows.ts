import type { JournalEntry } from '@jovrin/contract'
import { QUANTITY, READING_QUANTITIES, toldInUnit, type Reading, type ReadingQuantity } from '@jovrin/core'
import { significant } from '../../../ui/units.js'

export type ReadingEntry = JournalEntry & { readonly record: Reading }

/** What was measured at one sitting, a cell a quantity. */
export interface ReadingRow {
  readonly id: string
  /** When the sitting began. */
  readonly at: string
  readonly cells: Readonly<Partial<Record<ReadingQuantity, ReadingEntry>>>
  /** What was just typed into a cell, until it is kept. */
  readonly typed: { readonly quantity: ReadingQuantity; readonly text: string } | null
}

/** How long a sitting with drop tests takes: 20 to 40 minutes (rule of thumb). */
const SITTING_MS = 30 * 60_000

/** Readings, in whatever order, as rows; the newest first. A second reading of a quantity begins a row of its own, and so does a time at which somebody began one. */
export function readingRows(entries: readonly JournalEntry[], begun: readonly string[] = []): ReadingRow[] {
  const rows: ReadingRow[] = []
  for (const entry of entries
    .filter(isReading)
    .sort((a, b) => a.record.at.localeCompare(b.record.at) || a.record.id.localeCompare(b.record.id))) {
    const { at, quantity } = entry.record
    const row = rows.at(-1)
    const isSameSitting = row !== undefined && Date.parse(at) - Date.parse(row.at) < SITTING_MS && row.cells[quantity] === undefined
    const isBegun = begun.includes(at) && row?.at !== at
    if (isSameSitting && !isBegun) rows[rows.length - 1] = { ...row, cells: { ...row.cells, [quantity]: entry } }
    // Named by its time: so it stays the same row while its cells are filled and emptied.
    else rows.push({ id: row?.at === at ? `${row.id}+` : at, at, typed: null, cells: { [quantity]: entry } })
  }
  return rows.reverse()
}

const isReading = (entry: JournalEntry): entry is ReadingEntry => entry.record.kind === 'reading'

/** The quantities that occur, and those that this device has fields for, in their usual order. */
export const columnsOf = (rows: readonly ReadingRow[], gauges: readonly ReadingQuantity[]): ReadingQuantity[] =>
  READING_QUANTITIES.filter((quantity) => gauges.includes(quantity) || rows.some(({ cells }) => cells[quantity] !== undefined))

/** A reading as its column says it: what was typed, where that was in the column's unit. */
export function cellText(reading: Reading | undefined, unit: string): string {
  if (reading === undefined) return ''
  if (reading.quantity === 'indicator' || reading.enteredUnit === unit) return reading.enteredText
  const told = toldInUnit(QUANTITY[reading.quantity].dimension, reading.value, unit)
  if (told === null) return `${reading.enteredText} ${reading.enteredUnit}`
  return `${reading.qualifier === '=' ? '' : reading.qualifier}${significant(told, 3)}`
}
