import { upgradeSetting, type SettingChange } from '@jovrin/core'
import { SettingChangeSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import { readablesInTurns } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'
import { settingRow } from './rows.js'

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
const toChange = (row: SettingRow): SettingChange =>
  upgradeSetting({
    id: row.id,
    effectiveOn: row.effective_on,
    path: row.path,
    from: JSON.parse(row.from_value) as unknown,
    to: JSON.parse(row.to_value) as unknown,
    planRevision: row.plan_revision,
    why: row.why,
  })

export const SETTING_SHELF: Shelf<SettingRow> = {
  table: 'setting_change',
  what: 'setting',
  schema: SettingChangeSchema,
  stored: toChange,
  name: ({ tank_id, id }) => ({ tankId: tank_id, id }),
}

export const settingRepository = (db: Knex) => ({
  /** In the order they were made, of all revisions; which of them stand, their history says. */
  ofTank: async (tankId: string): Promise<SettingChange[]> =>
    readablesInTurns(
      SettingChangeSchema,
      await db<SettingRow>('setting_change').where({ tank_id: tankId }).orderBy('plan_revision').orderByRaw('rowid'),
      toChange,
    ),
  count: async (tankId: string): Promise<number> =>
    Number((await db<SettingRow>('setting_change').where({ tank_id: tankId }).count({ n: '*' }))[0]?.['n'] ?? 0),
  remove: async (tankId: string, ids: readonly string[]): Promise<void> => {
    for (const id of ids) await db<SettingRow>('setting_change').where({ tank_id: tankId, id }).delete()
  },
  add: async (tankId: string, change: SettingChange): Promise<void> => {
    await db<SettingRow>('setting_change').insert({ tank_id: tankId, ...settingRow(change) })
  },
})
