import { createRequire } from 'node:module'
import { setImmediate } from 'node:timers/promises'
import type { Knex } from 'knex'

const require = createRequire(import.meta.url)
// Knex's better-sqlite3 dialect, driven by libsql: same calls, but its binary comes inside the registry package. The one place to swap the driver.
const BetterSqlite3 = require('knex/lib/dialects/better-sqlite3/index.js') as new (
  config: Knex.Config,
) => Knex.Client & { _query(connection: unknown, query: unknown): unknown; acquireConnection(): Promise<unknown> }

interface Connection {
  readonly inTransaction: boolean
}
interface Query {
  readonly sql: string
  response?: unknown
}

export class LibsqlDialect extends BetterSqlite3 {
  _driver(): unknown {
    return require('libsql')
  }

  /** The driver answers at once, so a crowd of queries would go on from one to the next and nobody else would be heard. Whoever gets the connection waits for a turn of the event loop before it uses it. */
  override async acquireConnection(): Promise<unknown> {
    const connection: unknown = await super.acquireConnection()
    await setImmediate()
    return connection
  }

  /** SQLite ends a transaction by itself when the disk is full; a rollback after it would hide the reason behind one of its own. */
  override _query(connection: Connection, query: Query): unknown {
    if (/^ROLLBACK/.test(query.sql) && !connection.inTransaction) return Promise.resolve(Object.assign(query, { response: [] }))
    return super._query(connection, query)
  }
}
