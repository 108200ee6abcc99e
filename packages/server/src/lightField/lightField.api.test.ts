import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())

const request = {
  vessel: { lengthCm: 75, widthCm: 45, heightCm: 30, waterDepthCm: 21 },
  water: { kPerM: 0.35 },
  walls: { perBounce: 0.97 },
  lamps: [
    {
      ...{ xCm: 37.5, yCm: 22.5, lengthCm: 60, widthCm: 6, heightAboveWaterCm: 12 },
      ...{ fluxUmolPerS: 45, beamExponent: 1, tiltDeg: 0 },
    },
  ],
  gridCm: 10,
}
const post = (body: object) => server.agent.post('/api/light-fields').send(body)

describe('light on the ground', () => {
  test('answers with cells from the front, their mean and where the photons end', async () => {
    const { body } = await post(request).expect(200)
    expect(body.ppfd).toHaveLength(5)
    expect(body.ppfd[0]).toHaveLength(8)
    // A ray-traced twin of this tank: 95.3, darkest twentieth 0.87 of it.
    expect(Math.abs(body.mean / 95.32 - 1)).toBeLessThan(0.01)
    expect(body.minOverMean).toBeGreaterThan(0.85)
    expect(Object.values(body.budget as Record<string, number>).reduce((sum, share) => sum + share, 0)).toBeCloseTo(1, 9)
    expect(body.budget.floor).toBeCloseTo(0.715, 2)
  })
  test('no lamp is no light', async () => {
    const { body } = await post({ ...request, lamps: [] }).expect(200)
    expect(body).toMatchObject({ mean: 0, minOverMean: 1 })
  })
  test.each([
    ['vessel.lengthCm', { vessel: { ...request.vessel, lengthCm: -1 } }],
    ['gridCm', { gridCm: 0.01 }],
    ['lamps.0.tiltDeg', { lamps: [{ ...request.lamps[0], tiltDeg: 90 }] }],
    ['lamps.0.wattage', { lamps: [{ ...request.lamps[0], wattage: 4 }] }],
  ])('refuses %s in a sentence', async (field, change) => {
    const { body } = await post({ ...request, ...change }).expect(400)
    expect(body.detail.length).toBeGreaterThan(10)
    expect(`${body.field}`).toContain(field.split('.')[0])
  })
  test('the largest tank with the most lamps answers in seconds', async () => {
    const lamps = Array.from({ length: 8 }, (_, place) => ({ ...request.lamps[0]!, lengthCm: 400, widthCm: 200, xCm: 50 * place }))
    const { body } = await post({ ...request, vessel: { lengthCm: 400, widthCm: 200, waterDepthCm: 200 }, lamps, gridCm: 0.5 }).expect(200)
    expect(body.ppfd).toHaveLength(400)
  }, 90_000)
})
