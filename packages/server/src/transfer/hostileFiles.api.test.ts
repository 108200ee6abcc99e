import { randomBytes } from 'node:crypto'
import { datePlusDays, uuidV7 } from '@jovrin/core'
import { READINGS_MOST_ROWS } from '@jovrin/contract'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { IS_LONG } from '../siege/long.js'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
const newId = (): string => uuidV7(Date.now(), randomBytes(16))
const setting = (change: object = {}) => ({
  id: newId(),
  effectiveOn: '2026-10-01',
  path: '/temperatureC',
  from: 24,
  to: 25,
  planRevision: 1,
  why: null,
  ...change,
})
const reading = (change: object = {}) => ({
  kind: 'reading',
  id: newId(),
  at: '2026-11-24T08:00:00.000Z',
  recordedBy: null,
  note: null,
  quantity: 'pH',
  value: 6.6,
  qualifier: '=',
  enteredText: '6.6',
  enteredUnit: '',
  basis: null,
  method: null,
  moment: null,
  eventId: null,
  ...change,
})
const file = (change: object = {}) => ({
  format: 'jovrin-tank',
  formatVersion: 1,
  writtenAt: '2026-11-24T09:00:00.000Z',
  writtenBy: '0.1.0',
  tank: { id: newId(), createdAt: '2026-09-01T09:00:00.000Z' },
  revisions: [{ revision: 1, createdAt: '2026-09-01T09:00:00.000Z', effectiveOn: null, plan: plainPlan(), act: 'edit', ofRevision: null }],
  settings: [],
  levers: {},
  journal: [],
  jobs: [],
  ...change,
})
const revision = (number: number, change: object) => ({
  revision: number,
  createdAt: '2026-09-02T09:00:00.000Z',
  effectiveOn: null,
  act: 'edit',
  ofRevision: null,
  ...change,
})
const send = (body: string | object, dryRun = false) =>
  server.agent
    .post(`/api/tank-files?dryRun=${dryRun}`)
    .set('Content-Type', 'application/json')
    .send(typeof body === 'string' ? body : JSON.stringify(body))
const TABLES = ['tank', 'plan_revision', 'setting_change', 'reading', 'event', 'job_record', 'lever_draft']
const counts = async (): Promise<number[]> => Promise.all(TABLES.map(async (table) => (await server.db(table)).length))

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
})
afterAll(() => server.close())

