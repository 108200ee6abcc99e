import { PlantRowSchema } from '@jovrin/contract'
import type { PlantRow } from '@jovrin/core'
import type { Knex } from 'knex'
import { readables } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'

interface StoredPlant {
  id: string
  document: string
  changed_at: string
}

export const PLANT_SHELF: Shelf<StoredPlant> = {
  table: 'plant',
  what: 'plant',
  schema: PlantRowSchema,
  stored: ({ document }) => JSON.parse(document) as unknown,
  name: ({ id }) => ({ tankId: null, id }),
}

/** Plants of the grower's own, and what the grower says of others. */
export const plantRepository = (db: Knex) => ({
  all: async (): Promise<PlantRow[]> => readables(PlantRowSchema, await db<StoredPlant>('plant').orderBy('id'), PLANT_SHELF.stored),
  put: async (row: PlantRow, changedAt: string): Promise<void> => {
    await db<StoredPlant>('plant')
      .insert({ id: row.id, document: JSON.stringify(row), changed_at: changedAt })
      .onConflict('id')
      .merge()
  },
  remove: async (id: string): Promise<boolean> => (await db<StoredPlant>('plant').where({ id }).delete()) > 0,
})
