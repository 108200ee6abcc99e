import { readFileSync, rmSync, statSync, writeFileSync } from 'node:fs'
import { uptime } from 'node:os'
import { join } from 'node:path'
import { enStart } from '@jovrin/contract'
import { StartError } from './startError.js'

const LOCK_NAME = 'server.lock'

/** One process at a time writes a data folder. The lock of a process that died does not count. Returns how to let go. */
export function lockFolder(folder: string): () => void {
  const path = join(folder, LOCK_NAME)
  try {
    writeFileSync(path, String(process.pid), { flag: 'wx' })
  } catch (error) {
    if ((error as NodeJS.ErrnoException).code !== 'EEXIST') throw new StartError(enStart.folderNotWritable(folder), error)
    const holder = Number(readFileSync(path, 'utf8'))
    // After a restart of the machine the number may belong to anybody.
    const isOfThisBoot = statSync(path).mtimeMs > Date.now() - uptime() * 1000
    if (holder !== process.pid && isOfThisBoot && isAlive(holder)) throw new StartError(enStart.folderInUse(folder, String(holder)))
    writeFileSync(path, String(process.pid))
  }
  return () => rmSync(path, { force: true })
}

function isAlive(pid: number): boolean {
  if (!Number.isInteger(pid) || pid <= 0) return false
  try {
    process.kill(pid, 0)
    return true
  } catch (error) {
    return (error as NodeJS.ErrnoException).code === 'EPERM'
  }
}
