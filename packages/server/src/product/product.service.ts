import { refusalWords, sampleProductWords } from '@jovrin/contract'
import { SAMPLE_PRODUCTS, type Product } from '@jovrin/core'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { productRepository } from './product.repository.js'

/** The user's own entries, and the generic samples that none of them replaces. */
export const productService = (db: Knex, clock: Clock) => ({
  all: async (): Promise<Product[]> => {
    const own = await productRepository(db).all()
    const samples = SAMPLE_PRODUCTS.filter(({ id }) => !own.some((product) => product.id === id)).map((sample) => ({
      ...sample,
      name: sampleProductWords[sample.id] ?? sample.id,
    }))
    return [...own, ...samples]
  },
  put: async (product: Product): Promise<Product> => {
    await productRepository(db).put(product, clock().toISOString())
    return product
  },
  remove: async (id: string): Promise<void> => {
    if (!(await productRepository(db).remove(id))) throw new Refusal(404, 'no_such_product', refusalWords.noSuchProduct)
  },
})
export type ProductService = ReturnType<typeof productService>
