import { appWords, Problem, WorkProgress } from '@jovrin/contract'
import { useEffect, useRef, useState } from 'react'
import type { z } from 'zod'
import { ApiError } from './http.js'
import { newId } from './newId.js'

/** How far a file is on its way in; `null` while nothing is under way. A share of 0 is not told yet. */
export interface LongWork {
  readonly share: number | null
  /** Sends it; rejects with an `ApiError` whose sentence can be shown, also when it was called off. */
  readonly send: <T>(path: string, mediaType: string, body: Blob | ArrayBuffer, schema: z.ZodType<T>) => Promise<T>
  readonly callOff: () => void
}

const ASKED_EVERY_MS = 400
const failed = (detail: string, code = 'offline'): ApiError => new ApiError(0, { type: 'about:blank', title: '', status: 0, code, detail })

/** Sends a large file as a piece of work with a name of its own, so that its progress can be followed and it can be called off; whoever leaves the sheet calls it off. */
export function useLongWork(): LongWork {
  const [share, setShare] = useState<number | null>(null)
  const underWay = useRef<AbortController | null>(null)
  useEffect(() => () => underWay.current?.abort(), [])
  return {
    share,
    callOff: () => underWay.current?.abort(),
    send: async (path, mediaType, body, schema) => {
      const name = newId()
      const controller = new AbortController()
      underWay.current = controller
      setShare(0)
      let isOver = false
      // What is told once the work has ended is of the past: it would leave the bar standing for good.
      const watch = setInterval(
        () => void progressOf(name).then((told) => told !== null && !isOver && !controller.signal.aborted && setShare(told)),
        ASKED_EVERY_MS,
      )
      try {
        const answer = await fetch(`${path}${path.includes('?') ? '&' : '?'}work=${name}`, {
          method: 'POST',
          headers: { 'Content-Type': mediaType, Accept: 'application/json' },
          body,
          signal: controller.signal,
        })
        const json: unknown = await answer.json().catch(() => null)
        if (!answer.ok) throw new ApiError(answer.status, Problem.safeParse(json).data ?? null)
        return schema.parse(json)
      } catch (error) {
        if (error instanceof ApiError) throw error
        // Hanging up is what calls it off: the server keeps nothing of it.
        throw controller.signal.aborted
          ? failed(appWords.calledOff, 'called_off')
          : failed(error instanceof TypeError ? appWords.offline : appWords.failed)
      } finally {
        isOver = true
        clearInterval(watch)
        setShare(null)
      }
    },
  }
}

async function progressOf(name: string): Promise<number | null> {
  try {
    const answer = await fetch(`/api/works/${name}`, { headers: { Accept: 'application/json' } })
    const told = answer.ok ? WorkProgress.safeParse(await answer.json()).data : undefined
    return told === undefined || told.of === 0 ? null : told.done / told.of
  } catch {
    return null // it is only for show
  }
}
