import type { LaidBed, TankFigures } from '@jovrin/core'
import { useEffect } from 'react'
import { drawnBeds, rowOf, stretchesOf, type Along } from './bedRow.js'

/** Safari has none: there each week is sketched when it is first shown. */
const whenIdle = globalThis.requestIdleCallback as typeof requestIdleCallback | undefined
/** Left of an idle moment when a bed is still begun [ms]. */
const ENOUGH_MS = 4

interface Ahead {
  readonly figures: TankFigures
  readonly along: Along
  readonly week: number
  readonly mostWeeks: number
  readonly isCut: boolean
}

/** Sketches the other weeks, the nearest first, while nothing else is to be done: a slider then only shows what is kept. */
export function useSketchAhead({ figures, along, week, mostWeeks, isCut }: Ahead): void {
  useEffect(() => {
    if (whenIdle === undefined) return
    const ahead = sketches(figures, along, nearest(week, mostWeeks), isCut)
    const work: IdleRequestCallback = (moment) => {
      while (moment.timeRemaining() > ENOUGH_MS) if (ahead.next().done === true) return
      waiting = whenIdle(work)
    }
    let waiting = whenIdle(work)
    return () => cancelIdleCallback(waiting)
  }, [figures, along, week, mostWeeks, isCut])
}

const nearest = (week: number, mostWeeks: number): readonly number[] =>
  Array.from({ length: mostWeeks + 1 }, (_, one) => one)
    .filter((one) => one !== week)
    .sort((a, b) => Math.abs(a - week) - Math.abs(b - week))

/** One bed of one week at a time; what is sketched is kept with its plant. */
function* sketches(figures: TankFigures, along: Along, weeks: readonly number[], isCut: boolean): Generator<LaidBed, void, undefined> {
  for (const one of weeks)
    for (const bed of drawnBeds(figures)) {
      for (const stretch of stretchesOf(bed, figures, along)) rowOf(bed, stretch, figures, { weeks: one, isCut })
      yield bed
    }
}
