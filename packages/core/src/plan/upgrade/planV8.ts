import type { FirstWeeks } from '../planWater.js'
import type { PlanV9 } from './planV9.js'

/** A plan as it was written before a start had a method of its own: a dark start showed in its one large change alone. */
export interface PlanV8 extends Omit<PlanV9, 'schemaVersion' | 'start' | 'changes'> {
  readonly schemaVersion: 8
  readonly changes: {
    readonly fraction: number
    readonly everyDays: number
    readonly firstWeeks: FirstWeeks | 'one-large'
    readonly largeOnDay: number | null
  }
}
