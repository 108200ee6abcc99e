import { randomBytes } from 'node:crypto'
import { uuidV7 } from '@jovrin/core'
import { afterAll, beforeAll, describe, expect, test } from 'vitest'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
const id = (): string => uuidV7(Date.parse('2026-11-24T08:00:00Z'), randomBytes(16))
const base = (at: string) => ({ id: id(), at, recordedBy: null, note: null })
const reading = (at: string, change: object = {}) => ({
  ...base(at),
  kind: 'reading',
  quantity: 'nitrate',
  value: 2.25,
  qualifier: '=',
  enteredText: '10',
  enteredUnit: 'mg NO3/L',
  basis: 'NO3',
  method: null,
  moment: null,
  eventId: null,
  ...change,
})
const file = async (from = server, tank = TANK_ID) => (await from.agent.get(`/api/tanks/${tank}/file`).expect(200)).body
const bare = ({ writtenAt: _at, ...rest }: { writtenAt: string }) => rest

beforeAll(async () => {
  server = await testServer()
  await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
  await server.agent
    .put(`/api/tanks/${TANK_ID}/plan?effectiveOn=2026-10-01&why=algae`)
    .set('If-Match', '"1"')
    .send(plainPlan({ temperatureC: 23 }))
    .expect(200)
  await server.agent.post(`/api/tanks/${TANK_ID}/plan/undo`).set('If-Match', '"2"').expect(200)
  await server.agent.post(`/api/tanks/${TANK_ID}/plan/redo`).set('If-Match', '"3"').expect(200)
  for (const record of [
    reading('2026-11-01T08:00:00.000Z', { note: '=1+1 "quoted", with; marks' }),
    reading('2026-11-02T08:00:00.000Z', { qualifier: '<', value: 0.226, recordedBy: 'phone' }),
    reading('2026-11-02T08:00:00.000Z', { quantity: 'lightPower', value: 0.62, enteredText: '62', enteredUnit: '%', basis: null }),
    { ...base('2026-11-03T08:00:00.000Z'), kind: 'trim', wetG: 120, kinds: [] },
    { ...base('2026-11-04T08:00:00.000Z'), kind: 'note', note: 'plants ☘ look well' },
  ])
    await server.agent.post(`/api/tanks/${TANK_ID}/journal`).send(record).expect(201)
  await server.agent
    .put(`/api/tanks/${TANK_ID}/jobs/change/2026-11-24`)
    .send({
      ruleId: 'change',
      dueOn: '2026-11-24',
      state: 'skipped',
      movedTo: null,
      reason: 'away',
      at: '2026-11-24T09:00:00.000Z',
      recordedBy: null,
    })
    .expect(201)
  await server.agent.put(`/api/tanks/${TANK_ID}/levers`).send({ hours: 7 }).expect(200)
  const note = { plantId: 'anubias-gracilis', notedOn: '2026-11-01', outcome: 'grew', text: 'Slow, in the shade.' }
  for (const tankId of [TANK_ID, null]) {
    const noteId = id()
    await server.agent
      .put(`/api/species/${note.plantId}/notes/${noteId}`)
      .send({ ...note, id: noteId, tankId })
      .expect(200)
  }
})
afterAll(() => server.close())