describe('a hostile tank file', () => {
  const twin = newId()
  test.each<[string, object | string, RegExp]>([
    ['reaches for what all objects share', file({ settings: [setting({ path: '/__proto__/polluted' })] }), /no such field/],
    ['reaches through a constructor', file({ settings: [setting({ path: '/constructor/prototype/polluted' })] }), /no such field/],
    ['names a place that no plan has', file({ settings: [setting({ path: '/lamps/0/watts' })] }), /no such field/],
    ['sets text where a number stands', file({ settings: [setting({ to: 'warm' })] }), /settings\.0\.to must be a number/],
    ['sets what is out of range', file({ settings: [setting({ to: 1e9 })] }), /settings\.0\.to must be at most/],
    [
      'sets a whole list of something else',
      file({ settings: [setting({ path: '/outlets', from: [], to: [{ id: 'o1' }] })] }),
      /settings\.0\.to/,
    ],
    [
      'nests without end',
      JSON.stringify(file({ settings: [setting({ to: 0 })] })).replace('"to":0', `"to":${'['.repeat(5000)}${']'.repeat(5000)}`),
      /nested/,
    ],
    [
      'holds a shared name in a plan',
      JSON.stringify(file()).replace('"name":"Reading-room river"', '"name":"x","__proto__":{"polluted":1}'),
      /__proto__/,
    ],
    [
      'holds half a character',
      JSON.stringify(file({ journal: [reading({ note: 'a@b' })] })).replace('a@b', 'a\\ud800b'),
      /half a character/,
    ],
    ['holds a NUL', file({ journal: [reading({ note: 'a\0b' })] }), /NUL/],
    [
      'has two settings of one id',
      file({ settings: [setting({ id: twin }), setting({ id: twin, path: '/roomCo2Ppm', from: 600, to: 700 })] }),
      /same id/,
    ],
    [
      'has edits that do not follow',
      file({ revisions: [...file().revisions, revision(2, { edits: [{ path: '/temperatureC', from: 1, to: 2 }] })] }),
      /does not follow/,
    ],
    [
      'has edits that lead out of what a plan may be',
      file({ revisions: [...file().revisions, revision(2, { edits: [{ path: '/temperatureC', from: 24.5, to: 4000 }] })] }),
      /Water temperature must be at most/,
    ],
    [
      'undoes what was never done',
      file({ revisions: [...file().revisions, revision(2, { act: 'undo', ofRevision: 1, plan: plainPlan() })] }),
      /undoes or redoes/,
    ],
    [
      'has an instant of many digits',
      file({ journal: [reading({ at: `2026-11-24T08:00:00.${'1'.repeat(200_000)}Z` })] }),
      /journal\.0\.at takes at most/,
    ],
    ['has a blank for who logged it', file({ journal: [reading({ recordedBy: '   ' })] }), /recordedBy/],
  ])('that %s is refused in a sentence, dry or not; nothing is kept, and the server goes on', async (_what, body, sentence) => {
    const before = await counts()
    for (const dryRun of [true, false]) {
      const answer = await send(body, dryRun)
      expect([400, 413, 422], answer.text).toContain(answer.status)
      expect(answer.body.detail).toMatch(sentence)
    }
    expect(await counts()).toEqual(before)
    expect(({} as Record<string, unknown>)['polluted']).toBeUndefined()
    await server.agent.get(`/api/tanks/${TANK_ID}/timeline`).expect(200)
  })

  test('a setting’s id that another tank uses is refused by the dry run as by the run', async () => {
    const shared = setting()
    await send(file({ settings: [shared] })).expect(201)
    for (const dryRun of [true, false]) {
      const answer = await send(file({ settings: [setting({ path: '/roomCo2Ppm', from: 600, to: 700 }), shared] }), dryRun)
      expect([answer.status, answer.body.detail]).toEqual([409, expect.stringMatching(/^Dated change 2 has an id that another tank uses/)])
    }
  })

  test('two thousand settings by date are taken, and the timeline tells them', async () => {
    const many = Array.from({ length: 2000 }, (_, index) =>
      setting({
        effectiveOn: datePlusDays('2026-09-02', index),
        path: index % 2 ? '/temperatureC' : '/roomCo2Ppm',
        from: index % 2 ? 24 : 600,
        to: index % 2 ? 20 + (index % 9) : 500 + index,
      }),
    )
    const { tankId } = (await send(file({ settings: many })).expect(201)).body as { tankId: string }
    const { changes } = (await server.agent.get(`/api/tanks/${tankId}/timeline`).expect(200)).body as { changes: unknown[] }
    expect(changes).toHaveLength(2000)
  })
})

