import type { Knex } from 'knex'

export async function up(db: Knex): Promise<void> {
  // Holds all that a plan's history asks: what became of it is told without walking the stored plans.
  await db.raw('CREATE INDEX plan_acts ON plan_revision (tank_id, revision, act)')
  // A table of readings once took a blank for who logged it; everywhere else a blank is nobody.
  await db('reading').whereRaw("trim(recorded_by) = ''").update({ recorded_by: null })
}
