import { spawn } from 'node:child_process'
import { randomBytes } from 'node:crypto'
import { once } from 'node:events'
import { mkdtempSync, rmSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { uuidV7 } from '@jovrin/core'
import { expect, test } from 'vitest'
import { openDatabase } from './db/connection.js'
import { bundled } from './testing/bundle.js'
import { plainPlan, TANK_ID, testServer } from './testing/testServer.js'

const LANES = 2
const KILLS_PER_LANE = process.env['JOVRIN_LONG'] === undefined ? 4 : 120

/** One process that is started on a folder, writes, and is killed without warning; again and again. */
async function killedOften(script: string): Promise<{ records: Set<string>; revisions: number; folder: string; tankId: string }> {
  const folder = mkdtempSync(join(tmpdir(), 'jovrin-kill-'))
  const tankId = uuidV7(Date.now(), randomBytes(16))
  const records = new Set<string>()
  let revisions = 1
  for (let round = 0; round < KILLS_PER_LANE; round++) {
    const child = spawn(process.execPath, [script, folder, tankId], { stdio: ['ignore', 'pipe', 'inherit'] })
    const gone = new Promise((resolve) => child.once('exit', resolve))
    const ended = once(child.stdout, 'end')
    // So many lines are acknowledged, on a slow machine as on a fast one; where in the next write the kill falls is left to chance.
    const lines = 6 + (round % 25)
    let said = ''
    await new Promise<void>((resolve) =>
      child.stdout.on('data', (chunk: Buffer) => {
        said += chunk.toString()
        if (said.split('\n').length > lines) resolve()
      }),
    )
    await new Promise((resolve) => setTimeout(resolve, round % 5))
    child.kill('SIGKILL')
    await Promise.all([gone, ended])
    // A line that was cut off was not acknowledged.
    for (const line of said.split('\n').slice(0, -1)) {
      if (line.startsWith('revision ')) revisions = Math.max(revisions, Number(line.slice(9)))
      else if (line !== 'ready') records.add(line)
    }
  }
  return { records, revisions, folder, tankId }
}

test('killed in the middle of writing, again and again: all that was acknowledged is there, nothing is half there, and the file is sound', async () => {
  for (const { records, revisions, folder, tankId } of await Promise.all(
    Array.from({ length: LANES }, () => killedOften(bundled('testing/recordWriter'))),
  )) {
    const db = await openDatabase(folder)
    const kept = new Set((await db<{ id: string }>('reading').select('id')).map(({ id }) => id))
    const plans = await db<{ tank_id: string; revision: number }>('plan_revision').orderBy('revision')
    const settings = new Set((await db<{ plan_revision: number }>('setting_change')).map((row) => row.plan_revision))
    const [{ integrity_check: integrity }] = (await db.raw('PRAGMA integrity_check')) as [{ integrity_check: string }]
    const dangling: unknown = await db.raw('PRAGMA foreign_key_check')
    await db.destroy()
    rmSync(folder, { recursive: true, force: true })
    expect(records.size).toBeGreaterThan(2 * KILLS_PER_LANE)
    expect([...records].filter((id) => !kept.has(id))).toEqual([])
    expect([integrity, dangling]).toEqual(['ok', []])
    expect(plans.every((row, index) => row.tank_id === tankId && row.revision === index + 1)).toBe(true)
    expect(plans.length).toBeGreaterThanOrEqual(revisions)
    // A revision and its dated settings are one write.
    expect(plans.slice(1).filter((row) => !settings.has(row.revision))).toEqual([])
  }
}, 1_200_000)

test('a full disk: a sentence, nothing half-written, and what was there stays readable', async () => {
  const server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  // The file may not grow: what a full disk does to the database.
  await server.db.raw('PRAGMA wal_checkpoint(TRUNCATE)')
  const [{ page_count: pages }] = (await server.db.raw('PRAGMA page_count')) as [{ page_count: number }]
  await server.db.raw(`PRAGMA max_page_count = ${pages + 3}`)
  const note = (): object => ({
    id: uuidV7(Date.now(), randomBytes(16)),
    at: '2026-11-24T08:00:00.000Z',
    recordedBy: null,
    kind: 'note',
    note: 'x'.repeat(3900),
  })
  const answers = []
  for (let time = 0; time < 30; time++) answers.push(await server.agent.post(`/api/tanks/${TANK_ID}/journal`).send(note()))
  const kept = answers.filter(({ status }) => status === 201).length
  const refused = answers.filter(({ status }) => status === 507)
  expect(kept + refused.length).toBe(30)
  expect(refused.length).toBeGreaterThan(0)
  expect(refused[0]!.body).toMatchObject({ code: 'no_space', detail: 'The disk is full or cannot be written. Nothing was changed.' })
  expect(await server.db('event')).toHaveLength(kept)
  // A whole tank is many rows: all of them or none.
  const out = (await server.agent.get(`/api/tanks/${TANK_ID}/file`).expect(200)).body as { tank: object }
  await server.agent.post('/api/tank-files?as=copy').send(out).expect(507)
  expect(await server.db('tank')).toHaveLength(1)
  await server.agent.get(`/api/tanks/${TANK_ID}/plan`).expect(200)
  await server.close()
})