describe('a tank’s file', () => {
  test('out, wiped, in again: equal to the last field; a dry run changes nothing', async () => {
    const out = await file()
    const fresh = await testServer()
    const dry = await fresh.agent.post('/api/tank-files?dryRun=true').send(out).expect(200)
    expect(dry.body).toMatchObject({ isKept: false, records: 5, jobs: 1, revisions: 4, name: 'Reading-room river' })
    expect((await fresh.agent.get('/api/tanks')).body).toEqual([])
    await fresh.agent.post('/api/tank-files').send(out).expect(201)
    expect(bare(await file(fresh))).toEqual(bare(out))
    // What is noted of the tank came with it; what is noted of no tank did not.
    const { body: notes } = await fresh.agent.get('/api/species/anubias-gracilis/notes').expect(200)
    expect(notes).toMatchObject([{ tankId: TANK_ID, notedOn: '2026-11-01', outcome: 'grew', text: 'Slow, in the shade.' }])
    expect((await fresh.agent.get(`/api/tanks/${TANK_ID}/timeline`)).body).toEqual(
      (await server.agent.get(`/api/tanks/${TANK_ID}/timeline`)).body,
    )
    // What could be undone there can be undone here.
    await fresh.agent.post(`/api/tanks/${TANK_ID}/plan/undo`).set('If-Match', '"4"').expect(200)
    await fresh.close()
  })
  test('a tank that is here is not overwritten; as a copy it stands beside', async () => {
    const out = await file()
    const refused = await server.agent.post('/api/tank-files').send(out).expect(409)
    expect(refused.body.detail).toMatch(/already here/)
    const copy = await server.agent.post('/api/tank-files?as=copy').send(out).expect(201)
    expect(copy.body.tankId).not.toBe(TANK_ID)
    const copied = await file(server, copy.body.tankId)
    expect(copied.journal).toHaveLength(out.journal.length)
    expect(copied.plantNotes).toMatchObject([{ outcome: 'grew' }])
    expect(copied.plantNotes[0].id).not.toBe(out.plantNotes[0].id)
  })
  test('of an older form holds no notes on plants, and is read', async () => {
    const fresh = await testServer()
    const { plantNotes: _none, ...older } = await file()
    await fresh.agent
      .post('/api/tank-files')
      .send({ ...older, formatVersion: 3 })
      .expect(201)
    expect((await file(fresh)).plantNotes).toEqual([])
    await fresh.close()
  })
  test.each([
    ['another kind of file', () => ({ hello: 'world' }), 422, /not a tank’s file/],
    ['a newer format', (out: object) => ({ ...out, formatVersion: 7 }), 422, /format version 7, which is newer/],
    [
      'a broken record, with its place',
      (out: { journal: object[] }) => ({ ...out, journal: [out.journal[0], { ...out.journal[1], value: 'much' }] }),
      400,
      /journal\.1\.value must be a number/,
    ],
    ['two records of one id', (out: { journal: object[] }) => ({ ...out, journal: [out.journal[0], out.journal[0]] }), 400, /same id/],
    ['revisions with a gap', (out: { revisions: object[] }) => ({ ...out, revisions: out.revisions.slice(1) }), 400, /without a gap/],
    [
      'a setting of a revision that is not there',
      (out: { settings: object[] }) => ({ ...out, settings: [{ ...out.settings[0], planRevision: 99 }] }),
      422,
      /names a revision/,
    ],
    [
      'a note of an outcome that there is not',
      (out: { plantNotes: object[] }) => ({ ...out, plantNotes: [{ ...out.plantNotes[0], outcome: 'fine' }] }),
      400,
      /plantNotes\.0\.outcome/,
    ],
    ['an unknown field', (out: object) => ({ ...out, extra: 1 }), 400, /no field extra/],
  ])('%s is refused, and nothing is kept', async (_what, spoil, status, sentence) => {
    const fresh = await testServer()
    const refused = await fresh.agent.post('/api/tank-files').send(spoil(await file()))
    expect(refused.status).toBe(status)
    expect(refused.body.detail).toMatch(sentence)
    for (const table of ['tank', 'plan_revision', 'setting_change', 'reading', 'event', 'job_record', 'plant_note'])
      expect(await fresh.db(table)).toEqual([])
    await fresh.close()
  })
  test('half a file, and none', async () => {
    const text = JSON.stringify(await file())
    await server.agent
      .post('/api/tank-files')
      .set('Content-Type', 'application/json')
      .send(text.slice(0, text.length / 2))
      .expect(422)
    await server.agent.post('/api/tank-files').expect(415)
    await server.agent.post('/api/tank-files').send({}).expect(422)
  })
  test('a record id that another tank uses is refused with its place, and the whole file with it', async () => {
    const out = await file()
    const stranger = { ...out, tank: { ...out.tank, id: id() } }
    const dry = await server.agent.post('/api/tank-files?dryRun=true').send(stranger).expect(409)
    expect(dry.body.detail).toMatch(/Dated change 1 has an id/)
    const refused = await server.agent
      .post('/api/tank-files')
      .send({ ...stranger, settings: [] })
      .expect(409)
    expect(refused.body.detail).toMatch(/Record 1 of the journal/)
    const noted = await server.agent
      .post('/api/tank-files')
      .send({ ...stranger, settings: [], journal: [] })
      .expect(409)
    expect(noted.body.detail).toMatch(/^Note 1 on a plant has an id that another tank uses/)
    expect((await server.agent.get(`/api/tanks/${stranger.tank.id}`)).status).toBe(404)
  })
})

