import type { LightPicture, LightView, Plan } from '@jovrin/core'
import { useEffect, useId, useState } from 'react'
import { workQueue } from '../../../../workers/workQueue.js'

export const FINE_CELL_CM = 1
export const COARSE_CELL_CM = 4

interface Answered {
  readonly plan: Plan
  readonly viewKey: string
  readonly picture: LightPicture
}

export interface ShownPicture {
  /** Just this plan, looked at just so; `null` until it is there. */
  readonly picture: LightPicture | null
  /** What was there last, so that tables do not flicker while a new answer comes. */
  readonly last: LightPicture | null
}

/** The field of a plan, centimetre by centimetre, with what each patch gets. `isHeld`: nothing is asked while a hand still moves something. */
export function useLightPicture(plan: Plan, view: LightView, isHeld: boolean): ShownPicture {
  const client = useId()
  const [answered, setAnswered] = useState<Answered | null>(null)
  const viewKey = JSON.stringify(view)
  useEffect(() => {
    if (isHeld) return
    const asked = JSON.parse(viewKey) as LightView // as it was written above
    return workQueue.run({
      client,
      kind: 'light',
      task: { plan, view: asked, cellCm: FINE_CELL_CM },
      parts: [0],
      onProgress: ({ results }) => results[0] !== undefined && setAnswered({ plan, viewKey, picture: results[0] }),
    })
  }, [client, plan, viewKey, isHeld])
  const last = answered?.picture ?? null
  return { picture: answered?.plan === plan && answered.viewKey === viewKey ? last : null, last }
}
