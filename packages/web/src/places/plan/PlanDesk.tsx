import { planWords, type PlanRevision } from '@jovrin/contract'
import { civilDate, daysBetween, diff } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useRef, useState, type ReactNode } from 'react'
import { planOfTank } from '../../api/tanks.queries.js'
import { useNotice } from '../../ui/notice.js'
import { QueryState } from '../../ui/QueryState.js'
import { usePlanKeeper } from '../shared/usePlanKeeper.js'
import { usePlanForm } from './describe/usePlanForm.js'
import { useDesk, type Desk } from './desk.js'
import { Conflict, PlanBar, type SheetTabs } from './PlanBar.js'
import { PenContext, type Pen } from './pen.js'
import { unkeptPlan, usePlanDraft } from './usePlanDraft.js'

interface PlanDeskProps {
  readonly tankId: string
  readonly tabs: SheetTabs
  /** `age`: of the tank in days. */
  readonly children: (desk: Desk, age: number) => ReactNode
}

/** A tank's plan under the pen, with the bar over it: whatever place edits the plan does it here. */
export function PlanDesk(props: PlanDeskProps) {
  const plan = useQuery(planOfTank(props.tankId))
  if (!plan.data) return <QueryState error={plan.error} onRetry={() => void plan.refetch()} />
  return <KnownPlan key={props.tankId} {...props} stored={plan.data} />
}

function KnownPlan({ tankId, tabs, children, stored }: PlanDeskProps & { readonly stored: PlanRevision }) {
  const [initial] = useState(stored)
  const [restored] = useState(() => unkeptPlan(tankId, initial.plan))
  const form = usePlanForm(restored?.plan ?? initial.plan, restored?.texts)
  const age = daysBetween(initial.plan.startedOn, civilDate(new Date(), initial.plan.timeZone))
  const { replace, now, isKeepable } = form
  const keeper = usePlanKeeper(tankId, initial, replace)
  const { keep, step, adopt } = keeper
  const [chosenDay, setEffectiveOn] = useState<string | null>(null)
  // A tank that is not set up yet has no past to correct.
  const isPlanned = form.valid.startedOn > civilDate(new Date(), form.valid.timeZone)
  const effectiveOn = isPlanned ? null : chosenDay
  const notice = useNotice()
  usePlanDraft(tankId, keeper.revision.plan, form)
  const commit = useCallback<Pen['commit']>(
    (from) => {
      // After the field's own change has reached the form.
      queueMicrotask(() => {
        if (!isKeepable()) return
        const plan = now()
        const today = civilDate(new Date(), plan.timeZone)
        const day = from === 'today' && plan.startedOn < today ? today : effectiveOn
        void keep(plan, day === null ? undefined : { effectiveOn: day, why: null })
      })
    },
    [effectiveOn, isKeepable, keep, now],
  )
  const isRestored = useRef(restored !== null)
  useEffect(() => {
    if (!isRestored.current) return
    isRestored.current = false
    notice({ text: planWords.restored })
    commit()
  }, [commit, notice])
  // The sheet that was left a moment ago may still have been keeping its last gesture; and another window keeps its own.
  const kept = keeper.revision
  useEffect(() => {
    if (stored.revision <= kept.revision || keeper.state.kind === 'conflict') return
    if (!isKeepable() || diff(kept.plan, now()).length > 0) return // what is typed here is joined with it when it is kept
    if (adopt(stored)) replace(stored.plan)
  }, [adopt, isKeepable, keeper.state.kind, kept, now, replace, stored])
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
        tabs={tabs}
        isValid={form.isValid}
        isPlanned={isPlanned}
        startedOn={form.valid.startedOn}
        timeZone={form.valid.timeZone}
        keeper={keeper}
        effectiveOn={effectiveOn}
        onEffectiveOn={setEffectiveOn}
      />
      {children(desk, age)}
      <Conflict keeper={keeper} />
    </PenContext>
  )
}
