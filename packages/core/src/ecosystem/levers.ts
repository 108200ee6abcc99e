import { co2AirEquilibriumMgPerL } from '../gas/airEquilibrium.js'
import { longestRampMin, NUMBER_FIELDS } from '../plan/fields.js'
import type { FeedingSchool, GasLine, Plan, Surface } from '../plan/plan.js'
import { tankFigures } from './tankFigures.js'

/** What can be moved on the Balance place, each as the value it would have from today. A missing field stays as planned. */
export interface Levers {
  readonly dimFraction?: number
  readonly hours?: number
  /** Gas against the planned rate; 0 is off. */
  readonly gasFactor?: number
  readonly feeding?: FeedingSchool
  readonly surface?: Surface
  readonly changeFraction?: number
  readonly changeEveryDays?: number
  /** Standing plants against today's: an act, not a setting, so it is never part of a kept plan. */
  readonly massFactor?: number
}

/** The plan with the levers' settings in force. */
export function applyLevers(plan: Plan, levers: Levers): Plan {
  const { dimFraction, hours, gasFactor, feeding, surface, changeFraction, changeEveryDays } = levers
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
    flow: surface === undefined ? plan.flow : { ...plan.flow, surface },
    changes: { ...plan.changes, fraction: changeFraction ?? plan.changes.fraction, everyDays: changeEveryDays ?? plan.changes.everyDays },
  }
}

/** Off keeps the line, so that it can be switched on again. A lever moves what the grower would move: bubbles where they are counted, else the level that the line is tuned to. */
function scaledGas(plan: Plan, factor: number): Plan['gasLines'] {
  const { gasLines, room } = tankFigures(plan)
  const airMgPerL = co2AirEquilibriumMgPerL(room.waterC, room.co2Ppm)
  return plan.gasLines.map((line): GasLine => {
    const answered = gasLines.find(({ id }) => id === line.id)
    if (answered === undefined) return line
    const { bubblesPerS, tunedToMgPerL } = answered
    if (factor === 0) return { ...line, control: 'none' }
    if (tunedToMgPerL === null) return { ...line, bubblesPerS: bubblesPerS * factor }
    const [, most] = NUMBER_FIELDS['gasLines/*/peakMgPerL'].range
    return { ...line, peakMgPerL: Math.min(most, airMgPerL + factor * (tunedToMgPerL - airMgPerL)) }
  })
}

export const isAtRest = (levers: Levers): boolean => Object.values(levers).every((value) => value === undefined)
