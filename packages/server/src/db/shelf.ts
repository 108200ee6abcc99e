import { refusedWords, sentenceOf, type Unreadable } from '@jovrin/contract'
import type { Knex } from 'knex'
import type { z } from 'zod'

/** What a table holds: how a row becomes what the contract describes, and how it is named when it does not. */
export interface Shelf<Row> {
  readonly table: string
  readonly what: Unreadable['what']
  readonly schema: z.ZodType
  readonly stored: (row: Row) => unknown
  readonly name: (row: Row) => Pick<Unreadable, 'tankId' | 'id'>
}

const ROWS_AT_A_TIME = 500

/** Walks a table and tells of what is stored there and not accepted. */
export async function* unreadableOn<Row>(db: Knex, shelf: Shelf<Row>): AsyncGenerator<Unreadable> {
  for (let last = 0; ;) {
    const rows = (await db(shelf.table)
      .select('*', db.raw('rowid AS place'))
      .where('rowid', '>', last)
      .orderBy('rowid')
      .limit(ROWS_AT_A_TIME)) as (Row & { place: number })[]
    for (const row of rows) {
      last = row.place
      const fault = faultOf(shelf, row)
      if (fault !== null) yield { what: shelf.what, ...shelf.name(row), detail: fault }
    }
    if (rows.length < ROWS_AT_A_TIME) return
  }
}

function faultOf<Row>({ schema, stored }: Shelf<Row>, row: Row): string | null {
  try {
    const [issue] = schema.safeParse(stored(row)).error?.issues ?? []
    return issue === undefined ? null : sentenceOf(issue).detail
  } catch {
    return refusedWords.noJson
  }
}
