import { PLAN_SCHEMA_VERSION } from '@jovrin/core'
import { Problem } from '@jovrin/contract'
import { afterAll, beforeAll, beforeEach, describe, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())
beforeEach(async () => {
  for (const table of ['setting_change', 'lever_draft', 'plan_revision', 'tank']) await server.db(table).delete()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
})
const url = `/api/tanks/${TANK_ID}/plan`
const put = (plan: unknown, ifMatch: string | null, query = '') => {
  const request = server.agent.put(`${url}${query}`).send(plan as object)
  return ifMatch === null ? request : request.set('If-Match', ifMatch)
}

describe('tanks', () => {
  test('the same tank again is 200, another body under its id 409, and nothing changed', async () => {
    await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(200)
    const refused = await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan({ name: 'Other' }) })
    expect(refused.status).toBe(409)
    expect(refused.type).toBe('application/problem+json')
    const all = await server.agent.get('/api/tanks').expect(200)
    expect(all.body).toHaveLength(1)
    expect(all.body[0].plan.name).toBe('Reading-room river')
  })

  test('without an id the server makes one; what was read can be sent back', async () => {
    const made = await server.agent
      .post('/api/tanks')
      .send({ plan: plainPlan({ name: 'Second' }) })
      .expect(201)
    expect(made.body.id).toMatch(/^[0-9a-f]{8}-[0-9a-f]{4}-7/)
    const read = await server.agent.get(`/api/tanks/${made.body.id}/plan`).expect(200)
    await server.agent
      .put(`/api/tanks/${made.body.id}/plan`)
      .set('If-Match', read.headers['etag'] ?? '')
      .send({ ...read.body, temperatureC: 22 })
      .expect(200)
  })

  test('put away and brought back', async () => {
    await server.agent.delete(`/api/tanks/${TANK_ID}`).expect(204)
    await server.agent.get(url).expect(404)
    await server.agent.post(`/api/tanks/${TANK_ID}/restore`).expect(200)
    await server.agent.get(url).expect(200)
  })

  test('ids that are none, or nobody’s, are 404', async () => {
    for (const id of ['x', '..%2f..%2fetc%2fpasswd', '%00', "1' OR '1'='1", '01920000-0000-7000-8000-0000000000ff', '__proto__'])
      await server.agent.get(`/api/tanks/${encodeURIComponent(id)}/plan`).expect(404)
  })

  test('script in a name is kept as the text it is', async () => {
    const name = '<script>alert(1)</script>'
    await put(plainPlan({ name }), '"1"').expect(200)
    expect((await server.agent.get(url)).body.name).toBe(name)
  })
})

describe('revisions', () => {
  test('ETag names the revision; without If-Match 428, with a stale one 412, and nothing is written', async () => {
    const first = await server.agent.get(url).expect(200)
    expect(first.headers['etag']).toBe('"1"')
    await put(plainPlan({ temperatureC: 25 }), null).expect(428)
    const second = await put(plainPlan({ temperatureC: 25 }), '"1"').expect(200)
    expect(second.headers['etag']).toBe('"2"')
    await put(plainPlan({ temperatureC: 26 }), '"1"').expect(412)
    await put(plainPlan({ temperatureC: 26 }), 'nonsense').expect(412)
    expect((await server.agent.get(`${url}/revision`)).body).toMatchObject({ revision: 2, plan: { temperatureC: 25 } })
  })

  test('two writers of one revision: one wins, the other is told, no update is lost', async () => {
    const answers = await Promise.all([21, 22, 23, 24].map((temperatureC) => put(plainPlan({ temperatureC }), '"1"')))
    expect(answers.map((answer) => answer.status).sort()).toEqual([200, 412, 412, 412])
    const winner = answers.find((answer) => answer.status === 200)
    expect((await server.agent.get(url)).body.temperatureC).toBe(winner?.body.temperatureC)
  })

  test('undo and redo append revisions; a new edit forgets what was taken back', async () => {
    await put(plainPlan({ temperatureC: 25 }), '"1"')
    await put(plainPlan({ temperatureC: 26 }), '"2"')
    const undone = await server.agent.post(`${url}/undo`).set('If-Match', '"3"').expect(200)
    expect(undone.body).toMatchObject({ revision: 4, plan: { temperatureC: 25 }, canUndo: true, canRedo: true })
    const twice = await server.agent.post(`${url}/undo`).set('If-Match', '"4"').expect(200)
    expect(twice.body).toMatchObject({ plan: { temperatureC: 24.5 }, canUndo: false, canRedo: true })
    await server.agent.post(`${url}/undo`).set('If-Match', '"5"').expect(409)
    const redone = await server.agent.post(`${url}/redo`).set('If-Match', '"5"').expect(200)
    expect(redone.body.plan.temperatureC).toBe(25)
    const edited = await put(plainPlan({ temperatureC: 20 }), '"6"').expect(200)
    expect(edited.body.temperatureC).toBe(20)
    await server.agent.post(`${url}/redo`).set('If-Match', '"7"').expect(409)
  })

  test('each revision stores invertible edits', async () => {
    await put(plainPlan({ temperatureC: 25 }), '"1"')
    const row = await server.db('plan_revision').where({ revision: 2 }).first()
    expect(JSON.parse(row.edits)).toEqual([{ path: '/temperatureC', from: 24.5, to: 25 }])
  })
})

