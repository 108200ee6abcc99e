import { randomBytes } from 'node:crypto'
import { applyEdits, diff, type Plan, upgradePlan, upgradeSetting, uuidV7, type JournalRecord, type SettingChange } from '@jovrin/core'
import {
  refusalWords,
  refusedWords,
  type FiledRevision,
  leversOf,
  PlanSchema,
  TANK_FILE_FORMAT,
  TankFile,
  TankFileHead,
} from '@jovrin/contract'
import { inBatches } from '../db/insertJson.js'
import { Refusal } from '../http/refusal.js'
import { requireWellFormed } from '../http/wellFormed.js'
import { jobRow } from '../job/jobRow.js'
import { eventRow, readingRow } from '../journal/rows.js'
import { shareTexts, type SharedTexts } from '../longWork/sharedTexts.js'
import type { Told } from '../longWork/task.js'
import { historyOf } from '../plan/history.js'
import { revisionRow, settingRow, type NewRevision } from '../plan/rows.js'

export type FiledTable = 'plan_revision' | 'setting_change' | 'reading' | 'event' | 'job_record' | 'plant_note'
/** A tank's file, read whole and found good: rows ready to be kept, as JSON lists. */
export interface ReadTank {
  readonly id: string
  readonly createdAt: string
  readonly name: string
  readonly levers: string
  readonly pictures: readonly string[]
  readonly counts: { readonly revisions: number; readonly records: number; readonly jobs: number }
  /** One after another; the rows of each lie in `rows` at the same place. */
  readonly batches: readonly { readonly table: FiledTable; readonly columns: readonly string[] }[]
  readonly rows: SharedTexts
}
interface Batch {
  readonly table: FiledTable
  readonly columns: readonly string[]
  readonly rows: string
}
export interface ReadTankOptions {
  /** `copy` gives tank and records ids of their own. */
  readonly as: 'same' | 'copy'
  readonly now: string
}

/** Characters of all plans of a file together, once its edits have become plans. */
const MOST_UNFOLDED = 512 * 1024 ** 2
const TOLD_EVERY = 500

export function readTankFile(bytes: Uint8Array, { as, now }: ReadTankOptions, told: Told): ReadTank {
  const body = jsonOf(bytes)
  requireWellFormed(body)
  const head = TankFileHead.safeParse(body)
  if (!head.success) throw new Refusal(422, 'other_file', refusedWords.notTankFile)
  if (head.data.formatVersion > TANK_FILE_FORMAT)
    throw new Refusal(422, 'newer_file', refusalWords.newerFile(String(head.data.formatVersion)))
  const given = TankFile.parse(inTodaysForm(body))
  const { tank, settings, journal, jobs, levers, plantNotes, revisions: filed } = as === 'copy' ? withNewIds(given, now) : given
  const revisions = unfolded(filed, plansAsFiled(body), told)
  const known = new Set(filed.map(({ revision }) => revision))
  if (
    settings.some(({ planRevision }) => !known.has(planRevision)) ||
    filed.some(({ ofRevision }) => ofRevision !== null && !known.has(ofRevision))
  )
    throw new Refusal(422, 'broken_file', refusalWords.danglingRevision)
  const records = journal.map((record, index) => ({ record, place: index + 1 }))
  return {
    id: tank.id,
    createdAt: tank.createdAt,
    name: revisions.name,
    levers: JSON.stringify(leversOf(levers)),
    pictures: [...new Set(journal.flatMap((record) => (record.kind === 'photo' ? [record.sha256] : [])))],
    counts: { revisions: filed.length, records: journal.length, jobs: jobs.length },
    ...shared([
      ...revisions.batches,
      ...packed(
        'setting_change',
        settings.map((change, index) => ({ place: index + 1, ...settingRow(change) })),
      ),
      ...packed(
        'reading',
        records.flatMap(({ record, place }) => (record.kind === 'reading' ? [{ place, id: record.id, ...readingRow(record) }] : [])),
      ),
      ...packed(
        'event',
        records.flatMap(({ record, place }) => (record.kind === 'reading' ? [] : [{ place, id: record.id, ...eventRow(record) }])),
      ),
      ...packed('job_record', jobs.map(jobRow)),
      ...packed(
        'plant_note',
        plantNotes.map((note, index) => ({
          place: index + 1,
          id: note.id,
          plant_id: note.plantId,
          document: JSON.stringify({ ...note, tankId: tank.id }),
        })),
      ),
    ]),
  }
}

function jsonOf(bytes: Uint8Array): unknown {
  try {
    return JSON.parse(new TextDecoder('utf-8', { fatal: true }).decode(bytes))
  } catch {
    throw new Refusal(422, 'broken_file', refusalWords.brokenJson)
  }
}

