import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { openApi } from '@jovrin/contract'
import { expect, test } from 'vitest'
import { testServer } from './testing/testServer.js'

const files = (folder: string): string[] =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? files(join(folder, entry.name)) : entry.name.endsWith('.routes.ts') ? [join(folder, entry.name)] : [],
  )

/** Routes as they are written in the source, in the notation of OpenAPI. */
const written = files(import.meta.dirname).flatMap((path) =>
  [...readFileSync(path, 'utf8').matchAll(/\.(get|post|put|delete)\(\s*'(\/[^']+)'/g)].map(
    ([, method = '', route = '']) => `${method} /api${route.replace(/:(\w+)/g, '{$1}')}`,
  ),
)

test('every route is described, and nothing is described that is not there', () => {
  const described = Object.entries(openApi('1').paths as Record<string, Record<string, unknown>>).flatMap(([path, methods]) =>
    Object.keys(methods).map((method) => `${method} ${path}`),
  )
  // Each worked figure has an address of its own in the description; in the source they share one.
  const plain = described.filter((line) => !/\/api\/workings\/\w/.test(line))
  const known = new Set([...written.filter((line) => !line.includes('/workings/{')), 'get /api/health'])
  expect(written.length).toBeGreaterThan(35)
  expect(plain.filter((line) => !known.has(line))).toEqual([])
  expect([...known].filter((line) => !plain.includes(line))).toEqual([])
})

test('the description can be read as a page: every operation and schema stands there, and no pointer leads nowhere', async () => {
  const server = await testServer()
  try {
    const { text: page, headers } = await server.agent.get('/api/docs').expect(200)
    expect(headers['content-type']).toMatch(/^text\/html/)
    const anchors = new Set([...page.matchAll(/ id="([^"]+)"/g)].map(([, id]) => id))
    const pointed = [...page.matchAll(/href="#([^"]+)"/g)].map(([, id]) => id)
    expect(pointed.length).toBeGreaterThan(100)
    expect(pointed.filter((id) => !anchors.has(id))).toEqual([])
    const answer = await server.agent.get('/api/openapi.json').expect(200)
    expect(answer.headers['content-encoding']).toBe('gzip')
    const { paths, components } = answer.body
    const ids = Object.values(paths as Record<string, Record<string, { operationId: string }>>).flatMap((methods) =>
      Object.values(methods).map(({ operationId }) => operationId),
    )
    expect([...ids, ...Object.keys(components.schemas)].filter((id) => !anchors.has(id))).toEqual([])
    expect(page).not.toContain('<script')
  } finally {
    await server.close()
  }
})
