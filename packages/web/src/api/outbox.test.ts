import 'fake-indexeddb/auto'
import type { JobRecord, JournalRecord } from '@jovrin/core'
import { afterEach, beforeEach, describe, expect, test, vi } from 'vitest'
import { problem, standInServer } from '../testing/standInServer.js'
import { ApiError } from './http.js'
import { newId } from './newId.js'
import { outbox } from './outbox.js'

const TANK = '01920000-0000-7000-8000-0000000000aa'
const note = (text: string): JournalRecord => ({
  id: newId(),
  at: '2026-11-24T08:00:00.000Z',
  recordedBy: 'phone',
  kind: 'note',
  note: text,
})
const job: JobRecord = {
  ruleId: 'light-step:t1',
  dueOn: '2026-11-24',
  state: 'done',
  movedTo: null,
  reason: null,
  at: '2026-11-24T09:00:00.000Z',
  recordedBy: null,
}
const entry = (body: unknown) => ({
  status: 201,
  body: { record: body, version: 1, createdAt: '2026-11-24T09:00:00.000Z', isDeleted: false },
})

/** What a phone's server does: away, or keeping every record by its id. */
let isAway = false
let refuses: string | null = null
let kept = new Map<string, unknown>()
let server: ReturnType<typeof standInServer>
const replayed = (): Promise<readonly string[]> =>
  new Promise((resolve) => {
    const stop = outbox.watch((tanks) => {
      resolve(tanks)
      queueMicrotask(() => stop())
    })
  })

beforeEach(() => {
  isAway = false
  refuses = null
  kept = new Map()
  server = standInServer(({ body, path, method }) => {
    if (isAway) return 'unreachable'
    if (refuses !== null) return problem(422, refuses)
    const record = body as { id?: string }
    kept.set(record.id ?? path, body)
    return method === 'PUT' ? { status: 201, body } : entry(body)
  })
})
afterEach(async () => {
  for (const { key } of outbox.list()) await outbox.discard(key)
  vi.unstubAllGlobals()
})

describe('with the server there', () => {
  test('a record goes out at once and nothing waits', async () => {
    const record = note('pearling')
    expect(await outbox.logRecord(TANK, record)).toBe('kept')
    expect(kept.get(record.id)).toEqual(record)
    expect(outbox.list()).toEqual([])
  })
  test('a job names the record that it replaces, and its rule is written safely into the address', async () => {
    expect(await outbox.tellJob(TANK, job, '2026-11-23T09:00:00.000Z')).toBe('kept')
    expect(server.asked[0]).toMatchObject({
      method: 'PUT',
      path: `/api/tanks/${TANK}/jobs/light-step%3At1/2026-11-24`,
      ifMatch: '"2026-11-23T09:00:00.000Z"',
    })
  })
  test('a refusal is thrown with the server’s sentence, and is not queued', async () => {
    refuses = 'The value is outside what this quantity can be.'
    await expect(outbox.logRecord(TANK, note('x'))).rejects.toThrow(refuses)
    expect(outbox.list()).toEqual([])
  })
})

describe('without the server', () => {
  test('records wait in their order, are sent once it is back, and their tanks are told', async () => {
    isAway = true
    const records = [note('one'), note('two'), note('three')]
    for (const record of records) {
      expect(await outbox.logRecord(TANK, record)).toBe('waiting')
      await new Promise((resolve) => setTimeout(resolve, 2)) // so that no two are queued in one millisecond
    }
    expect(outbox.list().map(({ sent }) => sent.record)).toEqual(records)
    isAway = false
    const before = server.asked.length
    expect(await replayed()).toEqual([TANK, TANK, TANK])
    expect(server.asked.slice(before).map(({ body }) => body)).toEqual(records)
    expect(outbox.list()).toEqual([])
  })
  test('a later answer about the same job replaces the one that waits', async () => {
    isAway = true
    await outbox.tellJob(TANK, job, null)
    await outbox.tellJob(TANK, { ...job, state: 'skipped' }, null)
    expect(outbox.list().map(({ sent }) => (sent.kind === 'job' ? sent.record.state : null))).toEqual(['skipped'])
  })
  test('what is taken back never goes out', async () => {
    isAway = true
    const [gone, stays] = [note('gone'), note('stays')]
    await outbox.logRecord(TANK, gone)
    await outbox.logRecord(TANK, stays)
    await outbox.discard(gone.id)
    isAway = false
    await replayed()
    expect([...kept.keys()]).toEqual([stays.id])
  })
  test('listeners hear of every change until they leave', async () => {
    isAway = true
    let heard = 0
    const leave = outbox.subscribe(() => heard++)
    await outbox.logRecord(TANK, note('a'))
    expect(heard).toBe(1)
    leave()
    await outbox.logRecord(TANK, note('b'))
    expect(heard).toBe(1)
  })
  test('a server that asks to sign in, or is restoring, is away too', async () => {
    for (const status of [401, 503]) {
      standInServer(() => problem(status, 'Sign in with the passphrase first.'))
      expect(await outbox.logRecord(TANK, note(String(status)))).toBe('waiting')
    }
    expect(outbox.list()).toHaveLength(2)
  })
})

describe('what the server refuses on the way back', () => {
  test('stays with the server’s sentence, is not sent again by itself, and does not hold up the others', async () => {
    isAway = true
    const [bad, good] = [note('bad'), note('good')]
    await outbox.logRecord(TANK, bad)
    await new Promise((resolve) => setTimeout(resolve, 2))
    await outbox.logRecord(TANK, good)
    const back = standInServer(({ body }) =>
      (body as JournalRecord).id === bad.id ? problem(409, 'Something else is already stored under this id.') : entry(body),
    )
    expect(await replayed()).toEqual([TANK])
    expect(outbox.list().map(({ key, refusal }) => [key, refusal])).toEqual([[bad.id, 'Something else is already stored under this id.']])
    window.dispatchEvent(new Event('online'))
    await new Promise((resolve) => setTimeout(resolve, 20))
    expect(back.asked.filter(({ body }) => (body as JournalRecord).id === bad.id)).toHaveLength(1)
  })
  test('a server that goes away in the middle keeps the rest waiting', async () => {
    isAway = true
    const records = [note('1'), note('2'), note('3')]
    for (const record of records) {
      await outbox.logRecord(TANK, record)
      await new Promise((resolve) => setTimeout(resolve, 2))
    }
    let answered = 0
    standInServer(({ body }) => (answered++ < 1 ? entry(body) : 'unreachable'))
    expect(await replayed()).toEqual([TANK])
    expect(outbox.list().map(({ sent }) => sent.record)).toEqual(records.slice(1))
  })
})

test('errors carry the status, so that offline and refused can be told apart', async () => {
  standInServer(() => problem(412, 'Somebody changed this since you looked.'))
  const refused = await outbox.logRecord(TANK, note('x')).catch((error: unknown) => error)
  expect(refused).toBeInstanceOf(ApiError)
  expect((refused as ApiError).status).toBe(412)
})
