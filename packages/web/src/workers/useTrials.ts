import { TRIAL_MEMBERS, TRIAL_WEEKS, type Deeds, type MemberTrials, type TimelineEntry, type Trial } from '@jovrin/core'
import { useEffect, useId, useState } from 'react'
import { pastKeyOf, SEED } from './useForecast.js'
import { partsTo, workQueue } from './workQueue.js'

export interface TrialWish {
  readonly timeline: readonly TimelineEntry[]
  readonly today: number
  readonly deeds: Deeds
  readonly trials: readonly Trial[]
}

/** Each change run beside the plan in a few drawn tanks; `null` until all are there. */
export function useTrials(wish: TrialWish | null): readonly MemberTrials[] | null {
  const client = useId()
  const [found, setFound] = useState<{ readonly key: string; readonly members: readonly MemberTrials[] } | null>(null)
  const key = wish === null ? null : JSON.stringify(wish)
  useEffect(() => {
    if (wish === null || key === null) return
    const { trials, ...past } = wish
    const options = { ...past, weeks: TRIAL_WEEKS, seed: SEED, levers: {} }
    return workQueue.run({
      client,
      kind: 'trials',
      task: { options, trials, pastKey: pastKeyOf(options) },
      parts: partsTo(TRIAL_MEMBERS),
      onProgress: ({ results, isDone }) => isDone && setFound({ key, members: results }),
    })
    // The key holds everything of the wish.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, key])
  return found !== null && found.key === key ? found.members : null
}
