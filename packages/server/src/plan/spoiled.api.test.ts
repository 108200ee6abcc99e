import { afterEach, beforeEach, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

/** What is on disk was checked on its way in; here it has been spoiled since. */
let server: TestServer
const OTHER = '01920000-0000-7000-8000-0000000000bb'
const url = (tank = TANK_ID): string => `/api/tanks/${tank}`
const NOW = '2026-11-24T09:00:00.000Z'

beforeEach(async () => {
  server = await testServer()
  for (const id of [TANK_ID, OTHER]) await server.agent.post('/api/tanks').send({ id, plan: plainPlan() }).expect(201)
})
afterEach(() => server.close())
const unreadable = async () =>
  (await server.agent.get('/api/unreadable?all=true').expect(200)).body as { what: string; id: string; tankId: string; detail: string }[]

test.each([
  ['no JSON', 'x'],
  ['another document', '{}'],
  ['a plan that reaches for what all objects share', JSON.stringify(plainPlan()).replace('"name"', '"__proto__":{"polluted":true},"name"')],
])('a tank whose only plan is %s keeps no other tank from the shelf', async (_what, document) => {
  await server.db('plan_revision').where({ tank_id: TANK_ID }).update({ document })
  const shelf = (await server.agent.get('/api/tanks').expect(200)).body as { id: string }[]
  expect(shelf.map(({ id }) => id)).toEqual([OTHER])
  for (const path of ['', '/file', '/readings.csv', '/calendar.ics']) {
    const answer = await server.agent.get(`${url()}${path}`)
    expect([answer.status, answer.body.code], path).toEqual([409, 'unreadable'])
    expect(answer.body.detail).toMatch(/npm run rescue/)
  }
  await server.agent.get('/api/round').expect(200)
  await server.agent.get('/api/calendar.ics').expect(200)
  await server.agent.get(`${url(OTHER)}/timeline`).expect(200)
  expect(await unreadable()).toMatchObject([{ what: 'plan', tankId: TANK_ID, id: '1' }])
  expect((await server.agent.get('/api/unreadable').expect(200)).body).toMatchObject([{ what: 'plan', tankId: TANK_ID }])
  expect(({} as Record<string, unknown>)['polluted']).toBeUndefined()
})

test('a spoiled newest revision is passed over: the plan before it holds, the next edit follows, and the file tells the same', async () => {
  await server.agent
    .put(`${url()}/plan`)
    .set('If-Match', '1')
    .send(plainPlan({ temperatureC: 26 }))
    .expect(200)
  await server.agent
    .put(`${url()}/plan`)
    .set('If-Match', '2')
    .send(plainPlan({ temperatureC: 27 }))
    .expect(200)
  await server.db('plan_revision').where({ tank_id: TANK_ID, revision: 3 }).update({ document: '{}' })
  const told = (await server.agent.get(`${url()}/plan/revision`).expect(200)).body
  expect([told.revision, told.plan.temperatureC]).toEqual([3, 26])
  await server.agent
    .put(`${url()}/plan`)
    .set('If-Match', '3')
    .send(plainPlan({ temperatureC: 28 }))
    .expect(200)
  expect((await server.agent.post(`${url()}/plan/undo`).set('If-Match', '4')).body).toMatchObject({ status: 409, code: 'unreadable' })
  const file = (await server.agent.get(`${url()}/file`).expect(200)).body as { revisions: object[] }
  expect(file.revisions).toHaveLength(4)
  await server.agent.post('/api/tank-files?as=copy').send(file).expect(201)
})

test('settings of places that no plan has, or of no value, are left out, and the rest of the timeline holds', async () => {
  await server.agent
    .put(`${url()}/plan?effectiveOn=2026-10-01`)
    .set('If-Match', '1')
    .send(plainPlan({ temperatureC: 26 }))
    .expect(200)
  const bad = (id: string, path: string, to: string) => ({
    id: `01920000-0000-7000-8000-0000000000${id}`,
    tank_id: TANK_ID,
    effective_on: '2026-10-05',
    path,
    from_value: '1',
    to_value: to,
    plan_revision: 2,
  })
  await server
    .db('setting_change')
    .insert([
      bad('c1', '/__proto__/polluted', '2'),
      bad('c2', '/temperatureC', '"warm"'),
      bad('c3', '/temperatureC', 'no JSON'),
      bad('c4', '/toString', '2'),
    ])
  const { changes } = (await server.agent.get(`${url()}/timeline`).expect(200)).body as { changes: { from: string }[] }
  expect(changes.map(({ from }) => from)).toEqual(['2026-10-01'])
  expect(((await server.agent.get(`${url()}/settings`).expect(200)).body as object[]).length).toBe(1)
  expect((await unreadable()).map(({ what }) => what)).toEqual(['setting', 'setting', 'setting', 'setting'])
  expect(({} as Record<string, unknown>)['polluted']).toBeUndefined()
})

test('records that cannot be read take no place in the journal, and pages go on behind them', async () => {
  const row = (index: number, change: object = {}) => ({
    id: `01920000-0000-7000-8000-00000000${String(index).padStart(4, '0')}`,
    tank_id: TANK_ID,
    at: `2026-11-${String(1 + (index % 20)).padStart(2, '0')}T08:00:00.000Z`,
    kind: 'note',
    detail: '{}',
    note: `note ${index}`,
    version: 1,
    created_at: NOW,
    ...change,
  })
  const rows = Array.from({ length: 40 }, (_, index) =>
    row(index, index % 4 === 1 ? { detail: 'no JSON' } : index % 4 === 2 ? { kind: 'glance' } : {}),
  )
  await server.db('event').insert(rows)
  const seen: string[] = []
  for (let cursor: string | null = ''; cursor !== null;) {
    const page: { entries: { record: { id: string } }[]; cursor: string | null } = (
      await server.agent.get(`${url()}/journal?limit=6${cursor === '' ? '' : `&before=${encodeURIComponent(cursor)}`}`).expect(200)
    ).body
    seen.push(...page.entries.map(({ record }) => record.id))
    cursor = page.cursor
  }
  expect(seen).toHaveLength(20)
  expect(new Set(seen).size).toBe(20)
  const spoiled = await server.agent.delete(`${url()}/journal/${rows[1]!.id}`).set('If-Match', '1')
  expect([spoiled.status, spoiled.body.code]).toEqual([409, 'unreadable'])
  expect(await unreadable()).toHaveLength(20)
})

test('a kit, an entry of the library and a draft that cannot be read are as if they were not there', async () => {
  await server.db('kit').insert({ quantity: 'pH', document: '{}' })
  await server.db('product').insert({ id: 'mine', document: 'x', changed_at: NOW })
  await server.db('lever_draft').insert({ tank_id: TANK_ID, document: '{"hours":99}', updated_at: NOW })
  await server.agent.get('/api/kits').expect(200)
  await server.agent.get('/api/products').expect(200)
  expect((await server.agent.get(`${url()}/levers`).expect(200)).body).toEqual({})
  expect((await unreadable()).map(({ what }) => what).sort()).toEqual(['kit', 'levers', 'product'])
})

test('a plan’s history is told from an index, without walking the stored plans', async () => {
  const plan = await server.db.raw<{ detail: string }[]>(
    `EXPLAIN QUERY PLAN SELECT revision, act FROM plan_revision WHERE tank_id = 'x' ORDER BY revision`,
  )
  expect(plan.map(({ detail }) => detail).join()).toMatch(/COVERING INDEX plan_acts/)
})
