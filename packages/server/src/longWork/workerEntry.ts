import { existsSync } from 'node:fs'
import { fileURLToPath } from 'node:url'

/** A module that runs beside the server, in a thread or a process of its own: how to load it. */
export interface WorkerEntry {
  readonly href: string
  readonly execArgv: readonly string[]
}

/** The source of a worker, or the file that was bundled from it, where there is one. */
export function workerEntry(source: URL): WorkerEntry {
  const bundled = new URL(source.href.replace(/\.ts$/, '.mjs'))
  return existsSync(fileURLToPath(bundled)) ? { href: bundled.href, execArgv: [] } : { href: source.href, execArgv: ['--import', 'tsx'] }
}
