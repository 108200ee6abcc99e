import { randomBytes } from 'node:crypto'
import { lineEndsIn, readRow, uuidV7, type ImportedReading, type Reading } from '@jovrin/core'
import {
  refusalWords,
  rowFaultWords,
  READINGS_MOST_ROWS,
  ReadingSchema,
  RecordId,
  type RowImportReport,
  type RowMappingChoice,
  sentenceOf,
} from '@jovrin/contract'
import Papa from 'papaparse'
import { Refusal } from '../http/refusal.js'
import { readingRow } from '../journal/rows.js'
import { summedColumns } from './summedColumns.js'
import { shareTexts, type SharedTexts } from '../longWork/sharedTexts.js'
import type { Told } from '../longWork/task.js'

const PREVIEWED = 8
const ROWS_PER_BATCH = 500
/** Characters that are parsed at a time, so that neither a long file nor one of line ends alone stands in memory as rows. */
const CHARACTERS_AT_A_TIME = 1024 ** 2
/** A file may be loosely set, but one of nothing but line ends is none. */
const MOST_LINES = 3 * READINGS_MOST_ROWS

/** What a table of readings holds, ready to be kept. */
export interface ReadRows {
  readonly rows: number
  readonly readings: number
  /** Rows that say what an earlier row of the same file said. */
  readonly twice: number
  readonly faults: readonly RowFaultAt[]
  readonly faultsInAll: number
  readonly preview: RowImportReport['preview']
  readonly columns: RowImportReport['columns']
  readonly inFuture: number
  /** JSON lists of the table’s rows, each with the line it came from: the database reads them as they are. */
  readonly batches: SharedTexts
}
export interface RowFaultAt {
  readonly line: number
  readonly detail: string
}

/** Bytes of a file as text. Only Unicode is taken: a guess at another encoding would turn signs into other signs unseen. */
export function textOfFile(bytes: Uint8Array): string {
  const encoding = bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : 'utf-8'
  const text = decoded(bytes, encoding)
  if (text.includes('\0')) throw new Refusal(422, 'wrong_encoding', refusalWords.notText)
  return text
}
function decoded(bytes: Uint8Array, encoding: string): string {
  try {
    return new TextDecoder(encoding, { fatal: true }).decode(bytes)
  } catch {
    throw new Refusal(422, 'wrong_encoding', refusalWords.wrongEncoding)
  }
}

export interface ReadRowsOptions {
  readonly mapping: RowMappingChoice
  /** Who brings it in, for rows that do not say. */
  readonly recordedBy: string | null
  /** What lies after it has not happened yet. */
  readonly now: string
  /** So many refusals are told one by one; all are counted. */
  readonly refusalsTold: number
}

/** Reads a table against a mapping. */
export function readRows(bytes: Uint8Array, options: ReadRowsOptions, told: Told): ReadRows {
  const { mapping } = options
  const text = textOfFile(bytes)
  const taken = takenReadings(options)
  let rows = 0
  let line = 0
  let isHeader = mapping.hasHeader
  let failure: Refusal | null = null
  Papa.parse<string[]>(text, {
    delimiter: mapping.delimiter,
    chunkSize: CHARACTERS_AT_A_TIME,
    step: ({ data: cells, errors, meta }, parser) => {
      const first = line + 1
      line = first + lineEndsIn(cells)
      if (errors.some(({ type }) => type === 'Quotes')) failure = new Refusal(422, 'broken_file', refusalWords.brokenQuotes(String(first)))
      else if (line > MOST_LINES || rows > READINGS_MOST_ROWS)
        failure = new Refusal(413, 'too_large', refusalWords.tooManyRows(String(READINGS_MOST_ROWS)))
      if (failure !== null) return parser.abort()
      if (cells.every((cell) => cell.trim() === '')) return
      if (isHeader) {
        isHeader = false
        return
      }
      rows++
      const result = readRow(cells, first, mapping)
      if ('refused' in result) taken.refuse(first, rowFaultWords[result.refused.fault](result.refused.cell))
      else result.readings.forEach(taken.take)
      if (rows % ROWS_PER_BATCH === 0) told({ done: meta.cursor, of: text.length })
    },
  })
  if (failure !== null) throw failure as Refusal // set in the step above
  if (rows > READINGS_MOST_ROWS) throw new Refusal(413, 'too_large', refusalWords.tooManyRows(String(READINGS_MOST_ROWS)))
  return { rows, ...taken.all() }
}

/** Sorts readings into those that are new in this file, said twice, or not to be kept. */
function takenReadings({ recordedBy, now, refusalsTold }: ReadRowsOptions) {
  const faults: RowFaultAt[] = []
  const contentOfId = new Map<string, string>()
  const seen = new Set<string>()
  const preview: RowImportReport['preview'] = []
  const columns = summedColumns()
  const batches: string[] = []
  let batch: object[] = []
  let faultsInAll = 0
  let readings = 0
  let twice = 0
  let inFuture = 0
  const refuse = (line: number, detail: string): void => {
    faultsInAll++
    if (faults.length < refusalsTold) faults.push({ line, detail })
  }
  const pack = (): void => {
    if (batch.length > 0) batches.push(JSON.stringify(batch))
    batch = []
  }
  const take = ({ line, id, ...imported }: ImportedReading): void => {
    if (id !== null && !RecordId.safeParse(id).success) return refuse(line, rowFaultWords.badId(id))
    const content = sameness(imported)
    const other = id === null ? undefined : contentOfId.get(id)
    if (id !== null && other !== undefined && other !== content) return refuse(line, rowFaultWords.otherUnderId(id))
    if (seen.has(content)) {
      twice++
      return
    }
    const reading = ReadingSchema.safeParse({
      ...imported,
      kind: 'reading',
      id: id ?? uuidV7(Date.parse(imported.at), randomBytes(16)),
      recordedBy: imported.recordedBy ?? recordedBy,
      eventId: null,
    })
    const [issue] = reading.error?.issues ?? []
    if (issue !== undefined) return refuse(line, sentenceOf(issue).detail)
    seen.add(content)
    const kept = reading.data as Reading // parsed, as there was no issue
    contentOfId.set(kept.id, content)
    columns.add(kept)
    if (kept.at > now) inFuture++
    if (preview.length < PREVIEWED) {
      const { at, quantity, value, qualifier } = kept
      preview.push({ line, at, quantity, value, qualifier })
    }
    batch.push({ line, isNamed: id !== null, id: kept.id, ...readingRow(kept) })
    readings++
    if (batch.length === ROWS_PER_BATCH) pack()
  }
  return {
    take,
    refuse,
    all: () => {
      pack()
      return { readings, twice, faults, faultsInAll, preview, columns: columns.all(), inFuture, batches: shareTexts(batches) }
    },
  }
}

/** Two rows say the same when quantity, instant and value are the same. */
const sameness = ({ quantity, at, value, qualifier }: Pick<Reading, 'quantity' | 'at' | 'value' | 'qualifier'>): string =>
  `${quantity} ${Date.parse(at)} ${qualifier}${Number(value.toPrecision(9))}`
