import { SOME_GRAZERS } from '@jovrin/core'
import { TankCondition } from '@jovrin/contract'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
let count = 0
const log = async (part: object): Promise<void> =>
  void (await server.agent
    .post(`/api/tanks/${TANK_ID}/journal`)
    .send({
      id: `01920000-0000-7000-8000-${String(++count).padStart(12, '0')}`,
      recordedBy: null,
      note: null,
      ...part,
    })
    .expect(201))
const reading = (quantity: string, value: number, at: string, moment: string | null = null): object => ({
  kind: 'reading',
  at,
  quantity,
  value,
  qualifier: '=',
  enteredText: String(value),
  enteredUnit: '',
  basis: null,
  method: null,
  moment,
  eventId: null,
})
const condition = async () => TankCondition.parse((await server.agent.get(`/api/tanks/${TANK_ID}/condition`).expect(200)).body)
const toldInRound = async () => (await server.agent.get('/api/round').expect(200)).body.stops[0].gas

// The clock of the tests stands at the morning of 24 November 2026.
beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({
    id: TANK_ID,
    plan: plainPlan({
      startedOn: '2026-06-01',
      gasLines: [
        {
          id: 'c1',
          control: 'timer',
          diffuser: null,
          dissolvedFraction: null,
          peakMgPerL: null,
          cylinderKg: null,
          emptyKg: null,
          regulator: null,
          workingBar: null,
          sharedWith: null,
          bubblesPerS: null,
          bubbleMl: null,
          linePressureBar: null,
          beforeLightMin: 90,
          beforeDarkMin: 60,
          limitMgPerL: null,
        },
      ],
      animals: { groups: [{ id: 'a1', species: SOME_GRAZERS.id, count: 5, fromDay: 30, origin: '' }], foodGPerDay: 0.3 },
    }),
  })
})
afterAll(() => server.close())

test('one judgement, the same in the round and by itself, as the journal grows', async () => {
  expect((await condition()).gas).toMatchObject({ verdict: 'unknown', advice: ['measure-ph'], animals: 'some' })
  await log(reading('alkalinity', 1.43, '2026-11-23T11:00:00.000Z'))
  await log(reading('pH', 6.72, '2026-11-23T18:00:00.000Z', 'gas-off'))
  // What has not happened yet, and what a probe wrote by the hundred, hides nothing.
  await log(reading('pH', 4.5, '2026-11-26T18:00:00.000Z', 'gas-off'))
  for (let minute = 10; minute < 50; minute++) await log(reading('pH', 7.4, `2026-11-24T05:${String(minute)}:00.000Z`))
  const enough = await condition()
  expect(enough.gas).toMatchObject({ verdict: 'enough', severity: 'fine', by: { source: 'ph-kh', moment: 'peak' } })
  expect(enough.gas.evidence.every(({ at }) => at !== null && at < '2026-11-25')).toBe(true)
  await log({
    kind: 'glance',
    at: '2026-11-24T06:00:00.000Z',
    isAllFine: false,
    animals: 'gasping',
    indicator: null,
    outlet: null,
  })
  expect((await condition()).gas).toMatchObject({ verdict: 'suffering', advice: ['card'] })
  const { verdict, severity, advice } = (await condition()).gas
  expect(await toldInRound()).toMatchObject({ verdict, severity, advice, isByPlan: false })
})

test('ammonia is judged at the highest pH of the week, wherever it hides among a probe’s readings', async () => {
  await log(reading('pH', 8.1, '2026-11-21T08:00:00.000Z'))
  await log(reading('ammonia', 1.2, '2026-11-23T18:00:00.000Z'))
  const { nitrogen } = await condition()
  expect(nitrogen).toMatchObject({ readiness: 'not-tested', danger: 'harm', isBinderFirst: true, pH: { value: 8.1 } })
})

test('no such tank is said so', async () => {
  await server.agent.get('/api/tanks/01920000-0000-7000-8000-0000000000ff/condition').expect(404)
  await server.agent.get('/api/tanks/none/condition').expect(404)
})
