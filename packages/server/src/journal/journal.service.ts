import type { JournalRecord, ReadingQuantity, Weighing } from '@jovrin/core'
import { refusalWords, type JournalEntry, type JournalPage, type JournalQuery, type ReadingSeries } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { journalRepository, type Span } from './journal.repository.js'

/** Whether a picture is stored; the journal only names it. */
export type KnowsPhoto = (db: Knex, sha256: string) => Promise<boolean>

export const journalService = (db: Knex, clock: Clock, knowsPhoto: KnowsPhoto) => {
  const known = async (on: Knex, tankId: string, id: string): Promise<JournalEntry> => {
    const stored = await journalRepository(on).one(id)
    if (stored === null || stored.tankId !== tankId) throw new Refusal(404, 'no_such_record', refusalWords.noSuchRecord)
    if (stored.entry === null) throw new Refusal(409, 'unreadable', refusalWords.unreadableRecord)
    return stored.entry
  }
  const unchanged = (entry: JournalEntry, expected: number): void => {
    if (entry.version !== expected) throw new Refusal(412, 'stale', refusalWords.staleRecord)
  }
  const requirePhoto = async (on: Knex, record: JournalRecord): Promise<void> => {
    if (record.kind === 'photo' && !(await knowsPhoto(on, record.sha256))) throw new Refusal(409, 'no_such_photo', refusalWords.noSuchPhoto)
  }
  return {
    page: async (tankId: string, query: JournalQuery): Promise<JournalPage> => {
      const [at, id] = query.before?.split('|') ?? []
      const entries = await journalRepository(db).find(tankId, {
        ...query,
        limit: query.limit + 1,
        before: at !== undefined && id !== undefined ? { at, id } : undefined,
      })
      const page = entries.slice(0, query.limit)
      const last = page.at(-1)
      return { entries: page, cursor: entries.length > query.limit && last ? `${last.record.at}|${last.record.id}` : null }
    },

    /** Idempotent: the same body again is the same record; another body under its id is refused. */
    add: (tankId: string, record: JournalRecord): Promise<{ entry: JournalEntry; isNew: boolean }> =>
      db.transaction(async (trx) => {
        const journal = journalRepository(trx)
        const stored = await journal.one(record.id)
        if (stored !== null) {
          if (stored.entry === null || stored.tankId !== tankId || !isSame(stored.entry, record))
            throw new Refusal(409, 'id_taken', refusalWords.otherBody)
          return { entry: stored.entry, isNew: false }
        }
        await requirePhoto(trx, record)
        const createdAt = clock().toISOString()
        await journal.add(tankId, record, createdAt)
        return { entry: { record, version: 1, createdAt, isDeleted: false }, isNew: true }
      }),

    change: (tankId: string, id: string, expected: number, record: JournalRecord): Promise<JournalEntry> =>
      db.transaction(async (trx) => {
        const entry = await known(trx, tankId, id)
        unchanged(entry, expected)
        if (record.id !== id || record.kind !== entry.record.kind) throw new Refusal(409, 'other_record', refusalWords.otherKind)
        await requirePhoto(trx, record)
        await journalRepository(trx).change(record, expected + 1)
        return { ...entry, record, version: expected + 1 }
      }),

    /** Marked as deleted, not destroyed; `restore` is its undo. */
    setDeleted: (tankId: string, id: string, expected: number, isDeleted: boolean): Promise<JournalEntry> =>
      db.transaction(async (trx) => {
        const entry = await known(trx, tankId, id)
        unchanged(entry, expected)
        await journalRepository(trx).setDeleted(entry.record, expected + 1, isDeleted ? clock().toISOString() : null)
        return { ...entry, version: expected + 1, isDeleted }
      }),

    seriesJson: (tankId: string, quantity: ReadingQuantity): Promise<string> => journalRepository(db).seriesJson(tankId, quantity),
    /** Of the cylinder, oldest first. */
    weighings: async (tankId: string): Promise<Weighing[]> => {
      const { at, value } = JSON.parse(await journalRepository(db).seriesJson(tankId, 'cylinderMass')) as ReadingSeries
      return at.map((atMs, place) => ({ atMs, kg: value[place] ?? 0 }))
    },
    evidence: (tankId: string, span: Span): Promise<JournalRecord[]> => journalRepository(db).evidence(tankId, span),
    nitrogenTests: (tankId: string) => journalRepository(db).nitrogenTests(tankId),
    acts: (tankId: string) => journalRepository(db).acts(tankId),
    plants: (tankId: string) => journalRepository(db).plants(tankId),
    eventsSince: (tankId: string, since: string) => journalRepository(db).eventsSince(tankId, since),
    newestGlance: (tankId: string) => journalRepository(db).newestGlance(tankId),
  }
}
export type JournalService = ReturnType<typeof journalService>

/** Compared as the contract writes them: the order of fields says nothing. */
const isSame = (entry: JournalEntry, record: JournalRecord): boolean => ordered(entry.record) === ordered(record)
const ordered = (record: JournalRecord): string => JSON.stringify(Object.entries(record).sort(([a], [b]) => (a < b ? -1 : 1)))
