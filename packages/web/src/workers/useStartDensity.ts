import type { Plan, StartDensity } from '@jovrin/core'
import { useEffect, useId, useState } from 'react'
import { workQueue } from './workQueue.js'

/** What the last answer was reckoned from, and the answer. */
interface Answered {
  readonly plan: Plan
  readonly density: StartDensity | null
}

/** How densely a plan is planted for its light; `undefined` until it is known. The last answer stays while a new one comes. `null` asks nothing. */
export function useStartDensity(plan: Plan | null): StartDensity | null | undefined {
  const client = useId()
  const [answered, setAnswered] = useState<Answered | null>(null)
  useEffect(() => {
    if (plan === null) return
    return workQueue.run({
      client,
      kind: 'density',
      task: plan,
      parts: [0],
      onProgress: ({ results }) => results[0] !== undefined && setAnswered({ plan, density: results[0] }),
    })
  }, [client, plan])
  return plan === null ? undefined : answered?.density
}
