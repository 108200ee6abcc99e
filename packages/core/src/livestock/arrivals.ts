import type { KeptGroup } from './animalsOf.js'

/** What comes within one week, as a share of the food of all in the end. */
export interface Arrival {
  readonly day: number
  readonly groups: readonly KeptGroup[]
  readonly foodShare: number
}
/** Groups a week apart: what joins within it counts together. General practice. */
export const ARRIVAL_APART_DAYS = 7
/** Of the food of all, what may join in one week: bacteria double in one to two. General practice. */
export const MOST_SHARE_AT_ONCE = 1 / 3
/** So little joins at once [g dry food a day for each litre]: a light stock by general practice, below 1 mg/L. */
export const LIGHT_FOOD_G_PER_L = 0.001

/** Arrivals in turn, each with all that comes within a week of its first. */
export function arrivalsOf(kept: readonly KeptGroup[], foodGPerDay: number): Arrival[] {
  const arrivals: { day: number; groups: KeptGroup[] }[] = []
  for (const one of [...kept].sort((a, b) => a.group.fromDay - b.group.fromDay)) {
    const last = arrivals.at(-1)
    if (last !== undefined && one.group.fromDay - last.day < ARRIVAL_APART_DAYS) last.groups.push(one)
    else arrivals.push({ day: one.group.fromDay, groups: [one] })
  }
  return arrivals.map(({ day, groups }) => ({
    day,
    groups,
    foodShare: foodGPerDay > 0 ? groups.reduce((sum, one) => sum + one.foodGPerDay, 0) / foodGPerDay : 0,
  }))
}
