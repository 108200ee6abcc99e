import type { GroundComparison, Plan } from '@jovrin/core'
import { useEffect, useId, useState } from 'react'
import { workQueue } from './workQueue.js'

/** Each way to make the ground of a plan, run by the model; `null` until it is known. The last answer stays while a new one comes. */
export function useGroundComparison(plan: Plan | null): readonly GroundComparison[] | null {
  const client = useId()
  const [compared, setCompared] = useState<readonly GroundComparison[] | null>(null)
  useEffect(() => {
    if (plan === null) return
    return workQueue.run({ client, kind: 'grounds', task: plan, parts: [0], onProgress: ({ results }) => setCompared(results[0] ?? null) })
  }, [client, plan])
  return plan === null ? null : compared
}
