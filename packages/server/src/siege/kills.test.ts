import { mkdtempSync, readdirSync, rmSync } from 'node:fs'
import { randomBytes } from 'node:crypto'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { setTimeout as pause } from 'node:timers/promises'
import { randomOf, uuidV7, type Plan } from '@jovrin/core'
import type { PlanRevision } from '@jovrin/contract'
import { expect, test } from 'vitest'
import { openDatabase } from '../db/connection.js'
import { plainPlan, TANK_ID } from '../testing/plainPlan.js'
import { IS_LONG, report, SEED } from './long.js'
import { runningServer, type RunningServer } from './runningServer.js'

const KILLS = 220
const json = { 'Content-Type': 'application/json' }
const newId = (): string => uuidV7(Date.now(), randomBytes(16))

interface Acknowledged {
  readonly records: Set<string>
  readonly imported: Set<string>
  revision: number
}

/** Clients that go on until their server is gone. */
async function press(server: RunningServer, acknowledged: Acknowledged): Promise<void> {
  const logging = async (): Promise<void> => {
    for (;;) {
      const record = { kind: 'note', id: newId(), at: '2026-11-24T08:00:00.000Z', recordedBy: null, note: 'leaf '.repeat(100).trim() }
      const answer = await server.ask({
        method: 'POST',
        path: `/api/tanks/${TANK_ID}/journal`,
        headers: json,
        body: JSON.stringify(record),
      })
      if (answer === null) return
      if (answer.status === 201) acknowledged.records.add(record.id)
    }
  }
  const editing = async (): Promise<void> => {
    for (;;) {
      const found = await server.ask({ path: `/api/tanks/${TANK_ID}/plan/revision` })
      if (found === null) return
      const { revision, plan } = JSON.parse(found.body.toString()) as PlanRevision
      const next: Plan = { ...plan, temperatureC: 20 + (revision % 10) }
      const answer = await server.ask({
        method: 'PUT',
        path: `/api/tanks/${TANK_ID}/plan?effectiveOn=2026-10-01`,
        headers: { ...json, 'If-Match': `"${revision}"` },
        body: JSON.stringify(next),
      })
      if (answer === null) return
      if (answer.status === 200) acknowledged.revision = Math.max(acknowledged.revision, revision + 1)
    }
  }
  /** A table at a time, all rows or none of them. */
  const importing = async (): Promise<void> => {
    const mapping = {
      columns: [{ use: 'id' }, { use: 'at' }, { use: 'quantity' }, { use: 'value' }],
      decimalMark: '.',
      dateOrder: 'ymd',
      timeZone: 'UTC',
      delimiter: ',',
      hasHeader: false,
    }
    const path = `/api/tanks/${TANK_ID}/readings.csv?mapping=${encodeURIComponent(JSON.stringify(mapping))}`
    for (;;) {
      const ids = Array.from({ length: ROWS_EACH }, newId)
      // No two tables say the same: a row that is here already would be counted and not kept.
      const started = Date.parse('1995-01-01') + tables++ * ROWS_EACH * 1000
      const body = ids.map((id, index) => `${id},${new Date(started + index * 1000).toISOString()},pH,6.5`).join('\n')
      const answer = await server.ask({ method: 'POST', path, headers: { 'Content-Type': 'text/csv' }, body })
      if (answer === null) return
      if (answer.status === 201) for (const id of ids) acknowledged.imported.add(id)
    }
  }
  await Promise.all([logging(), logging(), editing(), importing()])
}
let tables = 0
const ROWS_EACH = 600

/** Seen in a long siege alone; the services under it are killed in every run. */
test.runIf(IS_LONG)(
  'the server killed again and again: what it acknowledged is there, an import is whole or not there, nothing half done is left',
  async () => {
    const folder = mkdtempSync(join(tmpdir(), 'jovrin-kills-'))
    const random = randomOf(SEED, 7)
    const acknowledged: Acknowledged = { records: new Set(), imported: new Set(), revision: 1 }
    for (let kill = 0; kill < KILLS; kill++) {
      const server = await runningServer(folder)
      if (kill === 0)
        await server.ask({ method: 'POST', path: '/api/tanks', headers: json, body: JSON.stringify({ id: TANK_ID, plan: plainPlan() }) })
      const pressing = press(server, acknowledged)
      await pause(100 + random() * 1400)
      await server.kill()
      await pressing
    }
    const last = await runningServer(folder)
    const unreadable = JSON.parse((await last.ask({ path: '/api/unreadable?all=true' }))!.body.toString()) as object[]
    expect(await last.stop()).toBe(0)
    const db = await openDatabase(folder)
    const idsOf = async (table: string): Promise<Set<string>> => new Set((await db<{ id: string }>(table).select('id')).map(({ id }) => id))
    const [events, readings] = [await idsOf('event'), await idsOf('reading')]
    const revisions = await db<{ revision: number }>('plan_revision').count({ n: '*' })
    const settings = await db.raw<{ n: number }[]>(
      'SELECT count(*) AS n FROM plan_revision WHERE effective_on IS NOT NULL AND revision NOT IN (SELECT plan_revision FROM setting_change) AND edits <> ?',
      ['[]'],
    )
    await db.destroy()
    const lost = [...acknowledged.records].filter((id) => !events.has(id)).length
    const lostRows = [...acknowledged.imported].filter((id) => !readings.has(id)).length
    report('kills', {
      seed: SEED,
      kills: KILLS,
      records: acknowledged.records.size,
      lost,
      'imported rows': acknowledged.imported.size,
      'rows lost': lostRows,
      revisions: acknowledged.revision,
    })
    expect([lost, lostRows]).toEqual([0, 0])
    expect(readings.size % ROWS_EACH).toBe(0)
    expect(Number(revisions[0]?.['n'])).toBeGreaterThanOrEqual(acknowledged.revision)
    expect(settings[0]?.n).toBe(0)
    expect(unreadable).toEqual([])
    expect(acknowledged.records.size).toBeGreaterThan(KILLS)
    expect(readdirSync(folder).filter((name) => name.startsWith('.'))).toEqual([])
    rmSync(folder, { recursive: true, force: true })
  },
  3_600_000,
)
