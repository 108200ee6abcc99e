import { existsSync } from 'node:fs'
import { resolve } from 'node:path'
import { startWords } from '@jovrin/contract'
import { readyDataFolder } from '../dataFolder.js'
import { databaseFile } from '../db/connection.js'
import { lockFolder } from '../folderLock.js'
import { StartError } from '../startError.js'
import { rescue } from './rescue.js'

/** `rescue FOLDER` from a shell: what can still be read of a damaged database, as files. */
async function run([target]: readonly string[]): Promise<void> {
  const folder = readyDataFolder(process.env['JOVRIN_DATA'], process.env)
  if (target === undefined || existsSync(target)) throw new StartError(startWords.rescueUsage)
  if (!existsSync(databaseFile(folder))) throw new StartError(startWords.noSuchFile(databaseFile(folder)))
  const unlock = lockFolder(folder)
  try {
    const { tanks, records, lost } = await rescue(folder, resolve(target), new Date())
    console.log(startWords.rescueDone(resolve(target), String(tanks), String(records), String(lost.length)))
  } finally {
    unlock()
  }
}

run(process.argv.slice(2)).catch((error: unknown) => {
  console.error(error instanceof StartError ? error.message : error)
  process.exit(1)
})
