import type { HindcastOptions, MemberHindcast } from '@jovrin/core'
import { useEffect, useId, useState } from 'react'
import { partsTo, workQueue } from './workQueue.js'

const MEMBERS = 24

export interface Hindcast {
  readonly members: readonly MemberHindcast[]
  readonly isDone: boolean
}
const NONE: Hindcast = { members: [], isDone: false }

/** A tank's whole life by the model, member by member. */
export function useHindcast(options: HindcastOptions | null): Hindcast {
  const client = useId()
  const [found, setFound] = useState<{ readonly key: string; readonly hindcast: Hindcast }>({ key: '', hindcast: NONE })
  const key = options === null ? '' : JSON.stringify(options)
  useEffect(() => {
    if (options === null) return
    return workQueue.run({
      client,
      kind: 'hindcast',
      task: options,
      parts: partsTo(MEMBERS),
      onProgress: ({ results, isDone }) => {
        if (isDone) setFound({ key, hindcast: { members: results, isDone } })
      },
    })
    // The key holds everything of the wish.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, key])
  return found.key === key ? found.hindcast : NONE
}
