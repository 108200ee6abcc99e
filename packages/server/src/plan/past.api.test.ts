import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
const url = `/api/tanks/${TANK_ID}`
const settings = async (): Promise<{ id: string; path: string; from: unknown; to: unknown; effectiveOn: string }[]> =>
  (await server.agent.get(`${url}/settings`).expect(200)).body
const past = (change: object = {}) => ({
  path: '/temperatureC',
  first: 22,
  steps: [{ effectiveOn: '2026-10-01', to: 24.5, why: 'winter' }],
  replaces: [],
  ...change,
})
const write = (body: object) => server.agent.put(`${url}/settings`).send(body)
/** Temperatures by the day from which they hold, as the model takes them. */
const lived = async (): Promise<[string, number][]> => {
  const { startedOn, plan, changes } = (await server.agent.get(`${url}/timeline`).expect(200)).body
  return [
    [startedOn, plan.temperatureC],
    ...changes.flatMap(({ from, edits }: { from: string; edits: { path: string; to: number }[] }) =>
      edits.filter(({ path }) => path === '/temperatureC').map(({ to }) => [from, to]),
    ),
  ]
}

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
})
afterAll(() => server.close())

describe('the past of a setting', () => {
  test('is entered, and the model takes it', async () => {
    await write(past()).expect(200)
    expect(await lived()).toEqual([
      ['2026-09-01', 22],
      ['2026-10-01', 24.5],
    ])
  })
  test('is edited afterwards, in the place of what was seen; what was not seen is not overwritten', async () => {
    const [known] = await settings()
    const steps = [
      { effectiveOn: '2026-09-20', to: 23, why: null },
      { effectiveOn: '2026-10-15', to: 24.5, why: null },
    ]
    expect((await write(past({ steps, replaces: [] })).expect(412)).body.detail).toMatch(/meanwhile/)
    await write(past({ steps, replaces: [known?.id] })).expect(200)
    expect(await lived()).toEqual([
      ['2026-09-01', 22],
      ['2026-09-20', 23],
      ['2026-10-15', 24.5],
    ])
  })
  test('stands when a later change is made and taken back', async () => {
    const { headers } = await server.agent.get(`${url}/plan`)
    await server.agent
      .put(`${url}/plan?effectiveOn=2026-11-10`)
      .set('If-Match', headers['etag'] ?? '')
      .send(plainPlan({ temperatureC: 26 }))
      .expect(200)
    expect((await lived()).at(-1)).toEqual(['2026-11-10', 26])
    await server.agent.post(`${url}/plan/undo`).set('If-Match', '"2"').expect(200)
    expect(await lived()).toEqual([
      ['2026-09-01', 22],
      ['2026-09-20', 23],
      ['2026-10-15', 24.5],
    ])
  })
  test('is forgotten on request', async () => {
    await write(past({ first: 24.5, steps: [], replaces: (await settings()).map(({ id }) => id) })).expect(200)
    expect(await lived()).toEqual([['2026-09-01', 24.5]])
  })
  test.each([
    [{ path: '/mood' }, /no such field/],
    [{ first: 'warm' }, /number/],
    [{ first: 400 }, /at most/],
    [
      {
        steps: [
          { effectiveOn: '2026-10-02', to: 23, why: null },
          { effectiveOn: '2026-10-01', to: 24, why: null },
        ],
      },
      /after the one before/,
    ],
    [{ steps: [{ effectiveOn: '2026-09-01', to: 23, why: null }] }, /began on 2026-09-01/],
    [{ steps: [{ effectiveOn: '2026-13-01', to: 23, why: null }] }, /./],
  ])('%j is refused with a sentence, and nothing changes', async (change, sentence) => {
    const answer = await write(past(change))
    expect([400, 422]).toContain(answer.status)
    expect(answer.body.detail).toMatch(sentence)
    expect(await settings()).toEqual([])
  })
})
