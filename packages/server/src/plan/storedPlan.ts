import { upgradePlan, type Plan } from '@jovrin/core'
import { PlanSchema } from '@jovrin/contract'
import { readable } from '../db/readable.js'

const MOST_KEPT = 200
/** Plans by the text they are stored as. Checking one takes a millisecond or two, and the same newest plan is asked for again and again. */
const planOfText = new Map<string, Plan | null>()

/** The plan of a stored document, in today's form; `null` when it can no longer be read. A plan is shared by all who ask for it: nobody changes it. */
export function storedPlan(document: string): Plan | null {
  const known = planOfText.get(document)
  if (known !== undefined) return known
  const plan = readable(PlanSchema, () => upgradePlan(JSON.parse(document)))
  const [oldest] = planOfText.keys()
  if (planOfText.size >= MOST_KEPT && oldest !== undefined) planOfText.delete(oldest)
  planOfText.set(document, plan)
  return plan
}
