import { WORKINGS } from '@jovrin/core'
import { WorkedResponse } from '@jovrin/contract'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())
const post = (id: string, body: unknown) => server.agent.post(`/api/workings/${id}`).send(body as object)

test('lists every worked figure with a title of its own and its inputs as JSON Schema', async () => {
  const { body } = await server.agent.get('/api/workings').expect(200)
  expect(body.map((working: { id: string }) => working.id)).toEqual(WORKINGS.map(({ id }) => id))
  for (const working of body) {
    expect(working.title).not.toBe(working.id)
    expect(working.inputs).toMatchObject({ type: 'object' })
    expect(working.source.length).toBeGreaterThan(3)
  }
})

test.each([
  [
    'vessel.net-water',
    {
      lengthCm: 45.5,
      widthCm: 28.5,
      heightCm: 31,
      glassCm: 0.5,
      freeboardCm: 2,
      layers: [{ frontCm: 4, backCm: 8, porosity: 0.45 }],
      hardscape: [{ massKg: 3.5, densityKgPerL: 2.6 }],
    },
    29.49234615,
    'L',
  ],
  ['gas.co2-from-ph', { pH: 5.5, khDkh: 0.5, temperatureC: 18 }, 62.82726805, 'mg/L'],
  ['gas.co2-from-ph', { pH: 5.5, khDkh: 0.5, temperatureC: 18, ionicStrengthMolPerKg: 0.005 }, 58.37133399, 'mg/L'],
  ['gas.ph-from-co2', { co2MgPerL: 0.4, khDkh: 0.5, temperatureC: 18 }, 7.686145155, 'pH'],
  ['gas.co2-air-equilibrium', { temperatureC: 0, co2PpmDry: 420 }, 1.431248594, 'mg/L'],
  ['water.unionised-ammonia', { tanMgNPerL: 1, pH: 5.5, temperatureC: 0 }, 2.603712689e-5, 'mg N/L'],
  ['water.oxygen-saturation', { temperatureC: 3 }, 13.46113151, 'mg/L'],
  ['water.dilution', { startMgPerL: 42, sourceMgPerL: 2, fraction: 0.5, changes: 3 }, 7, 'mg/L'],
  ['feed.salt-dose', { saltId: 'potassium-nitrate', species: 'NO3', grams: 1, litres: 100 }, 6.132798166, 'mg/L'],
  [
    'feed.accumulation',
    { weeklyDoseMgPerL: 0.1, dosesPerWeek: 1, changeFraction: 0.25, uptakeFractionPerDay: 0.5, week: 6, at: 'after-first-dose' },
    0.1023172857,
    'mg/L',
  ],
  ['light.dli', { shape: 'half-sine', peakPpfd: 100, photoperiodH: 10 }, 2.291831181, 'mol/m²/day'],
] as const)('%s gives the table’s value', async (id, inputs, value, unit) => {
  const answer = WorkedResponse.parse((await post(id, inputs).expect(200)).body)
  expect(Math.abs(answer.value - value) / value).toBeLessThan(1e-8)
  expect(answer).toMatchObject({ unit, inputs })
})

test('CO2 from a reading carries the band of ±0.1 pH and ±0.5 dKH; an exact sum has none', async () => {
  const { body } = await post('gas.co2-from-ph', { pH: 6.8, khDkh: 1, temperatureC: 25 })
  expect(body.low).toBeLessThan(body.value * 0.5)
  expect(body.high).toBeGreaterThan(body.value * 1.8)
  expect((await post('water.oxygen-saturation', { temperatureC: 20 })).body).toMatchObject({ low: null, high: null })
})

test('refuses by field: out of range, contradictory, missing, unknown', async () => {
  const hot = await post('water.oxygen-saturation', { temperatureC: 95 })
  expect([hot.status, hot.body.field]).toEqual([400, 'temperatureC'])
  const never = await post('gas.co2-from-ph', { pH: 10, khDkh: 0.001, temperatureC: 25 })
  expect([never.status, never.body.code]).toEqual([422, 'contradiction'])
  const noSuch = await post('feed.salt-dose', { saltId: 'potassium-sulfate', species: 'N', grams: 1, litres: 1 })
  expect(noSuch.status).toBe(422)
  const long = await post('light.dli', { shape: 'trapezoid', peakPpfd: 50, photoperiodH: 2, rampH: 1.5 })
  expect([long.status, long.body.field]).toEqual([422, 'rampH'])
  const thick = await post('vessel.net-water', { lengthCm: 20, widthCm: 20, heightCm: 20, glassCm: 10, freeboardCm: 0 })
  expect([thick.status, thick.body.field]).toEqual([422, 'glassCm'])
  await post('water.dilution', {}).expect(400)
  await post('water.dilution', { startMgPerL: 1, sourceMgPerL: 1, fraction: 0.5, changes: 1.5 }).expect(400)
  await post('nothing.here', {}).expect(404)
  await post('constructor', {}).expect(404)
})
