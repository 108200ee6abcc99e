import type { Knex } from 'knex'

/** Places in a JSON list of rows, each with its `place` and `id`, of those whose id is in use in one of the tables, by any tank. */
export async function takenPlaces(db: Knex, tables: readonly string[], rows: string): Promise<number[]> {
  const inUse = tables.map((table) => `EXISTS (SELECT 1 FROM ${table} t WHERE t.id = json_extract(j.value, '$.id'))`)
  const found: { place: number }[] = await db.raw(
    `SELECT json_extract(j.value, '$.place') AS place FROM json_each(?) j WHERE ${inUse.join(' OR ')}`,
    [rows],
  )
  return found.map(({ place }) => place)
}
