import { afterAll, beforeAll, expect, test } from 'vitest'
import { testServer, type TestServer } from '../testing/testServer.js'

let server: TestServer
beforeAll(async () => {
  server = await testServer()
})
afterAll(() => server.close())

test('answers only to its own names', async () => {
  await server.agent.get('/api/health').set('Host', 'localhost').expect(200)
  await server.agent.get('/api/health').set('Host', '127.0.0.1:4780').expect(200)
  for (const host of ['example.test', 'localhost.example.test', '10.0.0.1', 'localhost@example.test'])
    await server.agent.get('/api/health').set('Host', host).expect(403)
})

test('refuses what another site sends', async () => {
  await server.agent.post('/api/tanks').set('Host', 'localhost').set('Origin', 'http://example.test').send({}).expect(403)
  await server.agent.post('/api/tanks').set('Host', 'localhost').set('Origin', 'null').send({}).expect(403)
  await server.agent.post('/api/tanks').set('Host', 'localhost').set('Sec-Fetch-Site', 'cross-site').send({}).expect(403)
  await server.agent.post('/api/tanks').set('Host', 'localhost').set('Origin', 'http://localhost').send({}).expect(400) // let in, and then refused for its body
})

test('carries a strict content policy with a fresh nonce, and no sign of what it runs on', async () => {
  const [first, second] = await Promise.all([server.agent.get('/api/health'), server.agent.get('/api/health')])
  const policy = String(first.headers['content-security-policy'])
  expect(policy).toContain("default-src 'none'")
  expect(policy).toContain("script-src 'self'")
  expect(policy).not.toContain('unsafe-eval')
  expect(policy).not.toEqual(second.headers['content-security-policy'])
  expect(first.headers['x-content-type-options']).toBe('nosniff')
  expect(first.headers['x-powered-by']).toBeUndefined()
})

test('unknown addresses and methods are 404 with a sentence', async () => {
  for (const [method, path] of [
    ['get', '/api/nothing'],
    ['get', '/api/..%2f..%2fetc/passwd'],
    ['delete', '/api/health'],
    ['patch', '/api/tanks'],
    ['get', '/api/tanks/%E0%A4%A'],
  ] as const) {
    const answer = await server.agent[method](path)
    expect(answer.status, path).toBeGreaterThanOrEqual(400)
    expect(answer.status, path).toBeLessThan(500)
    expect(answer.type).toBe('application/problem+json')
  }
})
