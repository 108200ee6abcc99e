import { existsSync, readdirSync, rmSync } from 'node:fs'
import { randomBytes } from 'node:crypto'
import { basename, dirname } from 'node:path'
import { uuidV7 } from '@jovrin/core'
import { READINGS_MOST_ROWS } from '@jovrin/contract'
import { strToU8, zipSync } from 'fflate'
import sharp from 'sharp'
import { afterAll, beforeAll, expect, test as every } from 'vitest'
import { plainPlan, TANK_ID } from '../testing/plainPlan.js'
import { IS_LONG, report } from './long.js'
import { runningServer, watch, type Asked, type RunningServer } from './runningServer.js'

/** Whoever asks how the server is waits no longer than this, whatever comes in meanwhile. Held in a long siege alone: a machine that runs other tests beside says nothing of it. */
const MOST_WAIT_MS = 250
const json = { 'Content-Type': 'application/json' }
const newId = (): string => uuidV7(Date.now(), randomBytes(16))

/** Seen in a long siege alone; what each bomb meets is tested beside it in every run. */
const test = every.runIf(IS_LONG)

let server: RunningServer
let waits = 0
beforeAll(async () => {
  if (!IS_LONG) return
  server = await runningServer()
  await server.ask({ method: 'POST', path: '/api/tanks', headers: json, body: JSON.stringify({ id: TANK_ID, plan: plainPlan() }) })
})
afterAll(async () => {
  if (!IS_LONG) return
  expect(await server.stop()).toBe(0)
  rmSync(server.folder, { recursive: true, force: true })
})

/** Sends it, and says how long anybody else waited meanwhile. */
async function drop(what: string, asked: Asked, statuses: readonly number[]): Promise<void> {
  const stopWatching = watch(server)
  const started = performance.now()
  const answer = await server.ask(asked)
  const { longestMs, asked: times } = await stopWatching()
  waits = Math.max(waits, longestMs)
  report('bomb', {
    what,
    bytes: Buffer.byteLength(asked.body ?? ''),
    answer: answer?.status ?? 'none',
    ms: Math.round(performance.now() - started),
    'longest wait ms': longestMs,
  })
  expect(statuses, `${what}: ${answer?.body.toString().slice(0, 300)}`).toContain(answer?.status)
  expect(times).toBeGreaterThan(0)
  if (IS_LONG) expect(longestMs, what).toBeLessThan(MOST_WAIT_MS)
}

const mapping = {
  columns: [{ use: 'at' }, { use: 'reading', quantity: 'pH', unit: '' }],
  decimalMark: '.',
  dateOrder: 'ymd',
  timeZone: 'Europe/Berlin',
  delimiter: ',',
  hasHeader: false,
}
const csv = (body: string): Asked => ({
  method: 'POST',
  path: `/api/tanks/${TANK_ID}/readings.csv?mapping=${encodeURIComponent(JSON.stringify(mapping))}`,
  headers: { 'Content-Type': 'text/csv' },
  body,
})
const rows = (count: number): string =>
  Array.from(
    { length: count },
    (_, index) => `${new Date(Date.parse('2024-01-01') + index * 600_000).toISOString()},${(6 + (index % 20) / 20).toFixed(2)}`,
  ).join('\n')
const tankFile = (change: object): Asked => ({
  method: 'POST',
  path: '/api/tank-files',
  headers: json,
  body: JSON.stringify({
    format: 'jovrin-tank',
    formatVersion: 2,
    writtenAt: '2026-11-24T09:00:00.000Z',
    writtenBy: '0.1.0',
    tank: { id: newId(), createdAt: '2026-09-01T09:00:00.000Z' },
    revisions: [
      { revision: 1, createdAt: '2026-09-01T09:00:00.000Z', effectiveOn: null, plan: plainPlan(), act: 'edit', ofRevision: null },
    ],
    settings: [],
    levers: {},
    journal: [],
    jobs: [],
    ...change,
  }),
})
const note = (index: number): object => ({
  kind: 'note',
  id: newId(),
  at: '2026-11-24T08:00:00.000Z',
  recordedBy: null,
  note: `note ${index}`,
})
const restore = (body: Uint8Array): Asked => ({
  method: 'POST',
  path: '/api/restore',
  headers: { 'Content-Type': 'application/zip' },
  body,
})
const revision = (number: number, change: object): object => ({
  revision: number,
  createdAt: '2026-09-02T09:00:00.000Z',
  effectiveOn: null,
  act: 'edit',
  ofRevision: null,
  ...change,
})

