import type { HindcastOptions, MemberHindcast } from '@jovrin/core'
import { useEffect, useState } from 'react'
import type { HindcastJob, HindcastReply } from './hindcast.worker.js'

const MEMBERS = 24
const WORKERS = 2

export interface Hindcast {
  readonly members: readonly MemberHindcast[]
  readonly isDone: boolean
}
const NONE: Hindcast = { members: [], isDone: false }

/** A tank's whole life by the model, member by member. Workers live for one wish: a journal is opened seldom, and then read for a while. */
export function useHindcast(options: HindcastOptions | null): Hindcast {
  const [found, setFound] = useState<{ readonly key: string; readonly hindcast: Hindcast }>({ key: '', hindcast: NONE })
  const key = options === null ? '' : JSON.stringify(options)
  useEffect(() => {
    if (options === null) return
    const members = new Map<number, MemberHindcast>()
    const workers = Array.from({ length: WORKERS }, (_, index) => {
      const worker = new Worker(new URL('./hindcast.worker.ts', import.meta.url), { type: 'module' })
      worker.onmessage = ({ data }: MessageEvent<HindcastReply>) => {
        members.set(data.member, data.result)
        if (members.size === MEMBERS) setFound({ key, hindcast: { members: [...members.values()], isDone: true } })
      }
      const job: HindcastJob = {
        options,
        members: Array.from({ length: MEMBERS }, (_, at) => at + 1).filter((member) => member % WORKERS === index),
      }
      worker.postMessage(job)
      return worker
    })
    return () => workers.forEach((worker) => worker.terminate())
    // The key holds everything of the wish.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key])
  return found.key === key ? found.hindcast : NONE
}
