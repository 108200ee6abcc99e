import type { FeedingSchool } from '../plan/plan.js'

/** What a school adds or holds, mg/L of NO3, PO4, K, Mg and Fe. */
export interface SchoolAmounts {
  readonly nitrate: number
  readonly phosphate: number
  readonly potassium: number
  readonly magnesium: number
  readonly iron: number
}
export interface School {
  /** `weekly`: added per week in daily parts. `level`: topped up daily to this level and not above. */
  readonly kind: 'weekly' | 'level'
  readonly amounts: SchoolAmounts
}

/** Defaults of the main schools; all are rules of thumb with wide ranges (rich NO3 15–30, PO4 2–6, K 15–30; lean NO3 0–5, PO4 0.2–1, K 4–10). */
export const SCHOOL: Readonly<Record<FeedingSchool, School>> = {
  'rich-column': { kind: 'weekly', amounts: { nitrate: 21, phosphate: 3, potassium: 21, magnesium: 3, iron: 0.42 } },
  'lean-column': { kind: 'weekly', amounts: { nitrate: 2.5, phosphate: 0.5, potassium: 7, magnesium: 2, iron: 0.14 } },
  'measured-ratio': { kind: 'level', amounts: { nitrate: 10, phosphate: 1, potassium: 15, magnesium: 5, iron: 0.15 } },
  'ground-led': { kind: 'weekly', amounts: { nitrate: 0, phosphate: 0, potassium: 3, magnesium: 1, iron: 0.07 } },
  'all-in-one': { kind: 'weekly', amounts: { nitrate: 7, phosphate: 0.8, potassium: 10, magnesium: 1.5, iron: 0.2 } },
  none: { kind: 'weekly', amounts: { nitrate: 0, phosphate: 0, potassium: 0, magnesium: 0, iron: 0 } },
}

/** Nitrate in a millilitre of a common all-in-one bottle [mg]. Rule of thumb 8–40; the label decides. */
export const ALL_IN_ONE_NITRATE_MG_PER_ML = 20
