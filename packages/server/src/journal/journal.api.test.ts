import { uuidV7 } from '@jovrin/core'
import { randomBytes } from 'node:crypto'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
const id = (): string => uuidV7(Date.parse('2026-11-24T08:00:00Z'), randomBytes(16))
const base = () => ({ id: id(), at: '2026-11-24T08:00:00.000Z', recordedBy: 'kitchen phone', note: null })
const reading = (change: object = {}) => ({
  ...base(),
  kind: 'reading',
  quantity: 'pH',
  value: 6.6,
  qualifier: '=',
  enteredText: '6,6',
  enteredUnit: '',
  basis: null,
  method: 'pen',
  moment: 'lights-on',
  eventId: null,
  ...change,
})
const path = `/api/tanks/${TANK_ID}/journal`
const timeline = async () => (await server.agent.get(`/api/tanks/${TANK_ID}/timeline`).expect(200)).body

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
})
afterAll(() => server.close())

describe('logging', () => {
  test('a record is kept as it was sent; the same again is the same record; another under its id is refused', async () => {
    const record = reading()
    const first = await server.agent.post(path).send(record).expect(201)
    expect(first.body.record).toEqual(record)
    expect(first.headers['etag']).toBe('"1"')
    const { id: recordId, ...rest } = record
    await server.agent
      .post(path)
      .send({ ...rest, id: recordId })
      .expect(200) // fields in another order are the same body
    const refused = await server.agent
      .post(path)
      .send({ ...record, value: 6.7 })
      .expect(409)
    expect(refused.body).toMatchObject({ code: 'id_taken' })
  })
  test('every kind of record comes back', async () => {
    const kinds = [
      { kind: 'glance', isAllFine: true, animals: 'lively', indicator: 'green', outlet: 'flowing' },
      { kind: 'dose', salt: 'potassium-nitrate', grams: 1.2, millilitres: null, bottle: null },
      { kind: 'dose', salt: null, grams: null, millilitres: 5, bottle: 'the green bottle' },
      { kind: 'change', fraction: 0.5, hasWiped: true },
      { kind: 'trim', wetG: 140, kinds: ['stems'] },
      { kind: 'death', animal: 'shrimp', count: 1 },
      { kind: 'purchase', what: 'refill', cost: 18.5, currency: 'EUR' },
      { kind: 'note', note: 'Moved the outlet' },
      { kind: 'sign', sign: 'brown-dust', where: 'on the front pane', amount: 2 },
    ].map((part) => ({ ...base(), ...part }))
    for (const record of kinds) await server.agent.post(path).send(record).expect(201)
    const page = await server.agent.get(path).expect(200)
    for (const record of kinds) expect(page.body.entries.map((entry: { record: unknown }) => entry.record)).toContainEqual(record)
  })
  test.each([
    [{ value: 99 }, 'value', /outside what this quantity can be/],
    [{ quantity: 'mood' }, 'quantity', /must be one of/],
    [{ at: '2026-11-24' }, 'at', /is not written as/],
    [{ at: '1889-11-24T08:00:00Z' }, 'at', /between 1990 and 2100/],
    [{ id: 'x' }, 'id', /is not written as/],
    [{ colour: 'red' }, 'colour', /no field colour/],
    [{ note: 'x'.repeat(5000) }, 'note', /at most 4000/],
    [{ value: null }, 'value', /must be a number/],
  ])('%j is refused with field and reason', async (change, field, sentence) => {
    const refused = await server.agent.post(path).send(reading(change)).expect(400)
    expect(refused.body.field).toBe(field)
    expect(refused.body.detail).toMatch(sentence)
  })
  test('a dose of nothing and a photo that was never sent are refused', async () => {
    await server.agent
      .post(path)
      .send({ ...base(), kind: 'dose', salt: 'urea', grams: null, millilitres: null, bottle: null })
      .expect(400)
    const refused = await server.agent
      .post(path)
      .send({ ...base(), kind: 'photo', sha256: 'a'.repeat(64), widthPx: 100, heightPx: 100, spot: 'front' })
      .expect(409)
    expect(refused.body.code).toBe('no_such_photo')
  })
})

