import { planWords, type PlanRevision } from '@jovrin/contract'
import { civilDate, daysBetween, PLAN_SHEETS, type PlanSheet } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { lazy, Suspense, useCallback, useEffect, useMemo, useRef, useState } from 'react'
import { useParams } from 'react-router'
import { planOfTank } from '../../api/tanks.queries.js'
import { useNotice } from '../../ui/notice.js'
import { QueryState } from '../../ui/QueryState.js'
import { DescribeSheet } from './describe/DescribeSheet.js'
import { usePlanForm } from './describe/usePlanForm.js'
import { useDesk, type Desk } from './desk.js'
import { Conflict, PlanBar } from './PlanBar.js'
import { PenContext } from './pen.js'
import { unkeptPlan, usePlanDraft } from './usePlanDraft.js'
import { usePlanKeeper } from '../shared/usePlanKeeper.js'

export function PlanPlace() {
  const { tankId = '' } = useParams()
  const plan = useQuery(planOfTank(tankId))
  if (!plan.data) return <QueryState error={plan.error} onRetry={() => void plan.refetch()} />
  return <KnownPlan key={tankId} tankId={tankId} initial={plan.data} />
}

const SHEETS = {
  intent: lazy(async () => ({ default: (await import('./intent/IntentSheet.js')).IntentSheet })),
  vessel: lazy(async () => ({ default: (await import('./vessel/VesselSheet.js')).VesselSheet })),
  ground: lazy(async () => ({ default: (await import('./ground/GroundSheet.js')).GroundSheet })),
  hardscape: lazy(async () => ({ default: (await import('./hardscape/HardscapeSheet.js')).HardscapeSheet })),
  planting: lazy(async () => ({ default: (await import('./planting/PlantingSheet.js')).PlantingSheet })),
  kit: lazy(async () => ({ default: (await import('./kit/KitSheet.js')).KitSheet })),
  shopping: lazy(async () => ({ default: (await import('./shopping/ShoppingSheet.js')).ShoppingSheet })),
  programme: lazy(async () => ({ default: (await import('./programme/ProgrammeSheet.js')).ProgrammeSheet })),
} as const satisfies Record<Exclude<PlanSheet, 'supply'>, unknown>

function KnownPlan({ tankId, initial }: { tankId: string; initial: PlanRevision }) {
  const { sheet } = useParams()
  const [restored] = useState(() => unkeptPlan(tankId, initial.plan))
  const form = usePlanForm(restored?.plan ?? initial.plan, restored?.texts)
  const age = daysBetween(initial.plan.startedOn, civilDate(new Date(), initial.plan.timeZone))
  const { replace, now, isKeepable } = form
  const keeper = usePlanKeeper(tankId, initial, replace)
  const { keep, step } = keeper
  const [chosenDay, setEffectiveOn] = useState<string | null>(null)
  // A tank that is not set up yet has no past to correct.
  const isPlanned = form.valid.startedOn > civilDate(new Date(), form.valid.timeZone)
  const effectiveOn = isPlanned ? null : chosenDay
  const notice = useNotice()
  usePlanDraft(tankId, keeper.revision.plan, form)
  const commit = useCallback(() => {
    // After the field's own change has reached the form.
    queueMicrotask(() => {
      if (isKeepable()) void keep(now(), effectiveOn === null ? undefined : { effectiveOn, why: null })
    })
  }, [effectiveOn, isKeepable, keep, now])
  const isRestored = useRef(restored !== null)
  useEffect(() => {
    if (!isRestored.current) return
    isRestored.current = false
    notice({ text: planWords.restored })
    commit()
  }, [commit, notice])
  useEffect(() => {
    const listen = (event: KeyboardEvent): void => {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return
      if ((event.target instanceof HTMLInputElement && event.target.type === 'text') || event.target instanceof HTMLTextAreaElement) return // the field's own undo
      event.preventDefault()
      void step(event.shiftKey ? 'redo' : 'undo')
    }
    window.addEventListener('keydown', listen)
    return () => window.removeEventListener('keydown', listen)
  }, [step])
  const pen = useMemo(() => ({ form, commit }), [form, commit])
  const desk = useDesk(tankId, pen)
  return (
    <PenContext value={pen}>
      <PlanBar
        tankId={tankId}
        isValid={form.isValid}
        isPlanned={isPlanned}
        startedOn={form.valid.startedOn}
        timeZone={form.valid.timeZone}
        keeper={keeper}
        effectiveOn={effectiveOn}
        onEffectiveOn={setEffectiveOn}
      />
      <PlanSheetView sheet={sheet} desk={desk} age={age} />
      <Conflict keeper={keeper} />
    </PenContext>
  )
}

function PlanSheetView({ sheet, desk, age }: { sheet: string | undefined; desk: Desk; age: number }) {
  if (sheet === undefined || sheet === 'supply' || !(PLAN_SHEETS as readonly string[]).includes(sheet))
    return <DescribeSheet tankId={desk.tankId} age={age} head={null} />
  const Sheet = SHEETS[sheet as keyof typeof SHEETS] // just checked
  return (
    <Suspense fallback={<QueryState error={null} onRetry={() => undefined} />}>
      <Sheet desk={desk} />
    </Suspense>
  )
}