describe('a hostile table of readings', () => {
  const MAPPING = {
    columns: [{ use: 'at' }, { use: 'reading', quantity: 'pH', unit: '' }],
    decimalMark: '.',
    dateOrder: 'ymd',
    timeZone: 'Europe/Berlin',
    delimiter: ',',
    hasHeader: false,
  }
  const take = (body: string | Buffer, mapping: object = MAPPING) =>
    server.agent
      .post(`/api/tanks/${TANK_ID}/readings.csv?mapping=${encodeURIComponent(JSON.stringify(mapping))}`)
      .set('Content-Type', 'text/csv')
      .send(body)

  test('of nothing but line ends, of too many rows, or of one endless row is refused, and nothing is kept', async () => {
    const before = await counts()
    expect((await take('\n'.repeat(12 * 1024 ** 2))).body).toMatchObject({
      status: 413,
      detail: expect.stringMatching(/rows at a time/) as string,
    })
    if (IS_LONG) expect((await take('2026-11-01,6.5\n'.repeat(READINGS_MOST_ROWS + 1))).body).toMatchObject({ status: 413 })
    expect((await take(','.repeat(4 * 1024 ** 2))).body).toMatchObject({ isKept: true, rows: 0 })
    expect((await take(`"${'x'.repeat(4 * 1024 ** 2)}`)).body).toMatchObject({ status: 422 })
    expect(await counts()).toEqual(before)
  })
  test('with a zone that there is none of is refused by its field', async () =>
    expect((await take('2026-11-01,6.5', { ...MAPPING, timeZone: 'Mars/Olympus' })).body).toMatchObject({ status: 400, field: 'timeZone' }))
  test('is held to the same limits as every other way in: long notes, long numbers, blank names', async () => {
    const columns = [...MAPPING.columns, { use: 'note' }, { use: 'recordedBy' }, { use: 'entered' }]
    const rows = [
      `2026-11-01,6.5,${'n'.repeat(4001)},,`,
      `2026-11-02,6.5,,${'r'.repeat(41)},`,
      `2026-11-03,6.5,,,${'7'.repeat(47)}`,
      `2026-11-04,${'6'.repeat(47)},,,`,
    ]
    const answer = await take(rows.join('\n'), { ...MAPPING, columns })
    expect(answer.body).toMatchObject({ isKept: false, refusedInAll: 4 })
    expect(answer.body.refused.map(({ detail }: { detail: string }) => detail)).toEqual([
      'note takes at most 4000 characters or entries.',
      'recordedBy takes at most 40 characters or entries.',
      'enteredText takes at most 40 characters or entries.',
      expect.stringMatching(/outside what this quantity can be/),
    ])
  })
  test('tells lines as an editor counts them, over blank lines and line ends in cells', async () => {
    const columns = [...MAPPING.columns, { use: 'note' }]
    const answer = await take('2026-11-01,6.5,"two\nlines"\n\n\n2026-11-02,sixish,\n', { ...MAPPING, columns })
    expect(answer.body.refused).toEqual([{ line: 5, detail: '“sixish” is not a number.' }])
  })
  test('a name that brings it in is cut between signs, never through one', async () => {
    const name = `${'a'.repeat(39)}🌿`
    const url = `/api/tanks/${TANK_ID}/readings.csv?recordedBy=${encodeURIComponent(name)}&mapping=${encodeURIComponent(JSON.stringify(MAPPING))}`
    await server.agent.post(url).set('Content-Type', 'text/csv').send('2026-11-05,6.5').expect(201)
    expect(await server.db('reading').where({ recorded_by: 'a'.repeat(39) })).toHaveLength(1)
  })
})

describe('a long piece of work', () => {
  test('is called off by its id, and nothing of it is kept', async () => {
    const before = await counts()
    const work = newId()
    const many = Array.from({ length: 60_000 }, () => reading())
    const answer = server.agent
      .post(`/api/tank-files?work=${work}`)
      .set('Content-Type', 'application/json')
      .send(JSON.stringify(file({ journal: many })))
      .then((told) => told)
    const progress = async (): Promise<number> => (await server.agent.get(`/api/works/${work}`).expect(200)).body.of
    while ((await progress()) === 0);
    await server.agent.delete(`/api/works/${work}`).expect(204)
    expect((await answer).body).toMatchObject({ status: 409, code: 'called_off' })
    expect(await progress()).toBe(0)
    expect(await counts()).toEqual(before)
  })
  test('whose id is none, or in use, is refused', async () => {
    expect((await server.agent.get('/api/works/nobody').expect(200)).body).toEqual({ done: 0, of: 0 })
    await server.agent.delete('/api/works/nobody').expect(204)
    expect((await server.agent.post('/api/tank-files?work=1').send(file())).status).toBe(400)
  })
})

test('schemas and workings under names that all objects share are not there', async () => {
  for (const name of ['__proto__', 'valueOf', 'hasOwnProperty', 'constructor', 'toString']) {
    await server.agent.get(`/api/schemas/${name}`).expect(404)
    await server.agent.get(`/api/schemas/${name}.json`).expect(404)
    await server.agent.post(`/api/workings/${name}`).send({}).expect(404)
    expect([400, 404]).toContain((await server.agent.delete(`/api/products/${name}`)).status)
  }
})
