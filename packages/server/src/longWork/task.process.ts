import type { WorkProgress } from '@jovrin/contract'
import type { Outcome, Task } from './task.js'

/** What the server sends: a module whose default export is the task, and what it works on. */
export interface GivenTask {
  readonly href: string
  readonly input: object
}
/** What comes back: how far it is, and at the end what came of it; `fell` when it met a fault of ours. */
export type TaskMessage = { readonly progress: WorkProgress } | { readonly outcome: Outcome<unknown> } | { readonly fell: string }

const send = (message: TaskMessage): void => void process.send?.(message)

// One task after another; the server sends the next when the last is over.
process.on('message', ({ href, input }: GivenTask) => {
  void (async () => {
    try {
      const { default: act } = (await import(href)) as { default: Task<object, unknown> } // every task module has it
      send({ outcome: await act(input, (progress) => send({ progress })) })
    } catch (error) {
      send({ fell: error instanceof Error ? (error.stack ?? error.message) : String(error) })
    }
  })()
})
process.once('disconnect', () => process.exit())
