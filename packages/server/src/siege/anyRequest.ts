import { openApi } from '@jovrin/contract'
import type { Random } from '@jovrin/core'
import type { Asked } from './runningServer.js'

interface Schema {
  readonly type?: string | readonly string[]
  readonly properties?: Readonly<Record<string, Schema>>
  readonly required?: readonly string[]
  readonly items?: Schema
  readonly enum?: readonly unknown[]
  readonly const?: unknown
  readonly anyOf?: readonly Schema[]
  readonly oneOf?: readonly Schema[]
  readonly minimum?: number
  readonly maximum?: number
  readonly $ref?: string
  readonly minItems?: number
  readonly maxLength?: number
  readonly format?: string
}
interface Operation {
  readonly method: string
  readonly path: string
  readonly parameters: readonly { readonly name: string; readonly in: string }[]
  readonly media: string | null
  readonly body: Schema | null
}

const DESCRIPTION = openApi('1')
const SCHEMAS = (DESCRIPTION['components'] as { readonly schemas: Readonly<Record<string, Schema>> }).schemas

/** Every operation of the description. */
export const OPERATIONS: readonly Operation[] = Object.entries(
  DESCRIPTION['paths'] as Record<
    string,
    Record<string, { parameters?: Operation['parameters']; requestBody?: { content: Record<string, { schema?: Schema }> } }>
  >,
).flatMap(([path, methods]) =>
  Object.entries(methods).map(([method, { parameters = [], requestBody }]) => {
    const [media = null, content] = Object.entries(requestBody?.content ?? {})[0] ?? []
    return { method: method.toUpperCase(), path, parameters, media, body: content?.schema ?? null }
  }),
)

const NASTY_TEXTS = [
  '',
  ' ',
  '\u0000',
  'a\u0000b',
  '\ud800',
  'a\udc00b',
  '🌿',
  '\u202e',
  '__proto__',
  'constructor',
  'hasOwnProperty',
  '../../etc/passwd',
  '%2e%2e%2f',
  "'; DROP TABLE tank; --",
  '<script>1</script>',
  '=1+1',
  '\r\nX-Header: 1',
  'NaN',
  '-0',
  '1e309',
  '9'.repeat(400),
  'x'.repeat(5000),
  '2026-02-30',
  '2026-11-24T09:00:00Z',
  '9999-12-31T23:59:59.999999999Z',
  '-271821-04-20T00:00:00Z',
  'Mars/Olympus',
] as const
const NASTY_VALUES = [null, true, 0, -1, 1e308, -1e308, 5e-324, 2 ** 53, 1.5, [], {}, [[]], [null], { id: 1 }] as const

