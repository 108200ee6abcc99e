import type { Problem, WorkProgress } from '@jovrin/contract'
import { problemOf } from '../http/errorHandler.js'

/** What a task answers. Errors lose their kind on the way between threads and processes, so a refusal travels as what it says. */
export type Outcome<Output> = { readonly done: Output } | { readonly refused: Problem }
export type Told = (progress: WorkProgress) => void
/** A long piece of work as it runs away from the server. */
export type Task<Input, Output> = (input: Input, told: Told) => Promise<Outcome<Output>>

export const task =
  <Input extends object, Output>(run: (input: Input, told: Told) => Output | Promise<Output>): Task<Input, Output> =>
  async (input, told) => {
    try {
      return { done: await run(input, told) }
    } catch (error) {
      const refused = problemOf(error)
      if (refused.code === 'fault') throw error
      return { refused }
    }
  }
