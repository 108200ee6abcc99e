import type { Deeds, ForecastOptions, Levers, MemberResult, TimelineEntry } from '@jovrin/core'
import { useEffect, useId, useRef, useState } from 'react'
import { partsTo, workQueue, type Progress } from './workQueue.js'

export interface ForecastWish {
  readonly timeline: readonly TimelineEntry[]
  readonly today: number
  readonly weeks: number
  readonly levers: Levers
  readonly deeds: Deeds
  /** While dragging a few fixed members answer; on release the whole ensemble. */
  readonly isDragging: boolean
}

export const SEED = 20261
export const FEW_MEMBERS = 6
export const ALL_MEMBERS = 100

export interface ForecastState extends Progress<MemberResult> {
  readonly stop: () => void
  readonly resume: () => void
  readonly isStopped: boolean
}

const NONE: Progress<MemberResult> = { results: [], wanted: ALL_MEMBERS, isDone: false }

/** Names everything that levers and the number of weeks leave as it is. */
export const pastKeyOf = ({ timeline, deeds, today, seed }: ForecastOptions): string => JSON.stringify([timeline, deeds, today, seed])

/** Runs members 1 … count of a forecast for one client; returns how to stop. */
export const runForecast = (
  client: string,
  options: ForecastOptions,
  count: number,
  onProgress: (progress: Progress<MemberResult>) => void,
): (() => void) =>
  workQueue.run({
    client,
    kind: 'forecast',
    // Levers and the number of weeks leave the past as it was.
    task: { options, pastKey: pastKeyOf(options) },
    parts: partsTo(count),
    onProgress,
  })

/** The ensemble for a wish; the newest wish wins. While a new one is reckoned the last results stay, so that nothing flickers. */
export function useForecast(wish: ForecastWish | null): ForecastState {
  const [progress, setProgress] = useState<Progress<MemberResult>>(NONE)
  const client = useId()
  const [isStopped, setStopped] = useState(false)
  const stopNow = useRef<() => void>(() => undefined)
  const key = wish === null ? null : JSON.stringify(wish)
  useEffect(() => {
    if (wish === null || isStopped) return
    const { isDragging, ...options } = wish
    // The first paint of a new wish waits for the few, so that bands don't jump from one single tank.
    const stop = runForecast(client, { ...options, seed: SEED }, isDragging ? FEW_MEMBERS : ALL_MEMBERS, (next) => {
      if (next.results.length >= FEW_MEMBERS || next.isDone) setProgress(next)
    })
    stopNow.current = stop
    return stop
    // The key holds everything of the wish.
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, key, isStopped])
  return {
    ...progress,
    isStopped,
    stop: () => {
      stopNow.current()
      setStopped(true)
    },
    resume: () => setStopped(false),
  }
}
