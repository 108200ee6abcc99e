import { rmSync } from 'node:fs'
import { randomBytes } from 'node:crypto'
import { uuidV7, type Plan } from '@jovrin/core'
import type { PlanRevision } from '@jovrin/contract'
import { expect, test } from 'vitest'
import { plainPlan, TANK_ID } from '../testing/plainPlan.js'
import { report, times } from './long.js'
import { runningServer, watch, type RunningServer } from './runningServer.js'

const WRITERS = 8
const EDITS_EACH = times(3, 48)
const RECORDS_EACH = times(6, 120)
const json = { 'Content-Type': 'application/json' }
const newId = (): string => uuidV7(Date.now(), randomBytes(16))

/** Adds its own marks to one plan until all are acknowledged; whoever is told that the plan has changed looks again. */
async function edit(server: RunningServer, writer: number): Promise<{ done: string[]; refused: number }> {
  const path = `/api/tanks/${TANK_ID}/plan`
  const done: string[] = []
  let refused = 0
  while (done.length < EDITS_EACH) {
    const { revision, plan } = JSON.parse((await server.ask({ path: `${path}/revision` }))!.body.toString()) as PlanRevision
    const mark = `writer ${writer} edit ${done.length}`
    const next: Plan = { ...plan, money: { ...plan.money, owned: [...plan.money.owned, mark] } }
    const answer = await server.ask({ method: 'PUT', path, headers: { ...json, 'If-Match': `"${revision}"` }, body: JSON.stringify(next) })
    if (answer?.status === 200) done.push(mark)
    else if (answer?.status === 412) refused++
    else throw new Error(`an edit was answered ${answer?.status}`)
  }
  return { done, refused }
}

async function log(server: RunningServer): Promise<string[]> {
  const done: string[] = []
  for (let index = 0; index < RECORDS_EACH; index++) {
    const record = { kind: 'note', id: newId(), at: '2026-11-24T08:00:00.000Z', recordedBy: null, note: `note ${index}` }
    const body = JSON.stringify(record)
    // Sent twice, as a phone does that did not hear the answer.
    const answers = await Promise.all(
      [0, 1].map(() => server.ask({ method: 'POST', path: `/api/tanks/${TANK_ID}/journal`, headers: json, body })),
    )
    if (answers.some((answer) => answer === null || ![200, 201].includes(answer.status))) throw new Error('a record was refused')
    done.push(record.id)
  }
  return done
}

test('eight writers on one tank: no update is lost, no record is there twice', async () => {
  const server = await runningServer()
  await server.ask({ method: 'POST', path: '/api/tanks', headers: json, body: JSON.stringify({ id: TANK_ID, plan: plainPlan() }) })
  const stopWatching = watch(server)
  const lanes = Array.from({ length: WRITERS }, (_, writer) => writer)
  const [edits, records] = await Promise.all([
    Promise.all(lanes.map((writer) => edit(server, writer))),
    Promise.all(lanes.map(() => log(server))),
  ])
  const { longestMs } = await stopWatching()
  const { revision, plan } = JSON.parse(
    (await server.ask({ path: `/api/tanks/${TANK_ID}/plan/revision` }))!.body.toString(),
  ) as PlanRevision
  const file = JSON.parse((await server.ask({ path: `/api/tanks/${TANK_ID}/file` }))!.body.toString()) as {
    journal: { id: string }[]
    revisions: object[]
  }
  const marks = edits.flatMap(({ done }) => done)
  const lost = marks.filter((mark) => !plan.money.owned.includes(mark))
  const logged = records.flat()
  const kept = file.journal.map(({ id }) => id)
  report('writers', {
    writers: WRITERS,
    edits: marks.length,
    'told to look again': edits.reduce((sum, { refused }) => sum + refused, 0),
    lost: lost.length,
    records: logged.length,
    'records lost': logged.filter((id) => !kept.includes(id)).length,
    'longest wait ms': longestMs,
  })
  expect(lost).toEqual([])
  expect([...plan.money.owned].sort()).toEqual([...marks].sort())
  expect(revision).toBe(1 + marks.length)
  expect(file.revisions).toHaveLength(1 + marks.length)
  expect([...kept].sort()).toEqual([...logged].sort())
  expect(await server.stop()).toBe(0)
  rmSync(server.folder, { recursive: true, force: true })
}, 1_200_000)
