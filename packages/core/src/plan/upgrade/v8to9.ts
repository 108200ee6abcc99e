import { WET_START } from '../planStart.js'
import type { FirstWeeks } from '../planWater.js'
import type { PlanV9 } from './planV9.js'
import type { PlanV8 } from './planV8.js'

/** After a dark start water was changed as later. */
export const patternOf = (firstWeeks: PlanV8['changes']['firstWeeks']): FirstWeeks => (firstWeeks === 'one-large' ? 'same' : firstWeeks)

/** Version 9 asks how the tank's life begins; what ended with one large change was a dark start. */
export const v8to9 = ({ changes: { firstWeeks, largeOnDay, ...changes }, ...plan }: PlanV8): PlanV9 => ({
  ...plan,
  schemaVersion: 9,
  start: firstWeeks === 'one-large' ? { ...WET_START, method: 'dark', endsOnDay: largeOnDay } : WET_START,
  changes: { ...changes, firstWeeks: patternOf(firstWeeks) },
})
