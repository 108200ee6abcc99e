import type { Knex } from 'knex'

interface Insert {
  readonly table: string
  /** Columns that each row of the list holds under their own names. */
  readonly columns: readonly string[]
  /** A JSON list of rows. */
  readonly rows: string
  /** What all rows share. */
  readonly shared: Readonly<Record<string, string | number | null>>
  /** Places in the list that are left out. */
  readonly leftOut?: readonly number[]
}

/** Many rows at once, as SQLite reads them from one text: a statement with thousands of bound values would take ten times as long. */
export async function insertJson(db: Knex, { table, columns, rows, shared, leftOut = [] }: Insert): Promise<void> {
  const picked = columns.map((column) => `json_extract(value, '$.${column}')`)
  const names = Object.keys(shared)
  await db.raw(
    `INSERT INTO ${table} (${[...columns, ...names].join(', ')}) SELECT ${[...picked, ...names.map(() => '?')].join(', ')} FROM json_each(?)` +
      (leftOut.length === 0 ? '' : ' WHERE key NOT IN (SELECT value FROM json_each(?))'),
    [...Object.values(shared), rows, ...(leftOut.length === 0 ? [] : [JSON.stringify(leftOut)])],
  )
}

/** Rows of one statement: few enough that whoever waits for the event loop does not notice. */
export const ROWS_PER_INSERT = 500

/** A list in pieces of a statement's size. */
export function* inBatches<T>(list: readonly T[], size = ROWS_PER_INSERT): Generator<T[]> {
  for (let at = 0; at < list.length; at += size) yield list.slice(at, at + size)
}
