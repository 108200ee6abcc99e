import {
  PLANT_COLUMNS,
  PLANT_FILE_FORMAT,
  PlantFile,
  readPlantRow,
  refusalWords,
  writePlantRow,
  type PlantRowFault,
} from '@jovrin/contract'
import { guarded, unguarded, type DatumSource, type PlantRow } from '@jovrin/core'
import Papa from 'papaparse'
import { Refusal } from '../http/refusal.js'

/** A row of a file, by the line on which it begins. */
export interface FiledPlant {
  readonly line: number
  readonly name: string
  readonly read: { readonly row: PlantRow } | { readonly faults: readonly PlantRowFault[] }
}

/** Reads a table of plants: a head of column names, one plant a row. Throws a Refusal where it is no such table. */
export function readPlantTable(text: string, source: DatumSource | null = null): FiledPlant[] {
  const { data, errors, meta } = Papa.parse<Record<string, string>>(text, {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (head) => head.replace(/^\uFEFF/, '').trim(),
    transform: (cell) => unguarded(cell),
  })
  if (errors.some(({ type }) => type === 'Quotes')) throw new Refusal(422, 'broken_file', refusalWords.brokenPlantQuotes)
  if (!(meta.fields ?? []).includes('name')) throw new Refusal(422, 'no_name_column', refusalWords.noPlantNames)
  return data.map(({ __parsed_extra: _beyond, ...cells }, index) => ({
    line: index + 2,
    name: (cells['name'] ?? '').trim(),
    read: readPlantRow(cells, source),
  }))
}

/** Reads a document of plants as it was written out. */
export function readPlantDocument(text: string): FiledPlant[] {
  let document: unknown
  try {
    document = JSON.parse(text)
  } catch {
    throw new Refusal(422, 'broken_file', refusalWords.brokenPlantJson)
  }
  const file = PlantFile.safeParse(document)
  if (!file.success) throw new Refusal(422, 'broken_file', refusalWords.noPlantFile)
  return file.data.plants.map((given, index) => {
    const cells = writePlantRow(given)
    return { line: index + 1, name: given.name, read: readPlantRow(cells, 'own') }
  })
}

export const writePlantTable = (rows: readonly PlantRow[]): string =>
  `${Papa.unparse(
    [
      [...PLANT_COLUMNS],
      ...rows.map((row) => {
        const cells = writePlantRow(row)
        return PLANT_COLUMNS.map((column) => guarded(cells[column] ?? ''))
      }),
    ],
    { newline: '\r\n' },
  )}\r\n`

export const writePlantDocument = (rows: readonly PlantRow[]): string =>
  `${JSON.stringify({ format: PLANT_FILE_FORMAT, version: 1, plants: rows }, null, 1)}\n`
