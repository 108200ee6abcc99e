import { setImmediate } from 'node:timers/promises'
import type { Knex } from 'knex'

/** Pages of the log after which SQLite by itself moves them into the database; its own usual number. */
const USUAL_PAGES = 1000

/** Does something large in one transaction and takes it back unless it is kept: what would be done and what is done are told by the same steps. Keeping it and moving it from the log into the database are two turns of the event loop, not one long one. */
export async function allOrNothing<Result extends { readonly isKept: boolean }>(
  db: Knex,
  act: (trx: Knex) => Promise<Result>,
): Promise<Result> {
  const trx = await db.transaction()
  try {
    await trx.raw('PRAGMA wal_autocheckpoint = 0')
    const result = await act(trx)
    await (result.isKept ? trx.commit() : trx.rollback())
    return result
  } catch (error) {
    if (!trx.isCompleted()) await trx.rollback()
    throw error
  } finally {
    await setImmediate()
    await db.raw('PRAGMA wal_checkpoint(PASSIVE)')
    await db.raw(`PRAGMA wal_autocheckpoint = ${USUAL_PAGES}`)
  }
}
