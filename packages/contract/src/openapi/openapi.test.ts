import { Validator } from '@seriousme/openapi-schema-validator'
import { describe, expect, test } from 'vitest'
import { openApi, operationId } from './document.js'

interface Operation {
  readonly operationId: string
  readonly responses: Readonly<Record<string, unknown>>
  readonly security?: readonly unknown[]
}
const made = openApi('1.2.3')
const operations = Object.entries(made['paths'] as Record<string, Record<string, Operation>>).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, operation]) => ({ path, method, operation })),
)

describe('the description of the API', () => {
  test('is one by the rules of OpenAPI 3.1', async () => {
    const { valid, errors } = await new Validator().validate(JSON.parse(JSON.stringify(made)) as Record<string, unknown>)
    expect(errors ?? []).toEqual([])
    expect(valid).toBe(true)
  })
  test('names each operation once, and each says that one may have to sign in', () => {
    const ids = operations.map(({ operation }) => operation.operationId)
    expect(new Set(ids).size).toBe(ids.length)
    expect(ids).toContain('putTankPlan')
    const closed = operations.filter(({ path }) => !['/api/health', '/api/session'].includes(path))
    expect(closed.filter(({ operation }) => operation.responses['401'] === undefined)).toEqual([])
    expect(operations.filter(({ path, operation }) => path.includes('{') && operation.responses['404'] === undefined)).toEqual([])
  })
  test.each([
    ['get', '/api/tanks', 'getTanks'],
    ['get', '/api/tanks/{id}', 'getTank'],
    ['put', '/api/tanks/{id}/journal/{recordId}', 'putTankJournal'],
    ['post', '/api/workings/gas.co2-from-ph', 'postWorkingGasCo2FromPh'],
    ['get', '/api/tanks/{id}/readings.csv', 'getTankReadingsCsv'],
  ])('%s %s is called %s', (method, path, name) => expect(operationId(method, path)).toBe(name))
  test('points at its schemas, and has every one that is pointed at', () => {
    const text = JSON.stringify(made)
    const pointed = [...text.matchAll(/"\$ref":"#\/components\/schemas\/(\w+)"/g)].map(([, name]) => name!)
    const { schemas } = made['components'] as { schemas: Record<string, unknown> }
    expect([...new Set(pointed)].filter((name) => !(name in schemas))).toEqual([])
    expect(Object.keys(schemas).filter((name) => !pointed.includes(name))).toEqual([])
    expect(text).not.toContain('#/$defs/')
    // Each plan, record, problem and species stands there once; a species has fifty traits with their ranges.
    expect(text.length).toBeLessThan(280_000)
  })
})
