import { existsSync } from 'node:fs'
import { enRefusal, type StoredPhoto } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { develop } from './develop.js'
import { photoRepository } from './photo.repository.js'
import { photoPath, sha256Of, writeWhole, type PhotoSize } from './photoFiles.js'

export const photoService = (db: Knex, clock: Clock, dataFolder: string) => ({
  /** The file stands before the database names it. */
  keep: async (upload: Buffer, timeZone: string): Promise<StoredPhoto> => {
    const { full, small, ...facts } = await develop(upload, timeZone)
    const sha256 = sha256Of(full)
    await writeWhole(photoPath(dataFolder, sha256, 'full'), full)
    await writeWhole(photoPath(dataFolder, sha256, 'small'), small)
    await photoRepository(db).add({ sha256, ...facts }, clock().toISOString())
    return { sha256, ...facts }
  },
  path: (sha256: string, size: PhotoSize): string => {
    const path = photoPath(dataFolder, sha256, size)
    if (!/^[0-9a-f]{64}$/.test(sha256) || !existsSync(path)) throw new Refusal(404, 'no_such_photo', enRefusal.noSuchPhoto)
    return path
  },
  knows: async (on: Knex, sha256: string): Promise<boolean> => (await photoRepository(on).one(sha256)) !== null,
})
export type PhotoService = ReturnType<typeof photoService>
