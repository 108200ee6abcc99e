import { flagsOf, gasAnimalsAt, isOfGas, leadOf, plantedAge, type Flag, type Lead, type MemberResult, type Plan } from '@jovrin/core'
import type { Timeline } from '@jovrin/contract'
import { useEffect, useState } from 'react'
import { agedTimeline } from '../../api/tanks.queries.js'
import type { BraidWeek } from '../../drawing/braid/braidGeometry.js'
import { runForecast, SEED } from '../../workers/useForecast.js'
import { braidWeeks } from '../shared/balance.view.js'

export interface ShelfForecast {
  readonly lead: Lead
  readonly weeks: readonly BraidWeek[]
  readonly flags: readonly Flag[]
}

const WEEKS = 6
/** Enough for a word and a small braid; the Balance place reckons more. */
const MEMBERS = 24

/** One tank after another, so that each is soon ready. Results are told as they come. */
export function useShelfForecasts(
  timelines: readonly { readonly tankId: string; readonly timeline: Timeline }[],
): ReadonlyMap<string, ShelfForecast> {
  const [found, setFound] = useState<ReadonlyMap<string, ShelfForecast>>(new Map())
  const key = JSON.stringify(timelines)
  useEffect(() => {
    let stop = (): void => undefined
    const next = (index: number): void => {
      const entry = timelines[index]
      if (entry === undefined) return
      const { timeline, today, deeds } = agedTimeline(entry.timeline)
      const options = { timeline, today, weeks: WEEKS, seed: SEED, levers: {}, deeds }
      stop = runForecast('shelf', options, MEMBERS, ({ results, isDone }) => {
        if (!isDone) return
        setFound((before) => new Map(before).set(entry.tankId, summarise(results, today, timeline.at(-1)?.plan)))
        next(index + 1)
      })
    }
    next(0)
    return () => stop()
    // The key holds every timeline.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [key])
  return found
}

function summarise(results: readonly MemberResult[], today: number, plan: Plan | undefined): ShelfForecast {
  return {
    lead: leadOf(results, 'planned', 0, plan === undefined ? today : plantedAge(plan, today)),
    weeks: braidWeeks(results, 'planned', WEEKS),
    // Gas of this week is judged by what was measured, in a line of its own.
    flags: flagsOf(results, 'planned', 0, plan === undefined ? 'none' : gasAnimalsAt(plan, today)).filter(({ code }) => !isOfGas(code)),
  }
}
