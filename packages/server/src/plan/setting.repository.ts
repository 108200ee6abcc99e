import type { SettingChange } from '@jovrin/core'
import type { Knex } from 'knex'

interface SettingRow {
  id: string
  tank_id: string
  effective_on: string
  path: string
  from_value: string
  to_value: string
  plan_revision: number
  why: string | null
}
const toChange = (row: SettingRow): SettingChange => ({
  id: row.id,
  effectiveOn: row.effective_on,
  path: row.path,
  from: JSON.parse(row.from_value) as unknown,
  to: JSON.parse(row.to_value) as unknown,
  planRevision: row.plan_revision,
  why: row.why,
})

export const settingRepository = (db: Knex) => ({
  /** In the order they were made, of all revisions; which of them stand, their history says. */
  ofTank: async (tankId: string): Promise<SettingChange[]> =>
    (await db<SettingRow>('setting_change').where({ tank_id: tankId }).orderBy('plan_revision').orderByRaw('rowid')).map(toChange),
  add: async (tankId: string, change: SettingChange): Promise<void> => {
    await db<SettingRow>('setting_change').insert({
      id: change.id,
      tank_id: tankId,
      effective_on: change.effectiveOn,
      path: change.path,
      from_value: JSON.stringify(change.from ?? null),
      to_value: JSON.stringify(change.to ?? null),
      plan_revision: change.planRevision,
      why: change.why,
    })
  },
})
