import { randomBytes } from 'node:crypto'
import { setImmediate } from 'node:timers/promises'
import {
  guarded,
  type ImportedReading,
  QUANTITY,
  type Reading,
  readRow,
  type RefusedRow,
  toldInUnit,
  unitsOfDimension,
  uuidV7,
} from '@jovrin/core'
import { enRefusal, enRowFault, RecordId, type RowImportReport, type RowMappingChoice } from '@jovrin/contract'
import type { Knex } from 'knex'
import Papa from 'papaparse'
import type { Clock } from '../clock.js'
import { Refusal } from '../http/refusal.js'
import { journalRepository } from '../journal/journal.repository.js'

const COLUMNS = [
  'id',
  'at',
  'quantity',
  'value',
  'unit',
  'entered',
  'enteredUnit',
  'basis',
  'method',
  'moment',
  'recordedBy',
  'note',
] as const
const MOST_ROWS = 250_000
const REFUSALS_TOLD = 50
const PREVIEWED = 8

/** Bytes of a file as text. Only Unicode is taken: a guess at another encoding would turn signs into other signs unseen. */
export function textOfFile(bytes: Buffer): string {
  const encoding = bytes[0] === 0xff && bytes[1] === 0xfe ? 'utf-16le' : bytes[0] === 0xfe && bytes[1] === 0xff ? 'utf-16be' : 'utf-8'
  try {
    const text = new TextDecoder(encoding, { fatal: true }).decode(bytes)
    if (text.includes('\0')) throw new Refusal(422, 'wrong_encoding', enRefusal.notText)
    return text
  } catch (error) {
    if (error instanceof Refusal) throw error
    throw new Refusal(422, 'wrong_encoding', enRefusal.wrongEncoding)
  }
}

export const readingFileService = (db: Knex, clock: Clock) => ({
  /** All readings, oldest first. Values are canonical; `<` and `>` stand before them. */
  csv: async (tankId: string): Promise<string> => {
    const readings = (await journalRepository(db).all(tankId)).filter((record): record is Reading => record.kind === 'reading')
    const cell = (text: string | null): string => guarded(text ?? '')
    return Papa.unparse({
      fields: [...COLUMNS],
      data: readings.map((reading) => {
        const { dimension } = QUANTITY[reading.quantity]
        const [unit = ''] = unitsOfDimension(dimension)
        return [
          reading.id,
          reading.at,
          reading.quantity,
          `${reading.qualifier === '=' ? '' : reading.qualifier}${toldInUnit(dimension, reading.value, unit) ?? reading.value}`,
          unit,
          cell(reading.enteredText),
          cell(reading.enteredUnit),
          cell(reading.basis),
          cell(reading.method),
          cell(reading.moment),
          cell(reading.recordedBy),
          cell(reading.note),
        ]
      }),
    })
  },

  /** Reads a file against a mapping. Kept only when every row is good, and not in a dry run. */
  take: async (
    tankId: string,
    bytes: Buffer,
    mapping: RowMappingChoice,
    isDry: boolean,
    recordedBy: string | null,
  ): Promise<RowImportReport> => {
    const { rows, refused, readings } = await read(textOfFile(bytes), mapping)
    return db.transaction(async (trx) => {
      const stored = (await journalRepository(trx).all(tankId)).filter((record): record is Reading => record.kind === 'reading')
      const seen = new Set(stored.map(sameness))
      const contentOfId = new Map(stored.map((reading) => [reading.id, sameness(reading)]))
      const taken = await journalRepository(trx).takenIds(readings.flatMap(({ id }) => id ?? []))
      const fresh: Reading[] = []
      const faults = [...refused.map(({ line, fault, cell }) => ({ line, detail: enRowFault[fault](cell) }))]
      let alreadyHere = 0
      for (const reading of readings) {
        const content = sameness(reading)
        const idContent = reading.id === null ? undefined : contentOfId.get(reading.id)
        if (reading.id !== null && !RecordId.safeParse(reading.id).success)
          faults.push({ line: reading.line, detail: enRowFault.badId(reading.id) })
        else if (idContent !== undefined && idContent !== content)
          faults.push({ line: reading.line, detail: enRowFault.otherUnderId(reading.id ?? '') })
        else if (seen.has(content)) alreadyHere++
        else if (reading.id !== null && taken.has(reading.id))
          faults.push({ line: reading.line, detail: enRowFault.otherUnderId(reading.id) })
        else {
          seen.add(content)
          const id = reading.id ?? uuidV7(Date.parse(reading.at), randomBytes(16))
          contentOfId.set(id, content)
          fresh.push(toReading(reading, id, recordedBy))
        }
      }
      faults.sort((a, b) => a.line - b.line)
      const isKept = !isDry && faults.length === 0
      if (isKept) await journalRepository(trx).addReadings(tankId, fresh, clock().toISOString())
      return {
        isKept,
        rows,
        accepted: fresh.length,
        alreadyHere,
        refused: faults.slice(0, REFUSALS_TOLD),
        refusedInAll: faults.length,
        preview: readings.slice(0, PREVIEWED).map(({ line, at, quantity, value, qualifier }) => ({ line, at, quantity, value, qualifier })),
      }
    })
  },
})
export type ReadingFileService = ReturnType<typeof readingFileService>

/** Rows between two breaths, so that a long file keeps nobody else waiting. */
const ROWS_PER_BREATH = 2000

async function read(
  text: string,
  mapping: RowMappingChoice,
): Promise<{ rows: number; refused: RefusedRow[]; readings: ImportedReading[] }> {
  const parsed = Papa.parse<string[]>(text.replace(/^\uFEFF/, ''), { delimiter: mapping.delimiter, skipEmptyLines: 'greedy' })
  const broken = parsed.errors.find(({ type }) => type === 'Quotes')
  if (broken) throw new Refusal(422, 'broken_file', enRefusal.brokenQuotes(String((broken.row ?? 0) + 1)))
  if (parsed.data.length > MOST_ROWS) throw new Refusal(413, 'too_large', enRefusal.tooManyRows(String(MOST_ROWS)))
  const refused: RefusedRow[] = []
  const readings: ImportedReading[] = []
  const body = mapping.hasHeader ? parsed.data.slice(1) : parsed.data
  for (const [index, cells] of body.entries()) {
    if (index % ROWS_PER_BREATH === 0) await setImmediate()
    const result = readRow(cells, index + (mapping.hasHeader ? 2 : 1), mapping)
    if ('refused' in result) refused.push(result.refused)
    else readings.push(...result.readings)
  }
  return { rows: body.length, refused, readings }
}

const toReading = ({ line: _line, id: _id, ...imported }: ImportedReading, id: string, recordedBy: string | null): Reading => ({
  ...imported,
  kind: 'reading',
  id,
  recordedBy,
  method: null,
  moment: null,
  eventId: null,
})
/** Two rows say the same when quantity, instant and value are the same. */
const sameness = ({ quantity, at, value, qualifier }: Pick<Reading, 'quantity' | 'at' | 'value' | 'qualifier'>): string =>
  `${quantity} ${Date.parse(at)} ${qualifier}${Number(value.toPrecision(9))}`
