import type { Levers } from '@jovrin/core'
import type { Knex } from 'knex'

interface LeverRow {
  tank_id: string
  document: string
  updated_at: string
}

export const leverRepository = (db: Knex) => ({
  ofTank: async (tankId: string): Promise<Levers> => {
    const row = await db<LeverRow>('lever_draft').where({ tank_id: tankId }).first()
    return row ? (JSON.parse(row.document) as Levers) : {} // was checked by the contract when it was stored
  },
  put: async (tankId: string, levers: Levers, updatedAt: string): Promise<void> => {
    await db<LeverRow>('lever_draft')
      .insert({ tank_id: tankId, document: JSON.stringify(levers), updated_at: updatedAt })
      .onConflict('tank_id')
      .merge()
  },
})