describe('changing', () => {
  test('needs the version that one saw; a later one is never overwritten', async () => {
    const record = reading()
    await server.agent.post(path).send(record)
    await server.agent
      .put(`${path}/${record.id}`)
      .send({ ...record, value: 6.8 })
      .expect(428)
    const changed = await server.agent
      .put(`${path}/${record.id}`)
      .set('If-Match', '"1"')
      .send({ ...record, value: 6.8, enteredText: '6.8' })
      .expect(200)
    expect(changed.body).toMatchObject({ version: 2, record: { value: 6.8 } })
    await server.agent
      .put(`${path}/${record.id}`)
      .set('If-Match', '"1"')
      .send({ ...record, value: 6.9 })
      .expect(412)
    await server.agent
      .put(`${path}/${record.id}`)
      .set('If-Match', '"2"')
      .send({ ...base(), id: record.id, kind: 'note', note: 'hm' })
      .expect(409)
  })
  test('put away and back again', async () => {
    const record = reading({ quantity: 'iron', value: 0.1 })
    await server.agent.post(path).send(record)
    const count = async (): Promise<number> => (await server.agent.get(`/api/tanks/${TANK_ID}/readings?quantity=iron`)).body.at.length
    expect(await count()).toBe(1)
    await server.agent.delete(`${path}/${record.id}`).set('If-Match', '"1"').expect(200)
    expect(await count()).toBe(0)
    await server.agent.post(`${path}/${record.id}/restore`).set('If-Match', '"1"').expect(412)
    await server.agent.post(`${path}/${record.id}/restore`).set('If-Match', '"2"').expect(200)
    expect(await count()).toBe(1)
  })
  test('a record of another tank is not found here', async () => {
    const record = reading()
    await server.agent.post(path).send(record)
    const other = id()
    await server.agent.post('/api/tanks').send({ id: other, plan: plainPlan() })
    await server.agent.put(`/api/tanks/${other}/journal/${record.id}`).set('If-Match', '"1"').send(record).expect(404)
    await server.agent.post(`/api/tanks/${other}/journal`).send(record).expect(409)
  })
  test('two windows and a phone at once: every record is kept, and of rival changes only one', async () => {
    const record = reading()
    await server.agent.post(path).send(record)
    const rivals = await Promise.all(
      [6.1, 6.2, 6.3].map((value) =>
        server.agent
          .put(`${path}/${record.id}`)
          .set('If-Match', '"1"')
          .send({ ...record, value }),
      ),
    )
    expect(rivals.map(({ status }) => status).sort()).toEqual([200, 412, 412])
    const many = Array.from({ length: 60 }, () => reading({ quantity: 'oxygen', value: 7 }))
    const kept = await Promise.all(many.flatMap((one) => [one, one]).map((one) => server.agent.post(path).send(one)))
    expect(kept.filter(({ status }) => status === 201)).toHaveLength(60)
    expect(kept.filter(({ status }) => status === 200)).toHaveLength(60)
  })
})

describe('finding', () => {
  test('by kind, text, span and page, newest first', async () => {
    const found = async (query: string): Promise<{ record: { kind: string; at: string; note: string } }[]> =>
      (await server.agent.get(`${path}?${query}`).expect(200)).body.entries
    await server.agent
      .post(path)
      .send({ ...base(), at: '2026-11-20T08:00:00.000Z', kind: 'note', note: '50 % off_sale (stones)' })
      .expect(201)
    expect((await found('kinds=note')).every(({ record }) => record.kind === 'note')).toBe(true)
    expect(await found(`q=${encodeURIComponent('% off_')}`)).toHaveLength(1) // wildcards of the query language are plain letters
    expect(await found('q=50_')).toHaveLength(0)
    expect(await found('from=2026-11-20T00:00:00Z&to=2026-11-21T00:00:00Z')).toHaveLength(1)
    const first = (await server.agent.get(`${path}?limit=5`)).body
    const second = (await server.agent.get(`${path}?limit=5&before=${encodeURIComponent(first.cursor)}`)).body
    const ids = [...first.entries, ...second.entries].map((entry: { record: { id: string } }) => entry.record.id)
    expect(new Set(ids).size).toBe(10)
    const times = [...first.entries, ...second.entries].map((entry: { record: { at: string } }) => entry.record.at)
    expect(times).toEqual([...times].sort().reverse())
    await server.agent.get(`${path}?limit=0`).expect(400)
    await server.agent.get(`${path}?kinds=mood`).expect(400)
  })
})

test('a series tells instants in milliseconds, oldest first, with one qualifier each', async () => {
  for (const [at, value, qualifier] of [
    ['2026-10-02T08:00:00.250Z', 0.2, '<'],
    ['2026-10-01T08:00:00.000Z', 0.1, '='],
    ['2026-10-03T08:00:00.999Z', 0.3, '>'],
  ] as const)
    await server.agent
      .post(path)
      .send(reading({ quantity: 'potassium', at, value, qualifier }))
      .expect(201)
  expect((await server.agent.get(`/api/tanks/${TANK_ID}/readings?quantity=potassium`).expect(200)).body).toEqual({
    quantity: 'potassium',
    at: [Date.parse('2026-10-01T08:00:00.000Z'), Date.parse('2026-10-02T08:00:00.250Z'), Date.parse('2026-10-03T08:00:00.999Z')],
    value: [0.1, 0.2, 0.3],
    qualifier: '=<>',
  })
  expect((await server.agent.get(`/api/tanks/${TANK_ID}/readings?quantity=conductivity`).expect(200)).body).toEqual({
    quantity: 'conductivity',
    at: [],
    value: [],
    qualifier: '',
  })
})

