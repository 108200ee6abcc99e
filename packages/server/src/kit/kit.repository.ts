import type { Kit } from '@jovrin/core'
import type { Knex } from 'knex'

interface KitRow {
  quantity: string
  document: string
}

export const kitRepository = (db: Knex) => ({
  all: async (): Promise<Kit[]> => (await db<KitRow>('kit')).map(({ document }) => JSON.parse(document) as Kit), // was checked by the contract when it was stored
  put: async (kit: Kit): Promise<void> => {
    await db<KitRow>('kit')
      .insert({ quantity: kit.quantity, document: JSON.stringify(kit) })
      .onConflict('quantity')
      .merge()
  },
})
