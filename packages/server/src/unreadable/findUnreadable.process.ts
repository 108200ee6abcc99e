import { type Unreadable, UNREADABLE_TOLD } from '@jovrin/contract'
import { withReader } from '../db/reader.js'
import { task } from '../longWork/task.js'
import { findUnreadable } from './findUnreadable.js'

export default task<{ readonly folder: string }, Unreadable[]>(({ folder }) =>
  withReader(folder, async (db) => {
    const found: Unreadable[] = []
    for await (const entry of findUnreadable(db)) {
      found.push(entry)
      if (found.length >= UNREADABLE_TOLD) break
    }
    return found
  }),
)