test('tables of readings: as many rows as there may be, more, nothing but line ends, one endless row', async () => {
  await drop('table of most rows', csv(rows(READINGS_MOST_ROWS)), [201])
  await drop('the same again', csv(rows(READINGS_MOST_ROWS)), [201])
  if (IS_LONG) await drop('table of too many rows', csv(rows(READINGS_MOST_ROWS + 1)), [413])
  await drop('line ends', csv('\n'.repeat(16 * 1024 ** 2 - 1)), [413])
  await drop('one endless row', csv(','.repeat(16 * 1024 ** 2 - 1)), [200, 201])
  await drop('an open quotation mark', csv(`"${'x'.repeat(16 * 1024 ** 2 - 2)}`), [422])
}, 600_000)

test('tank files: many records, many settings, many revisions, plans that swell, one that is too large', async () => {
  await drop('many records', tankFile({ journal: Array.from({ length: 150_000 }, (_, index) => note(index)) }), [201])
  const settings = Array.from({ length: 10_000 }, (_, index) => ({
    id: newId(),
    effectiveOn: new Date(Date.parse('2026-09-02') + index * 86_400_000).toISOString().slice(0, 10),
    path: '/temperatureC',
    from: 24,
    to: 20 + (index % 9),
    planRevision: 1,
    why: null,
  }))
  const withSettings = tankFile({ settings })
  await drop('many settings', withSettings, [201])
  const id = (JSON.parse(String(withSettings.body)) as { tank: { id: string } }).tank.id
  for (const place of ['timeline', 'jobs?from=2026-09-01&to=2026-10-01', 'settings', 'file'])
    await drop(`${place} of it`, { path: `/api/tanks/${id}/${place}` }, [200])
  const first = { revision: 1, createdAt: '2026-09-01T09:00:00.000Z', effectiveOn: null, plan: plainPlan(), act: 'edit', ofRevision: null }
  const many = Array.from({ length: 5000 }, (_, index) =>
    revision(index + 2, { edits: [{ path: '/temperatureC', from: index === 0 ? 24.5 : 20 + (index % 9), to: 20 + ((index + 1) % 9) }] }),
  )
  await drop('many revisions', tankFile({ revisions: [first, ...many] }), [201])
  const tabs = Array.from({ length: 1000 }, (_, index) => ({ id: `t${index}`, kind: 'tab', xCm: 1, yCm: 1 }))
  const swelling = Array.from({ length: 12_000 }, (_, index) =>
    revision(index + 2, { edits: [{ path: '/isTrimmed', from: index % 2 === 0, to: index % 2 === 1 }] }),
  )
  await drop('plans that swell', tankFile({ revisions: [{ ...first, plan: { ...plainPlan(), tabs } }, ...swelling] }), [413])
  await drop('too large', { ...tankFile({}), body: Buffer.alloc(65 * 1024 ** 2, 0x20) }, [413])
}, 900_000)

