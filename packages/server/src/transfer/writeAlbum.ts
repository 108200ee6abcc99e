import { createReadStream, existsSync } from 'node:fs'
import { open, rm, type FileHandle } from 'node:fs/promises'
import type { Knex } from 'knex'
import { journalRepository } from '../journal/journal.repository.js'
import { photoPath } from '../photo/photoFiles.js'
import { zipBytes, type ZipEntry } from '../zip/writeZip.js'
import { pictureEntry, TANK_ENTRY } from './albumFile.js'
import { writeTankFile } from './writeTankFile.js'

interface Album {
  readonly folder: string
  readonly tankId: string
  readonly writtenAt: string
}

/** A tank's file and the pictures that its records name, in one archive. A picture that is not stored here is left out; the records still name it. */
export async function writeAlbum(db: Knex, { folder, tankId, writtenAt }: Album, path: string, out: FileHandle): Promise<void> {
  const beside = `${path}.json`
  try {
    const tank = await open(beside, 'wx', 0o600)
    try {
      await writeTankFile(db, tankId, writtenAt, tank)
    } finally {
      await tank.close()
    }
    const fileEntry = (name: string, from: string, isPacked: boolean): ZipEntry => ({
      name,
      isPacked,
      bytes: () => createReadStream(from) as AsyncIterable<Buffer>,
    })
    const pictures = (await journalRepository(db).pictures(tankId)).filter((sha256) => existsSync(photoPath(folder, sha256, 'full')))
    const entries = [
      fileEntry(TANK_ENTRY, beside, true),
      ...pictures.map((sha256) => fileEntry(pictureEntry(sha256), photoPath(folder, sha256, 'full'), false)),
    ]
    for await (const chunk of zipBytes(entries, { writtenAt: new Date(writtenAt) })) await out.write(chunk)
  } finally {
    await rm(beside, { force: true })
  }
}
