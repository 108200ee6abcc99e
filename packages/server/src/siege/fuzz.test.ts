import { rmSync } from 'node:fs'
import { randomOf } from '@jovrin/core'
import { Problem } from '@jovrin/contract'
import { expect, test } from 'vitest'
import { plainPlan, TANK_ID } from '../testing/plainPlan.js'
import { report, SEED, times } from './long.js'
import { OPERATIONS, requestsOf } from './anyRequest.js'
import { runningServer, watch, type Answer, type Asked } from './runningServer.js'

const REQUESTS = times(300, 25_000)
const AT_ONCE = 4

const json = { 'Content-Type': 'application/json' }
/** One line that brings a request back. */
const told = ({ method, path, headers, body }: Asked, answer: Answer | null): string =>
  `${answer?.status ?? 'no answer'} ${method} ${path.slice(0, 300)} ${JSON.stringify(headers)} ${String(body ?? '').slice(0, 600)}`

test('requests of every kind over the description: no fault, no lost answer, every refusal a sentence, nobody kept waiting', async () => {
  const server = await runningServer()
  const other = '01920000-0000-7000-8000-0000000000ab'
  for (const id of [TANK_ID, other])
    expect(
      (await server.ask({ method: 'POST', path: '/api/tanks', headers: json, body: JSON.stringify({ id, plan: plainPlan() }) }))?.status,
    ).toBe(201)
  const stopWatching = watch(server)
  const statuses = new Map<number, number>()
  const faults: string[] = []
  const seen = new Set<string>()
  const besiege = async (lane: number): Promise<void> => {
    const next = requestsOf(randomOf(SEED, lane), { tankIds: [TANK_ID, other] })
    for (let done = 0; done < REQUESTS / AT_ONCE; done++) {
      const asked = next()
      const answer = await server.ask(asked)
      statuses.set(answer?.status ?? 0, (statuses.get(answer?.status ?? 0) ?? 0) + 1)
      seen.add(asked.path.split('?')[0] ?? '')
      const isHead = asked.method === 'HEAD'
      if (answer === null || answer.status === 500) faults.push(told(asked, answer))
      else if (answer.status >= 400 && !isHead && Problem.safeParse(jsonOf(answer.body)).success === false)
        faults.push(`no sentence: ${told(asked, answer)}`)
    }
  }
  await Promise.all(Array.from({ length: AT_ONCE }, (_, lane) => besiege(lane + 1)))
  const { longestMs, asked } = await stopWatching()
  report('fuzz', {
    seed: SEED,
    operations: OPERATIONS.length,
    requests: REQUESTS,
    statuses: [...statuses]
      .sort(([a], [b]) => a - b)
      .map(([status, count]) => `${status}×${count}`)
      .join(' '),
    faults: faults.length,
    'longest wait ms': longestMs,
    'health asked': asked,
  })
  expect(faults).toEqual([])
  expect(server.isRunning(), server.said()).toBe(true)
  // A siege that is refused at the gate would prove nothing.
  expect((statuses.get(200) ?? 0) + (statuses.get(201) ?? 0)).toBeGreaterThan(REQUESTS / 20)
  expect(statuses.size).toBeGreaterThan(5)
  // What is still there can still be read.
  for (const path of ['/api/tanks', '/api/round', `/api/tanks/${TANK_ID}/timeline`, '/api/unreadable?all=true'])
    expect([200, 404], path).toContain((await server.ask({ path }))?.status)
  expect(jsonOf((await server.ask({ path: '/api/unreadable?all=true' }))!.body)).toEqual([])
  expect(await server.stop()).toBe(0)
  rmSync(server.folder, { recursive: true, force: true })
}, 3_600_000)

function jsonOf(body: Buffer): unknown {
  try {
    return JSON.parse(body.toString('utf8'))
  } catch {
    return null
  }
}