test('archives: one that swells, one of ten thousand small files, one that is none; whatever comes of it, the data stays', async () => {
  const zeros = new Uint8Array(600 * 1024 ** 2)
  await drop('archive that swells', restore(zipSync({ [`photos/${'b'.repeat(64)}.jpg`]: zeros }, { level: 9 })), [422])
  const small = Object.fromEntries(
    Array.from({ length: 10_000 }, (_, index) => [`photos/${index.toString(16).padStart(64, '0')}.jpg`, strToU8(String(index))]),
  )
  await drop('many small files', restore(zipSync(small, { level: 0 })), [422])
  await drop('no archive', restore(randomBytes(1024 ** 2)), [422])
  expect(existsSync(`${server.folder}.restored`)).toBe(false)
  expect((await server.ask({ path: `/api/tanks/${TANK_ID}` }))?.status).toBe(200)
}, 600_000)

test('pictures: of too many pixels, of another kind, of nothing', async () => {
  const bomb = await sharp({ create: { width: 16_000, height: 6000, channels: 3, background: 'black' }, limitInputPixels: false })
    .png({ compressionLevel: 9 })
    .toBuffer()
  const upload = (bytes: Buffer): Asked => ({
    method: 'POST',
    path: `/api/tanks/${TANK_ID}/photos`,
    headers: { 'Content-Type': 'multipart/form-data; boundary=seam' },
    body: Buffer.concat([
      Buffer.from('--seam\r\nContent-Disposition: form-data; name="photo"; filename="x.jpg"\r\n\r\n'),
      bytes,
      Buffer.from('\r\n--seam--\r\n'),
    ]),
  })
  await drop('too many pixels', upload(bomb), [415])
  await drop('drawing', upload(Buffer.from('<svg xmlns="http://www.w3.org/2000/svg"/>')), [415])
  await drop('forty megabytes of noise', upload(Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), randomBytes(39 * 1024 ** 2)])), [415])
}, 600_000)

test('backups, files and restores broken off at any moment: nothing is left behind, and the next one is whole', async () => {
  const whole = await server.ask({ path: '/api/backup.zip' })
  expect(whole?.status).toBe(200)
  const stopWatching = watch(server)
  const tries = 120
  for (let time = 0; time < tries; time++)
    await Promise.all([
      server.ask({ path: '/api/backup.zip', breakOffMs: 2 + ((time * 7) % 400) }),
      server.ask({ path: `/api/tanks/${TANK_ID}/file`, breakOffMs: 2 + ((time * 11) % 300) }),
      server.ask({ ...restore(whole!.body), breakOffMs: 2 + ((time * 13) % 250) }),
    ])
  const { longestMs } = await stopWatching()
  let left: string[] = []
  // Restores that were sent whole before their senders left are done one after another, each with all the data of before.
  for (let look = 0; look < 600; look++) {
    left = [
      ...readdirSync(server.folder).filter((name) => name.startsWith('.backup-')),
      ...['.inbox', '.outbox'].flatMap((name) => (existsSync(`${server.folder}/${name}`) ? readdirSync(`${server.folder}/${name}`) : [])),
      ...readdirSync(dirname(server.folder)).filter((name) => name === `${basename(server.folder)}.restored`),
    ]
    if (left.length === 0) break
    await new Promise((resolve) => setTimeout(resolve, 100))
  }
  report('broken off', { tries: 3 * tries, left: left.join(' ') || 0, 'longest wait ms': longestMs })
  expect(left).toEqual([])
  expect(server.isRunning(), server.said()).toBe(true)
  // A restore that was sent whole goes on after its sender has gone; nobody is served while the folders change places.
  let next = 503
  for (let look = 0; next === 503 && look < 100; look++) {
    next = (await server.ask({ path: '/api/backup.zip' }))?.status ?? 0
    if (next === 503) await new Promise((resolve) => setTimeout(resolve, 100))
  }
  expect(next).toBe(200)
  for (const name of readdirSync(dirname(server.folder)).filter((entry) => entry.startsWith(`${basename(server.folder)}.before-`)))
    rmSync(`${dirname(server.folder)}/${name}`, { recursive: true })
}, 900_000)

test('in all of it nobody waited long', () => {
  report('bombs', { 'longest wait ms': waits })
  expect(waits).toBeGreaterThan(0)
})
