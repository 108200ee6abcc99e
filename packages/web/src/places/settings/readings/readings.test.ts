import { USUAL_KITS } from '@jovrin/core'
import { beforeEach, describe, expect, test } from 'vitest'
import { firstRows, guessMapping } from './guessMapping.js'
import { readTable } from './readTable.js'
import { refusedRows } from './refusedRows.js'
import { rememberedMapping, rememberMapping } from './rememberedMappings.js'

beforeEach(() => localStorage.clear())

describe('a table that comes in', () => {
  test('its form is guessed from its first lines', () => {
    expect(guessMapping('Date;pH;KH;NO3\n24.11.2026;6,6;4;10\n', 'Europe/Berlin', USUAL_KITS)).toMatchObject({
      delimiter: ';',
      hasHeader: true,
      decimalMark: ',',
      dateOrder: 'dmy',
      columns: [
        { use: 'date' },
        { use: 'reading', quantity: 'pH' },
        { use: 'reading', quantity: 'alkalinity', unit: '°dKH' },
        { use: 'reading', quantity: 'nitrate', unit: 'mg NO3/L' },
      ],
    })
    expect(guessMapping('2026-11-24,6.6\n', 'UTC', USUAL_KITS)).toMatchObject({
      delimiter: ',',
      hasHeader: false,
      columns: [{ use: 'ignore' }, { use: 'ignore' }],
    })
  })
  test('our own columns are known by their names', () =>
    expect(guessMapping('id,at,quantity,value,unit,entered,note\n', 'UTC', USUAL_KITS).columns.map(({ use }) => use)).toEqual([
      'id',
      'at',
      'quantity',
      'value',
      'unit',
      'entered',
      'note',
    ]))
  test('cells without their quotation marks', () =>
    expect(firstRows('"a","b"\n\n1,2', ',')).toEqual([
      ['a', 'b'],
      ['1', '2'],
    ]))
  test('a German log: day first, comma marks, milligrams of the ion', () =>
    expect(guessMapping('Datum;Uhrzeit;NO3 (mg/l);pH-Wert (24 h)\n3.11.26;19:30;22,5;7,1\n', 'Europe/Berlin', USUAL_KITS)).toMatchObject({
      decimalMark: ',',
      dateOrder: 'dmy',
      bareUnits: { nitrate: 'mg NO3/L' },
      columns: [
        { use: 'date' },
        { use: 'time' },
        { use: 'reading', quantity: 'nitrate', unit: 'mg NO3/L' },
        { use: 'reading', quantity: 'pH', moment: 'degassed' },
      ],
    }))
})

describe('a mapping', () => {
  const text = 'Datum;Wert A\n3.11.2026;7\n'
  test('is remembered for files with the same first row, and for no others', () => {
    expect(rememberedMapping(text)).toBeNull()
    const mapping = { ...guessMapping(text, 'UTC', USUAL_KITS), dateOrder: 'mdy' as const }
    rememberMapping(text, mapping)
    expect(rememberedMapping('Datum;Wert A\n4.11.2026;8\n')).toEqual(mapping)
    expect(rememberedMapping('Datum;Wert B\n')).toBeNull()
  })
  test('that an older version wrote is guessed again', () => {
    localStorage.setItem('jovrin.mappings', '[["datum;wert a",{"columns":[]}]]')
    expect(rememberedMapping(text)).toBeNull()
  })
})

test('refused rows come back under their heading, each with its reason, over line ends in cells', () =>
  expect(
    refusedRows('Date,pH,Note\n2026-11-01,7,"two\nlines"\n\n2026-11-02,sour,b\n2026-11-03,7,c\n', ',', true, 'why', [
      { line: 5, detail: 'no number' },
    ]).split('\r\n'),
  ).toEqual(['Date,pH,Note,why', '2026-11-02,sour,b,no number']))

test('a table in the older western alphabet is read, and said to be one', async () => {
  const old = Uint8Array.from([72, 228, 114, 116, 101]) // Härte
  expect(await readTable(new File([old], 'log.csv'))).toEqual({ name: 'log.csv', text: 'Härte', isOldAlphabet: true })
  expect(await readTable(new File(['Härte'], 'log.csv'))).toMatchObject({ text: 'Härte', isOldAlphabet: false })
})
