import { open } from 'node:fs/promises'
import { withReader } from '../db/reader.js'
import { task } from '../longWork/task.js'
import { writeAlbum } from './writeAlbum.js'
import { writeReadings } from './writeReadings.js'
import { writeTankFile } from './writeTankFile.js'

export interface FileToWrite {
  readonly folder: string
  readonly path: string
  readonly tankId: string
  readonly what: 'tank' | 'album' | 'readings'
  readonly writtenAt: string
}
/** A file of one tank, as everything stood at one moment. */
export default task<FileToWrite, null>(({ folder, path, tankId, what, writtenAt }) =>
  withReader(folder, async (db) => {
    const out = await open(path, 'wx', 0o600)
    try {
      if (what === 'tank') await writeTankFile(db, tankId, writtenAt, out)
      else if (what === 'album') await writeAlbum(db, { folder, tankId, writtenAt }, path, out)
      else await writeReadings(db, tankId, out)
      return null
    } finally {
      await out.close()
    }
  }),
)
