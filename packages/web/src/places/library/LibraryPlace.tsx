import { appWords, describeWords, fieldWords, groundKindWords, libraryWords, navWords, ProductSchema } from '@jovrin/contract'
import { GROUND_KINDS, type GroundKind, numberField, type NumberPath, type Product } from '@jovrin/core'
import { Box, Button, MenuItem, TextField } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { Link } from 'react-router'
import { z } from 'zod'
import { changeJson } from '../../api/http.js'
import { newId } from '../../api/newId.js'
import { NumberField } from '../../ui/NumberField.js'
import { useTexts, type Texts } from '../../ui/useTexts.js'
import { useNotice } from '../../ui/notice.js'
import { QueryState } from '../../ui/QueryState.js'
import { productsOfLibrary } from './products.queries.js'

/** Grounds and root tabs as one buys them. Kept when a field is left. */
export function LibraryPlace() {
  const products = useQuery(productsOfLibrary())
  const keep = useKeepProduct()
  const text = libraryWords
  if (!products.data) return <QueryState error={products.error} onRetry={() => void products.refetch()} />
  const own = (id: string): boolean => !id.startsWith('sample-')
  const list = [...products.data].sort((a, b) => Number(own(b.id)) - Number(own(a.id)) || a.name.localeCompare(b.name))
  return (
    <Box sx={{ px: 2, py: 1.5, maxWidth: 1000 }}>
      <Box component="h1" className="lettering" sx={{ m: 0, fontSize: 22 }}>
        {text.title}
      </Box>
      <Box sx={{ color: 'text.secondary', fontSize: 14, mb: 1 }}>
        {text.hint}{' '}
        <Box component={Link} to="/workings" sx={{ color: 'inherit' }}>
          {navWords.workings}
        </Box>
      </Box>
      {(['ground', 'tab'] as const).map((kind) => (
        <Box component="section" key={kind} sx={{ mb: 2 }}>
          <Box component="h2" className="lettering" sx={{ fontSize: 17, m: 0, borderBottom: '1px solid var(--ink)' }}>
            {kind === 'ground' ? text.grounds : text.tabs}
          </Box>
          {list
            .filter((product) => product.kind === kind)
            .map((product) => (
              <ProductRow key={product.id} product={product} />
            ))}
          <Button
            sx={{ mt: 1 }}
            onClick={() =>
              void keep(
                kind === 'ground'
                  ? { id: newId(), kind, name: text.newGround, ground: 'rich-soil', bagL: 9, bulkKgPerL: null, porosity: null, price: null }
                  : { id: newId(), kind, name: text.newTab, pack: 10, price: null, renewDays: 90 },
              )
            }
          >
            {kind === 'ground' ? text.addGround : text.addTab}
          </Button>
        </Box>
      ))}
    </Box>
  )
}

function useKeepProduct(): (product: Product) => Promise<void> {
  const client = useQueryClient()
  const tell = useNotice()
  return async (product) => {
    try {
      await changeJson('PUT', `/api/products/${product.id}`, ProductSchema, { body: product })
      await client.invalidateQueries({ queryKey: ['products'] })
      tell({ text: libraryWords.kept })
    } catch (error) {
      tell({ text: error instanceof Error ? error.message : appWords.failed })
    }
  }
}

