import { appWords, jobTitleWords, outboxWords, todayWords } from '@jovrin/contract'
import type { JobRecord, ListedJob } from '@jovrin/core'
import { useCallback } from 'react'
import { z } from 'zod'
import { deviceName } from '../api/device.js'
import { changeJson } from '../api/http.js'
import { useJournalChanged } from '../api/journal.queries.js'
import { jobKey, outbox } from '../api/outbox.js'
import { useNotice } from '../ui/notice.js'

export interface Told {
  readonly state: JobRecord['state']
  readonly movedTo?: string
  readonly reason?: string
}

/** Tells what became of a job of a tank, also without the server; and takes it back. */
export function useTellJob(
  tankId: string,
  tankName: string,
): {
  readonly tell: (job: ListedJob, told: Told) => Promise<void>
  readonly takeBack: (job: Pick<ListedJob, 'ruleId' | 'dueOn'>, record: JobRecord) => Promise<void>
} {
  const changed = useJournalChanged()
  const notice = useNotice()
  const takeBack = useCallback(
    async (job: Pick<ListedJob, 'ruleId' | 'dueOn'>, record: JobRecord): Promise<void> => {
      const key = jobKey(tankId, job)
      // What never left this device is simply not sent.
      if (outbox.list().some((item) => item.key === key)) return outbox.discard(key)
      try {
        await changeJson('DELETE', `/api/tanks/${tankId}/jobs/${encodeURIComponent(job.ruleId)}/${job.dueOn}`, z.null(), {
          ifMatch: `"${record.at}"`,
        })
      } catch (error) {
        notice({ text: error instanceof Error ? error.message : appWords.failed })
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
        const text = todayWords.told(tankName, jobTitleWords[job.kind], todayWords.doneState[state] ?? state)
        notice({
          text: outcome === 'waiting' ? `${text}. ${outboxWords.kept}` : text,
          action: { label: todayWords.takeBack, run: () => void takeBack(job, record) },
        })
      } catch (error) {
        notice({ text: error instanceof Error ? error.message : appWords.failed })
      }
      await changed(tankId)
    },
    [changed, notice, takeBack, tankId, tankName],
  )
  return { tell, takeBack }
}
