import { randomBytes } from 'node:crypto'
import { diff, uuidV7, type JournalRecord, type Reading } from '@jovrin/core'
import { enRefusal, enRefused, leversOf, TANK_FILE_FORMAT, TankFile, TankFileHead, type TankImportReport } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { jobRepository } from '../job/job.repository.js'
import { journalRepository } from '../journal/journal.repository.js'
import { leverRepository } from '../levers/lever.repository.js'
import { photoRepository } from '../photo/photo.repository.js'
import { upgradeBody } from '../plan/upgradeBody.js'
import { planRepository } from '../plan/plan.repository.js'
import { settingRepository } from '../plan/setting.repository.js'
import { tankRepository } from '../tank/tank.repository.js'
import { VERSION } from '../version.js'

export const tankFileService = (db: Knex, clock: Clock) => {
  const fileOf = async (on: Knex, tankId: string): Promise<TankFile> => {
    const tank = await tankRepository(on).one(tankId)
    if (tank === null) throw new Refusal(404, 'no_such_tank', enRefusal.noSuchTank)
    return {
      format: 'jovrin-tank',
      formatVersion: TANK_FILE_FORMAT,
      writtenAt: clock().toISOString(),
      writtenBy: VERSION,
      tank: { id: tank.id, createdAt: tank.createdAt },
      revisions: (await planRepository(on).ofTank(tankId)).map(({ revision, createdAt, effectiveOn, plan, act, ofRevision }) => ({
        revision,
        createdAt,
        effectiveOn,
        plan,
        act,
        ofRevision,
      })),
      settings: await settingRepository(on).ofTank(tankId),
      levers: await leverRepository(on).ofTank(tankId),
      journal: await journalRepository(on).all(tankId),
      jobs: await jobRepository(on).ofTank(tankId),
    }
  }
  return {
    of: (tankId: string): Promise<TankFile> => fileOf(db, tankId),

    /** All or nothing. `copy` gives tank and records ids of their own. */
    take: (body: unknown, as: 'same' | 'copy', isDry: boolean): Promise<TankImportReport> => {
      const head = TankFileHead.safeParse(body)
      if (!head.success) throw new Refusal(422, 'other_file', enRefused.notTankFile)
      if (head.data.formatVersion > TANK_FILE_FORMAT)
        throw new Refusal(422, 'newer_file', enRefusal.newerFile(String(head.data.formatVersion)))
      const given = TankFile.parse(withUpgradedPlans(body))
      const file = as === 'copy' ? withNewIds(given, clock) : given
      const known = new Set(file.revisions.map(({ revision }) => revision))
      if (
        file.settings.some(({ planRevision }) => !known.has(planRevision)) ||
        file.revisions.some(({ ofRevision }) => ofRevision !== null && !known.has(ofRevision))
      )
        throw new Refusal(422, 'broken_file', enRefusal.danglingRevision)
      return db.transaction(async (trx) => {
        if (await tankRepository(trx).isTaken(file.tank.id)) throw new Refusal(409, 'id_taken', enRefusal.tankTaken)
        const taken = await journalRepository(trx).takenIds(file.journal.map(({ id }) => id))
        const clash = file.journal.findIndex(({ id }) => taken.has(id))
        if (clash >= 0) throw new Refusal(409, 'id_taken', enRefusal.recordTaken(String(clash + 1)))
        const photosMissing = await missingPhotos(trx, file.journal)
        if (!isDry) await keep(trx, file)
        return {
          tankId: file.tank.id,
          name: file.revisions.at(-1)?.plan.name ?? '',
          isKept: !isDry,
          revisions: file.revisions.length,
          records: file.journal.length,
          jobs: file.jobs.length,
          photosMissing,
        }
      })
    },
  }
}
/** Files of older versions hold older plans. */
function withUpgradedPlans(body: unknown): unknown {
  const revisions = (body as { revisions?: unknown }).revisions
  return Array.isArray(revisions) ? { ...(body as object), revisions: revisions.map(upgradeBody) } : body
}
export type TankFileService = ReturnType<typeof tankFileService>

async function keep(trx: Knex, file: TankFile): Promise<void> {
  const { id, createdAt } = file.tank
  await tankRepository(trx).add(id, createdAt)
  for (const [index, revision] of file.revisions.entries())
    await planRepository(trx).add(id, { ...revision, edits: diff(file.revisions[index - 1]?.plan ?? revision.plan, revision.plan) })
  for (const change of file.settings) await settingRepository(trx).add(id, change)
  await leverRepository(trx).put(id, leversOf(file.levers), createdAt)
  const readings = file.journal.filter((record): record is Reading => record.kind === 'reading')
  await journalRepository(trx).addReadings(id, readings, createdAt)
  for (const record of file.journal) if (record.kind !== 'reading') await journalRepository(trx).add(id, record, createdAt)
  for (const job of file.jobs) await jobRepository(trx).put(id, job)
}

async function missingPhotos(trx: Knex, journal: readonly JournalRecord[]): Promise<number> {
  let missing = 0
  for (const record of journal) if (record.kind === 'photo' && (await photoRepository(trx).one(record.sha256)) === null) missing++
  return missing
}

function withNewIds(file: TankFile, clock: Clock): TankFile {
  const fresh = new Map<string, string>()
  const idFor = (old: string, at: string): string => {
    const known = fresh.get(old) ?? uuidV7(Date.parse(at), randomBytes(16))
    fresh.set(old, known)
    return known
  }
  return {
    ...file,
    tank: { ...file.tank, id: uuidV7(clock().getTime(), randomBytes(16)) },
    settings: file.settings.map((change) => ({ ...change, id: idFor(change.id, `${change.effectiveOn}T00:00:00Z`) })),
    journal: file.journal.map((record) => ({
      ...record,
      id: idFor(record.id, record.at),
      ...(record.kind === 'reading' && record.eventId !== null ? { eventId: idFor(record.eventId, record.at) } : {}),
    })),
  }
}
