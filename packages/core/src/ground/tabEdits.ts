import type { Spot } from '../numeric/ring.js'
import type { Plan, RootTab } from '../plan/plan.js'
import type { NewId } from '../plan/id.js'

/** Closer than this, two of a kind are one. */
const APART_CM = 2

/** Tabs added at spots where none of their kind stands yet. */
export function withTabs(plan: Plan, kind: RootTab['kind'], spots: readonly Spot[], newId: NewId): Plan {
  let made = plan
  for (const { xCm, yCm } of spots) {
    if (made.tabs.some((tab) => tab.kind === kind && Math.hypot(tab.xCm - xCm, tab.yCm - yCm) < APART_CM)) continue
    made = { ...made, tabs: [...made.tabs, { id: newId('t'), kind, xCm: Math.round(xCm * 10) / 10, yCm: Math.round(yCm * 10) / 10 }] }
  }
  return made
}
