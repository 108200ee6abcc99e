import { classesOf, type Datum } from './datum.js'
import type { LightNeed } from './traits.js'

/** Best doubling of mass [days]: fast under 12, medium to 30. One scale for all kinds. Rule of thumb. */
const GROWTH = [
  ['fast', 12],
  ['medium', 30],
  ['slow', Infinity],
] as const
export type GrowthClass = (typeof GROWTH)[number][0]
export const growthOf = (doublingDays: Datum): GrowthClass[] => classesOf(GROWTH, doublingDays)

/** Light for typical form and colour [µmol/m²/s]. Rule of thumb. */
const LIGHT = [
  ['low', 40],
  ['medium', 80],
  ['high', 150],
  ['very-high', Infinity],
] as const
export type LightClass = (typeof LIGHT)[number][0]
export const LIGHT_CLASSES: readonly LightClass[] = LIGHT.map(([name]) => name)
/** Where each of them ends. */
export const LIGHT_CLASS_ENDS = Object.fromEntries(LIGHT) as Readonly<Record<LightClass, number>> // its own rows
export const GROWTHS: readonly GrowthClass[] = GROWTH.map(([name]) => name)
export const lightClassOf = ({ good, goodLow, goodHigh, ...trust }: LightNeed): LightClass[] =>
  classesOf(LIGHT, { value: good, low: goodLow, high: goodHigh, ...trust })

/** How far daughters stray in eight weeks [cm]; from `5-15` on a border is asked for. */
const RUNNERS = [
  ['none', 0.5],
  ['under-5', 5],
  ['5-15', 15.0001],
  ['over-15', Infinity],
] as const
export type RunnerClass = (typeof RUNNERS)[number][0]
export const RUNNER_CLASSES: readonly RunnerClass[] = RUNNERS.map(([name]) => name)
export const runnerClassOf = ({ value }: Datum): RunnerClass => (RUNNERS.find(([, below]) => value < below) ?? RUNNERS[3])[0]
