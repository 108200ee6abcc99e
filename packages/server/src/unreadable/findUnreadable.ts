import type { Unreadable } from '@jovrin/contract'
import type { Knex } from 'knex'
import { unreadableOn } from '../db/shelf.js'
import { JOB_SHELF } from '../job/job.repository.js'
import { EVENT_SHELF, READING_SHELF } from '../journal/journal.repository.js'
import { KIT_SHELF } from '../kit/kit.repository.js'
import { LEVER_SHELF } from '../levers/lever.repository.js'
import { PLAN_SHELF } from '../plan/plan.repository.js'
import { SETTING_SHELF } from '../plan/setting.repository.js'
import { PRODUCT_SHELF } from '../product/product.repository.js'
import { PLANT_SHELF } from '../species/plant.repository.js'
import { PLANT_NOTE_SHELF } from '../species/plantNote.repository.js'

/** Everything that is stored and not what it should be. */
export async function* findUnreadable(db: Knex): AsyncGenerator<Unreadable> {
  yield* unreadableOn(db, PLAN_SHELF)
  yield* unreadableOn(db, SETTING_SHELF)
  yield* unreadableOn(db, LEVER_SHELF)
  yield* unreadableOn(db, READING_SHELF)
  yield* unreadableOn(db, EVENT_SHELF)
  yield* unreadableOn(db, JOB_SHELF)
  yield* unreadableOn(db, KIT_SHELF)
  yield* unreadableOn(db, PRODUCT_SHELF)
  yield* unreadableOn(db, PLANT_SHELF)
  yield* unreadableOn(db, PLANT_NOTE_SHELF)
}
