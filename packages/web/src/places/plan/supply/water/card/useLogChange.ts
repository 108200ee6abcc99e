import { appWords, journalWords, JournalEntry, outboxWords, waterSheetWords } from '@jovrin/contract'
import { datePlusDays, type JobRecord, type ListedJob, type WaterChange } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useState } from 'react'
import { z } from 'zod'
import { deviceName } from '../../../../../api/device.js'
import { changeJson } from '../../../../../api/http.js'
import { jobsOfTank, useJournalChanged } from '../../../../../api/journal.queries.js'
import { newId } from '../../../../../api/newId.js'
import { jobKey, outbox } from '../../../../../api/outbox.js'
import { useNotice } from '../../../../../ui/notice.js'
import { percent, useUnits } from '../../../../../ui/units.js'
import type { Desk } from '../../../desk.js'
import { cardStepText } from '../../../../shared/water/cardStepText.js'
import type { CardState } from './useChangeCard.js'

/** A change that was due a few days ago is the one that is done now. */
const REACH_DAYS = 3

/** Logs the change of a card with what it was mixed of, and marks the planned one that it is as done: one tap, and one to take both back. */
export function useLogChange({ tankId, plan }: Desk, { card, fraction, age }: CardState) {
  const changed = useJournalChanged()
  const notice = useNotice()
  const units = useUnits()
  const [isLogging, setLogging] = useState(false)
  const today = datePlusDays(plan.startedOn, age)
  const jobs = useQuery(jobsOfTank(tankId, datePlusDays(today, -REACH_DAYS), today)).data
  const due =
    jobs?.jobs.findLast(({ kind, state, on }) => kind === 'change' && (state === 'due' || state === 'moved') && on <= today) ?? null
  const log = useCallback(async (): Promise<void> => {
    setLogging(true)
    const at = new Date().toISOString()
    const taken = card.steps.filter(({ code, minerals }) => code.startsWith('take-') || minerals.length > 0)
    const record: WaterChange = {
      kind: 'change',
      id: newId(),
      at,
      recordedBy: deviceName(),
      fraction,
      hasWiped: false,
      note: waterSheetWords.logNote(units.show('volume', card.litres), taken.map((step) => cardStepText(step, units).short).join(', ')),
    }
    const job = due === null ? null : doneJob(due, at)
    try {
      const outcomes = [await outbox.logRecord(tankId, record)]
      if (due !== null && job !== null) outcomes.push(await outbox.tellJob(tankId, job, due.record?.at ?? null))
      const isWaiting = outcomes.includes('waiting')
      const takeBack = async (): Promise<void> => {
        const waits = (key: string): boolean => outbox.list().some((item) => item.key === key)
        if (waits(record.id)) await outbox.discard(record.id)
        else await changeJson('DELETE', `/api/tanks/${tankId}/journal/${record.id}`, JournalEntry, { ifMatch: '"1"' })
        if (job !== null) {
          if (waits(jobKey(tankId, job))) await outbox.discard(jobKey(tankId, job))
          else
            await changeJson('DELETE', `/api/tanks/${tankId}/jobs/${encodeURIComponent(job.ruleId)}/${job.dueOn}`, z.null(), {
              ifMatch: `"${at}"`,
            })
        }
        await changed(tankId)
      }
      const told = journalWords.logged(waterSheetWords.logged(`${percent(fraction)} %`))
      notice({
        text: isWaiting ? `${told}. ${outboxWords.kept}` : told,
        action: {
          label: journalWords.undo,
          run: () => void takeBack().catch((error: unknown) => notice({ text: error instanceof Error ? error.message : appWords.failed })),
        },
      })
    } catch (error) {
      notice({ text: error instanceof Error ? error.message : appWords.failed })
    }
    await changed(tankId)
    setLogging(false)
  }, [card, changed, due, fraction, notice, tankId, units])
  return { log, dueOn: due?.dueOn ?? null, isLogging }
}

const doneJob = ({ ruleId, dueOn }: ListedJob, at: string): JobRecord => ({
  ruleId,
  dueOn,
  state: 'done',
  movedTo: null,
  reason: null,
  at,
  recordedBy: deviceName(),
})
