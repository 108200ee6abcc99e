import { longestRampMin } from './fields.js'
import type { Plan } from './plan.js'

/** What must hold between answers, beside what each answer may be. The sentence stands in contract's catalogue under the code. */
export interface PlanRule {
  readonly code: 'freeboard_deep' | 'ramp_long'
  /** Where the rule is broken; `null` where it holds. */
  broken(plan: Plan): readonly (string | number)[] | null
  /** The plan with the answer that breaks the rule moved as little as it takes. */
  held(plan: Plan): Plan
}

const MOST_FREEBOARD = 0.8
const ROUNDING_MIN = 1e-9

export const PLAN_RULES: readonly PlanRule[] = [
  {
    code: 'freeboard_deep',
    broken: ({ vessel: { heightCm, freeboardCm } }) =>
      heightCm !== null && freeboardCm !== null && freeboardCm > heightCm * MOST_FREEBOARD ? ['vessel', 'freeboardCm'] : null,
    held: (plan) => ({ ...plan, vessel: { ...plan.vessel, freeboardCm: (plan.vessel.heightCm ?? 0) * MOST_FREEBOARD } }),
  },
  {
    code: 'ramp_long',
    broken: ({ lightWindows }) => {
      const index = lightWindows.findIndex(({ hours, rampMin }) => rampMin > longestRampMin(hours) + ROUNDING_MIN)
      return index < 0 ? null : ['lightWindows', index, 'rampMin']
    },
    held: (plan) => ({
      ...plan,
      lightWindows: plan.lightWindows.map((window) => ({ ...window, rampMin: Math.min(window.rampMin, longestRampMin(window.hours)) })),
    }),
  },
]
export const holdsTogether = (plan: Plan): boolean => PLAN_RULES.every((rule) => rule.broken(plan) === null)

/** A plan put together from answers of several days, so that what must hold between them holds: hours of one day and a ramp of another may not fit. */
export const heldTogether = (plan: Plan): Plan =>
  PLAN_RULES.reduce((held, rule) => (rule.broken(held) === null ? held : rule.held(held)), plan)
