import { appWords } from '@jovrin/contract'
import { afterEach, describe, expect, test, vi } from 'vitest'
import { z } from 'zod'
import { problem, standInServer } from '../testing/standInServer.js'
import { changeJson, getJson, postJson, type ApiError } from './http.js'

afterEach(() => vi.unstubAllGlobals())
const shape = z.object({ litres: z.number() })
const signal = new AbortController().signal
const failed = (promise: Promise<unknown>): Promise<ApiError> =>
  promise.then(
    () => expect.unreachable(),
    (error: unknown) => error as ApiError,
  )

describe('requests', () => {
  test('an answer is checked against its shape before anybody sees it', async () => {
    standInServer(() => ({ status: 200, body: { litres: 'many' } }))
    await expect(getJson('/api/x', shape, signal)).rejects.toThrow(/litres/)
  })
  test('a body is sent as JSON, a precondition as If-Match; neither where there is none', async () => {
    const server = standInServer(() => ({ status: 200, body: { litres: 2 } }))
    expect(await postJson('/api/x', { a: 1 }, shape)).toEqual({ litres: 2 })
    await changeJson('PUT', '/api/x', shape, { body: { b: 2 }, ifMatch: '"3"' })
    await getJson('/api/x', shape, signal)
    expect(server.asked.map(({ method, body, ifMatch }) => [method, body, ifMatch])).toEqual([
      ['POST', { a: 1 }, null],
      ['PUT', { b: 2 }, '"3"'],
      ['GET', null, null],
    ])
  })
  test('nothing is an answer where nothing is expected', async () => {
    standInServer(() => ({ status: 204, body: null }))
    expect(await changeJson('DELETE', '/api/x', z.null())).toBeNull()
  })
})

describe('what goes wrong', () => {
  test('a refusal says what the server said', async () => {
    standInServer(() => problem(422, 'lengthCm is 3; the formula holds from 5 to 600.'))
    const error = await failed(getJson('/api/x', shape, signal))
    expect([error.status, error.message, error.problem?.code]).toEqual([422, 'lengthCm is 3; the formula holds from 5 to 600.', 'refused'])
  })
  test('a refusal that is no problem document still has a sentence', async () => {
    standInServer(() => ({ status: 502, body: 'bad gateway' }))
    const error = await failed(getJson('/api/x', shape, signal))
    expect([error.status, error.message, error.problem]).toEqual([502, appWords.failed, null])
  })
  test('a server that cannot be reached is status 0, in plain words', async () => {
    standInServer(() => 'unreachable')
    const error = await failed(getJson('/api/x', shape, signal))
    expect([error.status, error.message]).toEqual([0, appWords.offline])
  })
  test('a request that was called off is no fault of the server', async () => {
    vi.stubGlobal('fetch', () => Promise.reject(new DOMException('called off', 'AbortError')))
    const error: unknown = await getJson('/api/x', shape, signal).catch((caught: unknown) => caught)
    expect(error).toBeInstanceOf(DOMException)
  })
})
