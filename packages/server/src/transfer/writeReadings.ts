import type { FileHandle } from 'node:fs/promises'
import { guarded, type PLAIN_USES, QUANTITY, type Reading, toldInUnit, unitsOfDimension } from '@jovrin/core'
import type { Knex } from 'knex'
import Papa from 'papaparse'
import { inBatches } from '../db/insertJson.js'
import { journalRepository } from '../journal/journal.repository.js'

/** Each is a use that the way in knows, so that whatever goes out can come back. */
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
] as const satisfies readonly (typeof PLAIN_USES)[number][]

/** Writes all readings of a tank as CSV, oldest first. Values are canonical; `<` and `>` stand before them. */
export async function writeReadings(db: Knex, tankId: string, out: FileHandle): Promise<number> {
  const readings = (await journalRepository(db).all(tankId)).filter((record): record is Reading => record.kind === 'reading')
  await out.writeFile(Papa.unparse([[...COLUMNS]]))
  for (const batch of inBatches(readings)) await out.writeFile(`\r\n${Papa.unparse(batch.map(cells))}`)
  return readings.length
}

/** All digits and no power of ten: what people and spreadsheets read. */
const plain = new Intl.NumberFormat('en-US', { useGrouping: false, maximumSignificantDigits: 17 })

const cell = (text: string | null): string => guarded(text ?? '')
function cells(reading: Reading): string[] {
  const { dimension } = QUANTITY[reading.quantity]
  const [unit = ''] = unitsOfDimension(dimension)
  return [
    reading.id,
    reading.at,
    reading.quantity,
    `${reading.qualifier === '=' ? '' : reading.qualifier}${plain.format(toldInUnit(dimension, reading.value, unit) ?? reading.value)}`,
    unit,
    cell(reading.enteredText),
    cell(reading.enteredUnit),
    cell(reading.basis),
    cell(reading.method),
    cell(reading.moment),
    cell(reading.recordedBy),
    cell(reading.note),
  ]
}
