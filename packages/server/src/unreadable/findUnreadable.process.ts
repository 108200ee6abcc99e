import type { Unreadable } from '@jovrin/contract'
import { withReader } from '../db/reader.js'
import { task } from '../longWork/task.js'
import { findUnreadable } from './findUnreadable.js'

/** So many are told; that there are more is told by their number. */
const MOST_TOLD = 200

export default task<{ readonly folder: string }, Unreadable[]>(({ folder }) =>
  withReader(folder, async (db) => {
    const found: Unreadable[] = []
    for await (const entry of findUnreadable(db)) {
      found.push(entry)
      if (found.length >= MOST_TOLD) break
    }
    return found
  }),
)
