import type { Plan, TimelineEntry } from './plan.js'

/** What holds on a day of a tank's age; before the first day the first entry. Entries stand in the order of their days; `undefined` only where there are none. */
export function entryAt(timeline: readonly TimelineEntry[], day: number): TimelineEntry | undefined {
  let [low, high] = [0, timeline.length]
  while (low < high) {
    const middle = (low + high) >> 1
    if ((timeline[middle]?.fromDay ?? 0) <= day) low = middle + 1
    else high = middle
  }
  return timeline[Math.max(0, low - 1)]
}
export const planAt = (timeline: readonly TimelineEntry[], day: number): Plan | undefined => entryAt(timeline, day)?.plan
