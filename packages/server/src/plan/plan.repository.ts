import { upgradePlan, type Edit, type Plan } from '@jovrin/core'
import type { Knex } from 'knex'

interface PlanRow {
  tank_id: string
  revision: number
  created_at: string
  effective_on: string | null
  schema_version: number
  document: string
  edits: string
  act: 'edit' | 'undo' | 'redo'
  of_revision: number | null
}
export interface StoredRevision {
  readonly revision: number
  readonly createdAt: string
  readonly effectiveOn: string | null
  readonly plan: Plan
  readonly act: 'edit' | 'undo' | 'redo'
  readonly ofRevision: number | null
}
/** What a revision did, without the plan that it holds. */
export type RevisionAct = Pick<StoredRevision, 'revision' | 'act'>

export interface NewRevision extends StoredRevision {
  readonly edits: readonly Edit[]
}

const toRevision = (row: PlanRow): StoredRevision => ({
  revision: row.revision,
  createdAt: row.created_at,
  effectiveOn: row.effective_on,
  plan: upgradePlan(JSON.parse(row.document)) as Plan, // was checked by the contract when it was stored; older ones are read in today’s form
  act: row.act,
  ofRevision: row.of_revision,
})

export const planRepository = (db: Knex) => ({
  ofTank: async (tankId: string): Promise<StoredRevision[]> =>
    (await db<PlanRow>('plan_revision').where({ tank_id: tankId }).orderBy('revision')).map(toRevision),
  /** What became of a tank's plan, oldest first. No stored plan is read for it. */
  actsOf: (tankId: string): Promise<RevisionAct[]> =>
    db<PlanRow>('plan_revision').where({ tank_id: tankId }).orderBy('revision').select('revision', 'act'),
  planAt: async (tankId: string, revision: number): Promise<Plan> => {
    const row = await db<PlanRow>('plan_revision').where({ tank_id: tankId, revision }).first()
    if (row === undefined) throw new Error(`tank ${tankId} has no revision ${revision}`)
    return toRevision(row).plan
  },
  newest: async (tankId: string): Promise<StoredRevision | null> => {
    const row = await db<PlanRow>('plan_revision').where({ tank_id: tankId }).orderBy('revision', 'desc').first()
    return row ? toRevision(row) : null
  },
  first: async (tankId: string): Promise<StoredRevision | null> => {
    const row = await db<PlanRow>('plan_revision').where({ tank_id: tankId, revision: 1 }).first()
    return row ? toRevision(row) : null
  },
  add: async (tankId: string, revision: NewRevision): Promise<void> => {
    await db<PlanRow>('plan_revision').insert({
      tank_id: tankId,
      revision: revision.revision,
      created_at: revision.createdAt,
      effective_on: revision.effectiveOn,
      schema_version: revision.plan.schemaVersion,
      document: JSON.stringify(revision.plan),
      edits: JSON.stringify(revision.edits),
      act: revision.act,
      of_revision: revision.ofRevision,
    })
  },
})
