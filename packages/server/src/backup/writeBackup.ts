import { createHash, randomBytes } from 'node:crypto'
import { createReadStream, existsSync, readdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { join } from 'node:path'
import type { BackupManifest } from '@jovrin/contract'
import { Zip, ZipDeflate, ZipPassThrough } from 'fflate'
import { copyName } from '../dataFolder.js'
import { DATABASE_NAME } from '../db/connection.js'
import { migrationNames } from '../db/migrations/list.js'
import { photosFolder } from '../photo/photoFiles.js'
import { VERSION } from '../version.js'

export const MANIFEST_NAME = 'manifest.json'
const DEFLATE_LEVEL = 6

export interface BackupSource {
  readonly dataFolder: string
  readonly writtenAt: Date
  /** Writes a consistent copy of the database to a path. */
  readonly copyTo: (path: string) => Promise<unknown>
  /** Told once the manifest is written. */
  readonly onManifest?: (manifest: BackupManifest) => void
}

/** The bytes of one zip: a consistent copy of the database, the pictures, and a manifest with versions and hashes at the end. Whoever stops taking them leaves nothing behind. */
export async function* backupBytes({ dataFolder, writtenAt, copyTo, onManifest }: BackupSource): AsyncGenerator<Uint8Array> {
  const copy = join(dataFolder, copyName(randomBytes(6).toString('hex')))
  const files: BackupManifest['files'] = {}
  const archive = archiver()
  const add = async function* (name: string, path: string, isPacked: boolean): AsyncGenerator<Uint8Array> {
    const entry = isPacked ? new ZipDeflate(name, { level: DEFLATE_LEVEL }) : new ZipPassThrough(name)
    archive.zip.add(entry)
    const hash = createHash('sha256')
    let bytes = 0
    for await (const chunk of createReadStream(path) as AsyncIterable<Buffer>) {
      hash.update(chunk)
      bytes += chunk.length
      entry.push(new Uint8Array(chunk))
      yield* archive.taken() // never more in memory than the taker has asked for
    }
    entry.push(new Uint8Array(0), true)
    files[name] = { sha256: hash.digest('hex'), bytes }
    yield* archive.taken()
  }
  try {
    await copyTo(copy)
    yield* add(DATABASE_NAME, copy, true)
    const photos = photosFolder(dataFolder)
    const names = existsSync(photos)
      ? readdirSync(photos)
          .filter((file) => file.endsWith('.jpg'))
          .sort()
      : []
    for (const name of names) yield* add(`photos/${name}`, join(photos, name), false)
    const manifest: BackupManifest = {
      format: 'jovrin-backup',
      formatVersion: 1,
      writtenAt: writtenAt.toISOString(),
      version: VERSION,
      migrations: [...migrationNames],
      files,
    }
    const last = new ZipDeflate(MANIFEST_NAME, { level: DEFLATE_LEVEL })
    archive.zip.add(last)
    last.push(new TextEncoder().encode(JSON.stringify(manifest, null, 2)), true)
    archive.zip.end()
    yield* archive.taken()
    onManifest?.(manifest)
  } finally {
    await rm(copy, { force: true })
  }
}

/** The archive hands its bytes over when it has some; they wait here until they are taken. */
function archiver() {
  const waiting: Uint8Array[] = []
  let failure: Error | null = null
  const zip = new Zip((error, chunk) => {
    // The library types its error as present; it is null where there is none.
    if ((error as Error | null) !== null) failure = error
    else waiting.push(chunk)
  })
  return {
    zip,
    taken: function* (): Generator<Uint8Array> {
      if (failure !== null) throw failure
      yield* waiting.splice(0)
    },
  }
}
