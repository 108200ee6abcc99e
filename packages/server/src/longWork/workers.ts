import { MessageChannel } from 'node:worker_threads'
import { enRefusal } from '@jovrin/contract'
import { Piscina } from 'piscina'
import { Refusal } from '../http/refusal.js'
import type { Work } from './works.js'
import type { Outcome } from './task.js'
import { workerEntry } from './workerEntry.js'

/** More than this waiting, and a request is better sent again later. */
const MOST_WAITING = 16

/** Threads for what would keep everybody else waiting. `close` waits for none: what runs is dropped. */
export const workers = () => {
  let pool: Piscina | null = null
  const open = (execArgv: readonly string[]): Piscina =>
    (pool ??= new Piscina({ minThreads: 0, maxThreads: 2, idleTimeout: 30_000, execArgv: [...execArgv] }))
  return {
    /** Runs a module’s task. Buffers named in `handedOver` are not copied, and are gone afterwards. */
    run: async <Output>(source: URL, input: object, work: Work, handedOver: readonly ArrayBuffer[] = []): Promise<Output> => {
      const { href, execArgv } = workerEntry(source)
      if (open(execArgv).queueSize >= MOST_WAITING) throw new Refusal(429, 'busy', enRefusal.busy)
      const { port1, port2 } = new MessageChannel()
      port1.on('message', work.told)
      port1.unref()
      try {
        const outcome = (await open(execArgv).run(
          { ...input, port: port2 },
          { filename: href, signal: work.signal, transferList: [port2, ...handedOver] },
        )) as Outcome<Output> // what `task` answers
        if ('refused' in outcome) throw Refusal.told(outcome.refused)
        return outcome.done
      } catch (error) {
        if (work.signal.aborted) throw calledOff()
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
export type Workers = ReturnType<typeof workers>

export const calledOff = (): Refusal => new Refusal(409, 'called_off', enRefusal.calledOff)
