import { enApp, enJobTitle, enOutbox, enToday } from '@jovrin/contract'
import type { JobRecord, ListedJob } from '@jovrin/core'
import { useCallback } from 'react'
import { z } from 'zod'
import { deviceName } from '../api/device.js'
import { changeJson } from '../api/http.js'
import { useJournalChanged } from '../api/journal.queries.js'
import { outbox } from '../api/outbox.js'
import { useNotice } from '../ui/notice.js'

export interface Told {
  readonly state: JobRecord['state']
  readonly movedTo?: string
  readonly reason?: string
}

/** Tells what became of a job, also without the server; and takes it back. */
export function useTellJob(tankId: string): {
  readonly tell: (job: ListedJob, told: Told) => Promise<void>
  readonly takeBack: (job: Pick<ListedJob, 'ruleId' | 'dueOn'>, record: JobRecord) => Promise<void>
} {
  const changed = useJournalChanged()
  const notice = useNotice()
  const takeBack = useCallback(
    async ({ ruleId, dueOn }: Pick<ListedJob, 'ruleId' | 'dueOn'>, record: JobRecord): Promise<void> => {
      try {
        await changeJson('DELETE', `/api/tanks/${tankId}/jobs/${encodeURIComponent(ruleId)}/${dueOn}`, z.null(), {
          ifMatch: `"${record.at}"`,
        })
      } catch (error) {
        notice({ text: error instanceof Error ? error.message : enApp.failed })
      }
      await changed(tankId)
    },
    [changed, notice, tankId],
  )
  const tell = useCallback(
    async (job: ListedJob, { state, movedTo, reason }: Told): Promise<void> => {
      const record: JobRecord = {
        ruleId: job.ruleId,
        dueOn: job.dueOn,
        state,
        movedTo: movedTo ?? null,
        reason: reason ?? null,
        at: new Date().toISOString(),
        recordedBy: deviceName(),
      }
      try {
        const outcome = await outbox.tellJob(tankId, record, job.record?.at ?? null)
        const text = enToday.told(`${enJobTitle[job.kind]}, ${enToday.doneState[state] ?? state}`)
        if (outcome === 'waiting') notice({ text: `${text}. ${enOutbox.kept}` })
        else notice({ text, action: { label: enToday.takeBack, run: () => void takeBack(job, record) } })
      } catch (error) {
        notice({ text: error instanceof Error ? error.message : enApp.failed })
      }
      await changed(tankId)
    },
    [changed, notice, takeBack, tankId],
  )
  return { tell, takeBack }
}
