import type { Knex } from 'knex'
import { connect, databaseFile } from './connection.js'

/** A second connection that only reads, for threads and commands: everything it is asked is answered as things stood at one moment. */
export async function withReader<Result>(folder: string, act: (db: Knex) => Promise<Result>): Promise<Result> {
  const db = connect(databaseFile(folder), ['query_only = ON', 'busy_timeout = 5000'])
  try {
    return await db.transaction(act)
  } finally {
    await db.destroy()
  }
}
