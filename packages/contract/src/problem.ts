import { z } from 'zod'

/** RFC 9457, with what a form needs to put the sentence at its field. */
export const Problem = z.object({
  type: z.string(),
  title: z.string(),
  status: z.int(),
  code: z.string(),
  detail: z.string(),
  field: z.string().optional(),
  allowed: z.string().optional(),
})
export type Problem = z.output<typeof Problem>
