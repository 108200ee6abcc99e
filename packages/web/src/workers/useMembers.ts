import { useEffect, useId, useMemo, useState } from 'react'
import type { Tasks } from './tasks.js'
import { partsTo, workQueue } from './workQueue.js'

/** Enough for a band of eight in ten. */
const MEMBERS = 16

/** What some drawn tanks say together of one task; `null` until all have answered. `together` must be the same function each time. */
export function useMembers<Kind extends 'stocking' | 'away', Answer>(
  kind: Kind,
  task: Tasks[Kind]['task'] | null,
  together: (members: readonly Tasks[Kind]['result'][]) => Answer,
): Answer | null {
  const client = useId()
  const [found, setFound] = useState<{ readonly key: string; readonly answer: Answer } | null>(null)
  const key = useMemo(() => (task === null ? '' : JSON.stringify(task)), [task])
  useEffect(() => {
    if (task === null) return
    return workQueue.run({
      client,
      kind,
      task,
      parts: partsTo(MEMBERS),
      onProgress: ({ results, isDone }) => isDone && results.length > 0 && setFound({ key, answer: together(results) }),
    })
    // The key holds everything of the wish.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, key])
  return found?.key === key ? found.answer : null
}
