import { randomBytes } from 'node:crypto'
import { uuidV7 } from '@jovrin/core'
import type { Knex } from 'knex'

export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('reading', (table) => {
    table.text('id').primary()
    table.text('tank_id').notNullable().references('id').inTable('tank')
    table.text('taken_at').notNullable()
    table.text('quantity').notNullable()
    table.double('value').notNullable()
    table.text('qualifier').notNullable()
    // What the person typed, kept for ever beside the canonical value.
    table.text('entered_text').notNullable()
    table.text('entered_unit').notNullable()
    table.text('basis')
    table.text('method')
    table.text('moment')
    table.text('event_id')
    table.text('note')
    table.text('recorded_by')
    table.integer('version').notNullable()
    table.text('created_at').notNullable()
    table.text('deleted_at')
    table.index(['tank_id', 'taken_at'])
  })
  // Holds all that a chart draws, in the order it draws it: a series is read from here without touching the rows.
  await db.raw(
    'CREATE INDEX reading_series ON reading (tank_id, quantity, taken_at, value, qualifier, deleted_at) WHERE deleted_at IS NULL',
  )
  await db.schema.createTable('event', (table) => {
    table.text('id').primary()
    table.text('tank_id').notNullable().references('id').inTable('tank')
    table.text('at').notNullable()
    table.text('kind').notNullable()
    table.text('detail').notNullable()
    table.text('note')
    table.text('recorded_by')
    table.integer('version').notNullable()
    table.text('created_at').notNullable()
    table.text('deleted_at')
    table.index(['tank_id', 'at'])
  })
  await db.schema.createTable('job_record', (table) => {
    table.text('tank_id').notNullable().references('id').inTable('tank')
    table.text('rule_id').notNullable()
    table.text('due_on').notNullable()
    table.text('state').notNullable()
    table.text('moved_to')
    table.text('reason')
    table.text('at').notNullable()
    table.text('recorded_by')
    table.primary(['tank_id', 'rule_id', 'due_on'])
  })
  await db.schema.createTable('setting_change', (table) => {
    table.text('id').primary()
    table.text('tank_id').notNullable().references('id').inTable('tank')
    table.text('effective_on').notNullable()
    table.text('path').notNullable()
    table.text('from_value').notNullable()
    table.text('to_value').notNullable()
    table.integer('plan_revision').notNullable()
    table.text('why')
    table.index(['tank_id', 'plan_revision'])
  })
  await db.schema.createTable('kit', (table) => {
    table.text('quantity').primary()
    table.text('document').notNullable()
  })
  await db.schema.createTable('photo', (table) => {
    table.text('sha256').primary()
    table.integer('width_px').notNullable()
    table.integer('height_px').notNullable()
    table.text('taken_at')
    table.text('created_at').notNullable()
  })
  await adoptDatedRevisions(db)
}

/** Dated revisions of before become setting changes, so that no past is lost. */
async function adoptDatedRevisions(db: Knex): Promise<void> {
  const revisions = await db<{ tank_id: string; revision: number; created_at: string; effective_on: string | null; edits: string }>(
    'plan_revision',
  ).whereNotNull('effective_on')
  for (const { tank_id, revision, created_at, effective_on, edits } of revisions)
    for (const { path, from, to } of JSON.parse(edits) as { path: string; from?: unknown; to?: unknown }[])
      await db('setting_change').insert({
        id: uuidV7(Date.parse(created_at), randomBytes(16)),
        tank_id,
        effective_on,
        path,
        from_value: JSON.stringify(from ?? null),
        to_value: JSON.stringify(to ?? null),
        plan_revision: revision,
        why: null,
      })
}
