import type { TimelineEntry } from '../plan/plan.js'
import { compile } from './compile.js'
import { DAY_STRIDE } from './daySeries.js'
import type { Deeds } from './deeds.js'
import { drawParameters } from './drawParameters.js'
import { INTERACTIVE_STEP_MIN } from './forecast.js'
import type { Parameters } from './parameters.js'
import { simulate } from './simulate.js'

interface Life {
  readonly timeline: readonly TimelineEntry[]
  readonly deeds: Deeds
  /** From the tank's start. */
  readonly days: number
  readonly seed: number
}
export interface DrawnLife {
  readonly parameters: Parameters
  /** A column of a day's row. */
  readonly at: (day: number, column: number) => number
}

/** The life of one drawn tank, day by day from its start. */
export function drawnLife({ timeline, deeds, days, seed }: Life, member: number): DrawnLife {
  const { forcing, startState, parameters } = compile({
    timeline,
    days,
    stepMin: INTERACTIVE_STEP_MIN,
    draw: { seed, member },
    parameters: drawParameters(seed, member),
    deeds,
  })
  const { rows } = simulate({ forcing, parameters, startState, days })
  return { parameters, at: (day, column) => rows[day * DAY_STRIDE + column] ?? 0 }
}
