import { createHash, randomBytes } from 'node:crypto'
import { createReadStream, existsSync, readdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { join } from 'node:path'
import type { BackupManifest } from '@jovrin/contract'
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import type { Knex } from 'knex'
import { DATABASE_NAME } from '../db/connection.js'
import { migrationNames } from '../db/migrations/list.js'
import { photosFolder } from '../photo/photoFiles.js'
import { VERSION } from '../version.js'

export const MANIFEST_NAME = 'manifest.json'
const DEFLATE_LEVEL = 6

/** Where the bytes of a backup go; resolves when it can take more. */
export type Sink = (chunk: Uint8Array) => Promise<void>

/** One zip: a consistent copy of the database, the pictures, and a manifest with versions and hashes at the end. */
export async function writeBackup(db: Knex, dataFolder: string, writtenAt: Date, sink: Sink): Promise<BackupManifest> {
  const copy = join(dataFolder, `.backup-${randomBytes(6).toString('hex')}.sqlite`)
  const files: BackupManifest['files'] = {}
  let waiting: Promise<void> = Promise.resolve()
  let failure: unknown = null
  const zip = new Zip((error, chunk) => {
    if (error) failure = error
    else waiting = waiting.then(() => sink(chunk))
  })
  const add = async (name: string, path: string, isPacked: boolean): Promise<void> => {
    const entry = isPacked ? new ZipDeflate(name, { level: DEFLATE_LEVEL }) : new ZipPassThrough(name)
    zip.add(entry)
    const hash = createHash('sha256')
    let bytes = 0
    for await (const chunk of createReadStream(path) as AsyncIterable<Buffer>) {
      hash.update(chunk)
      bytes += chunk.length
      entry.push(new Uint8Array(chunk))
      await waiting // never more in memory than the sink has taken
      if (failure !== null) throw asError(failure)
    }
    entry.push(new Uint8Array(0), true)
    files[name] = { sha256: hash.digest('hex'), bytes }
  }
  try {
    await db.raw('VACUUM INTO ?', [copy])
    await add(DATABASE_NAME, copy, true)
    const photos = photosFolder(dataFolder)
    if (existsSync(photos))
      for (const name of readdirSync(photos)
        .filter((file) => file.endsWith('.jpg'))
        .sort())
        await add(`photos/${name}`, join(photos, name), false)
    const manifest: BackupManifest = {
      format: 'jovrin-backup',
      formatVersion: 1,
      writtenAt: writtenAt.toISOString(),
      version: VERSION,
      migrations: [...migrationNames],
      files,
    }
    const last = new ZipDeflate(MANIFEST_NAME, { level: DEFLATE_LEVEL })
    zip.add(last)
    last.push(new TextEncoder().encode(JSON.stringify(manifest, null, 2)), true)
    zip.end()
    await waiting
    if (failure !== null) throw asError(failure)
    return manifest
  } finally {
    await rm(copy, { force: true })
  }
}

const asError = (failure: unknown): Error =>
  failure instanceof Error ? failure : new Error('the archive could not be written', { cause: failure })
