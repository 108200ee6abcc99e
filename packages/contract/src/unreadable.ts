import { z } from 'zod'

/** Something stored that is not what it should be. It is left where it lies and shown to nobody as if it were sound; everything else goes on. */
export const Unreadable = z.object({
  what: z.enum(['plan', 'setting', 'levers', 'record', 'job', 'kit', 'product', 'plant', 'plant-note']),
  tankId: z.string().nullable(),
  id: z.string(),
  detail: z.string(),
})
export const UnreadableQuery = z.strictObject({ all: z.enum(['true', 'false']).default('false') })
export type Unreadable = z.output<typeof Unreadable>
