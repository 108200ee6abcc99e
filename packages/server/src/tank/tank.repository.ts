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

/** Whatever names a tank. */
const TABLES_OF_A_TANK = ['plan_revision', 'setting_change', 'lever_draft', 'reading', 'event', 'job_record', 'plant_note'] as const

export const tankRepository = (db: Knex) => ({
  all: async (): Promise<StoredTank[]> => (await db<TankRow>('tank').whereNull('deleted_at').orderBy(['created_at', 'id'])).map(toTank),
  one: async (id: string): Promise<StoredTank | null> => {
    const row = await db<TankRow>('tank').where({ id }).whereNull('deleted_at').first()
    return row ? toTank(row) : null
  },
  /** On the shelf or archived. */
  any: async (id: string): Promise<StoredTank | null> => {
    const row = await db<TankRow>('tank').where({ id }).first()
    return row ? toTank(row) : null
  },
  archived: async (): Promise<(StoredTank & { readonly archivedAt: string })[]> =>
    (await db<TankRow>('tank').whereNotNull('deleted_at').orderBy('deleted_at', 'desc')).map((row) => ({
      ...toTank(row),
      archivedAt: row.deleted_at ?? row.created_at,
    })),
  isArchived: async (id: string): Promise<boolean> =>
    (await db<TankRow>('tank').where({ id }).whereNotNull('deleted_at').first()) !== undefined,
  /** The tank and everything that is kept of it. */
  remove: async (id: string): Promise<void> => {
    for (const table of TABLES_OF_A_TANK) await db(table).where({ tank_id: id }).delete()
    await db<TankRow>('tank').where({ id }).delete()
  },
  isTaken: async (id: string): Promise<boolean> => (await db<TankRow>('tank').where({ id }).first()) !== undefined,
  add: async (id: string, createdAt: string): Promise<void> => {
    await db<TankRow>('tank').insert({ id, created_at: createdAt, deleted_at: null })
  },
  setDeleted: async (id: string, deletedAt: string | null): Promise<boolean> =>
    (await db<TankRow>('tank').where({ id }).update({ deleted_at: deletedAt })) > 0,
})
