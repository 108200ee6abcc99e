import { existsSync, readdirSync } from 'node:fs'
import { join } from 'node:path'
import sharp from 'sharp'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
const send = (bytes: Buffer, name = 'tank.jpg') => server.agent.post(`/api/tanks/${TANK_ID}/photos`).attach('photo', bytes, name)
const picture = (width = 300, height = 200) => sharp({ create: { width, height, channels: 3, background: { r: 40, g: 90, b: 60 } } })
/** As a camera writes it: its clock, its place. */
const snapshot = () =>
  picture()
    .withExif({
      IFD0: { Make: 'Pinhole' },
      IFD2: { DateTimeOriginal: '2026:11:20 19:30:00' },
      IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '51/1 30/1 0/1' },
    })
    .jpeg()
    .toBuffer()

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() })
})
afterAll(() => server.close())

test('the place is stripped, the time is kept, and the file is named by what is in it', async () => {
  const source = await snapshot()
  expect((await sharp(source).metadata()).exif?.toString('latin1')).toContain('Pinhole')
  const kept = (await send(source).expect(201)).body
  expect(kept).toMatchObject({ widthPx: 300, heightPx: 200, takenAt: '2026-11-20T18:30:00.000Z' }) // 19:30 in Berlin
  const answer = await server.agent.get(`/api/photos/${kept.sha256}`).expect(200)
  expect(answer.type).toBe('image/jpeg')
  const exif = (await sharp(answer.body as Buffer).metadata()).exif?.toString('latin1') ?? ''
  expect(exif).toContain('2026:11:20 19:30')
  expect(exif).not.toContain('Pinhole')
  expect(answer.headers['cache-control']).toMatch(/immutable/)
  const small = await server.agent.get(`/api/photos/${kept.sha256}?size=small`).expect(200)
  expect((await sharp(small.body as Buffer).metadata()).width).toBe(300)
  // The same picture again is the same file.
  expect((await send(await snapshot()).expect(201)).body.sha256).toBe(kept.sha256)
  expect(readdirSync(join(server.folder, 'photos'))).toHaveLength(2)
})

test('then the journal may name it', async () => {
  const { sha256, widthPx, heightPx } = (await send(await picture(64, 64).png().toBuffer(), 'tank.png').expect(201)).body
  const record = {
    id: '01920000-0000-7000-8000-0000000000d1',
    at: '2026-11-24T08:00:00.000Z',
    recordedBy: null,
    note: null,
    kind: 'photo',
    sha256,
    widthPx,
    heightPx,
    spot: 'front',
  }
  await server.agent.post(`/api/tanks/${TANK_ID}/journal`).send(record).expect(201)
})

test('what is no picture, too large, missing or elsewhere is refused in a sentence', async () => {
  expect((await send(Buffer.from('MZ this is a program'))).body).toMatchObject({ status: 415, code: 'not_a_picture' })
  expect((await send((await snapshot()).subarray(0, 300))).status).toBe(415)
  expect((await send(Buffer.alloc(41 * 1024 * 1024))).status).toBe(413)
  await server.agent.post(`/api/tanks/${TANK_ID}/photos`).expect(400)
  expect((await server.agent.post('/api/tanks/nobody/photos').attach('photo', await snapshot(), 'x.jpg')).status).toBe(404)
  for (const name of ['..%2Fjovrin.sqlite', 'a'.repeat(64), 'x']) await server.agent.get(`/api/photos/${name}`).expect(404)
  expect(
    existsSync(join(server.folder, 'photos')) && readdirSync(join(server.folder, 'photos')).some((name) => name.endsWith('.part')),
  ).toBe(false)
})
