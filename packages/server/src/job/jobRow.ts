import type { JobRecord } from '@jovrin/core'

/** What became of a job, as its table holds it. */
export const jobRow = ({ ruleId, dueOn, state, movedTo, reason, at, recordedBy }: JobRecord) => ({
  rule_id: ruleId,
  due_on: dueOn,
  state,
  moved_to: movedTo,
  reason,
  at,
  recorded_by: recordedBy,
})
