import { randomBytes } from 'node:crypto'
import { uuidV7 } from '@jovrin/core'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
const journal = `/api/tanks/${TANK_ID}/journal`
const note = (text: string, change: object = {}) => ({
  kind: 'note',
  id: uuidV7(Date.now(), randomBytes(16)),
  at: '2026-11-24T08:00:00.000Z',
  recordedBy: null,
  note: text,
  ...change,
})
const send = (body: string) => server.agent.post(journal).set('Content-Type', 'application/json').send(body)

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
})
afterAll(() => server.close())

test('half a character is refused wherever it stands, and the journal stays readable', async () => {
  const halves = ['"note":"a\\ud800b"', '"note":"\\udc00"', '"note":"x","recordedBy":"\\ud83c"']
  for (const half of halves) {
    const body = JSON.stringify(note('@'))
      .replace('"note":"@"', half)
      .replace('"recordedBy":null,', half.includes('recordedBy') ? '' : '"recordedBy":null,')
    const refused = await send(body)
    expect([refused.status, refused.body.code]).toEqual([400, 'not_text'])
  }
  const half = encodeURIComponent('🌿').slice(0, 9)
  expect((await server.agent.get(`${journal}?q=${half}`)).status).toBeLessThan(500)
  expect((await server.agent.get(journal).expect(200)).body.entries).toEqual([])
})
test('a NUL is refused instead of cutting short what was acknowledged', async () => {
  expect((await send(JSON.stringify(note('a\0b')))).body.code).toBe('not_text')
  expect((await server.agent.get(`${journal}?q=a%00b`)).body.code).toBe('not_text')
  expect((await server.agent.get('/api/tanks/a%00b')).body.code).toBe('not_text')
})
test('whole signs of every kind come back as they were sent', async () => {
  const text = 'plants 🌿 👨‍👩‍👧 e\u0301 \u202e עברית \uFFFD \u2028 end'
  const record = note(text)
  await send(JSON.stringify(record)).expect(201)
  expect((await server.agent.get(journal).expect(200)).body.entries[0].record).toEqual(record)
})
test('an instant is kept in one form; one of endless digits is refused', async () => {
  const record = note('x', { at: '2026-11-24T08:00:00.123456Z' })
  const kept = (await send(JSON.stringify(record)).expect(201)).body
  expect(kept.record.at).toBe('2026-11-24T08:00:00.123Z')
  // The same body again is the same record.
  await send(JSON.stringify(record)).expect(200)
  const endless = note('x', { at: `2026-11-24T08:00:00.${'0'.repeat(200_000)}Z` })
  expect((await send(JSON.stringify(endless))).body).toMatchObject({ status: 400, field: 'at' })
  const job = { ruleId: 'change', dueOn: '2026-11-24', state: 'done', movedTo: null, reason: null, at: endless.at, recordedBy: null }
  expect((await server.agent.put(`/api/tanks/${TANK_ID}/jobs/change/2026-11-24`).send(job)).status).toBe(400)
})
test('a body that is nested without end is refused by what it is', async () => {
  const nested = `${'['.repeat(5000)}${']'.repeat(5000)}`
  for (const [method, url] of [
    ['post', journal],
    ['post', '/api/tanks'],
    ['post', '/api/forecasts'],
    ['put', `/api/tanks/${TANK_ID}/levers`],
  ] as const)
    expect((await server.agent[method](url).set('Content-Type', 'application/json').send(nested)).body).toMatchObject({
      status: 400,
      code: 'too_deep',
    })
})
