import { longestRampMin } from '../plan/fields.js'
import type { Plan } from '../plan/plan.js'
import { dryLightHours, type StartPhase } from '../plan/startPhase.js'

/** A plan in force before plants and water are together: no light in the dark weeks, long light in the dry ones, gas and feed in neither. */
export function planInPhase(plan: Plan, phase: StartPhase): Plan {
  if (phase === 'planted') return plan
  const hours = dryLightHours(plan)
  return {
    ...plan,
    feeding: 'none',
    gasLines: plan.gasLines.map((line) => ({ ...line, control: 'none' as const })),
    lightWindows:
      phase === 'dark'
        ? []
        : plan.lightWindows.slice(0, 1).map((window) => ({ ...window, hours, rampMin: Math.min(window.rampMin, longestRampMin(hours)) })),
  }
}
