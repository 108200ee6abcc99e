import { existsSync } from 'node:fs'
import { rm } from 'node:fs/promises'
import { instantOf } from '@jovrin/core'
import { refusalWords, Instant, type StoredPhoto } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import type { Developer } from './developer.js'
import type { CameraClock } from './develop.js'
import { photoRepository } from './photo.repository.js'
import { PHOTO_SIZES, photoPath, sha256Of, writeWhole, type PhotoSize } from './photoFiles.js'

export const photoService = (db: Knex, clock: Clock, dataFolder: string, { develop }: Developer) => ({
  /** The file stands before the database names it. `timeZone` is where the camera's clock stood. */
  keep: async (upload: Buffer, timeZone: string): Promise<StoredPhoto> => {
    const { full, small, clock: camera, widthPx, heightPx } = await develop(upload)
    const facts = { widthPx, heightPx, takenAt: camera === null ? null : takenAt(camera, timeZone) }
    const sha256 = sha256Of(full)
    await writeWhole(photoPath(dataFolder, sha256, 'full'), full)
    await writeWhole(photoPath(dataFolder, sha256, 'small'), small)
    await photoRepository(db).add({ sha256, ...facts }, clock().toISOString())
    return { sha256, ...facts }
  },
  /** Takes a picture that was developed elsewhere, under the name that says what is in it; not one that tells where it was taken. A dry run looks just as closely and stores nothing. */
  adopt: async (sha256: string, full: Buffer, isDry: boolean): Promise<'known' | 'new' | 'refused'> => {
    if ((await photoRepository(db).one(sha256)) !== null) return 'known'
    const developed = await develop(full).catch((error: unknown) => {
      if (error instanceof Refusal) return null // no picture, whatever its name says
      throw error
    })
    if (developed === null || developed.tellsPlace) return 'refused'
    if (isDry) return 'new'
    const { small, widthPx, heightPx } = developed
    await writeWhole(photoPath(dataFolder, sha256, 'full'), full)
    await writeWhole(photoPath(dataFolder, sha256, 'small'), small)
    // When it was taken stands in the record that comes with it.
    await photoRepository(db).add({ sha256, widthPx, heightPx, takenAt: null }, clock().toISOString())
    return 'new'
  },
  path: (sha256: string, size: PhotoSize): string => {
    const path = photoPath(dataFolder, sha256, size)
    if (!/^[0-9a-f]{64}$/.test(sha256) || !existsSync(path)) throw new Refusal(404, 'no_such_photo', refusalWords.noSuchPhoto)
    return path
  },
  /** Removes pictures that no record names. */
  forget: async (hashes: readonly string[]): Promise<void> => {
    for (const sha256 of await photoRepository(db).unnamed(hashes)) {
      await photoRepository(db).remove(sha256)
      for (const size of PHOTO_SIZES) await rm(photoPath(dataFolder, sha256, size), { force: true })
    }
  },
  knows: async (on: Knex, sha256: string): Promise<boolean> => (await photoRepository(on).one(sha256)) !== null,
})
const takenAt = ({ date, minutes }: CameraClock, timeZone: string): string | null =>
  Instant.safeParse(instantOf(date, minutes, timeZone).toISOString()).data ?? null
export type PhotoService = ReturnType<typeof photoService>
