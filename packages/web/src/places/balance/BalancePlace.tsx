import { appWords, balanceWords, describeWords, gasSummaryOf, LeversSchema, type PlanRevision, type Timeline } from '@jovrin/contract'
import { applyLevers, type Levers, type MemberResult, planAt } from '@jovrin/core'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { useParams, useSearchParams } from 'react-router'
import { changeJson } from '../../api/http.js'
import { newestLast } from '../../api/newestLast.js'
import { agedTimeline, leversOfTank, planOfTank, timelineOfTank, conditionOfTank } from '../../api/tanks.queries.js'
import { useNotice } from '../../ui/notice.js'
import { QueryState } from '../../ui/QueryState.js'
import { useForecast, type ForecastState } from '../../workers/useForecast.js'
import { workQueue } from '../../workers/workQueue.js'
import { usePlanKeeper } from '../shared/usePlanKeeper.js'
import { BalanceSheet } from './BalanceSheet.js'
import { KeepDialog } from './KeepDialog.js'
import { useTryFirst } from './useTryFirst.js'

const SHORT_WEEKS = 6
export const LONG_WEEKS = 26

export function BalancePlace() {
  const { tankId = '' } = useParams()
  // While the tank is fetched.
  useEffect(() => workQueue.warm(), [])
  const plan = useQuery(planOfTank(tankId))
  const timeline = useQuery(timelineOfTank(tankId))
  const levers = useQuery(leversOfTank(tankId))
  if (!plan.data || !timeline.data || !levers.data)
    return (
      <QueryState
        error={plan.error ?? timeline.error ?? levers.error}
        onRetry={() => void Promise.all([plan.refetch(), timeline.refetch(), levers.refetch()])}
      />
    )
  return <KnownBalance key={tankId} tankId={tankId} revision={plan.data} told={timeline.data} draft={levers.data} />
}

interface KnownProps {
  readonly tankId: string
  readonly revision: PlanRevision
  readonly told: Timeline
  /** Stored levers, so that a reload in the middle loses nothing. */
  readonly draft: Levers
}

function KnownBalance({ tankId, revision, told, draft }: KnownProps) {
  const client = useQueryClient()
  const tell = useNotice()
  const [search, setSearch] = useSearchParams()
  const [levers, setLevers] = useState<Levers>(draft)
  const [isDragging, setDragging] = useState(false)
  const [isKeepOpen, setKeepOpen] = useState(false)
  const { timeline, settings, today, startedOn, deeds } = useMemo(() => agedTimeline(told), [told])
  const weeks = search.get('weeks') === String(LONG_WEEKS) ? LONG_WEEKS : SHORT_WEEKS
  const week = Math.min(weeks - 1, Math.max(0, Math.round(Number(search.get('week')) || 0)))
  const forecast = useForecast({ timeline, today, weeks, levers, deeds, isDragging })
  const condition = useQuery(conditionOfTank(tankId)).data
  const gas = useMemo(() => (condition === undefined ? null : { summary: gasSummaryOf(condition.gas), tankId }), [condition, tankId])
  const keeper = usePlanKeeper(tankId, revision, () => undefined)
  // In force today; an entry that is still to come is not.
  const plan = planAt(timeline, today) ?? revision.plan

  // Once the plan itself is known, so that it never waits.
  const planned = useWhole(forecast)
  const tryFirst = useTryFirst(
    planned === null || condition === undefined ? null : { timeline, today, deeds, plan, condition, results: planned },
  )

  const show = useCallback(
    (part: Readonly<Record<string, string>>) => setSearch((before) => ({ ...Object.fromEntries(before), ...part }), { replace: true }),
    [setSearch],
  )
  // Keys move a lever faster than the server answers.
  const store = useMemo(
    () =>
      newestLast<Levers>(
        (next) => changeJson('PUT', `/api/tanks/${tankId}/levers`, LeversSchema, { body: next }),
        (error) => tell({ text: error instanceof Error ? error.message : appWords.failed }),
      ),
    [tankId, tell],
  )
  const move = useCallback(
    (next: Levers, isFinal: boolean) => {
      setLevers(next)
      setDragging(!isFinal)
      if (!isFinal) return
      client.setQueryData(leversOfTank(tankId).queryKey, next)
      store(next)
    },
    [client, tankId, store],
  )
  const keep = async (effectiveOn: string, why: string | null): Promise<void> => {
    setKeepOpen(false)
    const hadMass = (levers.massFactor ?? 1) !== 1
    // What the programme holds back today stays set as it was.
    const { start } = revision.plan // that of the settings has moved along with what happened
    await keeper.keep({ ...applyLevers(planAt(settings, today) ?? revision.plan, levers), start }, { effectiveOn, why })
    move({}, true)
    tell({
      text: hadMass ? `${balanceWords.kept} ${balanceWords.massLeft}` : balanceWords.kept,
      action: { label: describeWords.undo, run: () => void keeper.step('undo') },
    })
  }
  return (
    <>
      <BalanceSheet
        forecast={forecast}
        plan={plan}
        timeline={timeline}
        today={today}
        startedOn={startedOn}
        weeks={weeks}
        week={week}
        levers={levers}
        gas={gas}
        tryFirst={tryFirst}
        onShow={show}
        onMove={move}
        onKeep={() => setKeepOpen(true)}
      />
      <KeepDialog
        key={String(isKeepOpen)}
        isOpen={isKeepOpen}
        today={told.today}
        startedOn={startedOn}
        onClose={() => setKeepOpen(false)}
        onKeep={(date, why) => void keep(date, why)}
      />
    </>
  )
}

/** The last whole ensemble; it stays while a new one is reckoned. */
function useWhole({ results, isDone }: ForecastState): readonly MemberResult[] | null {
  const [kept, setKept] = useState<readonly MemberResult[] | null>(null)
  if (isDone && kept !== results) setKept(results)
  return isDone ? results : kept
}
