import type { Kit } from '@jovrin/core'
import { KitSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import { readables } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'

interface KitRow {
  quantity: string
  document: string
}

export const KIT_SHELF: Shelf<KitRow> = {
  table: 'kit',
  what: 'kit',
  schema: KitSchema,
  stored: ({ document }) => JSON.parse(document) as unknown,
  name: ({ quantity }) => ({ tankId: null, id: quantity }),
}

export const kitRepository = (db: Knex) => ({
  all: async (): Promise<Kit[]> => readables(KitSchema, await db<KitRow>('kit'), KIT_SHELF.stored),
  put: async (kit: Kit): Promise<void> => {
    await db<KitRow>('kit')
      .insert({ quantity: kit.quantity, document: JSON.stringify(kit) })
      .onConflict('quantity')
      .merge()
  },
})
