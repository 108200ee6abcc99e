import { checkPlan, daysBetween, tankFigures, type Finding, type Plan, type TankFigures } from '@jovrin/core'
import { useQuery } from '@tanstack/react-query'
import { useCallback, useEffect, useMemo, useState } from 'react'
import { timelineOfTank } from '../../api/tanks.queries.js'
import { usePlanSum } from '../../workers/usePlanSum.js'
import type { PlanForm } from './describe/usePlanForm.js'
import type { Pen } from './pen.js'

/** What every sheet of the plan works with. */
export interface Desk {
  readonly tankId: string
  /** The newest plan that the contract accepts: what is drawn and reckoned. */
  readonly plan: Plan
  readonly figures: TankFigures
  readonly form: PlanForm
  /** One step of a gesture; `isFinal` ends it and keeps it as one revision. */
  readonly change: (edit: (plan: Plan) => Plan, isFinal?: boolean) => void
  /** A change that is a setting from today on: the past stays as it was. */
  readonly changeFromToday: (edit: (plan: Plan) => Plan) => void
  /** A field was left. */
  readonly commit: () => void
}

/** Changes the plan under the pen as a whole, part by part. */
export function useChange({ form, commit }: Pen): Desk['change'] {
  const laid = useLaid(form)
  return useCallback(
    (edit, isFinal = true) => {
      laid(edit)
      if (isFinal) commit()
    },
    [commit, laid],
  )
}
function useLaid({ now, set }: PlanForm): (edit: (plan: Plan) => Plan) => void {
  return useCallback(
    (edit) => {
      const before = now()
      const after = edit(before)
      for (const key of Object.keys(after) as (keyof Plan)[]) if (after[key] !== before[key]) set(key, after[key])
    },
    [now, set],
  )
}

export function useDesk(tankId: string, { form, commit }: Pen): Desk {
  const plan = form.valid
  const figures = useMemo(() => tankFigures(plan), [plan])
  const change = useChange({ form, commit })
  const laid = useLaid(form)
  const changeFromToday = useCallback<Desk['changeFromToday']>(
    (edit) => {
      laid(edit)
      commit('today')
    },
    [commit, laid],
  )
  return useMemo(
    () => ({ tankId, plan, figures, form, change, changeFromToday, commit }),
    [tankId, plan, figures, form, change, changeFromToday, commit],
  )
}

const SETTLED_MS = 120

/** A value once it has rested for a moment: what takes long to reckon waits for the end of a gesture. */
export function useSettled<T>(value: T): T {
  const [settled, setSettled] = useState(value)
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), SETTLED_MS)
    return () => clearTimeout(timer)
  }, [value])
  return settled
}

/** The desk for what stands beside a drawing: as it was when a drag began, until the hand lets go. The drawing itself follows every step. */
export function useMarginDesk(desk: Desk): readonly [Desk, (isFinal: boolean) => void] {
  const [held, setHeld] = useState<Desk | null>(null)
  const step = useCallback((isFinal: boolean) => setHeld((before) => (isFinal ? null : (before ?? desk))), [desk])
  return [held ?? desk, step]
}

interface Examined extends Pick<Desk, 'plan' | 'figures'> {
  /** `null` of a tank that is not kept yet: when tests can allow animals is reckoned by the server. */
  readonly tankId: string | null
}

export function useFindings({ tankId, plan, figures }: Examined): readonly Finding[] {
  const { data } = useQuery({ ...timelineOfTank(tankId ?? ''), enabled: tankId !== null })
  const [animalsAllowedFromDay, today] = [data?.animalsAllowedFromDay, data?.today]
  const both = useMemo(() => ({ plan, figures }), [plan, figures])
  const settled = useSettled(both)
  const ageDays = today === undefined ? 0 : Math.max(0, daysBetween(settled.plan.startedOn, today))
  const isAsked = tankId === null || today !== undefined
  const density = usePlanSum('density', isAsked && ageDays === 0 ? settled.plan : null)
  return useMemo(
    () => checkPlan(settled.plan, settled.figures, { animalsAllowedFromDay, ageDays, density }),
    [settled, animalsAllowedFromDay, ageDays, density],
  )
}
