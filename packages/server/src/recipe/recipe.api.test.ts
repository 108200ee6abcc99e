import { readFileSync } from 'node:fs'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())
const post = (body: object) => server.agent.post('/api/recipes').send(body)

const { tasks } = JSON.parse(readFileSync(new URL('../../../core/reference/recipes/tasks.json', import.meta.url), 'utf8')) as {
  tasks: ({ id: string } & Record<string, unknown>)[]
}
const task = (name: string): object => {
  const found = tasks.find(({ id }) => id === name)
  if (found === undefined) throw new Error(`no task ${name}`)
  return Object.fromEntries(Object.entries(found).filter(([key]) => key !== 'id'))
}

describe('recipes', () => {
  test('every kind of task is answered as it is asked', async () => {
    const exact = (await post(task('u01')).expect(200)).body
    expect(exact.status).toBe('exact')
    expect(exact.grams['potassium-nitrate']).toBeCloseTo(3.261154, 4)
    expect(exact.partners.SO4).toBeCloseTo(1.575457, 4)
    const short = (await post(task('i01')).expect(200)).body
    expect(short).toMatchObject({ status: 'infeasible' })
    expect(short.deviations.NO3).toBeCloseTo(-0.521558, 4)
    expect((await post(task('w02')).expect(200)).body.grams['calcium-chloride-dihydrate']).toBeCloseTo(3.523366, 3)
    const blend = (await post(task('b01')).expect(200)).body
    expect(blend).toMatchObject({ status: 'compromise', grams: {} })
    expect(blend.shareFirst).toBeCloseTo(0.4621936, 4)
  })
  test('blend and minerals at once', async () => {
    const { body } = await post({
      kind: 'blend-and-remineralise',
      changeLitres: 50,
      first: { caMgPerL: 60, mgMgPerL: 8, khDkh: 8 },
      second: { caMgPerL: 0, mgMgPerL: 0, khDkh: 0 },
      targets: { ghDgh: 6, caMgMassRatio: 3, khDkh: 3 },
      salts: ['calcium-sulfate-dihydrate', 'magnesium-sulfate-heptahydrate', 'potassium-bicarbonate'],
    }).expect(200)
    expect(body.status).toBe('exact')
    expect(body.achieved.GH).toBeCloseTo(6, 4)
    expect(body.shareFirst).toBeGreaterThan(0)
  })
  test.each([
    ['litres', { ...task('u01'), litres: 0 }],
    ['targetsMgPerL', { ...task('u01'), targetsMgPerL: {} }],
    ['targetsMgPerL.NO3', { ...task('u01'), targetsMgPerL: { NO3: -1 } }],
    ['salts.0', { ...task('u01'), salts: ['table-salt'] }],
    ['targets.caMgMassRatio', { ...task('w01'), targets: { ghDgh: 5, caMgMassRatio: 0 } }],
    ['first.ghDgh', { ...task('b01'), first: { ghDgh: -1, khDkh: 2 } }],
    ['targets', { ...task('b01'), targets: {} }],
  ])('bad input at %s is named in a sentence', async (field, body) => {
    const answer = (await post(body).expect(400)).body
    expect(answer.field).toBe(field)
    expect(answer.detail.length).toBeGreaterThan(10)
    expect(answer.detail).not.toContain('undefined')
  })
  test('an unknown kind is refused', () => post({ kind: 'soup' }).expect(400))
})
