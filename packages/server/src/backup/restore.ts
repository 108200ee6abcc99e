import { copyFileSync, existsSync, mkdirSync, readdirSync, renameSync, rmSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { enRefusal, type RestoreReport } from '@jovrin/contract'
import { openDatabase } from '../db/connection.js'
import { Refusal } from '../http/refusal.js'
import { restoredFolder, RESTORED_MARK, STAYS } from '../dataFolder.js'
import { unpack, type UnpackLimits } from './unpack.js'

/** Unpacks and checks a backup in a new folder beside the data; nothing of the data is touched. Leaves no folder behind when it refuses. */
export async function prepareRestore(zipPath: string, dataFolder: string, limits?: UnpackLimits): Promise<Omit<RestoreReport, 'keptOld'>> {
  const fresh = restoredFolder(dataFolder)
  rmSync(fresh, { recursive: true, force: true })
  mkdirSync(fresh, { mode: 0o700 })
  try {
    await unpack(zipPath, fresh, limits)
    const counts = await checkDatabase(fresh)
    const photos = join(fresh, 'photos')
    return { ...counts, photos: existsSync(photos) ? readdirSync(photos).filter((name) => !name.includes('.small.')).length : 0 }
  } catch (error) {
    rmSync(fresh, { recursive: true, force: true })
    throw error
  }
}

async function checkDatabase(folder: string): Promise<{ tanks: number; records: number }> {
  const db = await openDatabase(folder).catch((error: unknown) => {
    throw new Refusal(422, 'broken_backup', error instanceof Error ? error.message : enRefusal.backupBroken)
  })
  try {
    const integrity = await db.raw<{ integrity_check: string }[]>('PRAGMA integrity_check')
    const dangling = await db.raw<unknown[]>('PRAGMA foreign_key_check')
    if (integrity[0]?.integrity_check !== 'ok' || dangling.length > 0) throw new Refusal(422, 'broken_backup', enRefusal.backupBroken)
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
    throw new Refusal(507, 'no_swap', enRefusal.noSwap(error instanceof Error ? error.message : ''))
  }
  try {
    renameSync(fresh, dataFolder)
  } catch (error) {
    renameSync(old, dataFolder)
    throw error
  }
  rmSync(join(dataFolder, RESTORED_MARK))
  return old
}
