import type { Plan } from '../plan/plan.js'
import { mineralsFor, type WeighedMineral } from '../water/changeCard.js'

/** Grams a day that regular changes take of each mineral salt. */
export const mineralNeeds = (plan: Plan, waterL: number): WeighedMineral[] =>
  mineralsFor(plan, waterL * plan.changes.fraction).map(({ salt, grams }) => ({ salt, grams: grams / plan.changes.everyDays }))
