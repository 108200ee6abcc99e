import { ForecastResponse } from '@jovrin/contract'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())
const post = (body: object) => server.agent.post('/api/forecasts').send(body)

test('one tank: daily series without a band, the same each time', async () => {
  const [first, second] = await Promise.all([post({ plan: plainPlan(), weeks: 2 }), post({ plan: plainPlan(), weeks: 2 })])
  const forecast = ForecastResponse.parse(first.body)
  expect(forecast.at).toHaveLength(14)
  const nitrate = forecast.series.find(({ id }) => id === 'nitrateMgNPerL')
  expect(nitrate?.unit).toBe('mg N/L')
  expect(nitrate?.values).toHaveLength(14)
  expect(nitrate?.low).toBeUndefined()
  expect(second.body).toEqual(first.body)
})

test('an ensemble has a band around its median', async () => {
  const forecast = ForecastResponse.parse((await post({ plan: plainPlan(), weeks: 1, members: 6, seed: 3 }).expect(200)).body)
  const stems = forecast.series.find(({ id }) => id === 'stemsG')
  stems?.values.forEach((value, day) => {
    expect(stems.low?.[day]).toBeLessThanOrEqual(value)
    expect(stems.high?.[day]).toBeGreaterThanOrEqual(value)
  })
})

test('CSV on request, one row a day', async () => {
  const answer = await post({ plan: plainPlan(), weeks: 1 }).set('Accept', 'text/csv').expect(200)
  expect(answer.type).toBe('text/csv')
  const lines = answer.text.split('\r\n')
  expect(lines[0]).toMatch(/^day,ammoniumMgNPerL,/)
  expect(lines).toHaveLength(8)
})

test('a start state of the wrong length, weeks or steps out of range are refused', async () => {
  await post({ plan: plainPlan(), weeks: 0 }).expect(400)
  await post({ plan: plainPlan(), weeks: 105 }).expect(400)
  await post({ plan: plainPlan(), weeks: 1, stepMinutes: 7 }).expect(400)
  await post({ plan: plainPlan(), weeks: 1, members: 1e6 }).expect(400)
  const short = await post({ plan: plainPlan(), weeks: 1, startState: [1, 2, 3] })
  expect([short.status, short.body.field]).toEqual([400, 'startState'])
})

test('far too many at once are asked to come again, and the server stays well', async () => {
  const answers = await Promise.all(Array.from({ length: 60 }, () => post({ plan: plainPlan(), weeks: 20 })))
  const statuses = new Set(answers.map(({ status }) => status))
  expect([...statuses].sort()).toEqual([200, 429])
  await server.agent.get('/api/health').expect(200)
})

test('a state that leads nowhere finite is refused, not answered with gaps', async () => {
  const wild = await post({ plan: plainPlan(), weeks: 1, startState: new Array<number>(91).fill(1e9) })
  expect([wild.status, wild.body.code]).toEqual([422, 'start_state'])
})

test('the description lists every address and is made of JSON Schema', async () => {
  const { body } = await server.agent.get('/api/openapi.json').expect(200)
  expect(body.openapi).toBe('3.1.0')
  expect(Object.keys(body.paths)).toEqual(
    expect.arrayContaining([
      '/api/health',
      '/api/tanks',
      '/api/tanks/{id}/plan',
      '/api/forecasts',
      '/api/workings',
      '/api/workings/light.dli',
    ]),
  )
  expect(body.paths['/api/forecasts'].post.requestBody.content['application/json'].schema).toEqual({
    $ref: '#/components/schemas/ForecastRequest',
  })
  expect(body.components.schemas.ForecastRequest.properties.weeks).toMatchObject({
    minimum: 1,
    maximum: 104,
  })
})
