import type { Knex } from 'knex'
import { insertJson } from '../db/insertJson.js'

const ROWS_AT_A_TIME = 200
/** How far ahead a reader looks for sound pages behind damaged ones, in row numbers. */
const FARTHEST = 2 ** 40

export interface Salvaged {
  readonly table: string
  readonly rows: number
  /** Stretches of row numbers that could not be read. */
  readonly gaps: readonly string[]
}

/** Copies what can be read of a table into the same table of another database. Rows are read in pieces, then one by one near damage; behind it the reading goes on. */
export async function salvageTable(from: Knex, to: Knex, table: string, columns: readonly string[]): Promise<Salvaged> {
  const gaps: string[] = []
  let rows = 0
  let last = Number.MIN_SAFE_INTEGER
  let step = 0
  let gapFrom: number | null = null
  for (let size = ROWS_AT_A_TIME; ;) {
    const found = await page(from, table, columns, last + step, size)
    if (found === null) {
      if (size > 1) size = 1
      else {
        gapFrom ??= last
        step = Math.max(1, step * 2)
        if (step > FARTHEST) break
      }
      continue
    }
    if (found.length === 0) break
    if (gapFrom !== null) gaps.push(`${gapFrom + 1}–${(found[0]?.place ?? 0) - 1}`)
    gapFrom = null
    await insertJson(to, { table, columns, rows: JSON.stringify(found.map(({ place: _place, ...row }) => row)), shared: {} })
    rows += found.length
    last = found.at(-1)?.place ?? last
    step = 0
    size = ROWS_AT_A_TIME
  }
  if (gapFrom !== null) gaps.push(`${gapFrom + 1}–`)
  return { table, rows, gaps }
}

type Row = Readonly<Record<string, unknown>> & { readonly place: number }

/** `null`: a page under it is damaged. */
async function page(from: Knex, table: string, columns: readonly string[], after: number, limit: number): Promise<Row[] | null> {
  try {
    return (await from(table)
      .select([...columns, from.raw('rowid AS place')])
      .where('rowid', '>', after)
      .orderBy('rowid')
      .limit(limit)) as Row[]
  } catch {
    return null
  }
}
