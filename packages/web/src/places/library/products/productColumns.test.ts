import { formWords } from '@jovrin/contract'
import type { GridColDef } from '@mui/x-data-grid'
import { describe, expect, test } from 'vitest'
import { METRIC, US } from '../../../testing/units.js'
import { groundColumns, type Ground } from './productColumns.js'

const bag: Ground = {
  id: 'own-1',
  kind: 'ground',
  name: 'Black pellets',
  ground: 'rich-soil',
  bagL: 9,
  bulkKgPerL: 0.9,
  porosity: null,
  price: 24,
}
const column = (field: string, units = METRIC): GridColDef<Ground> =>
  groundColumns(units, () => undefined).find((one) => one.field === field) ?? { field: 'none' }
/** What the grid makes of a text typed into a cell: the row, or the sentence below the cell. */
function typed(field: string, text: string, units = METRIC): unknown {
  const { valueSetter, preProcessEditCellProps } = column(field, units)
  const props = preProcessEditCellProps?.({ id: bag.id, row: bag, props: { value: text }, hasChanged: true }) as { readonly error: unknown }
  const set = valueSetter as ((text: string, row: Ground) => Ground) | undefined // the last two values it takes are the grid's own
  const row = set?.(text, bag)
  if (props.error !== false) expect(row).toEqual(bag)
  return props.error === false ? row : props.error
}

describe('cells of the library', () => {
  test('numbers are read as the reader writes them, and kept in litres', () => {
    expect(typed('bagL', '7,5')).toEqual({ ...bag, bagL: 7.5 })
    expect(typed('bagL', '2', US)).toEqual({ ...bag, bagL: expect.closeTo(7.571, 3) as number })
    expect(typed('porosity', '40')).toEqual({ ...bag, porosity: 0.4 })
  })
  test('what may be unknown may be emptied, and nothing else', () => {
    expect(typed('price', '')).toEqual({ ...bag, price: null })
    expect(typed('bagL', '')).toMatch(/^Give a value from 0\.1 to 2000 L/)
    expect(typed('name', '  ')).toBe(formWords.needed)
  })
  test('what is no number is said to be none, and changes nothing', () => {
    expect(typed('price', 'dear')).toBe('This is not a number.')
    expect(typed('bagL', '1.000,5')).toMatch(/^Write either a comma or a point/)
  })
  test('cells are sorted by what they hold and show what is typed', () => {
    const { valueGetter, valueFormatter } = column('porosity')
    const get = valueGetter as (value: never, row: Ground) => unknown
    const show = valueFormatter as (value: never, row: Ground) => unknown
    expect(get(undefined as never, { ...bag, porosity: 0.4 })).toBe(40)
    expect(show(undefined as never, { ...bag, porosity: 0.4 })).toBe('40')
    expect([get(undefined as never, bag), show(undefined as never, bag)]).toEqual([null, ''])
  })
})
