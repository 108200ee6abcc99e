import { describe, expect, test } from 'vitest'
import { guarded, readRow, unguarded, type RowMapping } from './importRows.js'

const long: RowMapping = {
  columns: [{ use: 'at' }, { use: 'quantity' }, { use: 'value' }, { use: 'unit' }, { use: 'note' }],
  decimalMark: '.',
  dateOrder: 'ymd',
  timeZone: 'Europe/Berlin',
  bareUnits: { nitrate: 'mg NO3/L' },
}
const wide: RowMapping = {
  columns: [
    { use: 'date' },
    { use: 'time' },
    { use: 'reading', quantity: 'pH', unit: '', moment: 'gas-off' },
    { use: 'reading', quantity: 'nitrate', unit: 'mg NO3/L', moment: null },
  ],
  decimalMark: ',',
  dateOrder: 'dmy',
  timeZone: 'Europe/Berlin',
  bareUnits: { nitrate: 'mg NO3/L' },
}

describe('a row', () => {
  test('of a long file: an instant, a quantity, a value, a unit', () =>
    expect(readRow(['2026-11-01T08:00:00Z', 'alkalinity', '4', '°dKH', ''], 2, long)).toMatchObject({
      readings: [
        {
          line: 2,
          at: '2026-11-01T08:00:00.000Z',
          quantity: 'alkalinity',
          qualifier: '=',
          enteredText: '4',
          enteredUnit: '°dKH',
          note: null,
        },
      ],
    }))
  test('of a wide file: local date and time, decimal commas, gaps passed over', () => {
    const row = readRow(['3.11.2026', '19:30', '6,8', ''], 5, wide)
    expect(row).toMatchObject({ readings: [{ at: '2026-11-03T18:30:00.000Z', quantity: 'pH', value: 6.8, moment: 'gas-off' }] })
    expect('readings' in row && row.readings).toHaveLength(1)
  })
  test('without a time is taken at noon', () =>
    expect(readRow(['01/07/2026', '', '7', ''], 1, { ...wide, dateOrder: 'mdy' })).toMatchObject({
      readings: [{ at: '2026-01-07T11:00:00.000Z' }],
    }))
  test.each([
    ['3.11.26', '19:30'],
    ['3.11.2026', '7:30 PM'],
    ['3.11.2026', '19.30 Uhr'],
    ['03.11.2026 19:30', ''],
  ])('%s %s is the same evening', (date, time) =>
    expect(readRow([date, time, '7', ''], 1, wide)).toMatchObject({ readings: [{ at: '2026-11-03T18:30:00.000Z' }] }),
  )
  test.each([
    ['Nitrat', '22', 'mg/l', 22 / 4.42664, 'mg NO3/L'],
    ['nitrate', '22', '', 22 / 4.42664, 'mg NO3/L'],
    ['NO3', '5', 'mg N/L', 5, 'mg N/L'],
    ['Temp', '77', 'F', 25, '°F'],
  ])('a long file in the writer’s words: %s %s %s', (quantity, value, unit, canonical, enteredUnit) => {
    const row = readRow(['2026-11-01T08:00:00Z', quantity, value, unit, ''], 2, long)
    expect(row).toMatchObject({ readings: [{ enteredUnit }] })
    expect('readings' in row ? row.readings[0]?.value : NaN).toBeCloseTo(canonical, 3)
  })
  test.each([
    ['iron', '0,125', 0.125],
    ['nitrate', '12,5', 12.5],
    ['nitrate', '1,2345', 1.2345],
    ['pH', '6,8', 6.8],
  ])('the other mark where it can only be a decimal: %s %s', (quantity, value, shown) => {
    const row = readRow(['2026-11-01', quantity, value, '', ''], 3, long)
    expect('readings' in row && row.readings[0]?.enteredText).toBe(value)
    if (quantity !== 'nitrate') expect('readings' in row ? row.readings[0]?.value : NaN).toBeCloseTo(shown, 6)
  })
  test.each([
    [['', 'pH', '7', '', ''], 'no-date'],
    [['2026-02-30T08:00:00Z', 'pH', '7', '', ''], 'bad-date'],
    [['yesterday', 'pH', '7', '', ''], 'bad-date'],
    [['2026-11-01 25:00', 'pH', '7', '', ''], 'bad-date'],
    [['1900-01-01T00:00:00Z', 'pH', '7', '', ''], 'date-range'],
    [['2026-11-01', 'mood', '7', '', ''], 'unknown-quantity'],
    [['2026-11-01', 'pH', '', '', ''], 'no-value'],
    [['2026-11-01', 'nitrate', '1,234', '', ''], 'wrong-mark'],
    [['2026-11-01', 'nitrate', '< 1,250', '', ''], 'wrong-mark'],
    [['2026-11-01', 'pH', 'low', '', ''], 'not-a-number'],
    [['2026-11-01', 'pH', '77', '', ''], 'out-of-range'],
    [['2026-11-01', 'nitrate', '7', 'furlongs', ''], 'unknown-unit'],
    [['2026-11-01'], 'too-few-cells'],
  ] as const)('%j is refused: %s', (cells, fault) => expect(readRow(cells, 3, long)).toMatchObject({ refused: { line: 3, fault } }))
})

test('text cells that look like formulas are guarded and come back; others and numbers are never touched', () => {
  for (const text of ['=1+1', '+a', '-x', '@y', '\tz', 'plain', "'quoted'", "it's", "'=1", "''-2"])
    expect(unguarded(guarded(text))).toBe(text)
  expect(guarded('=1+1')).toBe("'=1+1")
  expect(guarded('plain')).toBe('plain')
})
