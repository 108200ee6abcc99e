import type { Edit, Plan, SettingChange } from '@jovrin/core'

export interface StoredRevision {
  readonly revision: number
  readonly createdAt: string
  readonly effectiveOn: string | null
  readonly plan: Plan
  readonly act: 'edit' | 'undo' | 'redo'
  readonly ofRevision: number | null
}
export interface NewRevision extends StoredRevision {
  readonly edits: readonly Edit[]
}

/** A revision as its table holds it. */
export const revisionRow = ({ revision, createdAt, effectiveOn, plan, act, ofRevision, edits }: NewRevision) => ({
  revision,
  created_at: createdAt,
  effective_on: effectiveOn,
  schema_version: plan.schemaVersion,
  document: JSON.stringify(plan),
  edits: JSON.stringify(edits),
  act,
  of_revision: ofRevision,
})

/** A dated change as its table holds it. */
export const settingRow = (change: SettingChange) => ({
  id: change.id,
  effective_on: change.effectiveOn,
  path: change.path,
  from_value: JSON.stringify(change.from ?? null),
  to_value: JSON.stringify(change.to ?? null),
  plan_revision: change.planRevision,
  why: change.why,
})
