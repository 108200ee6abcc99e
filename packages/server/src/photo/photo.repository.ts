import type { StoredPhoto } from '@jovrin/contract'
import type { Knex } from 'knex'

interface PhotoRow {
  sha256: string
  width_px: number
  height_px: number
  taken_at: string | null
  created_at: string
}

export const photoRepository = (db: Knex) => ({
  one: async (sha256: string): Promise<StoredPhoto | null> => {
    const row = await db<PhotoRow>('photo').where({ sha256 }).first()
    return row ? { sha256: row.sha256, widthPx: row.width_px, heightPx: row.height_px, takenAt: row.taken_at } : null
  },
  /** Which of these are not stored here. */
  missing: async (hashes: readonly string[]): Promise<string[]> => {
    const found: { value: string }[] = await db.raw('SELECT value FROM json_each(?) WHERE value NOT IN (SELECT sha256 FROM photo)', [
      JSON.stringify(hashes),
    ])
    return found.map(({ value }) => value)
  },
  /** Which of these no record of any tank names, on the shelf or archived. */
  unnamed: async (hashes: readonly string[]): Promise<string[]> => {
    const found: { value: string }[] = await db.raw(
      `SELECT value FROM json_each(?) WHERE value NOT IN (SELECT json_extract(detail, '$.sha256') FROM event WHERE kind = 'photo')`,
      [JSON.stringify(hashes)],
    )
    return found.map(({ value }) => value)
  },
  remove: async (sha256: string): Promise<void> => {
    await db<PhotoRow>('photo').where({ sha256 }).delete()
  },
  add: async ({ sha256, widthPx, heightPx, takenAt }: StoredPhoto, createdAt: string): Promise<void> => {
    await db<PhotoRow>('photo')
      .insert({ sha256, width_px: widthPx, height_px: heightPx, taken_at: takenAt, created_at: createdAt })
      .onConflict('sha256')
      .ignore()
  },
})
