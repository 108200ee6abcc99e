import { existsSync } from 'node:fs'
import { basename, join } from 'node:path'
import { fileURLToPath, pathToFileURL } from 'node:url'

/** A module that runs beside the server, in a thread or a process of its own: how to load it. */
export interface WorkerEntry {
  readonly href: string
  readonly execArgv: readonly string[]
}

/** The source of a worker, or the file that was bundled from it, where there is one: beside the source, or in a folder that is named because bundles start in a fraction of the time. */
export function workerEntry(source: URL): WorkerEntry {
  const path = fileURLToPath(source)
  const beside = path.replace(/\.ts$/, '.mjs')
  const folder = process.env['JOVRIN_BUNDLES']
  const bundled = folder === undefined ? beside : join(folder, basename(beside))
  return existsSync(bundled) ? { href: pathToFileURL(bundled).href, execArgv: [] } : { href: source.href, execArgv: ['--import', 'tsx'] }
}
