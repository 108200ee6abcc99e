import { existsSync, mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs'
import { join, resolve } from 'node:path'
import { civilDate, datedPlans, datePlusDays, daysBetween, uuidV7, withValue, plannedLife, type Plan, type Reading } from '@jovrin/core'
import { startWords, JobRecordSchema, JournalRecordSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import { clockFrom } from '../../packages/server/src/clock.js'
import { openDatabase } from '../../packages/server/src/db/connection.js'
import { tankService } from '../../packages/server/src/tank/tank.service.js'
import { jobRepository } from '../../packages/server/src/job/job.repository.js'
import { journalRepository } from '../../packages/server/src/journal/journal.repository.js'
import { developer } from '../../packages/server/src/photo/developer.js'
import { photoService } from '../../packages/server/src/photo/photo.service.js'
import { planService } from '../../packages/server/src/plan/plan.service.js'
import { liveThrough } from './life.js'
import { tankPicture } from './pictures.js'
import { withLayout, withMap } from './maps.js'
import { keepPlants } from './plants.js'
import { DEMO_TANKS, startOf, type DemoTank } from './tanks.js'

/** A folder with this file belongs to the demo and is emptied at each start; no other folder is ever touched. */
const MARK = 'jovrin-demo-folder'

function freshFolder(folder: string): void {
  if (existsSync(folder) && readdirSync(folder).length > 0) {
    if (!existsSync(join(folder, MARK))) throw new Error(startWords.notDemoFolder(folder))
    rmSync(folder, { recursive: true })
  }
  mkdirSync(folder, { recursive: true })
  writeFileSync(join(folder, MARK), '')
}

const NAMES = ['front desk', 'tank-side phone', 'R. K.']
/** Days of the river's age on which the same-spot picture was taken, and how full the planting was. */
const PICTURES = [
  { day: 3, fullness: 0.08, caption: 'Three days after planting' },
  { day: 24, fullness: 0.4, caption: null },
  { day: 45, fullness: 0.75, caption: 'Before the first trim of the back' },
  { day: 62, fullness: 0.95, caption: null },
] as const

async function seed(folder: string): Promise<void> {
  freshFolder(folder)
  const clock = clockFrom(process.env['JOVRIN_NOW'])
  const db = await openDatabase(folder)
  try {
    const today = civilDate(clock(), 'Europe/Berlin')
    for (const [stream, tank] of DEMO_TANKS.entries()) {
      const plan = await settle(db, clock, tank, today)
      await live(db, clock().toISOString(), tank, plan, today, stream)
    }
    await takePictures(db, clock, folder, today)
    await keepPlants(
      db,
      today,
      DEMO_TANKS.map(({ id }) => id),
    )
  } finally {
    await db.destroy()
  }
}

/** Puts a tank on the shelf as it was first described, then its settings one by one. */
async function settle(
  db: Knex,
  clock: () => Date,
  { id, age, plan, map = [], layout, spots = [], changes }: DemoTank,
  today: string,
): Promise<Plan> {
  const described = plan(startOf(today, age))
  const newest = layout === undefined ? withMap(described, map, spots) : withLayout(described, layout)
  // Taken back from the last to the first, each change says what held before it.
  let before = newest
  const steps = [...changes].reverse().map((step) => {
    const after = before
    before = withValue(before, step.path, step.before)
    return { ...step, after }
  })
  await tankService(db, () => new Date(`${newest.startedOn}T09:00:00Z`)).add({ id, plan: before })
  const plans = planService(db, clock)
  for (const [index, { day, why, after }] of steps.reverse().entries())
    await plans.put(id, index + 1, after, datePlusDays(newest.startedOn, day), why)
  return newest
}

async function live(db: Knex, createdAt: string, tank: DemoTank, plan: Plan, today: string, stream: number): Promise<void> {
  const { id: tankId, plants = [], onCylinder = 1 } = tank
  const settings = await planService(db, () => new Date(createdAt)).settings(tankId)
  const dated = datedPlans(plan, settings).map(({ from, plan: then }) => ({ fromDay: daysBetween(plan.startedOn, from), plan: then }))
  const { timeline } = plannedLife(dated, { today: daysBetween(plan.startedOn, today), animalsAllowedFromDay: null })
  const { records, jobs } = liveThrough({ timeline, today, stream, names: NAMES, plants, onCylinder })
  await db.transaction(async (trx) => {
    const journal = journalRepository(trx)
    const checked = records.map((record) => JournalRecordSchema.parse(record))
    await journal.addReadings(
      tankId,
      checked.filter((record): record is Reading => record.kind === 'reading'),
      createdAt,
    )
    for (const record of checked) if (record.kind !== 'reading') await journal.add(tankId, record, createdAt)
    for (const job of jobs) await jobRepository(trx).put(tankId, JobRecordSchema.parse(job))
  })
}

async function takePictures(db: Knex, clock: () => Date, folder: string, today: string): Promise<void> {
  const [river] = DEMO_TANKS
  if (river === undefined) return
  const pictures = developer()
  const photos = photoService(db, clock, folder, pictures)
  for (const [index, { day, fullness, caption }] of PICTURES.entries()) {
    const at = `${datePlusDays(startOf(today, river.age), day)}T15:${10 + index}:00.000Z`
    const { sha256, widthPx, heightPx } = await photos.keep(await tankPicture(fullness, at), 'UTC')
    const id = uuidV7(
      Date.parse(at),
      Uint8Array.from({ length: 16 }, (_, place) => place * 7 + index),
    )
    await journalRepository(db).add(
      river.id,
      JournalRecordSchema.parse({
        id,
        kind: 'photo',
        at,
        recordedBy: 'tank-side phone',
        note: caption,
        sha256,
        widthPx,
        heightPx,
        spot: 'front',
      }),
      at,
    )
  }
  pictures.close()
}

seed(resolve(process.env['JOVRIN_DATA'] ?? '.demo')).catch((error: unknown) => {
  console.error(error instanceof Error ? error.message : error)
  process.exit(1)
})
