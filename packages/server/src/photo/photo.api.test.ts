import { existsSync, readdirSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { pathToFileURL } from 'node:url'
import sharp from 'sharp'
import { afterAll, beforeAll, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'
import { developer } from './developer.js'

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

test('only the four kinds of picture reach a decoder, whatever a file is called', async () => {
  const svg = (inner: string): Buffer =>
    Buffer.from(`<?xml version="1.0"?><svg xmlns="http://www.w3.org/2000/svg" width="9" height="9">${inner}</svg>`)
  const others = [
    svg(''),
    svg('<image href="file:///etc/passwd" width="9" height="9"/>'),
    await picture().gif().toBuffer(),
    await picture().tiff().toBuffer(),
    Buffer.from('%PDF-1.7'),
    Buffer.alloc(0),
    // Begins as one of the four and is another.
    Buffer.concat([Buffer.from([0xff, 0xd8, 0xff]), svg('')]),
  ]
  for (const bytes of others) expect((await send(bytes, 'tank.jpg')).body).toMatchObject({ status: 415, code: 'not_a_picture' })
  for (const kind of ['jpeg', 'png', 'webp', 'avif'] as const)
    expect((await send(await picture(64, 48)[kind]().toBuffer(), 'x.svg')).body, kind).toMatchObject({ widthPx: 64, heightPx: 48 })
})

test('a picture of absurdly many pixels is refused before it is unpacked', async () => {
  // Its head says 60 000 by 60 000; a reader that believes it asks for ten gigabytes.
  const bomb = await picture(64, 64).jpeg().toBuffer()
  const head = bomb.indexOf(Buffer.from([0xff, 0xc0]))
  bomb.writeUInt16BE(60_000, head + 5)
  bomb.writeUInt16BE(60_000, head + 7)
  expect((await send(bomb)).body).toMatchObject({ status: 415, code: 'not_a_picture' })
})

test('a camera whose clock is absurd tells no time, and the picture is kept', async () => {
  for (const clock of ['0000:00:00 00:00:00', '9999:12:31 23:59:59', '1970:01:01 00:00:00', '2026:13:45 99:99:99', 'yesterday'])
    expect(
      (
        await send(
          await picture()
            .withExif({ IFD2: { DateTimeOriginal: clock } })
            .jpeg()
            .toBuffer(),
        )
      ).body,
      clock,
    ).toMatchObject({ takenAt: null })
})

test('a decoder that hangs is given up, one that falls takes nobody along, and the next picture gets a new one', async () => {
  const darkroom = (code: string): URL => {
    const path = join(server.folder, `${Math.random()}.mjs`)
    writeFileSync(path, code)
    return pathToFileURL(path)
  }
  const bytes = await snapshot()
  const hanging = developer({ patienceMs: 300, darkroom: darkroom('export default () => { for (;;); }') })
  await expect(hanging.develop(bytes)).rejects.toThrow(/took too long/)
  await expect(hanging.develop(bytes)).rejects.toThrow(/took too long/)
  const falling = developer({ darkroom: darkroom('export default () => process.abort()') })
  await expect(falling.develop(bytes)).rejects.toThrow(/not a picture/)
  const sound = developer()
  expect((await sound.develop(bytes)).widthPx).toBe(300)
  for (const each of [hanging, falling, sound]) each.close()
})

test('uploads that are packed wrongly are refused in a sentence', async () => {
  const url = `/api/tanks/${TANK_ID}/photos`
  const part = (name: string, end: string): string =>
    `--seam\r\nContent-Disposition: form-data; name="${name}"; filename="x.jpg"\r\nContent-Type: image/jpeg\r\n\r\nxx${end}`
  const broken: [type: string, body: string][] = [
    ['multipart/form-data', part('photo', '\r\n--seam--\r\n')],
    ['multipart/form-data; boundary=', part('photo', '\r\n--seam--\r\n')],
    ['multipart/form-data; boundary=other', part('photo', '\r\n--seam--\r\n')],
    ['multipart/form-data; boundary=seam', part('photo', '')],
    ['multipart/form-data; boundary=seam', '--seam'],
    ['multipart/form-data; boundary=seam', ''],
    ['multipart/form-data; boundary=seam', '--seam\r\nnonsense\r\n\r\nxx\r\n--seam--\r\n'],
    ['multipart/form-data; boundary=seam', part('picture', '\r\n--seam--\r\n')],
    ['multipart/form-data; boundary=seam', part('photo', `\r\n${part('photo', '\r\n--seam--\r\n')}`)],
    ['multipart/form-data; boundary=seam', `--seam\r\nContent-Disposition: form-data; name="a"\r\n\r\nb\r\n--seam--\r\n`],
    ['image/jpeg', 'xx'],
  ]
  for (const [type, body] of broken) {
    const answer = await server.agent.post(url).set('Content-Type', type).send(body)
    expect([400, 415], `${type} ${body}`).toContain(answer.status)
    expect(answer.body.detail).toMatch(/\.$/)
  }
})
