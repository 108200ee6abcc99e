import { act, renderHook, waitFor } from '@testing-library/react'
import { expect, test, vi } from 'vitest'
import { z } from 'zod'
import { useLongWork } from './longWork.js'

const answerOf = (body: unknown): Response => new Response(JSON.stringify(body), { status: 200 })

test('how far it was, told only after it has ended, does not bring the bar back', async () => {
  const late: { tell: ((answer: Response) => void) | null } = { tell: null }
  const sent: { end: ((answer: Response) => void) | null } = { end: null }
  vi.stubGlobal(
    'fetch',
    (path: string) =>
      new Promise<Response>((resolve) => {
        if (path.startsWith('/api/works/')) late.tell = resolve
        else sent.end = resolve
      }),
  )
  const { result } = renderHook(() => useLongWork())
  const work = result.current.send('/api/tank-files', 'application/json', new Blob(['{}']), z.object({ name: z.string() }))
  await waitFor(() => expect(result.current.share).toBe(0))
  await waitFor(() => expect(late.tell).not.toBeNull(), { timeout: 3000 })
  await act(async () => {
    sent.end?.(answerOf({ name: 'River' }))
    await work
  })
  expect(result.current.share).toBeNull()
  await act(async () => {
    late.tell?.(answerOf({ done: 5, of: 6 }))
    await new Promise((resolve) => setTimeout(resolve, 20))
  })
  expect(result.current.share).toBeNull()
  vi.unstubAllGlobals()
})
