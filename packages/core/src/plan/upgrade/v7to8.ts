import { UNKNOWN_SOURCE, UNKNOWN_WATER, type FirstWeeks } from '../planWater.js'
import type { PlanV8 } from './planV8.js'
import type { PlanV7, WaterSourceV7 } from './planV7.js'

/** What a source of version 7 asks besides. Only the first of several was used. */
export const sourceToday = (source: WaterSourceV7, at: number) => ({ ...UNKNOWN_SOURCE, part: at === 0 ? 1 : 0, ...source })
export const firstWeeksOf = (isMore: boolean): FirstWeeks => (isMore ? 'daily' : 'same')

/** Version 8 asks which waters a change is mixed of, with what they are made ready, and how the first weeks are changed. */
export const v7to8 = ({ changes, sources, ...plan }: PlanV7): PlanV8 => ({
  ...plan,
  schemaVersion: 8,
  sources: sources.map(sourceToday),
  water: UNKNOWN_WATER,
  changes: {
    fraction: changes.fraction,
    everyDays: changes.everyDays,
    firstWeeks: firstWeeksOf(changes.firstWeeksMore),
    largeOnDay: null,
  },
})