/** Files of older versions hold older plans, and settings in their form. */
function inTodaysForm(body: unknown): unknown {
  const { revisions, settings, ...rest } = body as { revisions?: unknown; settings?: unknown }
  const each = (list: unknown, of: (item: object) => unknown): unknown =>
    Array.isArray(list) ? (list as unknown[]).map((item) => (typeof item === 'object' && item !== null ? of(item) : item)) : list
  return {
    ...rest,
    revisions: each(revisions, (revision) => ('plan' in revision ? { ...revision, plan: upgradePlan(revision.plan) } : revision)),
    settings: each(settings, (setting) => upgradeSetting(setting as SettingChange)), // looks at its path and values alone; the schema looks at the rest
  }
}

/** Plans in the form that the file holds them in, by revision; where a revision is told as edits there is none. */
const plansAsFiled = (body: unknown): unknown[] => (body as { revisions: { plan?: unknown }[] }).revisions.map(({ plan }) => plan)

/** Rows of all revisions. One that is told as edits must follow from the one before it, and be a plan that is accepted. */
function unfolded(filed: readonly FiledRevision[], asFiled: readonly unknown[], told: Told): { name: string; batches: Batch[] } {
  requireHistory(filed)
  const batches: Batch[] = []
  let rows: object[] = []
  let length = 0
  let batchLength = 0
  let before: Plan | null = null
  // Edits fit the plan as it was written then, not as it is read today.
  let document: unknown = null
  for (const { revision, createdAt, effectiveOn, act, ofRevision, plan, edits } of filed) {
    document = plan === undefined ? edited(document, edits ?? [], revision) : asFiled[revision - 1]
    const after: Plan = plan ?? PlanSchema.parse(upgradePlan(document))
    const next: NewRevision = { revision, createdAt, effectiveOn, act, ofRevision, plan: after, edits: diff(before ?? after, after) }
    const row = revisionRow(next)
    length += row.document.length + row.edits.length
    batchLength += row.document.length
    if (length > MOST_UNFOLDED) throw new Refusal(413, 'too_large', refusalWords.fileSwells)
    rows.push(row)
    if (batchLength > 512 * 1024) {
      batches.push(...packed('plan_revision', rows))
      rows = []
      batchLength = 0
    }
    before = after
    if (revision % TOLD_EVERY === 0) told({ done: revision, of: filed.length })
  }
  return { name: before?.name ?? '', batches: [...batches, ...packed('plan_revision', rows)] }
}

function edited(before: unknown, edits: NonNullable<FiledRevision['edits']>, revision: number): unknown {
  const after = before === null ? null : applyEdits(before, edits)
  if (after === null) throw new Refusal(422, 'broken_file', refusalWords.editsLost(String(revision)))
  return after
}

/** What is undone must have been done: otherwise nobody could say which revisions stand. */
function requireHistory(filed: readonly FiledRevision[]): void {
  const fault = historyOf(filed).fault
  if (fault !== null) throw new Refusal(422, 'broken_file', refusalWords.brokenHistory(String(fault)))
}

const shared = (batches: readonly Batch[]): Pick<ReadTank, 'batches' | 'rows'> => ({
  batches: batches.map(({ table, columns }) => ({ table, columns })),
  rows: shareTexts(batches.map(({ rows }) => rows)),
})

function packed(table: FiledTable, rows: readonly object[]): Batch[] {
  const columns = Object.keys(rows[0] ?? {}).filter((name) => name !== 'place')
  return [...inBatches(rows)].map((batch) => ({ table, columns, rows: JSON.stringify(batch) }))
}

function withNewIds(file: TankFile, now: string): TankFile {
  const fresh = new Map<string, string>()
  const idFor = (old: string, at: string): string => {
    const known = fresh.get(old) ?? uuidV7(Date.parse(at), randomBytes(16))
    fresh.set(old, known)
    return known
  }
  const renewed = (record: JournalRecord): JournalRecord => ({
    ...record,
    id: idFor(record.id, record.at),
    ...(record.kind === 'reading' && record.eventId !== null ? { eventId: idFor(record.eventId, record.at) } : {}),
  })
  return {
    ...file,
    tank: { ...file.tank, id: uuidV7(Date.parse(now), randomBytes(16)) },
    settings: file.settings.map((change) => ({ ...change, id: idFor(change.id, `${change.effectiveOn}T00:00:00Z`) })),
    journal: file.journal.map(renewed),
    plantNotes: file.plantNotes.map((note) => ({ ...note, id: idFor(note.id, `${note.notedOn}T00:00:00Z`) })),
  }
}
