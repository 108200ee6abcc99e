import { startWords } from '@jovrin/contract'
import type { Knex } from 'knex'

/** Names of the tables that a check finds damaged; the whole file where it cannot even be listed. `quick_check` leaves out what only an index says otherwise. */
export async function spoiledTables(db: Knex, check: 'quick_check' | 'integrity_check'): Promise<string[]> {
  if (await isSound(db, check)) return []
  const spoiled: string[] = []
  for (const table of await tableNames(db).catch(() => [])) if (!(await isSound(db, `${check}('${table}')`))) spoiled.push(table)
  return spoiled.length > 0 ? spoiled : ['sqlite_schema']
}

async function isSound(db: Knex, pragma: string): Promise<boolean> {
  try {
    const rows: object[] = await db.raw(`PRAGMA ${pragma}`)
    return rows.length === 1 && Object.values(rows[0] ?? {})[0] === 'ok'
  } catch (error) {
    if (isDamage(error)) return false
    throw error
  }
}
const isDamage = (error: unknown): boolean => String((error as { code?: unknown }).code).startsWith('SQLITE_CORRUPT')

/** Tables that hold our data, by name. */
export const tableNames = async (db: Knex): Promise<string[]> =>
  (
    await db<{ name: string; type: string }>('sqlite_master').where({ type: 'table' }).whereNot('name', 'like', 'sqlite_%').orderBy('name')
  ).map(({ name }) => name)

interface Column {
  readonly name: string
  readonly type: string
  readonly notnull: number
  readonly pk: number
}
const columnsOf = (db: Knex, table: string): Promise<Column[]> => db.raw<Column[]>(`PRAGMA table_info('${table}')`)
const describedIn = (columns: readonly Column[]): string =>
  columns
    .map(({ name, type, notnull, pk }) => `${name} ${type} ${notnull} ${pk}`)
    .sort()
    .join()

export const columnNames = async (db: Knex, table: string): Promise<string[]> => (await columnsOf(db, table)).map(({ name }) => name)

/** What each table has for columns, as one text a table. */
export type TableColumns = ReadonlyMap<string, string>
export async function tableColumns(db: Knex): Promise<TableColumns> {
  const tables = new Map<string, string>()
  for (const table of await tableNames(db)) tables.set(table, describedIn(await columnsOf(db, table)))
  return tables
}

/** How a database differs from one that our migrations made: tables that are missing or have other columns. */
export const differences = (here: TableColumns, ours: TableColumns): string[] =>
  [...ours].flatMap(([table, columns]) => {
    const found = here.get(table)
    if (found === undefined) return startWords.noTable(table)
    return found === columns ? [] : startWords.otherColumns(table)
  })
