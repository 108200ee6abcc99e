import { GROUND_KINDS, type Product } from '@jovrin/core'
import { z } from 'zod'
import { planLeaf } from './plan.js'

export const ProductId = z.string().regex(/^[a-z0-9][a-z0-9-]{0,59}$/)
const Named = { id: ProductId, name: z.string().trim().min(1).max(80), price: planLeaf('tabProduct/price') }

/** An entry of the library: ground by the bag, root tabs by the pack. */
export const ProductSchema: z.ZodType<Product> = z.discriminatedUnion('kind', [
  z.strictObject({
    ...Named,
    kind: z.literal('ground'),
    ground: z.enum(GROUND_KINDS),
    bagL: planLeaf('layers/*/product/bagL'),
    bulkKgPerL: planLeaf('layers/*/product/bulkKgPerL'),
    porosity: planLeaf('layers/*/product/porosity'),
  }),
  z.strictObject({
    ...Named,
    kind: z.literal('tab'),
    pack: planLeaf('tabProduct/pack'),
    renewDays: planLeaf('tabProduct/renewDays'),
  }),
])