describe('timeline', () => {
  const timeline = async () => (await server.agent.get(`/api/tanks/${TANK_ID}/timeline`).expect(200)).body
  test('a correction changes the past, a dated change does not', async () => {
    await put(plainPlan({ temperatureC: 23 }), '"1"').expect(200)
    await put(plainPlan({ temperatureC: 27 }), '"2"', '?effectiveOn=2026-11-20').expect(200)
    const { plan, changes } = await timeline()
    expect(plan).toMatchObject({ startedOn: '2026-09-01', temperatureC: 23 })
    expect(changes).toEqual([{ from: '2026-11-20', edits: [{ path: '/temperatureC', from: 23, to: 27 }] }])
    expect((await timeline()).today).toBe('2026-11-24')
  })
  test('an earlier dated change replaces later ones, and undo brings them back', async () => {
    await put(plainPlan({ temperatureC: 27 }), '"1"', '?effectiveOn=2026-11-20').expect(200)
    await put(plainPlan({ temperatureC: 28 }), '"2"', '?effectiveOn=2026-10-01').expect(200)
    expect((await timeline()).changes.map(({ from }: { from: string }) => from)).toEqual(['2026-10-01'])
    await server.agent.post(`${url}/undo`).set('If-Match', '"3"').expect(200)
    expect((await timeline()).changes.map(({ from }: { from: string }) => from)).toEqual(['2026-11-20'])
  })
})

describe('bad input', () => {
  const refusal = async (body: unknown, field: string): Promise<Problem> => {
    const answer = await put(body, '"1"')
    expect(answer.status).toBe(400)
    const problem = Problem.parse(answer.body)
    expect(problem.field).toBe(field)
    expect(problem.detail).toMatch(/^[A-Z].*\.$|^[a-z].*\.$/)
    expect((await server.agent.get(url)).headers['etag']).toBe('"1"')
    return problem
  }
  test('names field, range and reason, and writes nothing', async () => {
    const vessel = plainPlan().vessel
    expect((await refusal(plainPlan({ vessel: { ...vessel, lengthCm: -5 } }), 'vessel.lengthCm')).allowed).toBe('≥ 10')
    await refusal(plainPlan({ vessel: { ...vessel, lengthCm: 1e9 } }), 'vessel.lengthCm')
    await refusal({ ...plainPlan(), temperatureC: 'warm' }, 'temperatureC')
    await refusal({ ...plainPlan(), temperatureC: NaN, vessel: { ...vessel, widthCm: '1e999' } }, 'vessel.widthCm') // NaN travels as null, which is "don't know"
    await refusal({ ...plainPlan(), schemaVersion: 99 }, 'schemaVersion')
    await refusal({ ...plainPlan(), surprise: 1 }, 'surprise')
    await refusal({ ...plainPlan(), timeZone: 'Moon/Crater' }, 'timeZone')
    await refusal({ ...plainPlan(), startedOn: '2026-02-31' }, 'startedOn')
    await refusal(plainPlan({ lightWindows: [{ id: 't1', on: '25:00', hours: 8, rampMin: 30 }] }), 'lightWindows.0.on')
    await refusal(plainPlan({ lightWindows: [{ id: 't1', on: '12:00', hours: 1, rampMin: 60 }] }), 'lightWindows.0.rampMin')
    const [patch] = plainPlan().patches
    await refusal(plainPlan({ patches: [patch!, patch!] }), 'patches')
    await refusal([], '')
  })

  test('bodies that are no JSON, too large, or of another kind', async () => {
    const broken = await server.agent.put(url).set('If-Match', '"1"').set('Content-Type', 'application/json').send('{"name":')
    expect([broken.status, broken.type]).toEqual([400, 'application/problem+json'])
    await server.agent
      .put(url)
      .set('If-Match', '"1"')
      .send({ ...plainPlan(), name: 'x'.repeat(400_000) })
      .expect(413)
    await server.agent.put(url).set('If-Match', '"1"').set('Content-Type', 'text/xml').send('<a/>').expect(415)
    const infinite = await server.agent
      .put(url)
      .set('If-Match', '"1"')
      .set('Content-Type', 'application/json')
      .send(JSON.stringify(plainPlan()).replace('"temperatureC":24.5', '"temperatureC":1e999'))
    expect(infinite.status).toBe(400)
    const polluted = await server.agent
      .put(url)
      .set('If-Match', '"1"')
      .set('Content-Type', 'application/json')
      .send('{"__proto__":{"polluted":1}}')
    expect(polluted.status).toBe(400)
  })

  test('levers: kept as a draft, refused outside their range', async () => {
    await server.agent.put(`/api/tanks/${TANK_ID}/levers`).send({ hours: 6, gasFactor: 0 }).expect(200)
    expect((await server.agent.get(`/api/tanks/${TANK_ID}/levers`)).body).toEqual({ hours: 6, gasFactor: 0 })
    await server.agent.put(`/api/tanks/${TANK_ID}/levers`).send({ hours: 25 }).expect(400)
    expect((await server.agent.get(`/api/tanks/${TANK_ID}/levers`)).body).toEqual({ hours: 6, gasFactor: 0 })
  })
})

