import type { Knex } from 'knex'

/** Does something in one transaction and takes it back unless it is kept: what would be done and what is done are told by the same steps. */
export async function allOrNothing<Result extends { readonly isKept: boolean }>(
  db: Knex,
  act: (trx: Knex) => Promise<Result>,
): Promise<Result> {
  const trx = await db.transaction()
  try {
    const result = await act(trx)
    await (result.isKept ? trx.commit() : trx.rollback())
    return result
  } catch (error) {
    if (!trx.isCompleted()) await trx.rollback()
    throw error
  }
}
