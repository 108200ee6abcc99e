import { longestRampMin } from './fields.js'
import type { Plan } from './plan.js'

/** What must hold between answers, beside what each answer may be. The sentence stands in contract's catalogue under the code. */
export interface PlanRule {
  readonly code: 'freeboard_deep' | 'ramp_long'
  /** Where the rule is broken; `null` where it holds. */
  broken(plan: Plan): readonly (string | number)[] | null
}

const MOST_FREEBOARD = 0.8
const ROUNDING_MIN = 1e-9

export const PLAN_RULES: readonly PlanRule[] = [
  {
    code: 'freeboard_deep',
    broken: ({ vessel: { heightCm, freeboardCm } }) =>
      heightCm !== null && freeboardCm !== null && freeboardCm > heightCm * MOST_FREEBOARD ? ['vessel', 'freeboardCm'] : null,
  },
  {
    code: 'ramp_long',
    broken: ({ lightWindows }) => {
      const index = lightWindows.findIndex(({ hours, rampMin }) => rampMin > longestRampMin(hours) + ROUNDING_MIN)
      return index < 0 ? null : ['lightWindows', index, 'rampMin']
    },
  },
]
export const holdsTogether = (plan: Plan): boolean => PLAN_RULES.every((rule) => rule.broken(plan) === null)
