import { compile } from '../ecosystem/compile.js'
import { DAY, DAY_STRIDE } from '../ecosystem/daySeries.js'
import { simulate } from '../ecosystem/simulate.js'
import { CARPET } from '../ecosystem/state.js'
import type { TankFigures } from '../ecosystem/tankFigures.js'
import { groundHeightCm } from '../ground/groundPlan.js'
import type { Plan } from '../plan/plan.js'
import { startEndDay } from '../plan/startPhase.js'
import { programmed } from './programmed.js'

const COLUMNS = 24
const ROWS = 12
const EDGE_CM = 0.05
/** Of the film at one side, so that air changes and mould does not stand. Rule of thumb 0.5–2. */
export const AIR_GAP_CM = 1
/** Water stands so far below the lowest ground, so that roots breathe and stems do not rot. Rule of thumb 0.5–2. */
const BELOW_LOWEST_CM = 0.5

/** Highest that water may stand over the glass in the dry weeks [cm]: below the surface of the lowest ground. 0 where the ground is too thin to say. */
export function dryWaterLineCm({ inner, ground }: Pick<TankFigures, 'inner' | 'ground'>): number {
  // From pane to pane: the front edge is the lowest of most grounds.
  const across = (count: number, place: number, wholeCm: number): number => EDGE_CM + (place / (count - 1)) * (wholeCm - 2 * EDGE_CM)
  let lowest = Infinity
  for (let column = 0; column < COLUMNS; column++)
    for (let row = 0; row < ROWS; row++)
      lowest = Math.min(lowest, groundHeightCm(ground, across(COLUMNS, column, inner.lengthCm), across(ROWS, row, inner.widthCm)))
  return Math.max(0, lowest - BELOW_LOWEST_CM)
}

/** Of the carpet's own floor, closed by leaves [0–1], on each day until the flood, by the model's common tank; `null` where there is no carpet, or no dry start. One run, some ten milliseconds. */
export function carpetCloses(plan: Plan): readonly number[] | null {
  if (plan.start.method !== 'dry') return null
  const days = startEndDay(plan)
  const { timeline } = programmed([{ fromDay: 0, plan }], { today: 0, animalsAllowedFromDay: null })
  const { forcing, startState, parameters } = compile({ timeline, days, stepMin: 60 })
  if (forcing.site.footOfGroup[CARPET] === 0) return null
  const { rows } = simulate({ forcing, startState, parameters, days })
  return Array.from(
    { length: days },
    (_, day) => 1 - Math.exp(-parameters.extinction[CARPET]! * rows[day * DAY_STRIDE + DAY.lai + CARPET]!),
  )
}
