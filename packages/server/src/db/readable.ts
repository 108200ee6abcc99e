import { setImmediate } from 'node:timers/promises'
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

const CHECKED_AT_A_TIME = 500
/** The readable ones of a list that may be long: between two stretches everybody else has a turn. */
export async function readablesInTurns<Row, T>(schema: z.ZodType<T>, rows: readonly Row[], stored: (row: Row) => unknown): Promise<T[]> {
  const found: T[] = []
  for (let at = 0; at < rows.length; at += CHECKED_AT_A_TIME) {
    if (at > 0) await setImmediate()
    found.push(...readables(schema, rows.slice(at, at + CHECKED_AT_A_TIME), stored))
  }
  return found
}
