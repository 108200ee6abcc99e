import type { Product } from '@jovrin/core'
import { ProductSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import { readables } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'

interface ProductRow {
  id: string
  document: string
  changed_at: string
}

export const PRODUCT_SHELF: Shelf<ProductRow> = {
  table: 'product',
  what: 'product',
  schema: ProductSchema,
  stored: ({ document }) => JSON.parse(document) as unknown,
  name: ({ id }) => ({ tankId: null, id }),
}

export const productRepository = (db: Knex) => ({
  all: async (): Promise<Product[]> => readables(ProductSchema, await db<ProductRow>('product').orderBy('id'), PRODUCT_SHELF.stored),
  put: async (product: Product, changedAt: string): Promise<void> => {
    await db<ProductRow>('product')
      .insert({ id: product.id, document: JSON.stringify(product), changed_at: changedAt })
      .onConflict('id')
      .merge()
  },
  remove: async (id: string): Promise<boolean> => (await db<ProductRow>('product').where({ id }).delete()) > 0,
})
