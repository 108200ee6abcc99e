import type { Knex } from 'knex'

export async function up(db: Knex): Promise<void> {
  // Plants of the grower's own, and what the grower says of plants that the library knows.
  await db.schema.createTable('plant', (table) => {
    table.text('id').primary()
    table.text('document').notNullable()
    table.text('changed_at').notNullable()
  })
  await db.schema.createTable('plant_note', (table) => {
    table.text('id').primary()
    table.text('plant_id').notNullable()
    table.text('tank_id').references('id').inTable('tank')
    table.text('document').notNullable()
    table.text('changed_at').notNullable()
    table.index(['plant_id'])
    table.index(['tank_id'])
  })
}
