import { createHash, randomBytes } from 'node:crypto'
import { existsSync, mkdirSync } from 'node:fs'
import { open, rename, rm } from 'node:fs/promises'
import { join } from 'node:path'

/** Pictures beside the database, named by the SHA-256 of what is in them. */
export const photosFolder = (dataFolder: string): string => join(dataFolder, 'photos')
export const PHOTO_SIZES = ['full', 'small'] as const
export type PhotoSize = (typeof PHOTO_SIZES)[number]
export const photoName = (sha256: string, size: PhotoSize): string => `${sha256}${size === 'small' ? '.small' : ''}.jpg`
export const photoPath = (dataFolder: string, sha256: string, size: PhotoSize): string =>
  join(photosFolder(dataFolder), photoName(sha256, size))
export const sha256Of = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')

/** Whole or not at all: written beside, forced to disk, then named. */
export async function writeWhole(path: string, bytes: Uint8Array): Promise<void> {
  if (existsSync(path)) return
  mkdirSync(join(path, '..'), { recursive: true })
  const beside = `${path}.${randomBytes(6).toString('hex')}.part`
  try {
    const file = await open(beside, 'wx', 0o600)
    try {
      await file.writeFile(bytes)
      await file.sync()
    } finally {
      await file.close()
    }
    await rename(beside, path)
  } catch (error) {
    await rm(beside, { force: true })
    throw error
  }
}
