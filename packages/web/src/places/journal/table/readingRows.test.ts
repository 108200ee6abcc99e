import type { JournalEntry } from '@jovrin/contract'
import type { Reading, ReadingQuantity } from '@jovrin/core'
import { describe, expect, test } from 'vitest'
import { cellText, columnsOf, readingRows } from './readingRows.js'

let count = 0
const reading = (quantity: ReadingQuantity, at: string, value: number, part: Partial<Reading> = {}): Reading => ({
  kind: 'reading',
  id: `01920000-0000-7000-8000-${String(++count).padStart(12, '0')}`,
  at: `2026-11-${at}:00.000Z`,
  recordedBy: null,
  note: null,
  quantity,
  value,
  qualifier: '=',
  enteredText: String(value),
  enteredUnit: '',
  basis: null,
  method: null,
  moment: null,
  eventId: null,
  ...part,
})
const entry = (record: Reading): JournalEntry => ({ record, version: 1, createdAt: record.at, isDeleted: false })

describe('rows of the table', () => {
  test('tests of one sitting share a row; a second reading of a quantity, or a later hour, begins another', () => {
    const rows = readingRows(
      [
        reading('phosphate', '25T18:14', 3.9),
        reading('nitrate', '25T18:10', 38),
        reading('pH', '25T18:20', 6.3),
        reading('pH', '25T18:24', 6.2),
        reading('nitrate', '24T18:10', 40),
        reading('phosphate', '24T18:41', 4),
      ].map(entry),
    )
    expect(rows.map(({ at, cells }) => [at.slice(8, 16), Object.keys(cells).sort()])).toEqual([
      ['25T18:24', ['pH']],
      ['25T18:10', ['nitrate', 'pH', 'phosphate']],
      ['24T18:41', ['phosphate']],
      ['24T18:10', ['nitrate']],
    ])
  })
  test('a row that somebody began is one of its own, however soon after the last', () => {
    const all = [reading('nitrate', '25T18:10', 20), reading('pH', '25T18:20', 6.3), reading('phosphate', '25T18:20', 1)]
    expect(readingRows(all.map(entry))).toHaveLength(1)
    expect(readingRows(all.map(entry), [all[1]?.at ?? '']).map(({ cells }) => Object.keys(cells))).toEqual([
      ['pH', 'phosphate'],
      ['nitrate'],
    ])
  })
  test('a row stays the same one while its cells are filled and emptied', () => {
    const first = reading('pH', '25T18:10', 6.3)
    const [one, other] = readingRows([first, reading('pH', '25T18:10', 6.4)].map(entry))
    expect(new Set([one?.id, other?.id]).size).toBe(2)
    const ids = (of: readonly Reading[]): string[] => readingRows(of.map(entry)).map(({ id }) => id)
    const second = reading('nitrate', '25T18:10', 20)
    expect([ids([first]), ids([first, second]), ids([second])].map(String)).toEqual(Array(3).fill(first.at))
  })
  test('what is no reading stays out, and every reading stands in one cell', () => {
    const entries = Array.from({ length: 200 }, (_, index) =>
      entry(reading(index % 3 === 0 ? 'pH' : 'nitrate', `2${index % 9}T${String(10 + (index % 13))}:${String(10 + (index % 50))}`, index)),
    )
    const note: JournalEntry = {
      record: { kind: 'note', id: '01920000-0000-7000-8000-00000000ffff', at: '2026-11-21T10:00:00.000Z', recordedBy: null, note: 'x' },
      version: 1,
      createdAt: '2026-11-21T10:00:00.000Z',
      isDeleted: false,
    }
    const cells = readingRows([...entries, note]).flatMap((row) => Object.values(row.cells))
    expect(new Set(cells.map(({ record }) => record.id))).toEqual(new Set(entries.map(({ record }) => record.id)))
    expect(cells).toHaveLength(entries.length)
  })
  test('columns are those that occur and those that the device asks for', () => {
    expect(columnsOf(readingRows([entry(reading('iron', '25T18:14', 0.1))]), ['pH'])).toEqual(['pH', 'iron'])
  })
  test('a cell says what was typed, else the value in the unit of its column', () => {
    const nitrate = reading('nitrate', '25T18:10', 22 * (14.007 / 62.004), { enteredText: '22,0', enteredUnit: 'mg NO3/L' })
    expect(cellText(nitrate, 'mg NO3/L')).toBe('22,0')
    expect(Number(cellText(nitrate, 'mg N/L'))).toBeCloseTo(4.97, 2)
    expect(cellText(reading('nitrate', '25T18:10', 14.007, { qualifier: '<', enteredUnit: 'mg N/L' }), 'mg NO3/L')).toBe('<62')
    expect(cellText(undefined, 'mg NO3/L')).toBe('')
  })
})
