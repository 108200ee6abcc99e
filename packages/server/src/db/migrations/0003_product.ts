import type { Knex } from 'knex'

export async function up(db: Knex): Promise<void> {
  await db.schema.createTable('product', (table) => {
    table.text('id').primary()
    table.text('document').notNullable()
    table.text('changed_at').notNullable()
  })
}
