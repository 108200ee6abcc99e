import { datedPlans } from './datedPlans.js'
import { diff } from './edit.js'
import type { SettingChange } from './journal.js'
import type { Plan } from './plan.js'

/** One field that changed its value on a day, as the model takes it. */
export interface UsedSetting {
  readonly effectiveOn: string
  readonly path: string
  readonly from: unknown
  readonly to: unknown
  readonly why: string | null
}

/** What the model uses of the dated changes, oldest first. A later entry may have replaced an earlier one, and a correction holds for the last value: a list of entries would say what holds no more. */
export function usedSettings(newest: Plan, changes: readonly SettingChange[]): UsedSetting[] {
  const plans = datedPlans(newest, changes)
  return plans.slice(1).flatMap(({ from: effectiveOn, plan }, index) =>
    diff(plans[index]?.plan ?? plan, plan).map(({ path, from, to }) => ({
      effectiveOn,
      path,
      from,
      to,
      why: changes.findLast((change) => change.path === path && change.effectiveOn === effectiveOn)?.why ?? null,
    })),
  )
}
