import type { JobRecord, ListedJob } from '@jovrin/core'
import { useCallback } from 'react'
import { useOutbox } from '../api/useOutbox.js'
import { jobKey } from '../api/outbox.js'

/** What was told on this device counts here at once, whether the server knows it yet or not. */
export function useToldHere(tankId: string): {
  readonly withTold: (job: ListedJob) => ListedJob
  readonly isWaiting: (job: ListedJob) => boolean
  /** A glance that waits. */
  readonly hasGlance: boolean
} {
  const items = useOutbox()
  const recordOf = useCallback(
    (job: ListedJob): JobRecord | null => {
      const item = items.find(({ key, refusal }) => key === jobKey(tankId, job) && refusal === null)
      return item?.sent.kind === 'job' ? item.sent.record : null
    },
    [items, tankId],
  )
  return {
    withTold: (job) => {
      const record = recordOf(job)
      return record === null ? job : { ...job, record, state: record.state, on: record.movedTo ?? job.on }
    },
    isWaiting: (job) => recordOf(job) !== null,
    hasGlance: items.some(({ tankId: of, sent }) => of === tankId && sent.kind === 'record' && sent.record.kind === 'glance'),
  }
}
