import type { GroundComparison, Plan } from '@jovrin/core'
import { useEffect, useState } from 'react'
import type { CompareReply } from './compareGrounds.worker.js'

/** Each way to make the ground of a plan, run by the model in a worker of its own; `null` until it is reckoned. The last answer stays while a new one comes. */
export function useGroundComparison(plan: Plan | null): readonly GroundComparison[] | null {
  const [compared, setCompared] = useState<readonly GroundComparison[] | null>(null)
  useEffect(() => {
    if (plan === null) return
    const worker = new Worker(new URL('./compareGrounds.worker.ts', import.meta.url), { type: 'module' })
    worker.onmessage = ({ data }: MessageEvent<CompareReply>) => setCompared(data)
    worker.postMessage(plan)
    return () => worker.terminate()
  }, [plan])
  return plan === null ? null : compared
}
