import { readFileSync, writeFileSync } from 'node:fs'
import { createRequire } from 'node:module'
import { join } from 'node:path'
import { startWords } from '@jovrin/contract'
import { StartError } from './startError.js'

const require = createRequire(import.meta.url)
interface Lock {
  exec(sql: string): unknown
  close(): void
}
const Database = require('libsql') as new (path: string) => Lock // the driver has no types of its own for this

const LOCK_NAME = 'folder.lock'
/** Says who holds the lock, for the sentence; nothing depends on it. */
const HOLDER_NAME = 'server.pid'

/** One process at a time writes a data folder. The lock is the database engine's own, held open: the system lets go of it when its process ends, however it ends, and no clock or process number has a say. Returns how to let go. */
export function lockFolder(folder: string): () => void {
  const lock = new Database(join(folder, LOCK_NAME))
  try {
    lock.exec('BEGIN EXCLUSIVE')
  } catch (error) {
    lock.close()
    const { code } = error as { code?: unknown }
    if (code === 'SQLITE_BUSY') throw new StartError(startWords.folderInUse(folder, holderOf(folder)))
    throw new StartError(startWords.folderNotWritable(folder), error)
  }
  writeFileSync(join(folder, HOLDER_NAME), String(process.pid))
  let isHeld = true
  return () => {
    if (!isHeld) return
    isHeld = false
    lock.close()
  }
}

function holderOf(folder: string): string {
  try {
    return readFileSync(join(folder, HOLDER_NAME), 'utf8').slice(0, 12)
  } catch {
    return '?' // it is just starting or ending
  }
}
