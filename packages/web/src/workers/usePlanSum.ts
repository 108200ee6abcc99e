import type { Plan } from '@jovrin/core'
import { useEffect, useId, useState } from 'react'
import type { TaskKind, Tasks } from './tasks.js'
import { workQueue } from './workQueue.js'

/** Sums of one part that ask for a plan alone. */
export type PlanSum = { [Kind in TaskKind]: Tasks[Kind]['task'] extends Plan ? Kind : never }[TaskKind]
type Answer<Kind extends PlanSum> = Tasks[Kind]['result']

/** One long sum of a plan; `undefined` until it is known. The last answer stays while a new one comes. `null` asks nothing. */
export function usePlanSum<Kind extends PlanSum>(kind: Kind, plan: Plan | null): Answer<Kind> | undefined {
  const client = useId()
  const [answered, setAnswered] = useState<{ readonly answer: Answer<Kind> } | null>(null)
  useEffect(() => {
    if (plan === null) return
    return workQueue.run({
      client,
      kind,
      task: plan,
      parts: [0],
      onProgress: ({ results }) => results[0] !== undefined && setAnswered({ answer: results[0] }),
    })
  }, [client, kind, plan])
  return plan === null ? undefined : answered?.answer
}
