import { createRequire } from 'node:module'
import type { Knex } from 'knex'

const require = createRequire(import.meta.url)
// Knex's better-sqlite3 dialect, driven by libsql: same calls, but its binary comes inside the registry package. The one place to swap the driver.
const BetterSqlite3 = require('knex/lib/dialects/better-sqlite3/index.js') as new (config: Knex.Config) => Knex.Client

export class LibsqlDialect extends BetterSqlite3 {
  _driver(): unknown {
    return require('libsql')
  }
}
