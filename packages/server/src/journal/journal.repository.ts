import { RECORD_KINDS, type JournalEvent, type JournalRecord, type Reading, type ReadingQuantity, type RecordKind } from '@jovrin/core'
import { type JournalEntry, JournalRecordSchema } from '@jovrin/contract'
import type { Knex } from 'knex'
import { inBatches, insertJson } from '../db/insertJson.js'
import { readable, readablesInTurns } from '../db/readable.js'
import type { Shelf } from '../db/shelf.js'
import { eventRow, readingRow } from './rows.js'

interface Kept {
  id: string
  tank_id: string
  note: string | null
  recorded_by: string | null
  version: number
  created_at: string
  deleted_at: string | null
}
interface ReadingRow extends Kept {
  taken_at: string
  quantity: ReadingQuantity
  value: number
  qualifier: Reading['qualifier']
  entered_text: string
  entered_unit: string
  basis: string | null
  method: string | null
  moment: Reading['moment']
  event_id: string | null
}
interface EventRow extends Kept {
  at: string
  kind: JournalEvent['kind']
  detail: string
}

const toReading = (row: ReadingRow) => ({
  kind: 'reading' as const,
  id: row.id,
  at: row.taken_at,
  recordedBy: row.recorded_by,
  note: row.note,
  quantity: row.quantity,
  value: row.value,
  qualifier: row.qualifier,
  enteredText: row.entered_text,
  enteredUnit: row.entered_unit,
  basis: row.basis,
  method: row.method,
  moment: row.moment,
  eventId: row.event_id,
})
// The shared fields have columns of their own.
const toEvent = (row: EventRow) => ({
  ...(JSON.parse(row.detail) as object),
  kind: row.kind,
  id: row.id,
  at: row.at,
  recordedBy: row.recorded_by,
  note: row.note,
})
const nameOf = ({ tank_id, id }: Kept) => ({ tankId: tank_id, id })
const OF_JOURNAL = { what: 'record', schema: JournalRecordSchema, name: nameOf } as const
export const READING_SHELF: Shelf<ReadingRow> = { ...OF_JOURNAL, table: 'reading', stored: toReading }
export const EVENT_SHELF: Shelf<EventRow> = { ...OF_JOURNAL, table: 'event', stored: toEvent }
const wrap = (row: Kept, record: JournalRecord): JournalEntry => ({
  record,
  version: row.version,
  createdAt: row.created_at,
  isDeleted: row.deleted_at !== null,
})
/** A record as it is kept; `null` when what is stored is none. */
const entryOf = <Row extends Kept>(row: Row, toRecord: (row: Row) => unknown): JournalEntry | null => {
  const record = readable(JournalRecordSchema, () => toRecord(row))
  return record === null ? null : wrap(row, record)
}
const recordsOf = <Row>(rows: readonly Row[], toRecord: (row: Row) => unknown): Promise<JournalRecord[]> =>
  readablesInTurns(JournalRecordSchema, rows, toRecord)
const eventsOf = async (rows: readonly EventRow[]): Promise<JournalEvent[]> =>
  (await recordsOf(rows, toEvent)).filter((record): record is JournalEvent => record.kind !== 'reading')
const readingsOf = async (rows: readonly ReadingRow[]): Promise<Reading[]> =>
  (await recordsOf(rows, toReading)).filter((record): record is Reading => record.kind === 'reading')

export interface JournalFilter {
  readonly from?: string | undefined
  readonly to?: string | undefined
  readonly kinds?: readonly RecordKind[] | undefined
  readonly quantity?: ReadingQuantity | undefined
  readonly q?: string | undefined
  readonly limit: number
  /** Only what stands before this place, newest first. */
  readonly before?: { readonly at: string; readonly id: string } | undefined
}
export interface StoredRecord {
  readonly tankId: string
  /** `null`: the id is in use, but what is stored under it can no longer be read. */
  readonly entry: JournalEntry | null
}

/** Place of a row in the journal, and the record that it holds. */
interface Placed {
  readonly at: string
  readonly id: string
  readonly entry: JournalEntry | null
}
const newestFirst = (a: Placed, b: Placed): number => (a.at === b.at ? (a.id < b.id ? 1 : -1) : a.at < b.at ? 1 : -1)

