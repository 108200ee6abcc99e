import { DIMENSIONS, type Quantity } from '@jovrin/core'
import { z } from 'zod'

/** A canonical number and what it is a number of. */
export const QuantitySchema: z.ZodType<Quantity> = z.object({
  value: z.number(),
  dimension: z.enum(DIMENSIONS),
  currency: z.string().optional(),
})
export const QuantitiesSchema = z.record(z.string(), QuantitySchema)
