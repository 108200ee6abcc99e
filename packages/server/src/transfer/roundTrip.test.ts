import { mkdirSync, mkdtempSync, rmSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import { FIRST_WEEKS, type Plan, type Reading } from '@jovrin/core'
import fc from 'fast-check'
import { expect, test } from 'vitest'
import { backupBytes } from '../backup/writeBackup.js'
import { prepareRestore, swapFolders } from '../backup/restore.js'
import { anyRecord, anyText } from '../testing/anyRecord.js'
import { plainPlan, TANK_ID, testServer, type TestServer } from '../testing/testServer.js'

const RUNS = process.env['JOVRIN_LONG'] === undefined ? 4 : 200
const SEED = process.env['JOVRIN_LONG'] === undefined ? { seed: 20_261_127 } : {}

type Act =
  | { readonly act: 'plan'; readonly change: Partial<Plan>; readonly effectiveOn: string | null }
  | { readonly act: 'undo' | 'redo' }
  | { readonly act: 'job'; readonly state: 'done' | 'skipped'; readonly dueOn: string; readonly reason: string | null }
  | { readonly act: 'levers'; readonly hours: number }

const anyChange: fc.Arbitrary<Partial<Plan>> = fc.oneof(
  fc.record({ temperatureC: fc.option(fc.double({ min: 15, max: 32, noNaN: true }), { nil: null }) }),
  fc.record({ name: anyText(80) }),
  fc.record({ isTrimmed: fc.boolean() }),
  fc
    .uniqueArray(fc.constantFrom('l1', 'l2', 'l3'))
    .map((ids) => ({ lamps: ids.map((id, index) => ({ ...plainPlan().lamps[0]!, id, watts: 20 + index })) })),
  fc.record({
    changes: fc.record({
      fraction: fc.double({ min: 0, max: 1, noNaN: true }),
      everyDays: fc.integer({ min: 1, max: 28 }),
      firstWeeks: fc.constantFrom(...FIRST_WEEKS),
      largeOnDay: fc.constant(null),
    }),
  }),
)
const anyDay = fc
  .integer({ min: 0, max: 80 })
  .map((days) => new Date(Date.parse('2026-09-02T00:00:00Z') + days * 86_400_000).toISOString().slice(0, 10))
const anyAct: fc.Arbitrary<Act> = fc.oneof(
  {
    weight: 4,
    arbitrary: fc.record({ act: fc.constant('plan' as const), change: anyChange, effectiveOn: fc.option(anyDay, { nil: null }) }),
  },
  fc.record({ act: fc.constantFrom('undo' as const, 'redo' as const) }),
  fc.record({
    act: fc.constant('job' as const),
    state: fc.constantFrom('done' as const, 'skipped' as const),
    dueOn: anyDay,
    reason: fc.option(anyText(500), { nil: null }),
  }),
  fc.record({ act: fc.constant('levers' as const), hours: fc.double({ min: 0, max: 16, noNaN: true }) }),
)

/** Does an act and says whether it was taken. */
async function perform({ agent }: TestServer, act: Act): Promise<boolean> {
  const url = `/api/tanks/${TANK_ID}`
  const { revision, plan } = (await agent.get(`${url}/plan/revision`).expect(200)).body as { revision: number; plan: Plan }
  if (act.act === 'plan') {
    const on = act.effectiveOn === null ? '' : `?effectiveOn=${act.effectiveOn}`
    return (
      (
        await agent
          .put(`${url}/plan${on}`)
          .set('If-Match', String(revision))
          .send({ ...plan, ...act.change })
      ).status === 200
    )
  }
  if (act.act === 'levers') return (await agent.put(`${url}/levers`).send({ hours: act.hours })).status === 200
  if (act.act === 'job')
    return (
      (
        await agent.put(`${url}/jobs/change/${act.dueOn}`).send({
          ruleId: 'change',
          dueOn: act.dueOn,
          state: act.state,
          movedTo: null,
          reason: act.reason,
          at: '2026-11-24T09:00:00Z',
          recordedBy: null,
        })
      ).status === 201
    )
  return (await agent.post(`${url}/plan/${act.act}`).set('If-Match', String(revision))).status === 200
}

interface Told {
  readonly file: Record<string, unknown>
  readonly timeline: unknown
  readonly csv: string
}
async function told({ agent }: TestServer): Promise<Told> {
  const { writtenAt: _at, ...file } = (await agent.get(`/api/tanks/${TANK_ID}/file`).expect(200)).body as Record<string, unknown>
  return {
    file,
    timeline: (await agent.get(`/api/tanks/${TANK_ID}/timeline`).expect(200)).body,
    csv: (await agent.get(`/api/tanks/${TANK_ID}/readings.csv`).expect(200)).text,
  }
}

const MAPPING = {
  columns: ['id', 'at', 'quantity', 'value', 'unit', 'entered', 'enteredUnit', 'basis', 'method', 'moment', 'recordedBy', 'note'].map(
    (use) => ({ use }),
  ),
  decimalMark: '.',
  dateOrder: 'ymd',
  timeZone: 'Europe/Berlin',
  delimiter: ',',
  hasHeader: true,
}

test('whatever was accepted goes out, comes in elsewhere and is the same: as a file, as a table, as a backup', async () => {
  let taken = 0
  await fc.assert(
    fc.asyncProperty(
      fc.uniqueArray(anyRecord, { maxLength: 25, selector: ({ id }) => id }),
      fc.array(anyAct, { maxLength: 14 }),
      async (records, acts) => {
        const home = mkdtempSync(join(tmpdir(), 'jovrin-trip-'))
        mkdirSync(join(home, 'data'))
        const server = await testServer(join(home, 'data'))
        await server.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
        for (const record of records) await server.agent.post(`/api/tanks/${TANK_ID}/journal`).send(record).expect(201)
        for (const act of acts) if (await perform(server, act)) taken++
        const out = await told(server)

        const asFile = await testServer()
        await asFile.agent
          .post('/api/tank-files')
          .send({ ...out.file, writtenAt: '2026-11-24T09:00:00Z' })
          .expect(201)
        expect(await told(asFile)).toEqual(out)
        await asFile.close()

        const asTable = await testServer()
        await asTable.agent.post('/api/tanks').send({ id: TANK_ID, plan: plainPlan() }).expect(201)
        const report = await asTable.agent
          .post(`/api/tanks/${TANK_ID}/readings.csv?mapping=${encodeURIComponent(JSON.stringify(MAPPING))}`)
          .set('Content-Type', 'text/csv')
          .send(out.csv)
        expect(report.body).toMatchObject({ refused: [], isKept: true })
        expect(readingsOf((await told(asTable)).file)).toEqual(readingsOf(out.file))
        await asTable.close()

        const zip = join(home, 'all.zip')
        const parts: Uint8Array[] = []
        for await (const chunk of backupBytes({
          dataFolder: server.folder,
          writtenAt: new Date('2026-11-24T09:00:00Z'),
          copyTo: (path) => server.db.raw('VACUUM INTO ?', [path]),
        }))
          parts.push(chunk)
        writeFileSync(zip, Buffer.concat(parts))
        await server.close(true)
        await prepareRestore(zip, server.folder)
        swapFolders(server.folder, new Date('2026-11-24T09:00:00Z'))
        const restored = await testServer(server.folder)
        expect(await told(restored)).toEqual(out)
        await restored.close()
        rmSync(home, { recursive: true, force: true })
      },
    ),
    { numRuns: RUNS, ...SEED },
  )
  expect(taken).toBeGreaterThan(RUNS)
}, 3_600_000)

/** Readings as a table can tell them: two of one quantity, moment and value are one, values to nine digits, and no event they belong to. */
function readingsOf(file: Record<string, unknown>): object[] {
  const seen = new Set<string>()
  return (file['journal'] as (Reading | { kind: 'none' })[])
    .filter((record): record is Reading => record.kind === 'reading')
    .flatMap((reading) => {
      const key = `${reading.quantity} ${reading.at} ${reading.qualifier}${Number(reading.value.toPrecision(9))}`
      if (seen.has(key)) return []
      seen.add(key)
      return { ...reading, value: Number(reading.value.toPrecision(9)), eventId: null }
    })
}
