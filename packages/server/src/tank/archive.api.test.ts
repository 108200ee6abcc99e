import { existsSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

const OTHER = '01920000-0000-7000-8000-0000000000bb'
let server: TestServer
const picture = (green: number) =>
  sharp({ create: { width: 64, height: 48, channels: 3, background: { r: 40, g: green, b: 60 } } })
    .png()
    .toBuffer()
const shoot = async (tankId: string, bytes: Buffer, id: string): Promise<string> => {
  const { sha256, widthPx, heightPx } = (
    await server.agent.post(`/api/tanks/${tankId}/photos`).attach('photo', bytes, 'tank.png').expect(201)
  ).body
  const record = {
    id,
    kind: 'photo',
    at: '2026-11-20T09:00:00.000Z',
    recordedBy: null,
    note: null,
    sha256,
    widthPx,
    heightPx,
    spot: 'front',
  }
  await server.agent.post(`/api/tanks/${tankId}/journal`).send(record).expect(201)
  return sha256
}
const fileOf = (sha256: string): boolean => existsSync(join(server.folder, 'photos', `${sha256}.jpg`))
const archived = async () => (await server.agent.get('/api/archive').expect(200)).body

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan({ name: 'River' }) })
  await server.agent.post('/api/tanks').send({ id: OTHER, plan: plainPlan({ name: 'Shallow' }) })
})
afterAll(() => server.close())

test('an archived tank leaves the shelf, is listed with what is kept, says so at its address, and comes back', async () => {
  expect(await archived()).toEqual([])
  await server.agent.delete(`/api/tanks/${TANK_ID}`).expect(204)
  expect((await server.agent.get('/api/tanks').expect(200)).body).toHaveLength(1)
  expect(await archived()).toEqual([
    { id: TANK_ID, name: 'River', startedOn: '2026-09-01', archivedAt: '2026-11-24T09:00:00.000Z', records: 0 },
  ])
  expect((await server.agent.get(`/api/tanks/${TANK_ID}/plan`).expect(404)).body).toMatchObject({ code: 'archived' })
  await server.agent.post(`/api/tanks/${TANK_ID}/restore`).expect(200)
  expect(await archived()).toEqual([])
})

test('only what is archived is deleted for good, with all that names it, and with the pictures that nobody else names', async () => {
  const own = await shoot(TANK_ID, await picture(90), '01920000-0000-7000-8000-0000000000d1')
  const shared = await shoot(TANK_ID, await picture(120), '01920000-0000-7000-8000-0000000000d2')
  expect(await shoot(OTHER, await picture(120), '01920000-0000-7000-8000-0000000000d3')).toBe(shared)
  await server.agent.put(`/api/tanks/${TANK_ID}/levers`).send({ hours: 7 }).expect(200)
  expect((await server.agent.delete(`/api/archive/${TANK_ID}`).expect(409)).body.code).toBe('not_archived')
  await server.agent.delete(`/api/archive/01920000-0000-7000-8000-0000000000ff`).expect(404)
  await server.agent.delete(`/api/tanks/${TANK_ID}`).expect(204)
  expect((await archived())[0]).toMatchObject({ records: 2 })
  await server.agent.delete(`/api/archive/${TANK_ID}`).expect(204)
  expect(await archived()).toEqual([])
  await server.agent.post(`/api/tanks/${TANK_ID}/restore`).expect(404)
  const tables: { name: string }[] = await server.db.raw(`SELECT name FROM sqlite_master WHERE type = 'table' AND sql LIKE '%tank_id%'`)
  expect(tables.length).toBeGreaterThanOrEqual(6)
  for (const { name } of tables) expect(await server.db(name).where({ tank_id: TANK_ID }), name).toEqual([])
  expect([fileOf(own), fileOf(shared)]).toEqual([false, true])
  await server.agent.get(`/api/photos/${own}`).expect(404)
  await server.agent.get(`/api/photos/${shared}`).expect(200)
})
