import type { Levers } from '@jovrin/core'
import { leversOf, LeversSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import { readable } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'

interface LeverRow {
  tank_id: string
  document: string
  updated_at: string
}

export const LEVER_SHELF: Shelf<LeverRow> = {
  table: 'lever_draft',
  what: 'levers',
  schema: LeversSchema,
  stored: ({ document }) => JSON.parse(document) as unknown,
  name: ({ tank_id }) => ({ tankId: tank_id, id: tank_id }),
}

export const leverRepository = (db: Knex) => ({
  ofTank: async (tankId: string): Promise<Levers> => {
    const row = await db<LeverRow>('lever_draft').where({ tank_id: tankId }).first()
    const levers = row === undefined ? null : readable(LeversSchema, () => LEVER_SHELF.stored(row))
    return levers === null ? {} : leversOf(levers) // a draft that cannot be read is as none
  },
  put: async (tankId: string, levers: Levers, updatedAt: string): Promise<void> => {
    await db<LeverRow>('lever_draft')
      .insert({ tank_id: tankId, document: JSON.stringify(levers), updated_at: updatedAt })
      .onConflict('tank_id')
      .merge()
  },
})
