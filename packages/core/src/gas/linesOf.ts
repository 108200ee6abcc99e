import type { Answers } from '../plan/answers.js'
import type { GasControl, GasLine, Plan } from '../plan/plan.js'
import { UNTUNED_LINE } from '../plan/unplanned.js'
import { bubblesPerSOfRate, gasRateMgPerH } from './bubble.js'
import { defaultGasRateMgPerH } from './defaultRate.js'

/** A line that gives gas, every answer known. */
export interface AnsweredLine {
  readonly id: string
  readonly control: Exclude<GasControl, 'none'>
  readonly bubbleMl: number
  readonly linePressureBar: number
  readonly beforeLightMin: number
  readonly beforeDarkMin: number
  /** The level at which a controller shuts it; a timer has none. */
  readonly limitMgPerL: number | null
  readonly bubblesPerS: number
  readonly mgPerH: number
  /** True where the rate was solved for, not given. */
  readonly isSolved: boolean
}

/** What the solved rate depends on. */
export interface GasWater {
  readonly waterL: number
  /** CO2 exchange with the air [1/h]. */
  readonly kPerH: number
  readonly equilibriumMgPerL: number
  readonly dissolvedShare: number
}

/** Lines of a plan that give gas. Those whose bubbles nobody counted share the rate that brings the water to its level at lights-on. */
export function gasLinesOf(plan: Pick<Plan, 'gasLines' | 'lightWindows'>, answers: Answers, water: GasWater): AnsweredLine[] {
  const open = plan.gasLines.filter(({ control }) => control !== 'none')
  const unknown = open.filter(({ bubblesPerS }) => bubblesPerS === null).length
  const [first] = plan.lightWindows
  return open.map((line, place): AnsweredLine => {
    const counter = {
      bubbleMl: answers.number('gasLines/*/bubbleMl', line.bubbleMl, place),
      linePressureBar: answers.number('gasLines/*/linePressureBar', line.linePressureBar, place),
    }
    const rest = {
      id: line.id,
      control: line.control === 'controller' ? 'controller' : 'timer',
      ...counter,
      beforeLightMin: line.beforeLightMin,
      beforeDarkMin: line.beforeDarkMin,
      limitMgPerL: line.control === 'controller' ? answers.number('gasLines/*/limitMgPerL', line.limitMgPerL, place) : null,
    } as const
    if (line.bubblesPerS !== null) {
      const { bubblesPerS } = line
      return { ...rest, bubblesPerS, mgPerH: gasRateMgPerH({ ...counter, bubblesPerS }), isSolved: false }
    }
    const openH = first === undefined ? 0 : Math.min(24, first.hours + (line.beforeLightMin - line.beforeDarkMin) / 60)
    const mgPerH = defaultGasRateMgPerH({ ...water, beforeLightH: line.beforeLightMin / 60, openH }) / unknown
    return { ...rest, bubblesPerS: bubblesPerSOfRate(mgPerH, counter), mgPerH, isSolved: true }
  })
}

/** Hours a day in which a line gives gas. */
export const gasHoursOf = (
  { lightWindows }: Pick<Plan, 'lightWindows'>,
  line: Pick<AnsweredLine, 'beforeLightMin' | 'beforeDarkMin'>,
): number => lightWindows.reduce((sum, { hours }) => sum + Math.max(0, hours + (line.beforeLightMin - line.beforeDarkMin) / 60), 0)
export const hasGas = ({ gasLines }: Pick<Plan, 'gasLines'>): boolean => gasLines.some(({ control }) => control !== 'none')

/** As it is planned when gas is added. */
export const addedGasLine = (id: string): GasLine => ({ id, ...UNTUNED_LINE })
