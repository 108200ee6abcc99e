import { setImmediate } from 'node:timers/promises'
import { refusalWords, leversOf, LeversSchema, type TankImportReport } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { allOrNothing } from '../db/allOrNothing.js'
import { insertJson } from '../db/insertJson.js'
import { takenPlaces } from '../db/takenPlaces.js'
import { Refusal } from '../http/refusal.js'
import { leverRepository } from '../levers/lever.repository.js'
import { sharedText } from '../longWork/sharedTexts.js'
import type { Work } from '../longWork/works.js'
import { calledOff } from '../longWork/calledOff.js'
import type { Workers } from '../longWork/workers.js'
import { photoRepository } from '../photo/photo.repository.js'
import { tankRepository } from '../tank/tank.repository.js'
import type { FiledTable, ReadTank } from './readTankFile.js'
import type { TankFileToRead } from './readTankFile.worker.js'

const READER = new URL('./readTankFile.worker.ts', import.meta.url)

export interface GivenTankFile {
  readonly bytes: Buffer
  readonly as: 'same' | 'copy'
  readonly isDry: boolean
  /** Pictures that come with it. */
  readonly brought?: readonly string[]
}

export const tankFileService = (db: Knex, clock: Clock, { threads }: Workers) => ({
  /** All or nothing. A dry run does the same and takes it back. */
  take: async ({ bytes, as, isDry, brought = [] }: GivenTankFile, work: Work): Promise<TankImportReport> => {
    const copy = new Uint8Array(bytes).buffer // a body may share its memory with others
    const task: TankFileToRead = { bytes: copy, as, now: clock().toISOString() }
    const file = await threads.run<ReadTank>(READER, task, work, [copy])
    return allOrNothing(db, async (trx) => {
      if (await tankRepository(trx).isTaken(file.id)) throw new Refusal(409, 'id_taken', refusalWords.tankTaken)
      const missing = await photoRepository(trx).missing(file.pictures)
      const photosMissing = missing.filter((sha256) => !brought.includes(sha256)).length
      await keep(trx, file, work)
      return { tankId: file.id, name: file.name, isKept: !isDry, ...file.counts, photosMissing }
    })
  },
})
export type TankFileService = ReturnType<typeof tankFileService>

/** What each table adds to the rows of a file. */
const SHARED: Readonly<Record<FiledTable, (file: ReadTank) => Readonly<Record<string, string | number>>>> = {
  plan_revision: ({ id }) => ({ tank_id: id }),
  setting_change: ({ id }) => ({ tank_id: id }),
  reading: ({ id, createdAt }) => ({ tank_id: id, version: 1, created_at: createdAt }),
  event: ({ id, createdAt }) => ({ tank_id: id, version: 1, created_at: createdAt }),
  job_record: ({ id }) => ({ tank_id: id }),
  plant_note: ({ id, createdAt }) => ({ tank_id: id, changed_at: createdAt }),
}

async function keep(trx: Knex, file: ReadTank, work: Work): Promise<void> {
  await tankRepository(trx).add(file.id, file.createdAt)
  await leverRepository(trx).put(file.id, leversOf(LeversSchema.parse(JSON.parse(file.levers))), file.createdAt)
  for (const [index, { table, columns }] of file.batches.entries()) {
    if (work.signal.aborted) throw calledOff()
    work.told({ done: index, of: file.batches.length })
    const rows = sharedText(file.rows, index)
    await requireFreeIds(trx, table, rows)
    await insertJson(trx, { table, columns, rows, shared: SHARED[table](file) })
    await setImmediate() // everybody else has a turn
  }
}

interface IdsInUse {
  /** Where an id may be in use; readings and events share theirs. */
  readonly tables: readonly FiledTable[]
  readonly taken: (place: string) => string
}
const JOURNAL: IdsInUse = { tables: ['reading', 'event'], taken: refusalWords.recordTaken }
/** Ids are of one record in the whole database. */
const IDS_IN_USE: Partial<Readonly<Record<FiledTable, IdsInUse>>> = {
  reading: JOURNAL,
  event: JOURNAL,
  setting_change: { tables: ['setting_change'], taken: refusalWords.settingTaken },
  plant_note: { tables: ['plant_note'], taken: refusalWords.noteTaken },
}
/** The file says which of its own is in use. */
async function requireFreeIds(trx: Knex, table: FiledTable, rows: string): Promise<void> {
  const inUse = IDS_IN_USE[table]
  if (inUse === undefined) return
  const [place] = await takenPlaces(trx, inUse.tables, rows)
  if (place !== undefined) throw new Refusal(409, 'id_taken', inUse.taken(String(place)))
}
