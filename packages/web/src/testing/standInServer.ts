import { vi } from 'vitest'

interface Asked {
  readonly method: string
  readonly path: string
  readonly body: unknown
  readonly ifMatch: string | null
}
type Answer = { readonly status: number; readonly body: unknown; readonly etag?: string } | 'unreachable'

/** Stands in for the server in tests of what pages do with its answers: every request is kept, `answer` decides. */
export function standInServer(answer: (asked: Asked) => Answer): { readonly asked: readonly Asked[] } {
  const asked: Asked[] = []
  vi.stubGlobal('fetch', async (path: string, options: RequestInit = {}): Promise<Response> => {
    const headers = new Headers(options.headers)
    const request: Asked = {
      method: options.method ?? 'GET',
      path,
      body: typeof options.body === 'string' ? JSON.parse(options.body) : null,
      ifMatch: headers.get('If-Match'),
    }
    asked.push(request)
    await Promise.resolve()
    const told = answer(request)
    if (told === 'unreachable') throw new TypeError('Failed to fetch')
    const init = {
      status: told.status,
      headers: { 'Content-Type': 'application/json', ...(told.etag === undefined ? {} : { ETag: told.etag }) },
    }
    return new Response(told.status === 204 ? null : JSON.stringify(told.body), init)
  })
  return { asked }
}

export const problem = (status: number, detail: string): Answer => ({
  status,
  body: { type: 'about:blank', title: 'Refused', status, code: 'refused', detail },
})
