import { existsSync, renameSync, rmSync, statSync } from 'node:fs'
import { join } from 'node:path'
import knexPackage, { type Knex } from 'knex'
import { startWords } from '@jovrin/contract'
import { StartError } from '../startError.js'
import { LibsqlDialect } from './libsqlDialect.js'
import { MigrationList, migrationNames } from './migrations/list.js'
import { differences, spoiledTables, tableColumns, type TableColumns } from './soundness.js'

const { knex } = knexPackage

export const DATABASE_NAME = 'jovrin.sqlite'
/** The file inside a data folder. */
export const databaseFile = (folder: string): string => join(folder, DATABASE_NAME)

const quiet = (): void => undefined
/** foreign_keys does nothing inside a transaction, so pragmas are set when the connection opens. */
const KEEPER = ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'busy_timeout = 5000'] as const
/** A database file begins with a hundred bytes of its own. */
const LEAST_BYTES = 100

interface RawConnection {
  pragma(text: string): unknown
}

/** One connection to a file. */
export const connect = (filename: string, pragmas: readonly string[] = KEEPER): Knex =>
  knex({
    client: LibsqlDialect as unknown as typeof Knex.Client, // a subclass of Knex's own client, which its types do not export
    connection: { filename },
    useNullAsDefault: true,
    log: { warn: quiet, error: quiet, deprecate: quiet, debug: quiet }, // errors reach the caller, who says them in a sentence
    pool: {
      min: 1,
      max: 1,
      afterCreate(connection: RawConnection, done: (error: Error | null) => void) {
        try {
          for (const pragma of pragmas) connection.pragma(pragma)
          done(null)
        } catch (error) {
          done(error as Error) // whatever the driver threw
        }
      },
    },
  })

/** Brings an open database up to date. */
const migrate = (db: Knex): Promise<unknown> => db.migrate.latest({ migrationSource: new MigrationList() })

/** Opens the database of a folder and brings it up to date. One that is empty, damaged, foreign or from a newer version is refused before anything is written. `isChecked`: that has just been looked at, by a process that kept nobody waiting. */
export async function openDatabase(folder: string, { isChecked = false }: { readonly isChecked?: boolean } = {}): Promise<Knex> {
  const filename = databaseFile(folder)
  const isNew = !existsSync(filename)
  if (isNew) await makeDatabase(filename)
  const isSound = isNew || isChecked
  if (sizeOf(filename) < LEAST_BYTES && sizeOf(`${filename}-wal`) === 0)
    throw new StartError(startWords.emptyDatabase(filename), undefined, startWords.empty)
  const db = connect(filename)
  try {
    if (!isSound) await requireSound(db, filename)
    await migrate(db)
    if (!isSound) await requireOurs(db, filename)
    return db
  } catch (error) {
    await db.destroy()
    if (error instanceof StartError) throw error
    throw new StartError(startWords.badDatabase(filename), error, startWords.unreadable)
  }
}

const sizeOf = (path: string): number => statSync(path, { throwIfNoEntry: false })?.size ?? 0

/** Made under another name and then named, so that a database is never half there. */
export async function makeDatabase(filename: string): Promise<void> {
  const beside = `${filename}.new`
  for (const name of [beside, `${beside}-wal`, `${beside}-shm`]) rmSync(name, { force: true })
  const db = connect(beside, ['journal_mode = DELETE', 'synchronous = FULL'])
  try {
    await migrate(db)
  } finally {
    await db.destroy()
  }
  renameSync(beside, filename)
}

async function requireSound(db: Knex, filename: string): Promise<void> {
  const spoiled = await spoiledTables(db, 'quick_check')
  if (spoiled.length > 0)
    throw new StartError(startWords.damagedDatabase(filename, spoiled.join(', ')), undefined, startWords.damaged(spoiled.join(', ')))
  if (!(await db.schema.hasTable('knex_migrations'))) throw otherDatabase(filename, [startWords.noTable('knex_migrations')])
  const applied = await db<{ name: string }>('knex_migrations').select('name')
  const unknown = applied.find(({ name }) => !migrationNames.includes(name))
  if (unknown) throw new StartError(startWords.newerDatabase(unknown.name))
}

const otherDatabase = (filename: string, faults: readonly string[]): StartError =>
  new StartError(startWords.otherDatabase(filename, faults.join(', ')), undefined, faults.join(', '))

let ours: Promise<TableColumns> | null = null
/** Tables and columns as our migrations make them. */
const ourColumns = (): Promise<TableColumns> =>
  (ours ??= (async () => {
    const db = connect(':memory:', ['foreign_keys = ON'])
    try {
      await migrate(db)
      return await tableColumns(db)
    } finally {
      await db.destroy()
    }
  })())

async function requireOurs(db: Knex, filename: string): Promise<void> {
  const faults = differences(await tableColumns(db), await ourColumns())
  if (faults.length > 0) throw otherDatabase(filename, faults)
}
