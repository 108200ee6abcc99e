import type { FeedingSchool, Plan } from '../plan/plan.js'
import { longestRampMin } from '../plan/fields.js'
import { tankFigures } from './tankFigures.js'

/** What can be moved on the Balance place, each as the value it would have from today. A missing field stays as planned. */
export interface Levers {
  readonly dimFraction?: number
  readonly hours?: number
  /** Gas against the planned rate; 0 is off. */
  readonly gasFactor?: number
  readonly feeding?: FeedingSchool
  readonly changeFraction?: number
  readonly changeEveryDays?: number
  /** Standing plants against today's: an act, not a setting, so it is never part of a kept plan. */
  readonly massFactor?: number
}

/** The plan with the levers' settings in force. */
export function applyLevers(plan: Plan, levers: Levers): Plan {
  const { dimFraction, hours, gasFactor, feeding, changeFraction, changeEveryDays } = levers
  return {
    ...plan,
    lamps: dimFraction === undefined ? plan.lamps : plan.lamps.map((lamp) => ({ ...lamp, dimFraction })),
    lightWindows:
      hours === undefined
        ? plan.lightWindows
        : plan.lightWindows.map((window, index) =>
            index === 0 ? { ...window, hours, rampMin: Math.min(window.rampMin, longestRampMin(hours)) } : window,
          ),
    gasLines: gasFactor === undefined ? plan.gasLines : scaledGas(plan, gasFactor),
    feeding: feeding ?? plan.feeding,
    changes: { ...plan.changes, fraction: changeFraction ?? plan.changes.fraction, everyDays: changeEveryDays ?? plan.changes.everyDays },
  }
}

/** Off keeps the line, so that it can be switched on again. Bubbles that were solved for become a given number here: a lever moves what the grower would move. */
function scaledGas(plan: Plan, factor: number): Plan['gasLines'] {
  const { gasLines } = tankFigures(plan)
  return plan.gasLines.map((line) => {
    const answered = gasLines.find(({ id }) => id === line.id)
    if (answered === undefined) return line
    const { bubblesPerS } = answered
    return factor === 0 ? { ...line, control: 'none', bubblesPerS } : { ...line, bubblesPerS: bubblesPerS * factor }
  })
}

export const isAtRest = (levers: Levers): boolean => Object.values(levers).every((value) => value === undefined)
