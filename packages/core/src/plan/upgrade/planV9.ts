import type { PlanV10 } from './planV10.js'

/** A plan as it was written before its animals were named: food, and algae shrimps, each from a day on. */
export interface PlanV9 extends Omit<PlanV10, 'schemaVersion' | 'animals' | 'fauna'> {
  readonly schemaVersion: 9
  readonly animals: {
    readonly foodGPerDay: number | null
    readonly grazers: number | null
    readonly grazersFromDay: number
    readonly fishFromDay: number
  }
}
