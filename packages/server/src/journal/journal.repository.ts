import { RECORD_KINDS, type JournalEvent, type JournalRecord, type Reading, type ReadingQuantity, type RecordKind } from '@jovrin/core'
import type { JournalEntry } from '@jovrin/contract'
import type { Knex } from 'knex'

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

const wrap = (row: Kept, record: JournalRecord): JournalEntry => ({
  record,
  version: row.version,
  createdAt: row.created_at,
  isDeleted: row.deleted_at !== null,
})
const toReading = (row: ReadingRow): Reading => ({
  kind: 'reading',
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
// The detail was checked by the contract when it was stored; the shared fields have columns of their own.
const toEvent = (row: EventRow): JournalEvent =>
  ({
    ...(JSON.parse(row.detail) as object),
    kind: row.kind,
    id: row.id,
    at: row.at,
    recordedBy: row.recorded_by,
    note: row.note,
  }) as JournalEvent

const readingRow = (record: Reading) => ({
  taken_at: record.at,
  quantity: record.quantity,
  value: record.value,
  qualifier: record.qualifier,
  entered_text: record.enteredText,
  entered_unit: record.enteredUnit,
  basis: record.basis,
  method: record.method,
  moment: record.moment,
  event_id: record.eventId,
  note: record.note,
  recorded_by: record.recordedBy,
})
const eventRow = ({ id: _id, kind, at, recordedBy, note, ...detail }: JournalEvent) => ({
  at,
  kind,
  detail: JSON.stringify(detail),
  note,
  recorded_by: recordedBy,
})

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
  readonly entry: JournalEntry
}

const newestFirst = (a: JournalEntry, b: JournalEntry): number =>
  a.record.at === b.record.at ? (a.record.id < b.record.id ? 1 : -1) : a.record.at < b.record.at ? 1 : -1

export const journalRepository = (db: Knex) => {
  const readings = () => db<ReadingRow>('reading')
  const events = () => db<EventRow>('event')
  return {
    one: async (id: string): Promise<StoredRecord | null> => {
      const reading = await readings().where({ id }).first()
      if (reading) return { tankId: reading.tank_id, entry: wrap(reading, toReading(reading)) }
      const event = await events().where({ id }).first()
      return event ? { tankId: event.tank_id, entry: wrap(event, toEvent(event)) } : null
    },

    add: async (tankId: string, record: JournalRecord, createdAt: string): Promise<void> => {
      const kept = { id: record.id, tank_id: tankId, version: 1, created_at: createdAt, deleted_at: null }
      if (record.kind === 'reading') await readings().insert({ ...kept, ...readingRow(record) })
      else await events().insert({ ...kept, ...eventRow(record) })
    },

    /** Many at once, as SQLite reads them from one text: a statement with thousands of bound values would take ten times as long. */
    addReadings: async (tankId: string, records: readonly Reading[], createdAt: string): Promise<void> => {
      for (let at = 0; at < records.length; at += RECORDS_PER_INSERT) {
        const rows = records
          .slice(at, at + RECORDS_PER_INSERT)
          .map((record) => ({ id: record.id, tank_id: tankId, version: 1, created_at: createdAt, ...readingRow(record) }))
        const columns = Object.keys(rows[0] ?? {})
        const picked = columns.map((column) => `json_extract(value, '$.${column}')`).join(', ')
        await db.raw(`INSERT INTO reading (${columns.join(', ')}) SELECT ${picked} FROM json_each(?)`, [JSON.stringify(rows)])
      }
    },

    /** Which of these ids are in use, by any tank. */
    takenIds: async (ids: readonly string[]): Promise<Set<string>> => {
      const taken = new Set<string>()
      for (let at = 0; at < ids.length; at += IDS_PER_QUERY) {
        const part = ids.slice(at, at + IDS_PER_QUERY)
        for (const { id } of [...(await readings().whereIn('id', part).select('id')), ...(await events().whereIn('id', part).select('id'))])
          taken.add(id)
      }
      return taken
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
      const found: JournalEntry[] = []
      if (kinds.includes('reading')) {
        const query = quantity === undefined ? readings() : readings().where({ quantity })
        narrow(query, 'taken_at', ['note', 'quantity', 'entered_text', 'recorded_by', 'method'])
        found.push(...(await query).map((row) => wrap(row, toReading(row))))
      }
      const eventKinds = kinds.filter((kind): kind is JournalEvent['kind'] => kind !== 'reading')
      if (eventKinds.length > 0 && quantity === undefined) {
        const query = events().whereIn('kind', eventKinds)
        narrow(query, 'at', ['note', 'detail', 'kind', 'recorded_by'])
        found.push(...(await query).map((row) => wrap(row, toEvent(row))))
      }
      return found.sort(newestFirst).slice(0, limit)
    },

    /** Everything that stands, oldest first: for files. */
    all: async (tankId: string): Promise<JournalRecord[]> => {
      const ofTank = { tank_id: tankId, deleted_at: null }
      const rows = [...(await readings().where(ofTank)).map(toReading), ...(await events().where(ofTank)).map(toEvent)]
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

    newestReadings: async (tankId: string, since: string): Promise<Reading[]> =>
      (await readings().where({ tank_id: tankId, deleted_at: null }).where('taken_at', '>=', since).orderBy('taken_at')).map(toReading),

    /** Acts that move the model: changes, doses, trims. */
    acts: async (tankId: string): Promise<JournalEvent[]> =>
      (await events().where({ tank_id: tankId, deleted_at: null }).whereIn('kind', ['change', 'dose', 'trim']).orderBy('at')).map(toEvent),
    eventsSince: async (tankId: string, since: string): Promise<JournalEvent[]> =>
      (await events().where({ tank_id: tankId, deleted_at: null }).where('at', '>=', since).orderBy('at', 'desc')).map(toEvent),
    newestGlance: async (tankId: string): Promise<string | null> =>
      (await events().where({ tank_id: tankId, kind: 'glance', deleted_at: null }).orderBy('at', 'desc').first())?.at ?? null,
  }
}

/** SQLite caps the values bound by one statement. */
const IDS_PER_QUERY = 500
const RECORDS_PER_INSERT = 5000
