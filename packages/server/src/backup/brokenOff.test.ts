import { createServer, get, type Server } from 'node:http'
import { readdirSync } from 'node:fs'
import { setTimeout as pause } from 'node:timers/promises'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

const TRIES = process.env['JOVRIN_LONG'] === undefined ? 8 : 120
let server: TestServer
let http: Server
let address: string
const leftovers = (): string[] => readdirSync(server.folder).filter((name) => name.startsWith('.backup-'))

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  // Enough that an archive is not over before it is broken off.
  const chance = 'SELECT lower(hex(randomblob(1000)))'
  for (let index = 0; index < 600; index++)
    await server.db.raw(
      `INSERT INTO event (id, tank_id, at, kind, detail, note, version, created_at) VALUES (?, ?, '2026-11-24T08:00:00.000Z', 'note', '{}', (${chance}), 1, 'x')`,
      [`01920000-0000-7000-8000-${String(index).padStart(12, '0')}`, TANK_ID],
    )
  http = createServer(server.handler).listen(0, '127.0.0.1')
  await new Promise((resolve) => http.once('listening', resolve))
  address = `http://127.0.0.1:${(http.address() as { port: number }).port}`
})
afterAll(async () => {
  http.closeAllConnections()
  await new Promise((resolve) => http.close(resolve))
  await server.close()
})

/** Asks for a backup and hangs up after so many bytes, or so many milliseconds. */
const brokenOff = (path: string, afterBytes: number, afterMs: number): Promise<void> =>
  new Promise((resolve) => {
    const request = get(`${address}${path}`, { headers: { host: 'localhost' } })
    let bytes = 0
    const hangUp = (): void => void request.destroy()
    const timer = setTimeout(hangUp, afterMs)
    request.on('response', (response) => {
      response.on('data', (chunk: Buffer) => {
        bytes += chunk.length
        if (bytes >= afterBytes) hangUp()
      })
      response.on('error', () => undefined)
    })
    request.on('error', () => undefined)
    request.on('close', () => {
      clearTimeout(timer)
      resolve()
    })
  })

test('backups and files that are broken off, at whatever moment, end nothing and leave nothing behind', async () => {
  const faults: unknown[] = []
  const note = (error: unknown): void => void faults.push(error)
  process.on('unhandledRejection', note)
  for (let time = 0; time < TRIES; time++)
    await Promise.all([
      brokenOff('/api/backup.zip', 1 + (time % 30) * 4000, 2000),
      brokenOff('/api/backup.zip', Number.MAX_SAFE_INTEGER, (time % 60) * 3),
      brokenOff(`/api/tanks/${TANK_ID}/file`, 1 + (time % 30) * 4000, 5 + (time % 30) * 5),
    ])
  for (let time = 0; time < 40 && leftovers().length > 0; time++) await pause(50)
  process.off('unhandledRejection', note)
  expect(faults).toEqual([])
  expect(leftovers()).toEqual([])
  const whole = await server.agent.get('/api/backup.zip').buffer(true).expect(200)
  expect(whole.headers['content-type']).toBe('application/zip')
  expect(
    readdirSync(server.folder)
      .filter((name) => name === '.outbox')
      .flatMap((name) => readdirSync(`${server.folder}/${name}`)),
  ).toEqual([])
})
