import { MessageChannel } from 'node:worker_threads'
import { refusalWords } from '@jovrin/contract'
import { Piscina } from 'piscina'
import { Refusal } from '../http/refusal.js'
import { calledOff } from './calledOff.js'
import type { Outcome } from './task.js'
import type { ThreadInput } from './threaded.js'
import { workerEntry } from './workerEntry.js'
import type { Work } from './works.js'

/** More than this waiting, and a request is better sent again later. */
const MOST_WAITING = 16
const MOST_MEMORY_MB = 3000

/** Threads for sums over much that is in memory. A thread that is called off is ended in the middle of what it does, so no task here may hold a database: its driver does not survive that. Those run in processes. */
export const threads = () => {
  let pool: Piscina | null = null
  const open = (execArgv: readonly string[]): Piscina =>
    (pool ??= new Piscina({
      minThreads: 0,
      maxThreads: 2,
      idleTimeout: 30_000,
      execArgv: [...execArgv],
      resourceLimits: { maxOldGenerationSizeMb: MOST_MEMORY_MB },
    }))
  return {
    /** Buffers named in `handedOver` are not copied, and are gone afterwards. */
    run: async <Output>(source: URL, input: object, work: Work, handedOver: readonly ArrayBuffer[] = []): Promise<Output> => {
      const { href, execArgv } = workerEntry(source)
      if (open(execArgv).queueSize >= MOST_WAITING) throw new Refusal(429, 'busy', refusalWords.busy)
      const { port1, port2 } = new MessageChannel()
      port1.on('message', work.told)
      port1.unref()
      const given: ThreadInput<object> = { input, port: port2 }
      try {
        const outcome = (await open(execArgv).run(given, {
          filename: href,
          signal: work.signal,
          transferList: [port2, ...handedOver],
        })) as Outcome<Output> // what `task` answers
        if ('refused' in outcome) throw Refusal.told(outcome.refused)
        return outcome.done
      } catch (error) {
        if (work.signal.aborted) throw calledOff()
        if ((error as { code?: unknown }).code === 'ERR_WORKER_OUT_OF_MEMORY')
          throw new Refusal(413, 'too_large', refusalWords.tooMuchMemory)
        throw error
      } finally {
        port1.close()
      }
    },
    close: async (): Promise<void> => {
      await pool?.destroy()
    },
  }
}
export type Threads = ReturnType<typeof threads>
