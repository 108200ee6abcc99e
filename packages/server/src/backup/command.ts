import { createWriteStream, existsSync, statSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { resolve } from 'node:path'
import { enStart } from '@jovrin/contract'
import { readyDataFolder } from '../dataFolder.js'
import { openDatabase } from '../db/connection.js'
import { Refusal } from '../http/refusal.js'
import { lockFolder } from '../folderLock.js'
import { StartError } from '../startError.js'
import { backupName } from './backup.service.js'
import { prepareRestore, swapFolders } from './restore.js'
import { writeBackup } from './writeBackup.js'

/** `backup [FILE]` and `restore FILE` from a shell. A backup may be taken while the server runs; a restore needs it stopped. */
async function run([act, file]: readonly string[]): Promise<void> {
  const folder = readyDataFolder(process.env['JOVRIN_DATA'], process.env)
  const now = new Date()
  if (act === 'backup') {
    const path = resolve(file ?? backupName(now))
    if (existsSync(path)) throw new StartError(enStart.fileExists(path))
    const db = await openDatabase(folder)
    const out = createWriteStream(path, { flags: 'wx', mode: 0o600 })
    try {
      await new Promise<void>((done, failed) => out.once('open', () => done()).once('error', failed))
      const manifest = await writeBackup(
        db,
        folder,
        now,
        (chunk) => new Promise((done, failed) => out.write(chunk, (error) => (error ? failed(error) : done()))),
      )
      await new Promise<void>((done, failed) => out.end((error?: Error | null) => (error ? failed(error) : done())))
      console.log(enStart.backupDone(path, String(statSync(path).size), String(Object.keys(manifest.files).length)))
    } catch (error) {
      out.destroy()
      await rm(path, { force: true }) // half a backup is none
      throw error
    } finally {
      await db.destroy()
    }
    return
  }
  if (act !== 'restore' || file === undefined) throw new StartError(enStart.restoreUsage)
  if (!existsSync(file)) throw new StartError(enStart.noSuchFile(resolve(file)))
  const unlock = lockFolder(folder)
  try {
    const report = await prepareRestore(resolve(file), folder)
    const old = swapFolders(folder, now)
    console.log(enStart.restoreDone(String(report.tanks), String(report.records), old))
  } finally {
    unlock()
  }
}

run(process.argv.slice(2)).catch((error: unknown) => {
  console.error(error instanceof StartError || error instanceof Refusal ? error.message : error)
  process.exit(1)
})
