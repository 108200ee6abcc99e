import { upgradePlan, type Plan } from '@jovrin/core'
import { PlanSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Shelf } from '../db/shelf.js'
import { storedPlan } from './storedPlan.js'
import { revisionRow, type NewRevision, type StoredRevision } from './rows.js'

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
/** What a revision did, without the plan that it holds. */
export type RevisionAct = Pick<StoredRevision, 'revision' | 'act'>

/** A stored revision; its plan is `null` when it can no longer be read. */
export type FoundRevision = Omit<StoredRevision, 'plan'> & { readonly plan: Plan | null }

export const PLAN_SHELF: Shelf<PlanRow> = {
  table: 'plan_revision',
  what: 'plan',
  schema: PlanSchema,
  stored: ({ document }) => upgradePlan(JSON.parse(document)),
  name: ({ tank_id, revision }) => ({ tankId: tank_id, id: String(revision) }),
}
const toRevision = (row: PlanRow): FoundRevision => ({
  revision: row.revision,
  createdAt: row.created_at,
  effectiveOn: row.effective_on,
  plan: storedPlan(row.document),
  act: row.act,
  ofRevision: row.of_revision,
})

export const planRepository = (db: Knex) => {
  const ofTank = (tankId: string) => db<PlanRow>('plan_revision').where({ tank_id: tankId })
  return {
    /** So many revisions after one, oldest first. */
    after: async (tankId: string, revision: number, limit: number): Promise<FoundRevision[]> =>
      (await ofTank(tankId).where('revision', '>', revision).orderBy('revision').limit(limit)).map(toRevision),
    /** What became of a tank's plan, oldest first. No stored plan is read for it: an index holds all that is asked. */
    actsOf: (tankId: string): Promise<RevisionAct[]> => ofTank(tankId).orderBy('revision').select('revision', 'act'),
    /** `null`: it can no longer be read. */
    planAt: async (tankId: string, revision: number): Promise<Plan | null> => {
      const row = await ofTank(tankId).where({ revision }).first()
      return row === undefined ? null : toRevision(row).plan
    },
    /** The newest revision, with the newest plan that can be read; `null` where there is none. */
    newest: async (tankId: string): Promise<StoredRevision | null> => {
      let newest: FoundRevision | null = null
      let before = Number.MAX_SAFE_INTEGER
      for (;;) {
        const row = await ofTank(tankId).where('revision', '<', before).orderBy('revision', 'desc').first()
        if (row === undefined) return null
        const found = toRevision(row)
        newest ??= found
        if (found.plan !== null) return { ...newest, plan: found.plan }
        before = row.revision
      }
    },
    add: async (tankId: string, revision: NewRevision): Promise<void> => {
      await db<PlanRow>('plan_revision').insert({ tank_id: tankId, ...revisionRow(revision) })
    },
  }
}
