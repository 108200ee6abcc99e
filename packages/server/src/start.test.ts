import { spawn } from 'node:child_process'
import { chmodSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { afterEach, expect, test } from 'vitest'
import { openDatabase } from './db/connection.js'
import { plainPlan, TANK_ID, testServer } from './testing/testServer.js'

const folders: string[] = []
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'jovrin-start-'))
  folders.push(made)
  return made
}
afterEach(() => folders.splice(0).forEach((made) => rmSync(made, { recursive: true, force: true })))

/** Runs the real entry point until it ends by itself. */
function startAndEnd(args: string[], env: Record<string, string>): Promise<{ code: number | null; text: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, ['--import', 'tsx', join(import.meta.dirname, 'main.ts'), ...args], { env: { ...process.env, ...env } })
    let text = ''
    child.stdout.on('data', (chunk: Buffer) => (text += chunk.toString()))
    child.stderr.on('data', (chunk: Buffer) => (text += chunk.toString()))
    child.on('exit', (code) => resolve({ code, text: text.trim() }))
  })
}

test('a port in use: one sentence, non-zero exit', async () => {
  const taken = createServer().listen(0, '127.0.0.1')
  await new Promise((resolve) => taken.once('listening', resolve))
  const { port } = taken.address() as { port: number }
  const { code, text } = await startAndEnd(['--port', String(port)], { JOVRIN_DATA: folder() })
  taken.close()
  expect(code).toBe(1)
  expect(text).toBe(`Port ${port} is in use. Choose another with --port or JOVRIN_PORT.`)
})

test('a port that is none, a clock that is none', async () => {
  expect((await startAndEnd(['--port', '70000'], { JOVRIN_DATA: folder() })).text).toMatch(/^"70000" is not a port\. .*\.$/)
  expect((await startAndEnd([], { JOVRIN_DATA: folder(), JOVRIN_NOW: 'tomorrow' })).text).toMatch(/^JOVRIN_NOW is "tomorrow", .*\.$/)
})

test('a folder that cannot be made: one sentence, non-zero exit', async () => {
  const file = join(folder(), 'a-file')
  writeFileSync(file, '')
  chmodSync(file, 0o400)
  const { code, text } = await startAndEnd([], { JOVRIN_DATA: join(file, 'inside') })
  expect(code).toBe(1)
  expect(text).toMatch(/^The data folder .*a-file\/inside cannot be written\. Choose another with JOVRIN_DATA\.$/)
})

test('a database from a newer version is refused and not touched', async () => {
  const data = folder()
  const db = await openDatabase(data)
  await db('knex_migrations').insert({ name: '9999_from_the_future', batch: 9, migration_time: '2030-01-01' })
  await db.destroy()
  await expect(openDatabase(data)).rejects.toThrow(/newer Jovrin \(it has "9999_from_the_future"\)/)
})

test('a file that is no database is refused in a sentence', async () => {
  const data = folder()
  writeFileSync(join(data, 'jovrin.sqlite'), 'this is no database, but long enough to be looked at as one '.repeat(40))
  await expect(openDatabase(data)).rejects.toThrow(/is not a readable database/)
})

test('what was kept is there after a restart, with foreign keys on and full durability', async () => {
  const first = await testServer(folder())
  await first.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  await first.close(true)
  const second = await testServer(first.folder)
  expect((await second.agent.get(`/api/tanks/${TANK_ID}`).expect(200)).body.plan).toEqual(plainPlan())
  const [{ foreign_keys: foreignKeys }] = (await second.db.raw('PRAGMA foreign_keys')) as [{ foreign_keys: number }]
  const [{ synchronous }] = (await second.db.raw('PRAGMA synchronous')) as [{ synchronous: number }]
  expect([foreignKeys, synchronous]).toEqual([1, 2])
  await expect(second.db('lever_draft').insert({ tank_id: 'nobody', document: '{}', updated_at: 'x' })).rejects.toThrow(/FOREIGN KEY/i)
  await second.close()
})
