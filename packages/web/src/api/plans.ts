import { PlanRevision, PlanSchema } from '@jovrin/contract'
import type { Plan } from '@jovrin/core'
import { ApiError, changeJson, getJson } from './http.js'

/** A change of settings holds from a day; without it the description is corrected. */
export interface Dated {
  readonly effectiveOn: string
  readonly why: string | null
}

/** Stores a plan on top of the revision that it was made from; refused with 412 where somebody stored another since. */
export async function putPlan(tankId: string, plan: Plan, revision: number, dated?: Dated): Promise<void> {
  const query = new URLSearchParams(
    dated === undefined ? {} : { effectiveOn: dated.effectiveOn, ...(dated.why === null ? {} : { why: dated.why }) },
  )
  const search = query.size === 0 ? '' : `?${query.toString()}`
  await changeJson('PUT', `/api/tanks/${tankId}/plan${search}`, PlanSchema, { body: plan, ifMatch: `"${revision}"` })
}

const TRIES = 3
/** A change that means the same on whatever plan there is: where somebody was quicker, it is made again on theirs. One that gives the same plan back is none. */
export async function changePlan(tankId: string, change: (plan: Plan) => Plan, dated?: Dated): Promise<void> {
  for (let left = TRIES - 1; ; left--) {
    const { plan, revision } = await getJson(`/api/tanks/${tankId}/plan/revision`, PlanRevision, new AbortController().signal)
    const changed = change(plan)
    if (changed === plan) return
    try {
      return await putPlan(tankId, changed, revision, dated)
    } catch (error) {
      if (!(error instanceof ApiError && error.status === 412) || left === 0) throw error
    }
  }
}
