import { UNKNOWN_TAB, UNPLANNED } from '../unplanned.js'
import type { PlanV6 } from './planV6.js'
import type { PlanV7 } from './planV7.js'

/** Version 7 asks how the school is followed, what there is to dose with, and what a tab holds; nobody has answered it. */
export const v6to7 = (plan: PlanV6): PlanV7 => ({
  ...plan,
  schemaVersion: 7,
  feed: UNPLANNED.feed,
  tabProduct: plan.tabProduct === null ? null : { ...UNKNOWN_TAB, ...plan.tabProduct },
})
