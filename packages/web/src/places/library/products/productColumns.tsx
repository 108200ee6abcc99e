import { fieldWords, formWords, groundKindWords, libraryWords, NAME_MOST } from '@jovrin/contract'
import { GROUND_KINDS, numberField, type NumberPath, type Product } from '@jovrin/core'
import { Button } from '@mui/material'
import type { GridColDef } from '@mui/x-data-grid'
import { typedColumn } from '../../../ui/grid/typedColumn.js'
import { RemoveIcon } from '../../../ui/icons/RemoveIcon.js'
import { asWritten, readQuantity } from '../../../ui/readQuantity.js'
import type { Units } from '../../../ui/units.js'

export type Ground = Extract<Product, { kind: 'ground' }>
export type Tab = Extract<Product, { kind: 'tab' }>
export const isOwn = (product: Product): boolean => !product.id.startsWith('sample-')

/** Grounds by the bag. */
export const groundColumns = (units: Units, remove: (product: Product) => void): GridColDef<Ground>[] => [
  nameColumn<Ground>(),
  {
    field: 'ground',
    headerName: libraryWords.head.ground,
    width: 180,
    type: 'singleSelect',
    valueOptions: GROUND_KINDS.map((kind) => ({ value: kind, label: groundKindWords[kind] })),
    editable: true,
  },
  numberColumn<Ground, 'bagL'>('bagL', 'layers/*/product/bagL', units),
  numberColumn<Ground, 'bulkKgPerL'>('bulkKgPerL', 'layers/*/product/bulkKgPerL', units),
  numberColumn<Ground, 'porosity'>('porosity', 'layers/*/product/porosity', units),
  numberColumn<Ground, 'price'>('price', 'tabProduct/price', units, libraryWords.head.price),
  removeColumn<Ground>(remove),
]

/** Root tabs by the pack. */
export const tabColumns = (units: Units, remove: (product: Product) => void): GridColDef<Tab>[] => [
  nameColumn<Tab>(),
  numberColumn<Tab, 'pack'>('pack', 'tabProduct/pack', units),
  numberColumn<Tab, 'renewDays'>('renewDays', 'tabProduct/renewDays', units),
  numberColumn<Tab, 'price'>('price', 'tabProduct/price', units, libraryWords.head.price),
  removeColumn<Tab>(remove),
]

const nameColumn = <Row extends Product>(): GridColDef<Row> =>
  typedColumn<Row>({
    field: 'name',
    head: libraryWords.head.name,
    width: 160,
    isWide: true,
    text: ({ name }) => name,
    judge: (text, row) => {
      if (text.trim() === '') return formWords.needed
      return text.trim().length > NAME_MOST * 2 ? formWords.long(String(NAME_MOST * 2)) : { ...row, name: text.trim() }
    },
  })

/** A number of a product, as the plan that it is copied into takes it. */
function numberColumn<Row extends Product, Key extends keyof Row & string>(
  key: Key,
  path: NumberPath & keyof typeof fieldWords,
  units: Units,
  head?: string,
): GridColDef<Row> {
  const { dimension, range, isSure, isWhole = false } = numberField(path)
  const [label, why] = fieldWords[path]
  const unit = units.unitOf(dimension)
  const shown = (row: Row): number | null => (typeof row[key] === 'number' ? units.to(dimension, row[key]) : null)
  return typedColumn<Row>({
    field: key,
    head: head ?? (unit === '' ? label : `${label}, ${unit}`),
    why,
    isNumber: true,
    width: 118,
    text: (row) => {
      const value = shown(row)
      return value === null ? '' : asWritten(value)
    },
    order: shown,
    judge: (text, row) => {
      const read = readQuantity(text, { dimension, range, canBeUnknown: !isSure, isWhole }, units)
      return 'error' in read ? read.error : { ...row, [key]: read.value }
    },
  })
}

/** One's own can be taken out; samples stay. */
const removeColumn = <Row extends Product>(remove: (product: Product) => void): GridColDef<Row> => ({
  field: 'remove',
  headerName: libraryWords.removeHead,
  renderHeader: () => null,
  width: 44,
  sortable: false,
  filterable: false,
  hideable: false,
  disableExport: true,
  renderCell: ({ row, tabIndex }) =>
    isOwn(row) ? (
      <Button
        variant="text"
        sx={{ minWidth: 26, p: 0 }}
        tabIndex={tabIndex}
        aria-label={libraryWords.remove(row.name)}
        onClick={() => remove(row)}
      >
        <RemoveIcon />
      </Button>
    ) : null,
})
