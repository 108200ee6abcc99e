import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { refusalWords, type RestoreReport } from '@jovrin/contract'
import { openDatabase } from '../db/connection.js'
import { spoiledTables } from '../db/soundness.js'
import { INBOX_NAME, OUTBOX_NAME, restoredFolder, RESTORED_MARK, STAYS } from '../dataFolder.js'
import { Refusal } from '../http/refusal.js'
import { StartError } from '../startError.js'
import { findUnreadable } from '../unreadable/findUnreadable.js'
import { unpack, type UnpackOptions } from './unpack.js'

export interface RestoreOptions extends UnpackOptions {
  /** Take a backup that holds entries which cannot be read; they stay unread. */
  readonly evenDamaged?: boolean
}

/** Unpacks and checks a backup in a new folder beside the data; nothing of the data is touched. Leaves no folder behind when it refuses. */
export async function prepareRestore(
  zipPath: string,
  dataFolder: string,
  { evenDamaged = false, ...options }: RestoreOptions = {},
): Promise<Omit<RestoreReport, 'keptOld'>> {
  const fresh = restoredFolder(dataFolder)
  rmSync(fresh, { recursive: true, force: true })
  mkdirSync(fresh, { mode: 0o700 })
  try {
    await unpack(zipPath, fresh, options)
    const counts = await checkDatabase(fresh, evenDamaged)
    const photos = join(fresh, 'photos')
    return { ...counts, photos: existsSync(photos) ? readdirSync(photos).filter((name) => !name.includes('.small.')).length : 0 }
  } catch (error) {
    rmSync(fresh, { recursive: true, force: true })
    throw error
  }
}

const broken = (sentence: string): Refusal => new Refusal(422, 'broken_backup', sentence)

async function checkDatabase(folder: string, evenDamaged: boolean): Promise<{ tanks: number; records: number }> {
  const db = await openDatabase(folder).catch((error: unknown) => {
    throw error instanceof StartError ? broken(refusalWords.backupDatabase(error.what)) : error
  })
  try {
    const spoiled = await spoiledTables(db, 'integrity_check')
    const dangling = await db.raw<{ table: string }[]>('PRAGMA foreign_key_check')
    if (spoiled.length > 0 || dangling.length > 0)
      throw broken(refusalWords.backupDamaged([...new Set([...spoiled, ...dangling.map(({ table }) => table)])].join(', ')))
    if (!evenDamaged)
      for await (const { what, id, detail } of findUnreadable(db)) throw broken(refusalWords.backupContents(`${what} ${id}`, detail))
    const count = async (table: string): Promise<number> => Number((await db(table).count({ n: '*' }))[0]?.['n'] ?? 0)
    return { tanks: await count('tank'), records: (await count('reading')) + (await count('event')) }
  } finally {
    await db.destroy()
  }
}

/** Puts the prepared folder in the place of the data and keeps the old one. The database must be closed. A crash between the two renames is mended at the next start. */
export function swapFolders(dataFolder: string, now: Date): string {
  const fresh = restoredFolder(dataFolder)
  const old = `${dataFolder}.before-${now.toISOString().replace(/[:.]/g, '-')}`
  for (const name of STAYS) if (existsSync(join(dataFolder, name))) copyFileSync(join(dataFolder, name), join(fresh, name))
  writeFileSync(join(fresh, RESTORED_MARK), '')
  try {
    renameSync(dataFolder, old)
  } catch (error) {
    rmSync(fresh, { recursive: true, force: true })
    throw new Refusal(507, 'no_swap', refusalWords.noSwap(error instanceof Error ? error.message : ''))
  }
  try {
    renameSync(fresh, dataFolder)
  } catch (error) {
    renameSync(old, dataFolder)
    throw error
  }
  rmSync(join(dataFolder, RESTORED_MARK))
  // What was on its way in or out belongs to no kept folder.
  for (const name of [INBOX_NAME, OUTBOX_NAME]) rmSync(join(old, name), { recursive: true, force: true })
  return old
}
