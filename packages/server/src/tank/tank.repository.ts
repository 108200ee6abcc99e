import type { Knex } from 'knex'

interface TankRow {
  id: string
  created_at: string
  deleted_at: string | null
}
export interface StoredTank {
  readonly id: string
  readonly createdAt: string
}
const toTank = (row: TankRow): StoredTank => ({ id: row.id, createdAt: row.created_at })

export const tankRepository = (db: Knex) => ({
  all: async (): Promise<StoredTank[]> => (await db<TankRow>('tank').whereNull('deleted_at').orderBy(['created_at', 'id'])).map(toTank),
  one: async (id: string): Promise<StoredTank | null> => {
    const row = await db<TankRow>('tank').where({ id }).whereNull('deleted_at').first()
    return row ? toTank(row) : null
  },
  /** On the shelf or put away. */
  any: async (id: string): Promise<StoredTank | null> => {
    const row = await db<TankRow>('tank').where({ id }).first()
    return row ? toTank(row) : null
  },
  isTaken: async (id: string): Promise<boolean> => (await db<TankRow>('tank').where({ id }).first()) !== undefined,
  add: async (id: string, createdAt: string): Promise<void> => {
    await db<TankRow>('tank').insert({ id, created_at: createdAt, deleted_at: null })
  },
  setDeleted: async (id: string, deletedAt: string | null): Promise<boolean> =>
    (await db<TankRow>('tank').where({ id }).update({ deleted_at: deletedAt })) > 0,
})
