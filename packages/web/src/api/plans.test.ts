import { afterEach, describe, expect, test, vi } from 'vitest'
import { newPlan } from '@jovrin/core'
import { standInServer } from '../testing/standInServer.js'
import { changePlan } from './plans.js'

const plan = newPlan('Rack left', '2026-09-01', 'UTC')
afterEach(() => vi.unstubAllGlobals())

describe('a change that means the same on any plan', () => {
  const answering = (refusals: number) => {
    let revision = 4
    let left = refusals
    return standInServer(({ method, path }) => {
      if (method === 'GET')
        return { status: 200, body: { revision, plan: { ...plan, temperatureC: 20 + revision }, canUndo: true, canRedo: false } }
      if (left > 0) {
        left--
        revision++
        return { status: 412, body: { type: 'about:blank', title: 'x', status: 412, code: 'stale', detail: 'x' } }
      }
      return { status: 200, body: path.includes('/plan') ? plan : {} }
    })
  }
  test('is made again on the plan of whoever was quicker', async () => {
    const server = answering(1)
    await changePlan('t', (now) => ({ ...now, feeding: 'rich-column' }), { effectiveOn: '2026-11-24', why: 'pale leaves' })
    const puts = server.asked.filter(({ method }) => method === 'PUT')
    expect(puts.map(({ ifMatch }) => ifMatch)).toEqual(['"4"', '"5"'])
    expect(puts[1]?.path).toContain('effectiveOn=2026-11-24&why=pale+leaves')
    expect(puts[1]?.body).toMatchObject({ feeding: 'rich-column', temperatureC: 25 })
  })
  test('that changes nothing is not sent', async () => {
    const server = answering(0)
    await changePlan('t', (now) => now)
    expect(server.asked.map(({ method }) => method)).toEqual(['GET'])
  })
  test('gives up after three tries, with the server’s own refusal', async () => {
    answering(9)
    await expect(changePlan('t', (now) => ({ ...now, feeding: 'none' }))).rejects.toMatchObject({ status: 412 })
  })
})
