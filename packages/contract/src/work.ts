import { z } from 'zod'

/** Names a long piece of work, so that its progress can be asked for and it can be called off. Made by the asker. */
export const WorkId = z.uuidv7()
/** How far a long piece of work is: `done` of `of`, in rows, bytes or what it counts. */
export const WorkProgress = z.object({ done: z.number(), of: z.number() })
export type WorkProgress = z.output<typeof WorkProgress>
