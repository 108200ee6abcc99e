import type { MessagePort } from 'node:worker_threads'
import type { Problem, WorkProgress } from '@jovrin/contract'
import { problemOf } from '../http/errorHandler.js'

/** What a task answers. Errors lose their kind on the way between threads, so a refusal travels as what it says. */
export type Outcome<Output> = { readonly done: Output } | { readonly refused: Problem }
export type Told = (progress: WorkProgress) => void

/** The side of a long piece of work that runs in a thread of its own. */
export const task =
  <Input extends object, Output>(run: (input: Input, told: Told) => Output | Promise<Output>) =>
  async (given: Input & { readonly port: MessagePort }): Promise<Outcome<Output>> => {
    try {
      return { done: await run(given, (progress) => given.port.postMessage(progress)) }
    } catch (error) {
      const refused = problemOf(error)
      if (refused.code === 'fault') throw error
      return { refused }
    } finally {
      given.port.close()
    }
  }
