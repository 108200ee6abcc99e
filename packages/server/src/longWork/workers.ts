import { processes, type Processes } from './processes.js'
import { threads, type Threads } from './threads.js'

/** Where long work is done, so that everybody else is served meanwhile. */
export interface Workers {
  readonly threads: Threads
  readonly processes: Processes
  readonly close: () => Promise<void>
}

/** `close` waits for nothing that runs: it is dropped. */
export const workers = (): Workers => {
  const parts = { threads: threads(), processes: processes() }
  return {
    ...parts,
    close: async () => {
      parts.processes.close()
      await parts.threads.close()
    },
  }
}
