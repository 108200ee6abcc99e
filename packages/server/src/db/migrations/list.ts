import type { Knex } from 'knex'
import * as tank from './0001_tank.js'
import * as journal from './0002_journal.js'
import * as product from './0003_product.js'
import * as hardened from './0004_hardened.js'
import * as species from './0005_species.js'

/** Forwards only, in this order, never edited once released. Listed in code so that source, tests and build run the same ones. */
const MIGRATIONS: Readonly<Record<string, Pick<Knex.Migration, 'up'>>> = {
  '0001_tank': tank,
  '0002_journal': journal,
  '0003_product': product,
  '0004_hardened': hardened,
  '0005_species': species,
}
export const migrationNames = Object.keys(MIGRATIONS)

export class MigrationList implements Knex.MigrationSource<string> {
  getMigrations(): Promise<string[]> {
    return Promise.resolve(migrationNames)
  }
  getMigrationName(name: string): string {
    return name
  }
  getMigration(name: string): Promise<Knex.Migration> {
    const migration = MIGRATIONS[name]
    if (!migration) return Promise.reject(new Error(`no migration ${name}`))
    return Promise.resolve({ ...migration, down: () => Promise.reject(new Error('migrations only go forwards')) })
  }
}
