import { copyFileSync, mkdirSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { randomBytes } from 'node:crypto'
import { uuidV7 } from '@jovrin/core'
import { afterEach, beforeEach, expect, test } from 'vitest'
import { openDatabase } from '../db/connection.js'
import { plainPlan, TANK_ID, testServer } from '../testing/testServer.js'
import { rescue } from './rescue.js'

const NOW = new Date('2026-11-24T09:00:00Z')
const PAGE_BYTES = 4096
const NOTES = 400
let home: string
beforeEach(() => {
  home = mkdtempSync(join(tmpdir(), 'jovrin-rescue-'))
})
afterEach(() => rmSync(home, { recursive: true, force: true }))

/** A folder with a tank and many notes, each about a page long. */
async function filled(): Promise<string> {
  const folder = join(home, 'data')
  mkdirSync(folder)
  const server = await testServer(folder)
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  for (let index = 0; index < NOTES; index++)
    await server.db('event').insert({
      id: uuidV7(NOW.getTime() + index, randomBytes(16)),
      tank_id: TANK_ID,
      at: NOW.toISOString(),
      kind: 'note',
      detail: '{}',
      note: `note ${index} ${'leaf '.repeat(400)}`.trim(),
      version: 1,
      created_at: NOW.toISOString(),
    })
  await server.db.raw('PRAGMA wal_checkpoint(TRUNCATE)')
  await server.close(true)
  return folder
}
const file = (folder: string): string => join(folder, 'jovrin.sqlite')

test('a sound database is written out whole, and comes back in', async () => {
  const folder = await filled()
  const into = join(home, 'out')
  expect(await rescue(folder, into, NOW)).toEqual({ tanks: 1, records: NOTES, lost: [] })
  const server = await testServer()
  await server.agent
    .post('/api/tank-files')
    .set('Content-Type', 'application/json')
    .send(readFileSync(join(into, `${TANK_ID}.json`), 'utf8'))
    .expect(201)
  await server.close()
})

test('with pages overwritten the start is refused by the name of the table; most is rescued, the rest is listed, and the file is not touched', async () => {
  const folder = await filled()
  const bytes = readFileSync(file(folder))
  const middle = Math.floor(bytes.length / PAGE_BYTES / 2) * PAGE_BYTES
  bytes.fill(0x5a, middle, middle + 3 * PAGE_BYTES)
  writeFileSync(file(folder), bytes)
  await expect(openDatabase(folder)).rejects.toThrow(/is damaged \(.*event.*\)\. Nothing was changed\. .*npm run rescue/)
  const into = join(home, 'out')
  const { tanks, records, lost } = await rescue(folder, into, NOW)
  expect(tanks).toBe(1)
  expect(records).toBeGreaterThan(NOTES * 0.9)
  expect(records).toBeLessThan(NOTES)
  expect(lost.some((line) => line.startsWith('event: rows '))).toBe(true)
  expect(readFileSync(join(into, 'lost.txt'), 'utf8')).toBe(lost.join('\n'))
  expect(readFileSync(file(folder)).equals(bytes)).toBe(true)
  expect(readdirSync(into)).toContain(`${TANK_ID}-readings.csv`)
})

test('a table that is gone and a plan that is spoiled cost that, and nothing else', async () => {
  const folder = await filled()
  const db = await openDatabase(folder)
  await db.raw('PRAGMA foreign_keys = OFF')
  await db('setting_change').insert({
    id: TANK_ID,
    tank_id: TANK_ID,
    effective_on: 'x',
    path: '/nowhere',
    from_value: '1',
    to_value: '2',
    plan_revision: 1,
  })
  await db.schema.dropTable('job_record')
  await db('tank').delete()
  await db.destroy()
  copyFileSync(file(folder), join(home, 'copy.sqlite'))
  const { tanks, records, lost } = await rescue(folder, join(home, 'out'), NOW)
  expect([tanks, records]).toEqual([1, NOTES])
  expect(lost).toHaveLength(2)
  expect(lost[0]).toBe('job_record: the whole table')
  expect(lost[1]).toMatch(/^setting /)
})
