import { copyFileSync, existsSync, mkdirSync, rmSync, writeFileSync } from 'node:fs'
import { open } from 'node:fs/promises'
import { join } from 'node:path'
import type { Knex } from 'knex'
import { connect, databaseFile, makeDatabase } from '../db/connection.js'
import { columnNames, tableNames } from '../db/soundness.js'
import { writeReadings } from '../transfer/writeReadings.js'
import { writeTankFile } from '../transfer/writeTankFile.js'
import { findUnreadable } from '../unreadable/findUnreadable.js'
import { salvageTable } from './salvage.js'

export interface Rescued {
  readonly tanks: number
  readonly records: number
  /** What could not be read, one line each. */
  readonly lost: readonly string[]
}

/** Writes what can still be read of a damaged data folder into a new folder: each tank as a file and its readings as a table. The damaged database is only read. */
export async function rescue(dataFolder: string, into: string, now: Date): Promise<Rescued> {
  mkdirSync(into, { recursive: true, mode: 0o700 })
  const lost: string[] = []
  const whole = databaseFile(into)
  await makeDatabase(whole)
  const to = connect(whole, ['foreign_keys = OFF'])
  try {
    lost.push(...(await salvage(copied(databaseFile(dataFolder), into), to)))
    await adoptOrphans(to, now)
    for await (const { what, tankId, id, detail } of findUnreadable(to))
      lost.push(`${what} ${id}${tankId === null ? '' : ` of ${tankId}`}: ${detail}`)
    const written = await writeTanks(to, into, now, lost)
    writeFileSync(join(into, 'lost.txt'), lost.join('\n'))
    return { ...written, lost }
  } finally {
    await to.destroy()
    for (const end of ENDS) rmSync(`${damagedCopy(into)}${end}`, { force: true })
  }
}

const ENDS = ['', '-wal', '-shm'] as const
const damagedCopy = (into: string): string => join(into, '.damaged.sqlite')
/** The engine may tidy up a file that it only reads, so it reads a copy. */
function copied(filename: string, into: string): string {
  for (const end of ENDS) if (existsSync(`${filename}${end}`)) copyFileSync(`${filename}${end}`, `${damagedCopy(into)}${end}`)
  return damagedCopy(into)
}

async function salvage(filename: string, to: Knex): Promise<string[]> {
  const lost: string[] = []
  const from = connect(filename, ['query_only = ON'])
  try {
    const there = new Set(await tableNames(from).catch(() => []))
    for (const table of await tableNames(to)) {
      if (table.startsWith('knex_')) continue
      if (!there.has(table)) {
        lost.push(`${table}: the whole table`)
        continue
      }
      const known = await columnNames(from, table)
      const columns = (await columnNames(to, table)).filter((column) => known.includes(column))
      const { gaps } = await salvageTable(from, to, table, columns)
      lost.push(...gaps.map((gap) => `${table}: rows ${gap}`))
    }
    return lost
  } finally {
    await from.destroy()
  }
}

/** A tank whose own row was lost still has its plans and records. */
async function adoptOrphans(to: Knex, now: Date): Promise<void> {
  for (const table of ['plan_revision', 'reading', 'event'])
    await to.raw(`INSERT INTO tank (id, created_at) SELECT DISTINCT tank_id, ? FROM ${table} WHERE tank_id NOT IN (SELECT id FROM tank)`, [
      now.toISOString(),
    ])
}

async function writeTanks(db: Knex, into: string, now: Date, lost: string[]): Promise<{ tanks: number; records: number }> {
  let tanks = 0
  let records = 0
  for (const { id } of await db<{ id: string }>('tank').select('id')) {
    try {
      records += (await writing(join(into, `${id}.json`), (out) => writeTankFile(db, id, now.toISOString(), out))).records
      await writing(join(into, `${id}-readings.csv`), (out) => writeReadings(db, id, out))
      tanks++
    } catch (error) {
      lost.push(`tank ${id}: ${error instanceof Error ? error.message : String(error)}`)
    }
  }
  return { tanks, records }
}

async function writing<Result>(path: string, act: (out: Awaited<ReturnType<typeof open>>) => Promise<Result>): Promise<Result> {
  const out = await open(path, 'wx', 0o600)
  try {
    return await act(out)
  } finally {
    await out.close()
  }
}
