import type { MessagePort } from 'node:worker_threads'
import type { Outcome, Task } from './task.js'

export interface ThreadInput<Input> {
  readonly input: Input
  /** Where it is told how far the task is. */
  readonly port: MessagePort
}

/** A task as a thread of the pool runs it. */
export const threaded =
  <Input, Output>(act: Task<Input, Output>) =>
  async ({ input, port }: ThreadInput<Input>): Promise<Outcome<Output>> => {
    try {
      return await act(input, (progress) => port.postMessage(progress))
    } finally {
      port.close()
    }
  }
