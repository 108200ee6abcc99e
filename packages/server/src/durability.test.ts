import { spawn, type ChildProcess } from 'node:child_process'
import { mkdtempSync, rmSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { uuidV7 } from '@jovrin/core'
import { randomBytes } from 'node:crypto'
import { expect, test } from 'vitest'
import { openDatabase } from './db/connection.js'
import { plainPlan } from './testing/testServer.js'

const freePort = (): Promise<number> =>
  new Promise((resolve) => {
    const server = createServer().listen(0, '127.0.0.1', () => {
      const { port } = server.address() as { port: number }
      server.close(() => resolve(port))
    })
  })

/** The real entry point on a folder, once it says that it is ready. */
function start(folder: string, port: number): Promise<ChildProcess> {
  return new Promise((resolve, reject) => {
    const child = spawn(process.execPath, ['--import', 'tsx', join(import.meta.dirname, 'main.ts'), '--port', String(port)], { env: { ...process.env, JOVRIN_DATA: folder }, stdio: ['ignore', 'pipe', 'inherit'] })
    child.stdout.on('data', (chunk: Buffer) => chunk.toString().includes('ready') && resolve(child))
    child.once('exit', () => reject(new Error('the server ended')))
  })
}

test('killed in the middle of writing, six times over: every acknowledged tank is there, and the file is sound', async () => {
  const folder = mkdtempSync(join(tmpdir(), 'jovrin-kill-'))
  const acknowledged = new Set<string>()
  for (let round = 0; round < 6; round++) {
    const port = await freePort()
    const child = await start(folder, port)
    const gone = new Promise((resolve) => child.once('exit', resolve))
    let isAlive = true
    const write = async (): Promise<void> => {
      while (isAlive) {
        const id = uuidV7(Date.now(), randomBytes(16))
        const answer = await fetch(`http://127.0.0.1:${port}/api/tanks`, { method: 'POST', headers: { 'Content-Type': 'application/json' }, body: JSON.stringify({ id, plan: plainPlan({ name: id }) }) }).catch(() => null)
        if (answer?.status === 201) acknowledged.add(id)
      }
    }
    const writers = [write(), write(), write()]
    await new Promise((resolve) => setTimeout(resolve, 60 + 40 * round)) // lets some writes through; where the kill falls is left to chance
    child.kill('SIGKILL')
    await gone
    isAlive = false
    await Promise.all(writers)
  }
  const db = await openDatabase(folder)
  const kept = new Set((await db<{ id: string }>('tank').select('id')).map(({ id }) => id))
  const plans = new Set((await db<{ tank_id: string }>('plan_revision').select('tank_id')).map((row) => row.tank_id))
  const [{ integrity_check: integrity }] = (await db.raw('PRAGMA integrity_check')) as [{ integrity_check: string }]
  await db.destroy()
  rmSync(folder, { recursive: true, force: true })
  expect(acknowledged.size).toBeGreaterThan(6)
  expect([...acknowledged].filter((id) => !kept.has(id))).toEqual([])
  // No half-written tank: each has its plan, none a plan alone.
  expect([...kept].filter((id) => !plans.has(id))).toEqual([])
  expect(integrity).toBe('ok')
}, 60_000)
