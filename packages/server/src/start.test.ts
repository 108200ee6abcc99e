import { spawn } from 'node:child_process'
import { chmodSync, mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs'
import { createServer } from 'node:net'
import { tmpdir } from 'node:os'
import { basename, join } from 'node:path'
import { afterEach, expect, test } from 'vitest'
import { openDatabase } from './db/connection.js'
import { bundled } from './testing/bundle.js'
import { plainPlan, TANK_ID, testServer } from './testing/testServer.js'

const folders: string[] = []
const folder = (): string => {
  const made = mkdtempSync(join(tmpdir(), 'jovrin-start-'))
  folders.push(made)
  return made
}
afterEach(() => folders.splice(0).forEach((made) => rmSync(made, { recursive: true, force: true })))

/** Runs the real entry point until it ends by itself. */
function startAndEnd(args: string[], env: Record<string, string>, script = 'main'): Promise<{ code: number | null; text: string }> {
  return new Promise((resolve) => {
    const child = spawn(process.execPath, [bundled(script), ...args], {
      env: { ...process.env, ...env },
    })
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
  const [port, clock] = await Promise.all([
    startAndEnd(['--port', '70000'], { JOVRIN_DATA: folder() }),
    startAndEnd([], { JOVRIN_DATA: folder(), JOVRIN_NOW: 'tomorrow' }),
  ])
  expect(port.text).toMatch(/^"70000" is not a port\. .*\.$/)
  expect(clock.text).toMatch(/^JOVRIN_NOW is "tomorrow", .*\.$/)
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

test('a database of no bytes, or of one, is refused as lost and not taken for an empty shelf', async () => {
  for (const bytes of ['', 'x']) {
    const data = folder()
    writeFileSync(join(data, 'jovrin.sqlite'), bytes)
    await expect(openDatabase(data)).rejects.toThrow(/is there, but it is empty\..*npm run restore/)
    expect(readFileSync(join(data, 'jovrin.sqlite'), 'utf8')).toBe(bytes)
  }
})

test('a database without one of its tables, or with another column, is refused by name', async () => {
  const spoilt = async (sql: string): Promise<string> => {
    const data = folder()
    const db = await openDatabase(data)
    await db.raw(sql)
    await db.destroy()
    return data
  }
  await expect(openDatabase(await spoilt('DROP TABLE photo'))).rejects.toThrow(/the table photo is missing.*Nothing was changed/)
  await expect(openDatabase(await spoilt('ALTER TABLE event ADD COLUMN mood TEXT'))).rejects.toThrow(/the table event has other columns/)
})

test('a database is never half there: it is made under another name', async () => {
  const data = folder()
  writeFileSync(join(data, 'jovrin.sqlite.new'), 'left by a process that died while it made one')
  const db = await openDatabase(data)
  expect(await db('tank')).toEqual([])
  await db.destroy()
  expect(readdirSync(data).filter((name) => name.includes('.new'))).toEqual([])
})

test('words that it does not know at the start, and a spoiled passphrase file: one sentence each, no trace of the inside', async () => {
  const data = folder()
  writeFileSync(join(data, 'access.json'), '{"salt": 7}')
  const [unknown, spoiled] = await Promise.all([
    startAndEnd(['--prot', '1'], { JOVRIN_DATA: folder() }),
    startAndEnd(['--lan'], { JOVRIN_DATA: data }),
  ])
  expect(unknown).toMatchObject({ code: 1, text: expect.stringMatching(/--prot.* What can be given: --port NUMBER, --lan\.$/) as string })
  expect(spoiled.code).toBe(1)
  expect(spoiled.text).toMatch(/^\S*access\.json cannot be read\. Delete it and set JOVRIN_PASSPHRASE once more; .*\.$/)
  expect(spoiled.text).not.toContain('    at ')
})

test('a fault that nobody expected: it says so, ends in order and with a code of its own, and what was kept is kept', async () => {
  const data = folder()
  const first = await testServer(data)
  await first.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  await first.close(true)
  const fault = join(folder(), 'fault.mjs')
  writeFileSync(
    fault,
    `const write = process.stdout.write.bind(process.stdout)
    process.stdout.write = (chunk, ...rest) => {
      if (String(chunk).includes('ready')) setTimeout(() => Promise.reject(new Error('nobody caught this')), 100)
      return write(chunk, ...rest)
    }`,
  )
  const probe = createServer().listen(0, '127.0.0.1')
  await new Promise((resolve) => probe.once('listening', resolve))
  const { port } = probe.address() as { port: number }
  await new Promise((resolve) => probe.close(resolve))
  const fallen = await startAndEnd(['--port', String(port)], { JOVRIN_DATA: data, NODE_OPTIONS: `--import file://${fault}` })
  expect(fallen.code).toBe(70)
  expect(fallen.text).toMatch(/ready/)
  expect(fallen.text).toMatch(/nobody caught this/)
  expect(fallen.text).toMatch(/Jovrin met a fault that it cannot go on after, and ends\./)
  const again = await testServer(data)
  await again.agent.get(`/api/tanks/${TANK_ID}`).expect(200)
  await again.close(true)
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

test('the local network needs a passphrase, and a long one', async () => {
  const [none, short] = await Promise.all([
    startAndEnd(['--lan'], { JOVRIN_DATA: folder() }),
    startAndEnd(['--lan'], { JOVRIN_DATA: folder(), JOVRIN_PASSPHRASE: 'short' }),
  ])
  expect(none.code).toBe(1)
  expect(none.text).toMatch(/^Opening to the local network needs a passphrase\. .*\.$/)
  expect(short.text).toBe('The passphrase needs at least 10 characters.')
})

test('backup and restore by command: out, wiped, back; a missing file and a file in the way are told in a sentence', async () => {
  const data = folder()
  const server = await testServer(data)
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  await server.close(true)
  const zip = join(folder(), 'all.zip')
  const command = (args: string[]) => startAndEnd(args, { JOVRIN_DATA: data }, 'backup/command')
  expect((await command(['backup', zip])).text).toMatch(/^Backup written: .*all\.zip \(\d+ bytes, 1 files\)\.$/)
  expect((await command(['backup', zip])).text).toMatch(/exists already\. Name another file\.$/)
  rmSync(join(data, 'jovrin.sqlite'))
  expect((await command(['restore', zip])).text).toMatch(/^Restored 1 tanks and 0 records\. The data of before is kept in /)
  const back = await testServer(data)
  await back.agent.get(`/api/tanks/${TANK_ID}`).expect(200)
  await back.close(true)
  expect(await command(['restore', join(data, 'nothing.zip')])).toMatchObject({
    code: 1,
    text: expect.stringMatching(/^There is no file /) as string,
  })
  expect((await command(['restore'])).text).toBe('Say which backup: npm run restore -- FILE')
  for (const name of readdirSync(join(data, '..')).filter((entry) => entry.startsWith(`${basename(data)}.before-`)))
    rmSync(join(data, '..', name), { recursive: true })
}, 120_000)