/** Instants, both included. */
export interface Span {
  readonly since: string
  readonly until: string
}

/** What of a file’s rows cannot be kept: which, and why. */
export interface Clash {
  /** Place in the list. */
  readonly place: number
  /** The same reading is here already. */
  readonly isHere: boolean
  /** Its id is in use for something else. */
  readonly isOther: boolean
}

export const journalRepository = (db: Knex) => {
  const readings = () => db<ReadingRow>('reading')
  const events = () => db<EventRow>('event')
  return {
    one: async (id: string): Promise<StoredRecord | null> => {
      const reading = await readings().where({ id }).first()
      if (reading) return { tankId: reading.tank_id, entry: entryOf(reading, toReading) }
      const event = await events().where({ id }).first()
      return event ? { tankId: event.tank_id, entry: entryOf(event, toEvent) } : null
    },

    add: async (tankId: string, record: JournalRecord, createdAt: string): Promise<void> => {
      const kept = { id: record.id, tank_id: tankId, version: 1, created_at: createdAt, deleted_at: null }
      if (record.kind === 'reading') await readings().insert({ ...kept, ...readingRow(record) })
      else await events().insert({ ...kept, ...eventRow(record) })
    },

    addReadings: async (tankId: string, records: readonly Reading[], createdAt: string): Promise<void> => {
      for (const batch of inBatches(records))
        await journalRepository(db).addReadingRows(
          tankId,
          JSON.stringify(batch.map((record) => ({ id: record.id, ...readingRow(record) }))),
          createdAt,
        )
    },
    /** Rows as `readingRow` writes them, in a JSON list, less those at some places. */
    addReadingRows: (tankId: string, rows: string, createdAt: string, leftOut: readonly number[] = []): Promise<void> =>
      insertJson(db, {
        table: 'reading',
        columns: READING_COLUMNS,
        rows,
        shared: { tank_id: tankId, version: 1, created_at: createdAt },
        leftOut,
      }),

    /** Rows of a JSON list that are here already, or whose id is in use. */
    clashes: async (tankId: string, rows: string): Promise<Clash[]> => {
      const found: { place: number; is_here: number; is_same: number; is_taken: number }[] = await db.raw(
        `SELECT * FROM (
           SELECT j.key AS place,
             EXISTS (SELECT 1 FROM reading r WHERE r.tank_id = ? AND r.deleted_at IS NULL AND r.quantity = ${given('quantity')}
               AND r.taken_at = ${given('taken_at')} AND r.qualifier = ${given('qualifier')} AND ${SAME_VALUE}) AS is_here,
             EXISTS (SELECT 1 FROM reading r WHERE r.id = ${given('id')} AND r.tank_id = ? AND r.deleted_at IS NULL AND r.quantity = ${given('quantity')}
               AND r.taken_at = ${given('taken_at')} AND r.qualifier = ${given('qualifier')} AND ${SAME_VALUE}) AS is_same,
             EXISTS (SELECT 1 FROM reading r WHERE r.id = ${given('id')}) OR EXISTS (SELECT 1 FROM event e WHERE e.id = ${given('id')}) AS is_taken
           FROM json_each(?) j
         ) WHERE is_here OR is_taken`,
        [tankId, tankId, rows],
      )
      return found.map(({ place, is_here, is_same, is_taken }) => ({
        place,
        isHere: is_here === 1,
        isOther: is_taken === 1 && is_same === 0,
      }))
    },

    change: async (record: JournalRecord, version: number): Promise<void> => {
      if (record.kind === 'reading')
        await readings()
          .where({ id: record.id })
          .update({ ...readingRow(record), version })
      else
        await events()
          .where({ id: record.id })
          .update({ ...eventRow(record), version })
    },

    setDeleted: async (record: JournalRecord, version: number, deletedAt: string | null): Promise<void> => {
      if (record.kind === 'reading') await readings().where({ id: record.id }).update({ deleted_at: deletedAt, version })
      else await events().where({ id: record.id }).update({ deleted_at: deletedAt, version })
    },

    /** Newest first, at most `limit`. */
    find: async (tankId: string, filter: JournalFilter): Promise<JournalEntry[]> => {
      const { from, to, q, limit, before, quantity } = filter
      const kinds = filter.kinds ?? (quantity === undefined ? RECORD_KINDS : (['reading'] as const))
      const narrow = (query: Knex.QueryBuilder, time: string, texts: readonly string[]): void => {
        void query.where('tank_id', tankId).whereNull('deleted_at')
        if (from !== undefined) void query.where(time, '>=', from)
        if (to !== undefined) void query.where(time, '<', to)
        if (before !== undefined)
          void query.where(
            (part) => void part.where(time, '<', before.at).orWhere((same) => void same.where(time, before.at).where('id', '<', before.id)),
          )
        // Wildcards of the query language are plain letters to the one who searches.
        if (q !== undefined && q !== '')
          void query.where((part) =>
            texts.forEach((column) => void part.orWhereRaw(`${column} LIKE ? ESCAPE '\\'`, [`%${q.replace(/[\\%_]/g, '\\$&')}%`])),
          )
        void query
          .orderBy([
            { column: time, order: 'desc' },
            { column: 'id', order: 'desc' },
          ])
          .limit(limit)
      }
      const found: Placed[] = []
      if (kinds.includes('reading')) {
        const query = quantity === undefined ? readings() : readings().where({ quantity })
        narrow(query, 'taken_at', ['note', 'quantity', 'entered_text', 'recorded_by', 'method'])
        found.push(...(await query).map((row) => ({ at: row.taken_at, id: row.id, entry: entryOf(row, toReading) })))
      }
      const eventKinds = kinds.filter((kind): kind is JournalEvent['kind'] => kind !== 'reading')
      if (eventKinds.length > 0 && quantity === undefined) {
        const query = events().whereIn('kind', eventKinds)
        narrow(query, 'at', ['note', 'detail', 'kind', 'recorded_by'])
        found.push(...(await query).map((row) => ({ at: row.at, id: row.id, entry: entryOf(row, toEvent) })))
      }
      const page = found.sort(newestFirst).slice(0, limit)
      const entries = page.flatMap(({ entry }) => entry ?? [])
      const last = page.at(-1)
      // Rows that cannot be read take no place on the page.
      if (last === undefined || page.length < limit || entries.length === limit) return entries
      return [...entries, ...(await journalRepository(db).find(tankId, { ...filter, limit: limit - entries.length, before: last }))]
    },

    /** Hashes of all pictures that a tank's records name, deleted records included. */
    pictures: async (tankId: string): Promise<string[]> => {
      const found: { sha256: string | null }[] = await db.raw(
        `SELECT DISTINCT json_extract(detail, '$.sha256') AS sha256 FROM event WHERE tank_id = ? AND kind = 'photo'`,
        [tankId],
      )
      return found.flatMap(({ sha256 }) => sha256 ?? [])
    },
    count: async (tankId: string): Promise<number> => {
      const [found]: { records: number }[] = await db.raw(
        `SELECT (SELECT count(*) FROM reading WHERE tank_id = :tankId AND deleted_at IS NULL)
              + (SELECT count(*) FROM event WHERE tank_id = :tankId AND deleted_at IS NULL) AS records`,
        { tankId },
      )
      return found?.records ?? 0
    },

    /** Everything that stands, oldest first: for files. */
    all: async (tankId: string): Promise<JournalRecord[]> => {
      const ofTank = { tank_id: tankId, deleted_at: null }
      const rows = [...(await readingsOf(await readings().where(ofTank))), ...(await eventsOf(await events().where(ofTank)))]
      return rows.sort((a, b) => (a.at === b.at ? (a.id < b.id ? -1 : 1) : a.at < b.at ? -1 : 1))
    },

    /** One quantity in columns, oldest first, as the JSON text of a `ReadingSeries`. SQLite writes it: a hundred thousand rows as objects would take longer than to draw them. */
    seriesJson: async (tankId: string, quantity: ReadingQuantity): Promise<string> => {
      const inOrder = db('reading')
        .where({ tank_id: tankId, quantity })
        .whereNull('deleted_at')
        .orderBy('taken_at')
        .select('taken_at', 'value', 'qualifier')
        .as('ordered')
      const columns: { at: string | null; value: string | null; qualifier: string | null } = await db
        .from(inOrder)
        .first(
          db.raw(
            `group_concat(CAST(round(unixepoch(taken_at, 'subsec') * 1000) AS INTEGER), ',') AS at, group_concat(value, ',') AS value, group_concat(qualifier, '') AS qualifier`,
          ),
        )
      return `{"quantity":${JSON.stringify(quantity)},"at":[${columns.at ?? ''}],"value":[${columns.value ?? ''}],"qualifier":${JSON.stringify(columns.qualifier ?? '')}}`
    },

    /** What the condition of a tank is judged by, within a span: of each quantity and moment the newest readings, of pH the highest as well; glances, signs, deaths. A probe's thousands stay where they are. */
    evidence: async (tankId: string, { since, until }: Span): Promise<JournalRecord[]> => {
      const ranked = readings()
        .where({ tank_id: tankId, deleted_at: null })
        .whereIn('quantity', JUDGED)
        .whereBetween('taken_at', [since, until])
        .select(
          '*',
          db.raw('row_number() OVER (PARTITION BY quantity, moment ORDER BY taken_at DESC) AS newest'),
          db.raw('row_number() OVER (PARTITION BY quantity, moment, substr(taken_at, 1, 10) ORDER BY value DESC) AS highest'),
        )
        .as('ranked')
      const rows: ReadingRow[] = await db
        .from(ranked)
        .where('newest', '<=', JUDGED_OF_EACH)
        .orWhere((ofPh) => void ofPh.where('quantity', 'pH').where('highest', 1))
      const told = await events()
        .where({ tank_id: tankId, deleted_at: null })
        .whereIn('kind', ['glance', 'sign', 'death'])
        .whereBetween('at', [since, until])
        .orderBy('at', 'desc')
        .limit(JUDGED_EVENTS)
      return [...(await readingsOf(rows)), ...(await eventsOf(told))]
    },

    nitrogenTests: async (tankId: string): Promise<Reading[]> =>
      readingsOf(
        await readings().where({ tank_id: tankId, deleted_at: null }).whereIn('quantity', ['ammonia', 'nitrite']).limit(NITROGEN_TESTS),
      ),

    /** Acts that move the model: changes, doses, trims, plants that come and go. */
    acts: async (tankId: string): Promise<JournalEvent[]> =>
      eventsOf(
        await events().where({ tank_id: tankId, deleted_at: null }).whereIn('kind', ['change', 'dose', 'trim', 'plants']).orderBy('at'),
      ),
    plants: async (tankId: string) =>
      (await eventsOf(await events().where({ tank_id: tankId, kind: 'plants', deleted_at: null }).orderBy('at'))).flatMap((event) =>
        event.kind === 'plants' ? [event] : [],
      ),
    eventsSince: async (tankId: string, since: string): Promise<JournalEvent[]> =>
      eventsOf(await events().where({ tank_id: tankId, deleted_at: null }).where('at', '>=', since).orderBy('at', 'desc')),
    newestGlance: async (tankId: string): Promise<string | null> =>
      (await events().where({ tank_id: tankId, kind: 'glance', deleted_at: null }).orderBy('at', 'desc').first())?.at ?? null,
  }
}

/** Quantities that gas, ammonia and nitrite are judged by. */
const JUDGED: readonly ReadingQuantity[] = ['pH', 'alkalinity', 'hardness', 'temperature', 'indicator', 'ammonia', 'nitrite']
/** Two tests at zero, and those of the same day beside them. */
const JUDGED_OF_EACH = 8
const JUDGED_EVENTS = 200
/** A year of tests twice a day. */
const NITROGEN_TESTS = 1500

const given = (column: string): string => `json_extract(j.value, '$.${column}')`
/** A value that another unit rounded is the same value. */
const SAME_VALUE = `abs(r.value - ${given('value')}) <= 1e-9 * abs(r.value)`
const READING_COLUMNS = [
  'id',
  'taken_at',
  'quantity',
  'value',
  'qualifier',
  'entered_text',
  'entered_unit',
  'basis',
  'method',
  'moment',
  'event_id',
  'note',
  'recorded_by',
] as const