const MAPPING = {
  columns: [{ use: 'at' }, { use: 'quantity' }, { use: 'value' }, { use: 'unit' }, { use: 'note' }],
  decimalMark: '.',
  dateOrder: 'ymd',
  timeZone: 'Europe/Berlin',
  delimiter: ',',
  hasHeader: true,
}
const EXPORTED = {
  ...MAPPING,
  columns: ['id', 'at', 'quantity', 'value', 'unit', 'ignore', 'ignore', 'ignore', 'ignore', 'ignore', 'ignore', 'note'].map((use) => ({
    use,
  })),
}
const take = (to: TestServer, body: string | Buffer, mapping: object = MAPPING, dryRun = false, tank = TANK_ID) =>
  to.agent
    .post(`/api/tanks/${tank}/readings.csv?dryRun=${dryRun}&mapping=${encodeURIComponent(JSON.stringify(mapping))}`)
    .set('Content-Type', 'text/csv')
    .send(body)

describe('readings as CSV', () => {
  test('out and in again says: already here; into an empty tank: the same readings', async () => {
    const csv = (await server.agent.get(`/api/tanks/${TANK_ID}/readings.csv`).expect(200)).text
    expect(csv).toContain('<0.226')
    expect(csv).toContain('"\'=1+1 ""quoted"", with; marks"')
    expect(csv).toContain(',62,%')
    expect((await take(server, csv, EXPORTED)).body).toMatchObject({ isKept: true, accepted: 0, alreadyHere: 3, refusedInAll: 0 })
    const fresh = await testServer()
    await fresh.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() })
    expect((await take(fresh, csv, EXPORTED)).body).toMatchObject({ isKept: true, accepted: 3 })
    const kept = (await file(fresh)).journal.map(({ id: recordId, value, qualifier, note }: Record<string, unknown>) => [
      recordId,
      value,
      qualifier,
      note,
    ])
    const sent = (await file()).journal
      .filter(({ kind }: { kind: string }) => kind === 'reading')
      .map(({ id: recordId, value, qualifier, note }: Record<string, unknown>) => [recordId, value, qualifier, note])
    expect(kept).toEqual(sent)
    await fresh.close()
  })
  test('one bad row keeps all out, and is named with its line and reason', async () => {
    const before = (await file()).journal.length
    const answer = await take(
      server,
      'at,what,value,unit,note\n2026-11-10,pH,6.5,,\n2026-11-11,pH,sixish,,\n2026-02-30,pH,6.5,,\n2026-11-12,nitrate,5,°dKH,',
    )
    expect(answer.body).toMatchObject({ isKept: false, rows: 4, accepted: 1, refusedInAll: 3 })
    expect(answer.body.refused).toEqual([
      { line: 3, detail: '“sixish” is not a number.' },
      { line: 4, detail: '“2026-02-30” is not a date of the chosen order.' },
      { line: 5, detail: '“nitrate °dKH”: the quantity is not measured in this unit here.' },
    ])
    expect((await file()).journal).toHaveLength(before)
  })
  test('the good rows alone are kept where bad ones are to be left out, and every bad one is told', async () => {
    const bad = Array.from({ length: 60 }, (_, index) => `2026-11-0${(index % 9) + 1},oxygen,sour,,`)
    const body = `at,what,value,unit,note\n2026-11-10,oxygen,8,,\n${bad.join('\n')}\n2026-11-11,oxygen,8.5,,`
    const looked = await take(server, body, MAPPING, true)
    expect(looked.body).toMatchObject({ isKept: false, accepted: 2, refusedInAll: 60 })
    expect(looked.body.refused).toHaveLength(50)
    const query = `badRows=skip&mapping=${encodeURIComponent(JSON.stringify(MAPPING))}`
    const kept = await server.agent.post(`/api/tanks/${TANK_ID}/readings.csv?${query}`).set('Content-Type', 'text/csv').send(body)
    expect(kept.body).toMatchObject({ isKept: true, accepted: 2, refusedInAll: 60 })
    expect(kept.body.refused).toHaveLength(60)
    const journal = (await file()).journal as { quantity?: string }[]
    expect(journal.filter(({ quantity }) => quantity === 'oxygen')).toHaveLength(2)
  })
  test('what it holds of each quantity is told, and what has not happened yet', async () => {
    const columns = [{ use: 'date' }, { use: 'reading', quantity: 'nitrate', unit: 'mg N/L', moment: null }]
    const body = 'Datum,NO3\n2026-11-10,22\n2026-11-11,18\n2031-11-12,25'
    const { body: report } = await take(server, body, { ...MAPPING, columns }, true)
    expect(report).toMatchObject({
      inFuture: 1,
      columns: [{ quantity: 'nitrate', unit: 'mg N/L', count: 3, least: 18, middle: 22, most: 25, unlikely: 3 }],
    })
  })
  test('a dry run shows what would come, and keeps nothing', async () => {
    const answer = await take(
      server,
      'at;ph;no3\n1.11.2026 19:30;6,5;12\n',
      {
        columns: [{ use: 'at' }, { use: 'reading', quantity: 'pH', unit: '' }, { use: 'reading', quantity: 'nitrate', unit: 'mg NO3/L' }],
        decimalMark: ',',
        dateOrder: 'dmy',
        timeZone: 'Europe/Berlin',
        delimiter: ';',
        hasHeader: true,
      },
      true,
    )
    expect(answer.body).toMatchObject({ isKept: false, accepted: 2, refusedInAll: 0 })
    expect(answer.body.preview[0]).toMatchObject({ line: 2, at: '2026-11-01T18:30:00.000Z', quantity: 'pH', value: 6.5 })
  })
  test('another reading under a known id, and the same row twice', async () => {
    const [first] = (await file()).journal
    const columns = [{ use: 'id' }, ...MAPPING.columns]
    const clash = await take(server, `id,at,what,value,unit,note\n${first.id},2026-11-10,pH,6.5,,`, { ...MAPPING, columns })
    expect(clash.body.refused[0].detail).toMatch(/already stored under the id/)
    const twice = await take(server, 'at,what,value,unit,note\n2026-11-15,pH,6.5,,\n2026-11-15,pH,6.5,,', MAPPING, true)
    expect(twice.body).toMatchObject({ accepted: 1, alreadyHere: 1 })
    expect(
      (await take(server, 'id,at,what,value,unit,note\nseven,2026-11-10,pH,6.5,,', { ...MAPPING, columns })).body.refused[0].detail,
    ).toMatch(/is not an id/)
  })
  test('wrong encodings, pictures, open quotes and nonsense mappings are refused in a sentence', async () => {
    expect((await take(server, Buffer.from('at,what,value\n2026-11-10,pH,6.5,\xb0', 'latin1'))).body.detail).toMatch(/not written in UTF-8/)
    expect((await take(server, Buffer.from([0x89, 0x50, 0x4e, 0x47, 0, 0, 0]))).status).toBe(422)
    expect((await take(server, 'at,what,value,unit,note\n"2026-11-10,pH,6.5,,')).body.detail).toMatch(/quotation mark is opened/)
    expect((await take(server, 'x', { ...MAPPING, decimalMark: '#' })).status).toBe(400)
    expect(
      (
        await take(
          server,
          Buffer.concat([Buffer.from([0xff, 0xfe]), Buffer.from('at,what,value,unit,note\n2026-11-16,pH,6.4,,', 'utf16le')]),
        )
      ).body,
    ).toMatchObject({ accepted: 1, refusedInAll: 0 })
    await server.agent.post(`/api/tanks/${TANK_ID}/readings.csv?mapping=%7B`).set('Content-Type', 'text/csv').send('x').expect(400)
    await server.agent.post(`/api/tanks/${TANK_ID}/readings.csv`).set('Content-Type', 'text/plain').send('x').expect(415)
  })
  test('a file that is too large is refused before it is read', async () => {
    const answer = await take(server, Buffer.alloc(25 * 1024 * 1024, 'a'))
    expect(answer.status).toBe(413)
  })
})

test('schemas of the files are told', async () => {
  const names = (await server.agent.get('/api/schemas').expect(200)).body.map(({ name }: { name: string }) => name)
  expect(names).toContain('tank-file')
  const schema = JSON.parse(
    (
      await server.agent
        .get('/api/schemas/tank-file.json')
        .buffer(true)
        .parse((res, done) => {
          let text = ''
          res.on('data', (chunk: Buffer) => (text += chunk.toString()))
          res.on('end', () => done(null, text))
        })
        .expect(200)
    ).body as string,
  )
  expect(Object.keys(schema.properties)).toContain('journal')
  await server.agent.get('/api/schemas/passwords.json').expect(404)
})
