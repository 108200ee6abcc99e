import type { JobRecord } from '@jovrin/core'
import { JobRecordSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import { readablesInTurns } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'
import { jobRow } from './jobRow.js'

interface JobRow {
  tank_id: string
  rule_id: string
  due_on: string
  state: JobRecord['state']
  moved_to: string | null
  reason: string | null
  at: string
  recorded_by: string | null
}
const toRecord = (row: JobRow): JobRecord => ({
  ruleId: row.rule_id,
  dueOn: row.due_on,
  state: row.state,
  movedTo: row.moved_to,
  reason: row.reason,
  at: row.at,
  recordedBy: row.recorded_by,
})

export const JOB_SHELF: Shelf<JobRow> = {
  table: 'job_record',
  what: 'job',
  schema: JobRecordSchema,
  stored: toRecord,
  name: ({ tank_id, rule_id, due_on }) => ({ tankId: tank_id, id: `${rule_id} ${due_on}` }),
}

export const jobRepository = (db: Knex) => ({
  ofTank: async (tankId: string): Promise<JobRecord[]> =>
    readablesInTurns(JobRecordSchema, await db<JobRow>('job_record').where({ tank_id: tankId }).orderBy(['due_on', 'rule_id']), toRecord),
  one: async (tankId: string, ruleId: string, dueOn: string): Promise<JobRecord | null> => {
    const row = await db<JobRow>('job_record').where({ tank_id: tankId, rule_id: ruleId, due_on: dueOn }).first()
    return row ? toRecord(row) : null
  },
  put: async (tankId: string, record: JobRecord): Promise<void> => {
    await db<JobRow>('job_record')
      .insert({ tank_id: tankId, ...jobRow(record) })
      .onConflict(['tank_id', 'rule_id', 'due_on'])
      .merge()
  },
  remove: async (tankId: string, ruleId: string, dueOn: string): Promise<void> => {
    await db<JobRow>('job_record').where({ tank_id: tankId, rule_id: ruleId, due_on: dueOn }).delete()
  },
})
