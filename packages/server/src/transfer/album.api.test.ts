import { createHash } from 'node:crypto'
import { existsSync, readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { strToU8, unzipSync, zipSync } from 'fflate'
import sharp from 'sharp'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
let elsewhere: TestServer
let album: Buffer
let shots: string[]
const picture = (green: number) =>
  sharp({ create: { width: 64, height: 48, channels: 3, background: { r: 40, g: green, b: 60 } } })
    .png()
    .toBuffer()
const sha256 = (bytes: Uint8Array): string => createHash('sha256').update(bytes).digest('hex')
const send = (to: TestServer, body: Buffer, query = '') =>
  to.agent.post(`/api/tank-files${query}`).set('Content-Type', 'application/zip').send(body)
const photosOf = (one: TestServer): string[] => {
  const folder = join(one.folder, 'photos')
  return existsSync(folder) ? readdirSync(folder).sort() : []
}

beforeAll(async () => {
  server = await testServer()
  elsewhere = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan({ name: 'River' }) })
  shots = []
  for (const [index, green] of [90, 160].entries()) {
    const stored = (
      await server.agent
        .post(`/api/tanks/${TANK_ID}/photos`)
        .attach('photo', await picture(green), 'tank.png')
        .expect(201)
    ).body
    shots.push(stored.sha256)
    await server.agent
      .post(`/api/tanks/${TANK_ID}/journal`)
      .send({
        id: `01920000-0000-7000-8000-00000000000${index}`,
        kind: 'photo',
        at: '2026-11-20T09:00:00.000Z',
        recordedBy: null,
        note: 'A caption',
        sha256: stored.sha256,
        widthPx: stored.widthPx,
        heightPx: stored.heightPx,
        spot: 'front',
      })
      .expect(201)
  }
  const answer = await server.agent
    .get(`/api/tanks/${TANK_ID}/file.zip`)
    .buffer(true)
    .parse((response, done) => {
      const parts: Buffer[] = []
      response.on('data', (chunk: Buffer) => parts.push(chunk))
      response.on('end', () => done(null, Buffer.concat(parts)))
    })
    .expect(200)
  expect(answer.headers['content-disposition']).toBe('attachment; filename="River.zip"')
  album = answer.body
})
afterAll(() => Promise.all([server.close(), elsewhere.close()]))

test('a tank goes out with its pictures and comes in elsewhere with them', async () => {
  expect(Object.keys(unzipSync(album)).sort()).toEqual([...shots.map((shot) => `photos/${shot}.jpg`), 'tank.json'].sort())
  const dry = (await send(elsewhere, album, '?dryRun=true').expect(200)).body
  expect(dry).toMatchObject({ isKept: false, name: 'River', records: 2, photosMissing: 0 })
  expect(photosOf(elsewhere)).toEqual([])
  expect((await send(elsewhere, album).expect(201)).body).toMatchObject({ isKept: true, photosMissing: 0 })
  for (const shot of shots) {
    const came = await elsewhere.agent.get(`/api/photos/${shot}`).expect(200)
    expect(sha256(came.body)).toBe(shot)
    await elsewhere.agent.get(`/api/photos/${shot}?size=small`).expect(200)
  }
  const { entries } = (await elsewhere.agent.get(`/api/tanks/${TANK_ID}/journal?kinds=photo`).expect(200)).body
  expect(entries.map(({ record }: { record: { note: string } }) => record.note)).toEqual(['A caption', 'A caption'])
  expect(readdirSync(join(elsewhere.folder, '.inbox'))).toEqual([])
})

test('a tank that is here already is refused, and its pictures leave nothing behind', async () => {
  const fresh = await testServer()
  try {
    await fresh.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() })
    expect((await send(fresh, album).expect(409)).body.detail).toMatch(/already here/)
    expect(photosOf(fresh)).toEqual([])
    // One that was here before the archive came, and is not named yet, stays.
    const early = (
      await fresh.agent
        .post(`/api/tanks/${TANK_ID}/photos`)
        .attach('photo', await picture(90), 'tank.png')
        .expect(201)
    ).body
    await send(fresh, album).expect(409)
    expect(photosOf(fresh)).toContain(`${early.sha256}.jpg`)
    await send(fresh, album, '?as=copy').expect(201)
    expect(photosOf(fresh)).toHaveLength(4)
  } finally {
    await fresh.close()
  }
})

test.each<[string, (files: Record<string, Uint8Array>) => Record<string, Uint8Array>, RegExp]>([
  ['a picture that was exchanged', (files) => ({ ...files, [`photos/${shots[0]}.jpg`]: strToU8('forged') }), /not what/],
  ['a file of another kind', (files) => ({ ...files, '../evil.sh': strToU8('rm') }), /holds “..\/evil.sh”/],
  ['no tank', (files) => ({ [`photos/${shots[0]}.jpg`]: files[`photos/${shots[0]}.jpg`]! }), /not a tank’s file with pictures/],
])('with %s it is refused whole', async (_what, change, sentence) => {
  const fresh = await testServer()
  try {
    const spoiled = Buffer.from(zipSync(change(unzipSync(album))))
    expect((await send(fresh, spoiled).expect(422)).body.detail).toMatch(sentence)
    expect(photosOf(fresh)).toEqual([])
    expect((await fresh.agent.get('/api/tanks').expect(200)).body).toEqual([])
  } finally {
    await fresh.close()
  }
})

test('what is no picture, or tells where it was taken, stays out; the records still name it', async () => {
  const fresh = await testServer()
  try {
    const placed = await sharp(await picture(10))
      .withExif({ IFD3: { GPSLatitudeRef: 'N', GPSLatitude: '52/1 30/1 0/1' } })
      .jpeg()
      .toBuffer()
    const text = strToU8('no picture at all')
    const files = unzipSync(album)
    const tank = Buffer.from(files['tank.json']!).toString().replaceAll(shots[0]!, sha256(placed)).replaceAll(shots[1]!, sha256(text))
    const spoiled = zipSync({
      'tank.json': strToU8(tank),
      [`photos/${sha256(placed)}.jpg`]: new Uint8Array(placed),
      [`photos/${sha256(text)}.jpg`]: text,
    })
    expect((await send(fresh, Buffer.from(spoiled), '?dryRun=true').expect(200)).body).toMatchObject({ isKept: false, photosMissing: 2 })
    expect((await send(fresh, Buffer.from(spoiled)).expect(201)).body).toMatchObject({ isKept: true, photosMissing: 2 })
    expect(photosOf(fresh)).toEqual([])
    await fresh.agent.get(`/api/photos/${sha256(placed)}`).expect(404)
  } finally {
    await fresh.close()
  }
})

test('a torn archive, and one that is none', async () => {
  for (const body of [album.subarray(0, 200), Buffer.from('PK but nothing else')])
    expect((await send(server, body).expect(422)).body.detail).toMatch(/not a tank’s file with pictures/)
  expect(readFileSync(join(server.folder, 'jovrin.sqlite')).length).toBeGreaterThan(0)
})