/** As they were told before they had names. */
const NO_ANIMALS_BEFORE = { foodGPerDay: 0, grazers: 0, grazersFromDay: 28, fishFromDay: 42 }

describe('plans of the first version', () => {
  /** As it was written before zones, places of pieces, kit and money. */
  const firstVersion = () => {
    const {
      schemaVersion: _version,
      intent: _i,
      stand: _s,
      room: _r,
      zones: _z,
      barriers: _b,
      tabs: _t,
      tabProduct: _p,
      filters: _f,
      outlets: _o,
      climate: _c,
      logistics: _l,
      money: _m,
      muted: _mu,
      fauna: _fa,
      ...rest
    } = plainPlan({ name: 'From before' })
    return {
      ...rest,
      schemaVersion: 1,
      vessel: { lengthCm: 60, widthCm: 35, heightCm: 36, glassCm: 0.8, freeboardCm: 2 },
      sources: [{ id: 'tap', alkalinityMeqPerL: 1.4, hardnessMmolPerL: 1.2, nitrateMgNPerL: 0.5, phosphateMgPPerL: 0.02 }],
      layers: [{ id: 'g1', ground: 'rich-soil', frontCm: 4, backCm: 7 }],
      hardscape: [{ id: 's1', material: 'granite', massKg: 5 }],
      animals: NO_ANIMALS_BEFORE,
    }
  }
  test('are taken from scripts and kept in today’s form', async () => {
    await put(firstVersion(), '"1"').expect(200)
    const now = await server.agent.get(url).expect(200)
    expect(now.body).toMatchObject({
      schemaVersion: PLAN_SCHEMA_VERSION,
      name: 'From before',
      zones: [],
      layers: [{ id: 'g1', product: null }],
    })
  })
  test('stored ones are read in today’s form and stay as they were written', async () => {
    const document = JSON.stringify(firstVersion())
    await server.db('plan_revision').update({ document, schema_version: 1 })
    const read = await server.agent.get(url).expect(200)
    expect(read.body).toMatchObject({ schemaVersion: PLAN_SCHEMA_VERSION, hardscape: [{ id: 's1', outline: null, fixing: 'none' }] })
    await put({ ...read.body, temperatureC: 23 }, '"1"').expect(200)
    expect((await server.db('plan_revision').where({ revision: 1 }).first()).document).toBe(document)
    // What the tank's file holds is today's form, and a file with the old one is taken too.
    const file = (await server.agent.get(`/api/tanks/${TANK_ID}/file`).expect(200)).body as { revisions: { plan: unknown }[] }
    expect(file.revisions[0]?.plan).toMatchObject({ schemaVersion: PLAN_SCHEMA_VERSION })
    const old = {
      ...file,
      formatVersion: 1,
      revisions: file.revisions.map((revision) => ({ ...revision, edits: undefined, plan: firstVersion() })),
    }
    await server.agent.post('/api/tank-files?as=copy').send(old).expect(201)
  })
  test('a file whose edits were made on plans of the second version', async () => {
    const { room, fauna: _fauna, ...rest } = plainPlan({ name: 'From before' })
    const { volumeM3: _volume, ...asked } = room
    const line = {
      id: 'c1',
      control: 'timer',
      bubblesPerS: 2,
      bubbleMl: null,
      linePressureBar: null,
      beforeLightMin: 90,
      beforeDarkMin: 60,
      limitMgPerL: null,
    }
    const file = (await server.agent.get(`/api/tanks/${TANK_ID}/file`).expect(200)).body as { revisions: object[] }
    const first = { ...file.revisions[0], effectiveOn: null, act: 'edit', ofRevision: null }
    const old = {
      ...file,
      formatVersion: 2,
      settings: [],
      revisions: [
        { ...first, revision: 1, edits: undefined, plan: { ...rest, animals: NO_ANIMALS_BEFORE, room: asked, schemaVersion: 2 } },
        { ...first, revision: 2, plan: undefined, edits: [{ path: '/gasLines', from: [], to: [line] }] },
        { ...first, revision: 3, plan: undefined, edits: [{ path: '/gasLines', from: [line], to: [] }] },
        { ...first, revision: 4, plan: undefined, edits: [{ path: '/gasLines', from: [], to: [line] }] },
      ],
    }
    const { body } = await server.agent.post('/api/tank-files?as=copy').send(old).expect(201)
    const now = await server.agent.get(`/api/tanks/${(body as { tankId: string }).tankId}/plan`).expect(200)
    expect(now.body).toMatchObject({
      schemaVersion: PLAN_SCHEMA_VERSION,
      gasLines: [{ ...line, diffuser: null, peakMgPerL: null, cylinderKg: null }],
    })
  })
  test('half of one is refused by the schema, not by a fault', async () => {
    for (const broken of [{ schemaVersion: 1 }, { ...firstVersion(), layers: 'none' }, { ...firstVersion(), vessel: null }])
      await put(broken, '"1"').expect(400)
  })
})