function ProductRow({ product }: { product: Product }) {
  const client = useQueryClient()
  const tell = useNotice()
  const keep = useKeepProduct()
  const [draft, setDraft] = useState(product)
  const typed = useTexts()
  const head = libraryWords.head
  /** A part is of the draft's own kind; a number that must be there keeps its last value while its field is empty. */
  const set = (part: Readonly<Record<string, unknown>>): void =>
    setDraft({ ...draft, ...Object.fromEntries(Object.entries(part).filter(([, value]) => value !== undefined)) })
  const done = (next: Product = draft): void => {
    if (typed.isMistyped('bagL', 'bulkKgPerL', 'porosity', 'pack', 'renewDays', 'price')) return
    const parsed = ProductSchema.safeParse(next)
    if (parsed.success && JSON.stringify(parsed.data) !== JSON.stringify(product)) void keep(parsed.data)
  }
  const remove = async (): Promise<void> => {
    try {
      await changeJson('DELETE', `/api/products/${product.id}`, z.object({}))
      await client.invalidateQueries({ queryKey: ['products'] })
      tell({ text: libraryWords.removed(product.name), action: { label: describeWords.undo, run: () => void keep(product) } })
    } catch (error) {
      tell({ text: error instanceof Error ? error.message : appWords.failed })
    }
  }
  return (
    <Box
      role="group"
      aria-label={product.name}
      sx={{
        display: 'grid',
        gridTemplateColumns: { xs: '1fr 1fr', md: '2fr 1.2fr repeat(4, 1fr) 34px' },
        columnGap: 1.5,
        alignItems: 'start',
        borderBottom: '1px solid var(--hair)',
        py: 0.5,
      }}
    >
      <TextField
        label={head.name}
        value={draft.name}
        error={draft.name.trim() === ''}
        onChange={(event) => set({ name: event.target.value })}
        onBlur={() => done()}
        slotProps={{ inputLabel: { shrink: true }, htmlInput: { maxLength: 80 } }}
      />
      {draft.kind === 'ground' ? (
        <>
          <TextField
            select
            label={head.ground}
            value={draft.ground}
            onChange={(event) => {
              const next = { ...draft, ground: event.target.value as GroundKind }
              setDraft(next)
              done(next)
            }}
            slotProps={{ inputLabel: { shrink: true } }}
          >
            {GROUND_KINDS.map((kind) => (
              <MenuItem key={kind} value={kind}>
                {groundKindWords[kind]}
              </MenuItem>
            ))}
          </TextField>
          <ProductNumber
            path="layers/*/product/bagL"
            value={draft.bagL}
            texts={typed.of('bagL')}
            onChange={(bagL) => set({ bagL })}
            onCommit={() => done()}
          />
          <ProductNumber
            path="layers/*/product/bulkKgPerL"
            value={draft.bulkKgPerL}
            texts={typed.of('bulkKgPerL')}
            onChange={(bulkKgPerL) => set({ bulkKgPerL })}
            onCommit={() => done()}
          />
          <ProductNumber
            path="layers/*/product/porosity"
            value={draft.porosity}
            texts={typed.of('porosity')}
            onChange={(porosity) => set({ porosity })}
            onCommit={() => done()}
          />
        </>
      ) : (
        <>
          <ProductNumber
            path="tabProduct/pack"
            value={draft.pack}
            texts={typed.of('pack')}
            onChange={(pack) => set({ pack })}
            onCommit={() => done()}
          />
          <ProductNumber
            path="tabProduct/renewDays"
            value={draft.renewDays}
            texts={typed.of('renewDays')}
            onChange={(renewDays) => set({ renewDays })}
            onCommit={() => done()}
          />
          <span />
          <span />
        </>
      )}
      <ProductNumber
        path="tabProduct/price"
        value={draft.price}
        texts={typed.of('price')}
        onChange={(price) => set({ price })}
        onCommit={() => done()}
      />
      {product.id.startsWith('sample-') ? (
        <span />
      ) : (
        <Button
          variant="text"
          sx={{ minWidth: 26, p: 0, mt: 1.5 }}
          aria-label={libraryWords.remove(product.name)}
          onClick={() => void remove()}
        >
          ✕
        </Button>
      )}
    </Box>
  )
}

interface ProductNumberProps {
  readonly path: NumberPath & keyof typeof fieldWords
  readonly value: number | null
  readonly texts: ReturnType<Texts['of']>
  readonly onChange: (value: number | null) => void
  readonly onCommit: () => void
}
/** A number of a product, as the plan that it is copied into takes it. */
function ProductNumber({ path, texts, ...given }: ProductNumberProps) {
  const { dimension, range, isSure, isWhole = false } = numberField(path)
  const [label, why] = fieldWords[path]
  return (
    <NumberField
      label={label}
      why={why}
      dimension={dimension}
      range={range}
      canBeUnknown={!isSure}
      isWhole={isWhole}
      {...texts}
      {...given}
    />
  )
}
