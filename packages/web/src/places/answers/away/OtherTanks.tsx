import { appWords, awayWords } from '@jovrin/contract'
import { areApart, proposedAbsence, type Absence, type Plan } from '@jovrin/core'
import { Button } from '@mui/material'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useState } from 'react'
import { localId } from '../../../api/localId.js'
import { changePlan } from '../../../api/plans.js'
import { allTanks } from '../../../api/tanks.queries.js'
import { useNotice } from '../../../ui/notice.js'

interface OtherProps {
  readonly tankId: string
  readonly absence: Absence
  readonly today: string
}

/** Who leaves one tank leaves them all: the same days for the others that run and know of no absence then, each with what is usual for it. */
export function OtherTanks({ tankId, absence, today }: OtherProps) {
  const text = awayWords
  const client = useQueryClient()
  const notice = useNotice()
  const [isBusy, setBusy] = useState(false)
  const tanks = (useQuery(allTanks()).data ?? []).filter(({ id, plan }) => id !== tankId && isFree(plan, absence))
  if (tanks.length === 0) return null
  const keepAll = async (): Promise<void> => {
    setBusy(true)
    try {
      for (const { id } of tanks)
        await changePlan(id, (plan) => {
          if (!isFree(plan, absence)) return plan
          const { leaveOn, backOn, visitEveryDays, food, note } = absence
          const its = proposedAbsence(plan, localId('w'), { leaveOn, backOn, today })
          return { ...plan, absences: [...plan.absences, { ...its, visitEveryDays, food, note }] }
        })
      notice({ text: text.othersKept(tanks.length) })
    } catch (error) {
      notice({ text: error instanceof Error ? error.message : appWords.failed })
    }
    await client.invalidateQueries({ queryKey: ['tanks'] })
    await client.invalidateQueries({ queryKey: ['round'] })
    setBusy(false)
  }
  return (
    <Button disabled={isBusy} onClick={() => void keepAll()}>
      {text.others(tanks.length)}
    </Button>
  )
}

const isFree = (plan: Plan, absence: Absence): boolean => plan.startedOn < absence.backOn && areApart([...plan.absences, absence])
