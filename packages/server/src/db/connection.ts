import { existsSync } from 'node:fs'
import { join } from 'node:path'
import knexPackage, { type Knex } from 'knex'
import { enStart } from '@jovrin/contract'
import { StartError } from '../startError.js'
import { LibsqlDialect } from './libsqlDialect.js'
import { MigrationList, migrationNames } from './migrations/list.js'

const { knex } = knexPackage

export const DATABASE_NAME = 'jovrin.sqlite'
/** The file inside a data folder. */
export const databaseFile = (folder: string): string => join(folder, DATABASE_NAME)

const quiet = (): void => undefined

interface RawConnection {
  pragma(text: string): unknown
}

/** Opens the database of a folder and brings it up to date. Refuses one from a newer version before anything is written. */
export async function openDatabase(folder: string): Promise<Knex> {
  const filename = databaseFile(folder)
  const isNew = !existsSync(filename)
  const db = knex({
    client: LibsqlDialect as unknown as typeof Knex.Client, // a subclass of Knex's own client, which its types do not export
    connection: { filename },
    useNullAsDefault: true,
    log: { warn: quiet, error: quiet, deprecate: quiet, debug: quiet }, // errors reach the caller, who says them in a sentence
    pool: {
      min: 1,
      max: 1,
      // Pragmas are set when the connection opens: foreign_keys does nothing inside a transaction.
      afterCreate(connection: RawConnection, done: (error: Error | null) => void) {
        try {
          for (const pragma of ['journal_mode = WAL', 'synchronous = FULL', 'foreign_keys = ON', 'busy_timeout = 5000'])
            connection.pragma(pragma)
          done(null)
        } catch (error) {
          done(error as Error) // whatever the driver threw
        }
      },
    },
  })
  try {
    if (!isNew) await refuseNewer(db)
    await db.migrate.latest({ migrationSource: new MigrationList() })
    return db
  } catch (error) {
    await db.destroy()
    if (error instanceof StartError) throw error
    throw new StartError(enStart.badDatabase(filename), error)
  }
}

async function refuseNewer(db: Knex): Promise<void> {
  if (!(await db.schema.hasTable('knex_migrations'))) return
  const applied = await db<{ name: string }>('knex_migrations').select('name')
  const unknown = applied.find(({ name }) => !migrationNames.includes(name))
  if (unknown) throw new StartError(enStart.newerDatabase(unknown.name))
}
