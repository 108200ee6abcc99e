import type { Knex } from 'knex'

export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('tank', (table) => {
    table.text('id').primary()
    table.text('created_at').notNullable()
    table.text('deleted_at')
  })
  await db.schema.createTable('plan_revision', (table) => {
    table.text('tank_id').notNullable().references('id').inTable('tank')
    table.integer('revision').notNullable()
    table.text('created_at').notNullable()
    // Civil date from which the settings hold; null corrects what was described before.
    table.text('effective_on')
    table.integer('schema_version').notNullable()
    table.text('document').notNullable()
    // What changed against the revision before, as invertible edits.
    table.text('edits').notNullable()
    // `edit`, `undo` or `redo`; the last two name their revision.
    table.text('act').notNullable()
    table.integer('of_revision')
    table.primary(['tank_id', 'revision'])
  })
  await db.schema.createTable('lever_draft', (table) => {
    table.text('tank_id').primary().references('id').inTable('tank')
    table.text('document').notNullable()
    table.text('updated_at').notNullable()
  })
}
