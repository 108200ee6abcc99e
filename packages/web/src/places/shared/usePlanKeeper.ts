import { PlanRevision } from '@jovrin/contract'
import { applyEdits, diff, type Plan } from '@jovrin/core'
import { useQueryClient } from '@tanstack/react-query'
import { useCallback, useMemo, useRef, useState } from 'react'
import { ApiError, changeJson } from '../../api/http.js'
import { putPlan, type Dated } from '../../api/plans.js'
import { planOfTank } from '../../api/tanks.queries.js'

export type KeeperState =
  | { readonly kind: 'saved' }
  | { readonly kind: 'saving' }
  | { readonly kind: 'merged' }
  | { readonly kind: 'conflict'; readonly mine: Plan; readonly theirs: PlanRevision }
  | { readonly kind: 'failed'; readonly message: string }

export interface PlanKeeper {
  readonly state: KeeperState
  readonly revision: PlanRevision
  /** Keeps a plan as one revision; what the server then holds comes back through `onStored`. */
  readonly keep: (plan: Plan, dated?: Dated) => Promise<void>
  readonly step: (way: 'undo' | 'redo') => Promise<void>
  /** What was stored without this keeper, a moment before it was there or in another window: it goes on from that. Whether it was newer. */
  readonly adopt: (stored: PlanRevision) => boolean
  readonly settle: (choice: 'mine' | 'theirs') => Promise<void>
}

const etag = (revision: number): string => `"${revision}"`

/** Saves by itself. A stale revision is met by applying this window's edits to the newest plan where they don't overlap; else both are shown and a person chooses. */
export function usePlanKeeper(tankId: string, initial: PlanRevision, onStored: (plan: Plan) => void): PlanKeeper {
  const client = useQueryClient()
  const [revision, setRevision] = useState(initial)
  const newest = useRef(initial)
  const [state, setState] = useState<KeeperState>({ kind: 'saved' })
  const queue = useRef<Promise<void>>(Promise.resolve())

  const stored = useCallback(
    (next: PlanRevision, kind: 'saved' | 'merged') => {
      newest.current = next
      setRevision(next)
      client.setQueryData(planOfTank(tankId).queryKey, next)
      void client.invalidateQueries({
        queryKey: ['tanks'],
        predicate: ({ queryKey }) => queryKey.length === 1 || ['timeline', 'settings', 'jobs', 'condition'].includes(String(queryKey[2])),
      })
      void client.invalidateQueries({ queryKey: ['round'] })
      setState({ kind })
    },
    [client, tankId],
  )
  const failed = useCallback(
    (error: unknown) => setState({ kind: 'failed', message: error instanceof Error ? error.message : String(error) }),
    [],
  )
  const put = useCallback(
    async (plan: Plan, on: number, dated?: Dated): Promise<PlanRevision> => {
      await putPlan(tankId, plan, on, dated)
      return { revision: on + 1, plan, canUndo: true, canRedo: false } // an edit can always be taken back, and forgets what was
    },
    [tankId],
  )
  /** One after another: a gesture never overtakes the one before. */
  const inTurn = useCallback((act: () => Promise<void>): Promise<void> => (queue.current = queue.current.then(act, act)), [])

  const keep = useCallback(
    (plan: Plan, dated?: Dated) =>
      inTurn(async () => {
        const base = newest.current
        const edits = diff(base.plan, plan)
        if (edits.length === 0) return
        setState({ kind: 'saving' })
        try {
          stored(await put(plan, base.revision, dated), 'saved')
        } catch (error) {
          if (!(error instanceof ApiError && error.status === 412)) return failed(error)
          try {
            const theirs = await client.fetchQuery({ ...planOfTank(tankId), staleTime: 0 })
            const merged = applyEdits(theirs.plan, edits)
            if (merged === null) return setState({ kind: 'conflict', mine: plan, theirs })
            stored(await put(merged, theirs.revision, dated), 'merged')
            onStored(merged)
          } catch (again) {
            failed(again)
          }
        }
      }),
    [client, failed, inTurn, onStored, put, stored, tankId],
  )
  const step = useCallback(
    (way: 'undo' | 'redo') =>
      inTurn(async () => {
        try {
          const next = await changeJson('POST', `/api/tanks/${tankId}/plan/${way}`, PlanRevision, {
            ifMatch: etag(newest.current.revision),
          })
          stored(next, 'saved')
          onStored(next.plan)
        } catch (error) {
          failed(error)
        }
      }),
    [failed, inTurn, onStored, stored, tankId],
  )
  const adopt = useCallback((newer: PlanRevision) => {
    if (newer.revision <= newest.current.revision) return false
    newest.current = newer
    setRevision(newer)
    return true
  }, [])
  const settle = useCallback(
    async (choice: 'mine' | 'theirs') => {
      if (state.kind !== 'conflict') return
      const { mine, theirs } = state
      newest.current = theirs
      if (choice === 'mine') return keep(mine)
      stored(theirs, 'saved')
      onStored(theirs.plan)
    },
    [keep, onStored, state, stored],
  )
  return useMemo(() => ({ state, revision, keep, step, adopt, settle }), [state, revision, keep, step, adopt, settle])
}
