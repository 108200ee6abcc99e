import { createWriteStream, existsSync, statSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { resolve } from 'node:path'
import { pipeline } from 'node:stream/promises'
import { startWords } from '@jovrin/contract'
import { readyDataFolder, restoredFolder, sweepLeftovers } from '../dataFolder.js'
import { openDatabase } from '../db/connection.js'
import { Refusal } from '../http/refusal.js'
import { lockFolder } from '../folderLock.js'
import { StartError } from '../startError.js'
import { backupName } from './backup.service.js'
import { prepareRestore, swapFolders } from './restore.js'
import { backupBytes } from './writeBackup.js'

/** `backup [FILE]` and `restore FILE` from a shell. A backup may be taken while the server runs; a restore needs it stopped. */
async function run([act, file, ...more]: readonly string[]): Promise<void> {
  const folder = readyDataFolder(process.env['JOVRIN_DATA'], process.env)
  const now = new Date()
  if (act === 'backup') {
    const path = resolve(file ?? backupName(now))
    if (existsSync(path)) throw new StartError(startWords.fileExists(path))
    const db = await openDatabase(folder)
    let files = 0
    const bytes = backupBytes({
      dataFolder: folder,
      writtenAt: now,
      copyTo: (copy) => db.raw('VACUUM INTO ?', [copy]),
      onManifest: (manifest) => (files = Object.keys(manifest.files).length),
    })
    const out = createWriteStream(path, { flags: 'wx', mode: 0o600 })
    try {
      await pipeline(bytes, out)
      console.log(startWords.backupDone(path, String(statSync(path).size), String(files)))
    } catch (error) {
      await rm(path, { force: true }) // half a backup is none
      throw error
    } finally {
      await db.destroy()
    }
    return
  }
  if (act !== 'restore' || file === undefined) throw new StartError(startWords.restoreUsage)
  if (!existsSync(file)) throw new StartError(startWords.noSuchFile(resolve(file)))
  const unlock = lockFolder(folder)
  try {
    sweepLeftovers(folder)
    const report = await prepareRestore(resolve(file), folder, { evenDamaged: more.includes('--even-damaged') })
    const unlockFresh = lockFolder(restoredFolder(folder))
    const old = swapFolders(folder, now)
    unlockFresh()
    console.log(startWords.restoreDone(String(report.tanks), String(report.records), old))
  } finally {
    unlock()
  }
}

run(process.argv.slice(2)).catch((error: unknown) => {
  console.error(error instanceof StartError || error instanceof Refusal ? error.message : error)
  process.exit(1)
})
