import type { Answers } from '../plan/answers.js'
import type { Diffuser, GasControl, GasLine, Plan } from '../plan/plan.js'
import { UNTUNED_LINE } from '../plan/unplanned.js'
import { bubblesPerSOfRate, gasRateMgPerH } from './bubble.js'
import { DISSOLVED_SHARE } from './diffusers.js'
import { rateForPeakMgPerH, type GasWater, type GivingLine } from './gasDay.js'
import { aimedPeakMgPerL, wantsSensitive } from './limits.js'

/** A line that gives gas, every answer known. */
export interface AnsweredLine extends GivingLine {
  readonly id: string
  readonly control: Exclude<GasControl, 'none'>
  readonly diffuser: Diffuser | null
  readonly bubbleMl: number
  readonly linePressureBar: number
  /** The level at which a controller shuts it; a timer has none. */
  readonly limitMgPerL: number | null
  readonly bubblesPerS: number
  /** What an uncounted line is tuned to at gas-off, in a day without plants; `null` where bubbles were given. */
  readonly tunedToMgPerL: number | null
}

/** What the answers depend on. `dissolvedShare` is of a diffuser that nobody told. */
export interface GasSurroundings extends GasWater {
  readonly dissolvedShare: number
}

/** Lines of a plan that give gas. Those whose bubbles nobody counted share the rate that brings the day's peak to what the first of them is tuned to. */
export function gasLinesOf(
  plan: Pick<Plan, 'gasLines' | 'lightWindows' | 'intent' | 'animals' | 'fauna'>,
  answers: Answers,
  around: GasSurroundings,
): AnsweredLine[] {
  const lines = plan.gasLines
    .filter(({ control }) => control !== 'none')
    .map((line, place) => {
      const { id, control, diffuser, dissolvedFraction, beforeLightMin, beforeDarkMin, bubblesPerS } = line
      const counter = {
        bubbleMl: answers.number('gasLines/*/bubbleMl', line.bubbleMl, place),
        linePressureBar: answers.number('gasLines/*/linePressureBar', line.linePressureBar, place),
      }
      return {
        id,
        control: control === 'controller' ? ('controller' as const) : ('timer' as const),
        diffuser,
        ...counter,
        beforeLightMin,
        beforeDarkMin,
        dissolvedShare: dissolvedFraction ?? dissolvedShareOf(diffuser, answers, place) ?? around.dissolvedShare,
        limitMgPerL: control === 'controller' ? answers.number('gasLines/*/limitMgPerL', line.limitMgPerL, place) : null,
        bubblesPerS,
        mgPerH: bubblesPerS === null ? null : gasRateMgPerH({ ...counter, bubblesPerS }),
        tunedToMgPerL: bubblesPerS === null ? tunedTo(line, plan, answers, place) : null,
      }
    })
  const untuned = lines.filter(({ bubblesPerS }) => bubblesPerS === null)
  const known = lines.flatMap((line) => (line.mgPerH === null ? [] : [{ ...line, mgPerH: line.mgPerH }]))
  const solvedMgPerH = rateForPeakMgPerH(untuned[0]?.tunedToMgPerL ?? 0, untuned, known, plan.lightWindows, around)
  return lines.map(({ bubblesPerS, mgPerH, ...line }) => ({
    ...line,
    mgPerH: mgPerH ?? solvedMgPerH,
    bubblesPerS: bubblesPerS ?? bubblesPerSOfRate(solvedMgPerH, line),
  }))
}

const dissolvedShareOf = (diffuser: Diffuser | null, answers: Answers, place: number): number | null =>
  diffuser === null ? null : answers.unknown(`dissolved in ${diffuser}`, DISSOLVED_SHARE[diffuser], null, place)

/** How far a level is off that was tuned by an indicator or by pH. Rule of thumb. */
const TUNING = { value: 1, low: 1 / 1.17, high: 1.17 } as const

/** What a line is tuned to: the level that was told, or what the animals of the plan bear. A told one is met no better, so that a tank keeps its draw when the level is moved. */
function tunedTo({ peakMgPerL }: GasLine, plan: Parameters<typeof wantsSensitive>[0], answers: Answers, place: number): number {
  const aimed = aimedPeakMgPerL(wantsSensitive(plan))
  const level = peakMgPerL ?? answers.unknown('gas peak', { value: aimed, low: aimed, high: aimed }, 'gasLines/*/peakMgPerL', place)
  return level * answers.unknown('gas tuned', TUNING, null, place)
}

/** Hours a day in which a line gives gas. */
export const gasHoursOf = (
  { lightWindows }: Pick<Plan, 'lightWindows'>,
  line: Pick<AnsweredLine, 'beforeLightMin' | 'beforeDarkMin'>,
): number => lightWindows.reduce((sum, { hours }) => sum + Math.max(0, hours + (line.beforeLightMin - line.beforeDarkMin) / 60), 0)
/** What lines give on a day, at their valves [g]. */
export const gasGPerDay = (
  plan: Pick<Plan, 'lightWindows'>,
  lines: readonly Pick<AnsweredLine, 'mgPerH' | 'beforeLightMin' | 'beforeDarkMin'>[],
): number => lines.reduce((sum, line) => sum + line.mgPerH * gasHoursOf(plan, line), 0) / 1000
export const hasGas = ({ gasLines }: Pick<Plan, 'gasLines'>): boolean => gasLines.some(({ control }) => control !== 'none')

/** The level at which all gas is shut; a line on a timer goes on, so that one of those leaves no limit. */
export const commonLimitMgPerL = (lines: readonly Pick<AnsweredLine, 'limitMgPerL'>[]): number | null =>
  lines.length > 0 && lines.every(({ limitMgPerL }) => limitMgPerL !== null)
    ? Math.min(...lines.map(({ limitMgPerL }) => limitMgPerL ?? Infinity))
    : null

/** As it is planned when gas is added. */
export const addedGasLine = (id: string): GasLine => ({ id, ...UNTUNED_LINE })
