import { randomBytes } from 'node:crypto'
import { diff, uuidV7 } from '@jovrin/core'
import { refusalWords, type ArchivedTank, type NewTank, type TankEntry, type Unreadable } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { journalRepository } from '../journal/journal.repository.js'
import { planRepository } from '../plan/plan.repository.js'
import { tankRepository, type StoredTank } from './tank.repository.js'

const newId = (now: number): string => uuidV7(now, randomBytes(16))
export const noSuchTank = (): Refusal => new Refusal(404, 'no_such_tank', refusalWords.noSuchTank)

export const tankService = (db: Knex, clock: Clock) => {
  const readableEntry = async (on: Knex, tank: StoredTank): Promise<TankEntry | null> => {
    const newest = await planRepository(on).newest(tank.id)
    if (newest === null) return null
    return { id: tank.id, createdAt: tank.createdAt, changedAt: newest.createdAt, revision: newest.revision, plan: newest.plan }
  }
  const entry = async (on: Knex, tank: StoredTank): Promise<TankEntry> => {
    const found = await readableEntry(on, tank)
    if (found === null) throw new Refusal(409, 'unreadable', refusalWords.unreadablePlan)
    return found
  }
  const one = async (on: Knex, id: string | null): Promise<StoredTank> => {
    const tank = id === null ? null : await tankRepository(on).one(id)
    if (tank !== null) return tank
    const isArchived = id !== null && (await tankRepository(on).isArchived(id))
    throw isArchived ? new Refusal(404, 'archived', refusalWords.archivedTank) : noSuchTank()
  }
  return {
    /** Every tank whose plan can be read; one that cannot keeps no other from the shelf. */
    all: async (): Promise<TankEntry[]> => {
      const entries: TankEntry[] = []
      for (const tank of await tankRepository(db).all()) {
        const found = await readableEntry(db, tank)
        if (found !== null) entries.push(found)
      }
      return entries
    },
    /** Tanks on the shelf whose plan cannot be read any more. */
    unreadable: async (): Promise<Unreadable[]> => {
      const found: Unreadable[] = []
      for (const tank of await tankRepository(db).all())
        if ((await readableEntry(db, tank)) === null)
          found.push({ what: 'plan', tankId: tank.id, id: tank.id, detail: refusalWords.unreadablePlan })
      return found
    },
    one: async (id: string | null): Promise<TankEntry> => entry(db, await one(db, id)),
    /** The id of a tank that is there; anything else is not found. */
    standing: async (id: string | null): Promise<string> => (await one(db, id)).id,
    /** Idempotent: the same body again is the same tank. */
    add: ({ id = newId(clock().getTime()), plan }: NewTank): Promise<{ tank: TankEntry; isNew: boolean }> =>
      db.transaction(async (trx) => {
        if (await tankRepository(trx).isTaken(id)) {
          const first = await planRepository(trx).planAt(id, 1)
          const tank = await tankRepository(trx).one(id)
          if (first === null || tank === null || diff(first, plan).length > 0) throw new Refusal(409, 'id_taken', refusalWords.otherBody)
          return { tank: await entry(trx, tank), isNew: false }
        }
        const createdAt = clock().toISOString()
        await tankRepository(trx).add(id, createdAt)
        await planRepository(trx).add(id, { revision: 1, createdAt, effectiveOn: null, plan, edits: [], act: 'edit', ofRevision: null })
        return { tank: { id, createdAt, changedAt: createdAt, revision: 1, plan }, isNew: true }
      }),
    archived: async (): Promise<ArchivedTank[]> => {
      const found: ArchivedTank[] = []
      for (const { id, archivedAt } of await tankRepository(db).archived()) {
        const plan = (await planRepository(db).newest(id))?.plan
        found.push({
          id,
          archivedAt,
          name: plan?.name ?? refusalWords.unreadableName,
          startedOn: plan?.startedOn ?? archivedAt.slice(0, 10),
          records: await journalRepository(db).count(id),
        })
      }
      return found
    },
    archive: async (id: string | null): Promise<void> => {
      const tank = await one(db, id)
      await tankRepository(db).setDeleted(tank.id, clock().toISOString())
    },
    restore: async (id: string | null): Promise<TankEntry> => {
      if (id === null || !(await tankRepository(db).setDeleted(id, null))) throw noSuchTank()
      return entry(db, await one(db, id))
    },
  }
}
export type TankService = ReturnType<typeof tankService>