describe('what the model sees', () => {
  test('a logged change, a trim and a salt dose stand in the timeline; put away, they are gone from it', async () => {
    const before = (await timeline()).deeds.acts.length
    const record = { ...base(), at: '2026-11-23T17:00:00.000Z', kind: 'change', fraction: 0.35, hasWiped: false }
    await server.agent.post(path).send(record).expect(201)
    const { acts } = (await timeline()).deeds
    expect(acts).toHaveLength(before + 1)
    expect(acts).toContainEqual({ kind: 'change', day: 83, minute: 18 * 60, fraction: 0.35, hasWiped: false })
    await server.agent.delete(`${path}/${record.id}`).set('If-Match', '"1"').expect(200)
    expect((await timeline()).deeds.acts).toHaveLength(before)
  })
  test('plants that come stand in the timeline with their mass, those that go with their share; moved and waiting ones do not', async () => {
    const before = (await timeline()).deeds.acts.length
    const plants = (part: object) => ({
      ...base(),
      at: '2026-11-23T17:00:00.000Z',
      kind: 'plants',
      deed: 'added',
      species: 'ludwigia-palustris',
      plant: 'Ludwigia palustris',
      plantKind: 'stems',
      count: 10,
      countedIn: 'pot',
      portions: 80,
      dryG: 7,
      raised: 'in-air',
      bed: null,
      toBed: null,
      heldUntil: null,
      ...part,
    })
    await server.agent.post(path).send(plants({})).expect(201)
    await server.agent
      .post(path)
      .send(plants({ deed: 'thinned', count: 2, dryG: null, portions: null }))
      .expect(201)
    await server.agent
      .post(path)
      .send(plants({ deed: 'arrived', heldUntil: '2026-12-12' }))
      .expect(201)
    const { acts } = (await timeline()).deeds
    expect(acts).toHaveLength(before + 2)
    expect(acts).toContainEqual(expect.objectContaining({ kind: 'plant', plantKind: 'stems', dryG: 7, isOnOwnGround: true }))
    expect(acts).toContainEqual(expect.objectContaining({ kind: 'uproot', plantKind: 'stems' }))
    await server.agent
      .post(path)
      .send(plants({ deed: 'moved' }))
      .expect(400)
    await server.agent
      .post(path)
      .send(plants({ heldUntil: '2026-12-12' }))
      .expect(400)
  })
  test('a setting that changed yesterday is one dated record a field, with its reason; undo takes it out', async () => {
    const plan = (await server.agent.get(`/api/tanks/${TANK_ID}/plan`)).body
    await server.agent
      .put(`/api/tanks/${TANK_ID}/plan?effectiveOn=2026-11-23&why=tips%20were%20pale`)
      .set('If-Match', '"1"')
      .send({ ...plan, temperatureC: 25.5, lamps: [{ ...plan.lamps[0], dimFraction: 0.6 }] })
      .expect(200)
    const settings = (await server.agent.get(`/api/tanks/${TANK_ID}/settings`)).body
    expect(
      settings.map(({ path: at, from, to, effectiveOn, why, planRevision }: Record<string, unknown>) => [
        at,
        from,
        to,
        effectiveOn,
        why,
        planRevision,
      ]),
    ).toEqual([
      ['/temperatureC', 24.5, 25.5, '2026-11-23', 'tips were pale', 2],
      ['/lamps/l1/dimFraction', 0.8, 0.6, '2026-11-23', 'tips were pale', 2],
    ])
    const told = await timeline()
    expect([told.startedOn, told.plan.lamps[0].dimFraction]).toEqual(['2026-09-01', 0.8])
    expect(told.changes).toEqual([
      {
        from: '2026-11-23',
        edits: [
          { path: '/temperatureC', from: 24.5, to: 25.5 },
          { path: '/lamps/l1/dimFraction', from: 0.8, to: 0.6 },
        ],
      },
    ])
    await server.agent.post(`/api/tanks/${TANK_ID}/plan/undo`).set('If-Match', '"2"').expect(200)
    expect((await server.agent.get(`/api/tanks/${TANK_ID}/settings`)).body).toEqual([])
    expect((await timeline()).changes).toEqual([])
  })
})

describe('kits', () => {
  test('usual ones until one’s own is named; foreign units are refused', async () => {
    const kits = async () => (await server.agent.get('/api/kits').expect(200)).body
    expect((await kits()).find((kit: { quantity: string }) => kit.quantity === 'nitrate')).toMatchObject({ unit: 'mg NO3/L', lowest: 1 })
    const own = { quantity: 'nitrate', name: 'strip', unit: 'mg N/L', step: 2, lowest: 2, expiresOn: '2027-05-01' }
    await server.agent.put('/api/kits/nitrate').send(own).expect(200)
    expect((await kits()).filter((kit: { quantity: string }) => kit.quantity === 'nitrate')).toEqual([own])
    await server.agent
      .put('/api/kits/nitrate')
      .send({ ...own, unit: '°dKH' })
      .expect(422)
    await server.agent.put('/api/kits/iron').send(own).expect(409)
  })
})
