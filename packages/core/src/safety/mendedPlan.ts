import { tankFigures } from '../ecosystem/tankFigures.js'
import { applyEdits } from '../plan/edit.js'
import { findingKey, type Finding, type Mend } from '../plan/finding.js'
import type { Plan } from '../plan/plan.js'
import { checkPlan } from './checkPlan.js'

/** The plan with a mend, that of `again` where the plan has moved on since the mend was found: what is shown may be a moment older than what is. The plan as it is where nothing is left to mend. */
export const mendedPlan = (plan: Plan, mend: Mend, again: (plan: Plan) => Mend | undefined): Plan =>
  applyEdits(plan, mend.edits) ?? applyEdits(plan, again(plan)?.edits ?? []) ?? plan

/** The plan with the mend of a finding. */
export const mendFinding = (plan: Plan, finding: Finding): Plan =>
  finding.mend === undefined
    ? plan
    : mendedPlan(plan, finding.mend, (now) => checkPlan(now, tankFigures(now)).find((one) => findingKey(one) === findingKey(finding))?.mend)
