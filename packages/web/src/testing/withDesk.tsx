import type { Plan } from '@jovrin/core'
import { act } from '@testing-library/react'
import { useCallback, type ReactNode } from 'react'
import { usePlanForm, type PlanForm } from '../places/plan/describe/usePlanForm.js'
import { useDesk, type Desk } from '../places/plan/desk.js'
import { PenContext } from '../places/plan/pen.js'
import { renderPage } from './renderPage.js'
import { standStill } from './standStill.js'

interface Work {
  /** The plan as it stands under the pen. */
  readonly draft: () => Plan
  /** The newest that the contract accepts. */
  readonly valid: () => Plan
  /** Each plan that a finished gesture kept. */
  readonly kept: readonly Plan[]
  readonly change: (edit: (plan: Plan) => Plan) => void
}

/** A sheet over a plan, as on the Plan place but without a server to keep it. */
export function renderSheet(plan: Plan, sheet: (desk: Desk) => ReactNode): Work {
  standStill()
  const kept: Plan[] = []
  let form: PlanForm | null = null
  let desk: Desk | null = null
  const Bench = (): ReactNode => {
    const its = usePlanForm(plan)
    const { now } = its
    const commit = useCallback(() => void kept.push(now()), [now])
    const made = useDesk('tank', { form: its, commit })
    form = its
    desk = made
    return <PenContext value={{ form: its, commit }}>{sheet(made)}</PenContext>
  }
  renderPage(<Bench />, { at: '/tanks/tank/plan' })
  return { draft: () => form!.draft, valid: () => form!.valid, kept, change: (edit) => act(() => desk!.change(edit)) }
}
