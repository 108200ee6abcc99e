import { GROUND_KINDS, type Product } from '@jovrin/core'
import { z } from 'zod'
import { PLAN_RANGE, type PlanRange } from './plan.js'

const sure = (range: PlanRange) => z.number().min(PLAN_RANGE[range][0]).max(PLAN_RANGE[range][1])
const maybe = (range: PlanRange) => sure(range).nullable()
export const ProductId = z.string().regex(/^[a-z0-9][a-z0-9-]{0,59}$/)
const Named = { id: ProductId, name: z.string().trim().min(1).max(80), price: maybe('price') }

/** An entry of the library: ground by the bag, root tabs by the pack. */
export const ProductSchema: z.ZodType<Product> = z.discriminatedUnion('kind', [
  z.strictObject({
    ...Named,
    kind: z.literal('ground'),
    ground: z.enum(GROUND_KINDS),
    bagL: sure('bagL'),
    bulkKgPerL: maybe('bulkKgPerL'),
    porosity: maybe('porosity'),
  }),
  z.strictObject({
    ...Named,
    kind: z.literal('tab'),
    pack: z.int().min(PLAN_RANGE.pack[0]).max(PLAN_RANGE.pack[1]),
    renewDays: sure('renewDays'),
  }),
])
