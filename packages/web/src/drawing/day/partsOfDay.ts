import { DAY_MIN, timeOfDayMin } from '@jovrin/core'

/** Parts of a span of the clock that lie within one day, since a window may reach over midnight. */
export function partsOfDay(fromMin: number, minutes: number): readonly (readonly [from: number, to: number])[] {
  const from = timeOfDayMin(fromMin)
  const to = from + Math.min(Math.max(minutes, 0), DAY_MIN)
  return to <= DAY_MIN
    ? [[from, to]]
    : [
        [from, DAY_MIN],
        [0, to - DAY_MIN],
      ]
}
