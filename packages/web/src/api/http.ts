import { appWords, Problem } from '@jovrin/contract'
import type { z } from 'zod'

/** The server's refusal, with the sentence it gave. */
export class ApiError extends Error {
  override readonly name = 'ApiError'
  constructor(
    readonly status: number,
    readonly problem: Problem | null,
  ) {
    super(problem?.detail ?? appWords.failed)
  }
}

interface Answer<T> {
  readonly body: T
  readonly etag: string | null
}

async function send<T>(
  method: string,
  path: string,
  schema: z.ZodType<T>,
  options: { body?: unknown; ifMatch?: string; signal?: AbortSignal } = {},
): Promise<Answer<T>> {
  const response = await fetch(path, {
    method,
    headers: {
      Accept: 'application/json',
      ...(options.body === undefined ? {} : { 'Content-Type': 'application/json' }),
      ...(options.ifMatch === undefined ? {} : { 'If-Match': options.ifMatch }),
    },
    ...(options.body === undefined ? {} : { body: JSON.stringify(options.body) }),
    ...(options.signal === undefined ? {} : { signal: options.signal }),
  }).catch((error: unknown) => {
    if (error instanceof DOMException && error.name === 'AbortError') throw error
    throw new ApiError(0, { type: 'about:blank', title: '', status: 0, code: 'offline', detail: appWords.offline })
  })
  const json: unknown = response.status === 204 ? null : await response.json().catch(() => null)
  if (!response.ok) throw new ApiError(response.status, Problem.safeParse(json).data ?? null)
  return { body: schema.parse(json), etag: response.headers.get('ETag') }
}

export const getJson = async <T>(path: string, schema: z.ZodType<T>, signal: AbortSignal): Promise<T> =>
  (await send('GET', path, schema, { signal })).body
export const postJson = async <T>(path: string, body: unknown, schema: z.ZodType<T>): Promise<T> =>
  (await send('POST', path, schema, { body })).body
export const changeJson = async <T>(
  method: 'PUT' | 'POST' | 'DELETE',
  path: string,
  schema: z.ZodType<T>,
  options: { body?: unknown; ifMatch?: string } = {},
): Promise<T> => (await send(method, path, schema, options)).body
