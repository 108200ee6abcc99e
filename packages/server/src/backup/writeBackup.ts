import { createHash, randomBytes } from 'node:crypto'
import { createReadStream, existsSync, readdirSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { join } from 'node:path'
import type { BackupManifest } from '@jovrin/contract'
import { copyName } from '../dataFolder.js'
import { DATABASE_NAME } from '../db/connection.js'
import { migrationNames } from '../db/migrations/list.js'
import { photosFolder } from '../photo/photoFiles.js'
import { VERSION } from '../version.js'
import { zipBytes, type ZipEntry } from '../zip/writeZip.js'

export const MANIFEST_NAME = 'manifest.json'

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
  const entryOf = (name: string, path: string, isPacked: boolean): ZipEntry => ({
    name,
    isPacked,
    bytes: async function* () {
      const hash = createHash('sha256')
      let bytes = 0
      for await (const chunk of createReadStream(path) as AsyncIterable<Buffer>) {
        hash.update(chunk)
        bytes += chunk.length
        yield chunk
      }
      files[name] = { sha256: hash.digest('hex'), bytes }
    },
  })
  const manifest: ZipEntry = {
    name: MANIFEST_NAME,
    isPacked: true,
    bytes: async function* () {
      const told: BackupManifest = {
        format: 'jovrin-backup',
        formatVersion: 1,
        writtenAt: writtenAt.toISOString(),
        version: VERSION,
        migrations: [...migrationNames],
        files,
      }
      yield await Promise.resolve(Buffer.from(JSON.stringify(told, null, 2)))
      onManifest?.(told)
    },
  }
  try {
    await copyTo(copy)
    const photos = photosFolder(dataFolder)
    const pictures = existsSync(photos)
      ? readdirSync(photos)
          .filter((file) => file.endsWith('.jpg'))
          .sort()
      : []
    yield* zipBytes(
      [entryOf(DATABASE_NAME, copy, true), ...pictures.map((name) => entryOf(`photos/${name}`, join(photos, name), false)), manifest],
      { writtenAt },
    )
  } finally {
    await rm(copy, { force: true })
  }
}
