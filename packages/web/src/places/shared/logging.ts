import { appWords, journalWords, outboxWords, JournalEntry } from '@jovrin/contract'
import type { JournalEvent, JournalRecord } from '@jovrin/core'
import { useCallback } from 'react'
import { deviceName } from '../../api/device.js'
import { changeJson } from '../../api/http.js'
import { useJournalChanged } from '../../api/journal.queries.js'
import { newId } from '../../api/newId.js'
import { outbox } from '../../api/outbox.js'
import { useNotice } from '../../ui/notice.js'

/** Every record without what all of them share; spread over the union, so that each kind keeps its own fields. */
type Plain<T> = T extends unknown ? Omit<T, 'id' | 'at' | 'recordedBy'> : never
export type PlainRecord = Plain<JournalRecord>
export type PlainEvent = Plain<JournalEvent>

/** The glance of most days. */
export const ALL_FINE: PlainEvent = { kind: 'glance', isAllFine: true, animals: null, indicator: null, outlet: null, note: null }

/** Logs records; says so, and how to take it back. Refusals are thrown for the form to show. */
export function useLog(tankId: string): (parts: readonly PlainRecord[], at: string, what: string) => Promise<void> {
  const changed = useJournalChanged()
  const tell = useNotice()
  return useCallback(
    async (parts, at, what) => {
      const records = parts.map((part) => ({ ...part, id: newId(), at, recordedBy: deviceName() })) // the shared fields complete each kind
      let isWaiting = false
      for (const record of records) if ((await outbox.logRecord(tankId, record)) === 'waiting') isWaiting = true
      void changed(tankId) // shown in its time; whoever types on need not wait for it
      if (isWaiting)
        return tell({
          text: `${journalWords.logged(what)}. ${outboxWords.kept}`,
          action: { label: journalWords.undo, run: () => void Promise.all(records.map(({ id }) => outbox.discard(id))) },
        })
      const takeBack = async (): Promise<void> => {
        for (const { id } of records) await changeJson('DELETE', `/api/tanks/${tankId}/journal/${id}`, JournalEntry, { ifMatch: '"1"' })
        await changed(tankId)
      }
      tell({
        text: journalWords.logged(what),
        action: {
          label: journalWords.undo,
          run: () => void takeBack().catch((error: unknown) => tell({ text: error instanceof Error ? error.message : appWords.failed })),
        },
      })
    },
    [changed, tankId, tell],
  )
}
