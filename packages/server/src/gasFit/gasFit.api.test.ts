import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())
const post = (body: object) => server.agent.post('/api/gas-fits').send(body)

const lines = readFileSync(new URL('../../../core/reference/gas-fit/day-1.csv', import.meta.url), 'utf8').split('\n')
const readings = lines.flatMap((line) => {
  const [, minute, pH] = /^(\d+),([\d.]+)$/.exec(line.trim()) ?? []
  return pH === undefined ? [] : [{ minute: Number(minute), pH: Number(pH) }]
})
const day = {
  readings,
  khDkh: 4,
  temperatureC: 24.5,
  roomCo2Ppm: 600,
  litres: 200,
  startClock: '06:00',
  gasWindows: ['10:00-19:00'],
  lightWindows: ['12:00-20:00'],
}

describe('a log of pH', () => {
  test('tells loss, half-time, plateau, injection and uptake with their ranges', async () => {
    expect(readings.length).toBeGreaterThan(100)
    const { body } = await post(day).expect(200)
    expect(body).toMatchObject({ verdict: 'fit', reasons: [] })
    // Made with k 0.3 /h, 9.9 mg/L an hour of gas and 2.2 of uptake.
    expect(Math.abs(body.kPerH.value / 0.3 - 1)).toBeLessThan(0.03)
    expect(Math.abs(body.injectionMgPerLPerH.value / 9.9 - 1)).toBeLessThan(0.03)
    expect(Math.abs(body.dissolvedMgPerH.value / 1980 - 1)).toBeLessThan(0.03)
    expect(body.kPerH.low).toBeLessThan(body.kPerH.value)
    expect(body.halfTimeH.value * body.kPerH.value).toBeCloseTo(Math.LN2, 9)
  })
  test('that cannot tell is refused with its reason, and no figure', async () => {
    const { body } = await post({ ...day, khDkh: 0.5 }).expect(200)
    expect(body).toMatchObject({ verdict: 'cannot-tell', reasons: ['low-kh'], kPerH: null, plateauMgPerL: null })
    const few = await post({ ...day, readings: readings.slice(0, 3) }).expect(200)
    expect(few.body).toMatchObject({ verdict: 'cannot-tell', reasons: ['few'] })
  })
  test.each([
    ['gasWindows.0', { gasWindows: ['25:00-26:00'] }],
    ['gasWindows.0', { gasWindows: ['all day'] }],
    ['startClock', { startClock: '6 am' }],
    ['readings.0.pH', { readings: [{ minute: 0, pH: 14 }] }],
    ['litres', { litres: 0 }],
  ])('bad input at %s is named in a sentence', async (field, change) => {
    const { body } = await post({ ...day, ...change }).expect(400)
    expect(body.field).toBe(field)
    expect(body.detail.length).toBeGreaterThan(10)
    expect(body.detail).not.toContain('undefined')
  })
})