/** Requests of every kind over the description: most nearly right, some all wrong. Everything follows from the stream of chance. */
export function requestsOf(random: Random, known: { readonly tankIds: readonly string[] }) {
  const below = (count: number): number => Math.floor(random() * count)
  const pick = <T>(list: readonly T[]): T => list[below(list.length)]!
  const chance = (share: number): boolean => random() < share
  const uuid = (): string =>
    `0192${below(0xffff).toString(16).padStart(4, '0')}-${below(0xffff).toString(16).padStart(4, '0')}-7000-8000-${below(2 ** 40)
      .toString(16)
      .padStart(12, '0')}`

  const textOf = ({ format, maxLength = 60 }: Schema): string => {
    if (chance(0.12)) return pick(NASTY_TEXTS)
    if (format === 'date') return `20${10 + below(80)}-${String(1 + below(12)).padStart(2, '0')}-${String(1 + below(28)).padStart(2, '0')}`
    if (format === 'date-time') return new Date(Date.parse('2026-01-01') + below(40_000_000) * 1000).toISOString()
    if (format === 'uuid') return uuid()
    return 'abcdefghij KLM 🌿 ümlaut'.slice(0, 1 + below(Math.min(maxLength, 20)))
  }
  const numberOf = ({ minimum = -1000, maximum = 1000 }: Schema, isWhole: boolean): number => {
    const [least, most] = [Math.max(minimum, -1e9), Math.min(maximum, 1e9)]
    const value = chance(0.1) ? pick([least, most, least - 1, most + 1]) : least + random() * (most - least)
    return isWhole && !chance(0.03) ? Math.round(value) : value
  }
  const valueOf = (schema: Schema, depth = 0): unknown => {
    if (schema.$ref !== undefined) return valueOf(SCHEMAS[schema.$ref.split('/').at(-1) ?? ''] ?? {}, depth)
    if (chance(0.02)) return chance(0.5) ? pick(NASTY_VALUES) : pick(NASTY_TEXTS)
    if (schema.const !== undefined) return schema.const
    if (schema.enum) return pick(schema.enum)
    const variants = schema.anyOf ?? schema.oneOf
    if (variants) return valueOf(pick(variants), depth)
    const type = Array.isArray(schema.type) ? pick(schema.type as readonly string[]) : schema.type
    if (type === 'object') return objectOf(schema, depth)
    if (type === 'array') {
      const count = (schema.minItems ?? 0) + below(depth > 3 ? 2 : 4)
      return Array.from({ length: depth < 2 && chance(0.01) ? 600 : count }, () => (schema.items ? valueOf(schema.items, depth + 1) : 1))
    }
    if (type === 'string') return textOf(schema)
    if (type === 'integer' || type === 'number') return numberOf(schema, type === 'integer')
    if (type === 'boolean') return chance(0.5)
    return type === 'null' ? null : pick(NASTY_VALUES)
  }
  const objectOf = ({ properties = {}, required = [] }: Schema, depth: number): object => {
    const made = Object.entries(properties).flatMap(([name, inner]): [string, unknown][] =>
      (required.includes(name) ? chance(0.01) : chance(0.4)) ? [] : [[name, valueOf(inner, depth + 1)]],
    )
    if (chance(0.02)) made.push([pick(['__proto__', 'constructor', 'extra', '']), 1])
    return Object.fromEntries(made)
  }
  const inPath = (name: string): string => {
    if (name === 'id' && chance(0.8)) return pick(known.tankIds)
    const value = chance(0.3)
      ? pick(NASTY_TEXTS)
      : chance(0.5)
        ? uuid()
        : pick(['change', 'pH', 'nitrate', '2026-11-24', 'tank-file.json', 'sample-rich-9', 'a'.repeat(64)])
    // Half a character has no place in an address; what is sent for it is as broken.
    return /\p{Surrogate}/u.test(value) ? '%ED%A0%80' : encodeURIComponent(value)
  }
  const inQuery = (name: string): string => {
    const usual: Readonly<Record<string, () => string>> = {
      from: () => textOf({ format: 'date' }),
      to: () => textOf({ format: 'date' }),
      limit: () => String(below(700)),
      dryRun: () => pick(['true', 'false', 'maybe']),
      as: () => pick(['same', 'copy', 'other']),
      kinds: () => pick(['note', 'reading,dose', 'nothing']),
      quantity: () => pick(['pH', 'nitrate', 'mood']),
      work: uuid,
      effectiveOn: () => textOf({ format: 'date' }),
      mapping: () =>
        JSON.stringify({
          columns: [{ use: 'at' }, { use: 'reading', quantity: 'pH', unit: '' }],
          decimalMark: '.',
          dateOrder: 'ymd',
          timeZone: pick(['UTC', 'Mars/Olympus']),
          delimiter: ',',
          hasHeader: chance(0.5),
        }),
    }
    const value = chance(0.2) ? pick(NASTY_TEXTS) : (usual[name]?.() ?? textOf({}))
    return /\p{Surrogate}/u.test(value) ? '%ED%A0%80' : encodeURIComponent(value)
  }
  const bodyOf = ({ media, body }: Operation): Pick<Asked, 'body' | 'headers'> => {
    if (media === null) return chance(0.05) ? { body: '{}', headers: { 'Content-Type': 'application/json' } } : {}
    const type = chance(0.04)
      ? pick([
          'text/plain',
          'application/xml',
          'multipart/form-data',
          'multipart/form-data; boundary=x',
          '',
          'application/json; charset=utf-7',
        ])
      : media
    const headers = { 'Content-Type': type }
    if (chance(0.06))
      return {
        headers,
        body: pick([
          '',
          '{',
          '[',
          'null',
          '"x"',
          '1',
          '{"a":1}x',
          `${'['.repeat(3000)}`,
          `${'{"a":'.repeat(500)}1${'}'.repeat(500)}`,
          '\ufeff{}',
          'a,b\n1,2',
        ]),
      }
    if (media === 'text/csv')
      return {
        headers,
        body: Array.from(
          { length: below(20) },
          () => `${textOf({ format: 'date' })},${chance(0.1) ? pick(NASTY_TEXTS) : (6 + random()).toFixed(2)}`,
        ).join('\n'),
      }
    if (media === 'application/zip' || media === 'multipart/form-data')
      return {
        headers: { 'Content-Type': media === 'application/zip' ? type : `${media}; boundary=seam` },
        body: `--seam\r\nContent-Disposition: form-data; name="photo"; filename="x"\r\n\r\n${pick(NASTY_TEXTS)}\r\n--seam--\r\n`,
      }
    const json = JSON.stringify(body === null ? {} : valueOf(body))
    // Shared names only reach a document as text: an object literal would swallow them.
    return { headers, body: chance(0.01) ? json.replace(/^\{/, '{"__proto__":{"polluted":1},') : json }
  }

  return (): Asked => {
    const operation = pick(OPERATIONS)
    const path = operation.path.replace(/\{(\w+)\}/g, (_all, name: string) => inPath(name))
    const asked = operation.parameters.filter(({ in: where }) => where === 'query' && chance(0.6))
    const query = asked.map(({ name }) => `${name}=${inQuery(name)}`)
    if (chance(0.03)) query.push(`${pick(['__proto__', 'x', ''])}=1`)
    const { headers = {}, body } = bodyOf(operation)
    return {
      method: chance(0.02) ? pick(['PATCH', 'OPTIONS', 'HEAD', 'PUT', 'DELETE']) : operation.method,
      path: `${path}${query.length > 0 ? `?${query.join('&')}` : ''}`,
      headers: {
        ...headers,
        ...(chance(0.5) ? { 'If-Match': pick(['"1"', '1', '"2"', '*', 'x', '"999999999999"', '2026-11-24T09:00:00.000Z']) } : {}),
      },
      ...(body === undefined ? {} : { body }),
    }
  }
}
