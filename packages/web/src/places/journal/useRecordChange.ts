import { appWords, JournalEntry, journalWords } from '@jovrin/contract'
import type { JournalRecord } from '@jovrin/core'
import { useMemo } from 'react'
import { changeJson } from '../../api/http.js'
import { useJournalChanged } from '../../api/journal.queries.js'
import { useNotice } from '../../ui/notice.js'

export interface RecordChange {
  /** Keeps a record as it should be. Somebody else's change since is never overwritten: it is thrown. */
  readonly change: (entry: JournalEntry, next: JournalRecord) => Promise<void>
  readonly remove: (entry: JournalEntry) => Promise<void>
}

/** Changes what was logged; says so, and how to take it back. */
export function useRecordChange(tankId: string): RecordChange {
  const changed = useJournalChanged()
  const tell = useNotice()
  return useMemo(() => {
    const put = (record: JournalRecord, version: number): Promise<JournalEntry> =>
      changeJson('PUT', `/api/tanks/${tankId}/journal/${record.id}`, JournalEntry, { body: record, ifMatch: `"${version}"` })
    // Whoever waits for a change need not wait for all that shows it.
    const told = (text: string, back: () => Promise<unknown>): void => {
      void changed(tankId)
      const run = (): void =>
        void back().then(
          () => changed(tankId),
          (error: unknown) => tell({ text: error instanceof Error ? error.message : appWords.failed }),
        )
      tell({ text, action: { label: journalWords.undo, run } })
    }
    return {
      change: async (entry, next) => {
        const kept = await put(next, entry.version)
        told(journalWords.edited, () => put(entry.record, kept.version))
      },
      remove: async (entry) => {
        const at = `/api/tanks/${tankId}/journal/${entry.record.id}`
        const gone = await changeJson('DELETE', at, JournalEntry, { ifMatch: `"${entry.version}"` })
        told(journalWords.removed, () => changeJson('POST', `${at}/restore`, JournalEntry, { ifMatch: `"${gone.version}"` }))
      },
    }
  }, [changed, tell, tankId])
}