describe('outlines', () => {
  const outlined = (corners: readonly (readonly [number, number])[]) =>
    plainPlan({
      zones: [
        {
          id: 'z1',
          name: 'Bank',
          purpose: 'planted',
          outline: corners.map(([xCm, yCm]) => ({ xCm, yCm, isRound: false })),
          layers: [],
          heights: [],
        },
      ],
    })
  test.each([
    [
      'crosses itself',
      [
        [0, 0],
        [10, 10],
        [10, 0],
        [0, 10],
      ],
      /crosses itself/,
    ],
    [
      'is flat',
      [
        [0, 0],
        [10, 0],
        [20, 0],
      ],
      /bounds no area/,
    ],
    [
      'has two corners',
      [
        [0, 0],
        [10, 0],
      ],
      /at least 3/,
    ],
    [
      'lies far away',
      [
        [0, 0],
        [5000, 0],
        [0, 10],
      ],
      /must be at most/,
    ],
    [
      'has too many corners',
      Array.from({ length: 250 }, (_, index) => [30 + 20 * Math.cos(index / 40), 20 + 10 * Math.sin(index / 40)]),
      /at most 200/,
    ],
  ] as const)('one that %s is refused with its place and reason', async (_name, corners, reason) => {
    const refused = await put(outlined(corners as readonly (readonly [number, number])[]), '"1"')
    expect(refused.status).toBe(400)
    expect(refused.body.field).toMatch(/^zones\.0\.outline/)
    expect(refused.body.detail).toMatch(reason)
    expect((await server.agent.get(url)).headers['etag']).toBe('"1"')
  })
  test('one that reaches beyond the glass is kept', async () => {
    await put(
      outlined([
        [-5, 0],
        [40, 0],
        [40, 20],
      ]),
      '"1"',
    ).expect(200)
  })
})
