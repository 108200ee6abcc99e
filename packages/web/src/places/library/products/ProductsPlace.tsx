import { appWords, describeWords, libraryWords, ProductSchema } from '@jovrin/contract'
import type { Product } from '@jovrin/core'
import { Box, Button } from '@mui/material'
import type { GridColDef } from '@mui/x-data-grid'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useMemo } from 'react'
import { z } from 'zod'
import { changeJson } from '../../../api/http.js'
import { newId } from '../../../api/newId.js'
import { Grid } from '../../../ui/grid/Grid.js'
import { useNotice } from '../../../ui/notice.js'
import { QueryState } from '../../../ui/QueryState.js'
import { useUnits } from '../../../ui/units.js'
import { LibraryHead } from '../LibraryHead.js'
import { groundColumns, isOwn, tabColumns, type Ground, type Tab } from './productColumns.js'
import { productsOfLibrary } from './products.queries.js'
import { rowsInTurn } from './rowsInTurn.js'

/** Grounds and root tabs as one buys them, one's own first. Kept when a cell is left. */
export function ProductsPlace() {
  const units = useUnits()
  const products = useQuery(productsOfLibrary())
  const { keep, remove } = useLibrary()
  const text = libraryWords
  const columns = useMemo(() => ({ ground: groundColumns(units, remove), tab: tabColumns(units, remove) }), [units, remove])
  const all = useMemo(
    () => [...(products.data ?? [])].sort((a, b) => Number(isOwn(b)) - Number(isOwn(a)) || a.name.localeCompare(b.name)),
    [products.data],
  )
  if (!products.data) return <QueryState error={products.error} onRetry={() => void products.refetch()} />
  return (
    <Box sx={{ px: 2, py: 1.5, maxWidth: 1000 }}>
      <LibraryHead />
      <Box sx={{ color: 'text.secondary', fontSize: 14, mb: 1 }}>{text.hint}</Box>
      <ProductGrid<Ground>
        title={text.grounds}
        rows={all.filter((product) => product.kind === 'ground')}
        columns={columns.ground}
        add={text.addGround}
        onAdd={() => ({
          id: newId(),
          kind: 'ground',
          name: text.newGround,
          ground: 'rich-soil',
          bagL: 9,
          bulkKgPerL: null,
          porosity: null,
          price: null,
        })}
        keep={keep}
      />
      <ProductGrid<Tab>
        title={text.tabs}
        rows={all.filter((product) => product.kind === 'tab')}
        columns={columns.tab}
        add={text.addTab}
        onAdd={() => ({ id: newId(), kind: 'tab', name: text.newTab, pack: 10, price: null, renewDays: 90 })}
        keep={keep}
      />
    </Box>
  )
}

/** Keeps an entry; what it was before is what an undo brings back. Throws what the server says where it refuses. */
type Keep = (product: Product, before?: Product) => Promise<void>

interface ProductGridProps<Row extends Product> {
  readonly title: string
  readonly rows: readonly Row[]
  readonly columns: readonly GridColDef<Row>[]
  readonly add: string
  readonly onAdd: () => Row
  readonly keep: Keep
}
function ProductGrid<Row extends Product>({ title, rows, columns, add, onAdd, keep }: ProductGridProps<Row>) {
  const tell = useNotice()
  const refused = (error: unknown): void => tell({ text: error instanceof Error ? error.message : appWords.failed })
  const change = useMemo(() => rowsInTurn<Row>((next, before) => keep(ProductSchema.parse(next), before)), [keep])
  return (
    <Box component="section" sx={{ mb: 2 }}>
      <Box component="h2" className="lettering" sx={{ fontSize: 17, m: 0 }}>
        {title}
      </Box>
      <Grid<Row>
        label={title}
        fileName={title}
        rows={rows}
        columns={columns}
        hideFooter
        processRowUpdate={change}
        onProcessRowUpdateError={refused}
      />
      <Button sx={{ mt: 1 }} onClick={() => void keep(onAdd()).catch(refused)}>
        {add}
      </Button>
    </Box>
  )
}

/** Entries as they are kept in the library and taken out of it. */
function useLibrary() {
  const client = useQueryClient()
  const tell = useNotice()
  return useMemo(() => {
    const keep: Keep = async (product, before) => {
      await changeJson('PUT', `/api/products/${product.id}`, ProductSchema, { body: product })
      void client.invalidateQueries({ queryKey: ['products'] })
      tell({ text: libraryWords.kept, ...(before === undefined ? {} : { action: backTo(before) }) })
    }
    const backTo = (before: Product) => ({ label: describeWords.undo, run: () => void keep(before).catch(refused) })
    const remove = async (product: Product): Promise<void> => {
      await changeJson('DELETE', `/api/products/${product.id}`, z.object({}))
      await client.invalidateQueries({ queryKey: ['products'] })
      tell({
        text: libraryWords.removed(product.name),
        action: { label: describeWords.undo, run: () => void keep(product).catch(refused) },
      })
    }
    const refused = (error: unknown): void => tell({ text: error instanceof Error ? error.message : appWords.failed })
    return { keep, remove: (product: Product) => void remove(product).catch(refused) }
  }, [client, tell])
}
