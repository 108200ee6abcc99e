import type { z } from 'zod'

/** What was stored, if it is still what the contract accepts; `null` otherwise. Everything was checked on its way in, but a file can be spoiled or come from elsewhere: one bad row must not keep the good ones from being read. */
export function readable<T>(schema: z.ZodType<T>, stored: () => unknown): T | null {
  try {
    return schema.safeParse(stored()).data ?? null
  } catch {
    return null // no JSON at all
  }
}

/** The readable ones of a list. */
export function readables<Row, T>(schema: z.ZodType<T>, rows: readonly Row[], stored: (row: Row) => unknown): T[] {
  return rows.flatMap((row) => readable(schema, () => stored(row)) ?? [])
}
