import type { Product } from '@jovrin/core'
import type { Knex } from 'knex'

interface ProductRow {
  id: string
  document: string
  changed_at: string
}

export const productRepository = (db: Knex) => ({
  all: async (): Promise<Product[]> =>
    (await db<ProductRow>('product').orderBy('id')).map(({ document }) => JSON.parse(document) as Product), // was checked by the contract when it was stored
  put: async (product: Product, changedAt: string): Promise<void> => {
    await db<ProductRow>('product')
      .insert({ id: product.id, document: JSON.stringify(product), changed_at: changedAt })
      .onConflict('id')
      .merge()
  },
  remove: async (id: string): Promise<boolean> => (await db<ProductRow>('product').where({ id }).delete()) > 0,
})
