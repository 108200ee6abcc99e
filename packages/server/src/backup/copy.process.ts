import { connect, databaseFile } from '../db/connection.js'
import { task } from '../longWork/task.js'

export interface CopyToMake {
  readonly folder: string
  readonly path: string
}
/** A consistent copy of the database while others write to it. */
export default task<CopyToMake, null>(async ({ folder, path }) => {
  const db = connect(databaseFile(folder), ['busy_timeout = 5000'])
  try {
    await db.raw('VACUUM INTO ?', [path])
    return null
  } finally {
    await db.destroy()
  }
})
