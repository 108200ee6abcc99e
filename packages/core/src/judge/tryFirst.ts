import { bandOver, type Band } from '../numeric/band.js'
import { flagsOf, isOfGas } from '../ecosystem/flags.js'
import type { ArmResult, MemberResult } from '../ecosystem/forecast.js'
import { applyLevers, type Levers } from '../ecosystem/levers.js'
import { tankFigures } from '../ecosystem/tankFigures.js'
import { WEEK_STRIDE, weekColumn, type WeekColumn } from '../ecosystem/weekSummary.js'
import { dimOf } from '../light/lampsOf.js'
import { quantileOfSorted } from '../numeric/statistics.js'
import { SURFACES, type FeedingSchool, type Plan } from '../plan/plan.js'
import { USUAL_SURFACE } from '../tank/flowOf.js'
import { minutesPerWeek } from '../routine/jobs.js'
import type { GasJudgement } from './gas/judgeGas.js'
import { isTrouble, type NitrogenDanger } from './judgeNitrogen.js'
import type { GasAnimals } from '../gas/grade.js'

/** One change that a grower can make today. */
export const TRIALS = [
  'dim',
  'brighten',
  'shorten',
  'lengthen',
  'gas-less',
  'gas-more',
  'surface-more',
  'surface-less',
  'change-more',
  'feed-more',
  'feed-less',
  'trim',
  'pots',
] as const
export type TrialCode = (typeof TRIALS)[number]
export interface Trial {
  readonly code: TrialCode
  readonly levers: Levers
}

/** Effects are judged after so long: light and feed need that, gas shows sooner. */
export const TRIAL_WEEKS = 4
/** Members that are compared; each with itself, so that few are enough. */
export const TRIAL_MEMBERS = 16
/** Days before the change is judged, by what was changed. General practice. */
const WAIT_DAYS: Readonly<Record<TrialCode, number>> = {
  dim: 21,
  brighten: 21,
  shorten: 21,
  lengthen: 21,
  'gas-less': 10,
  'gas-more': 10,
  'surface-more': 10,
  'surface-less': 10,
  'change-more': 14,
  'feed-more': 21,
  'feed-less': 21,
  trim: 10,
  pots: 21,
}
/** From least to most. */
const FEED_LADDER: readonly FeedingSchool[] = ['none', 'ground-led', 'lean-column', 'all-in-one', 'measured-ratio', 'rich-column']
const STEP = { dim: 0.7, brighten: 1.15, shorterH: 1.5, longerH: 1, gasLess: 0.8, gasMore: 1.1, trim: 0.7, pots: 1.6 } as const
const SHORTEST_H = 5
const LONGEST_H = 9

export interface TrialFacts {
  /** As it is judged now, with the animals that were seen; more gas is tried only where that judgement asks for it. */
  readonly gas: Pick<GasJudgement, 'verdict' | 'advice' | 'animals'>
  /** While ammonia or nitrite troubles animals, neither what drives gas out and so makes ammonia bite, nor what takes plants away. */
  readonly nitrogen: NitrogenDanger
}

/** The single changes that make sense in this tank. `plan`: in force today. */
export function trialsOf(plan: Plan, { gas, nitrogen }: TrialFacts): Trial[] {
  const isUninhabited = gas.animals === 'none'
  const isTroubled = !isUninhabited && isTrouble(nitrogen)
  const figures = tankFigures(plan)
  const trials: Trial[] = []
  const add = (code: TrialCode, levers: Levers): void => void trials.push({ code, levers })
  const dim = dimOf(figures.lamps)
  if (dim !== null && dim > 0.1) {
    add('dim', { dimFraction: round(dim * STEP.dim, 100) })
    if (dim < 0.95) add('brighten', { dimFraction: round(Math.min(1, dim * STEP.brighten), 100) })
  }
  const hours = plan.lightWindows[0]?.hours
  if (hours !== undefined && hours - STEP.shorterH >= SHORTEST_H) add('shorten', { hours: hours - STEP.shorterH })
  if (hours !== undefined && hours + STEP.longerH <= LONGEST_H) add('lengthen', { hours: hours + STEP.longerH })
  if (figures.gasLines.length > 0) {
    if (!isTroubled) add('gas-less', { gasFactor: STEP.gasLess })
    if (isUninhabited || gas.advice.includes('raise')) add('gas-more', { gasFactor: STEP.gasMore })
  }
  const surface = SURFACES.indexOf(plan.flow.surface ?? USUAL_SURFACE)
  const [calmer, livelier] = [SURFACES[surface - 1], SURFACES[surface + 1]]
  if (livelier !== undefined && !isTroubled) add('surface-more', { surface: livelier })
  // Less exchange is more gas.
  const bearsMoreGas = isUninhabited || (gas.verdict === 'no-gas' && !isTroubled) || gas.advice.includes('raise')
  if (calmer !== undefined && bearsMoreGas) add('surface-less', { surface: calmer })
  const { fraction, everyDays } = plan.changes
  if (everyDays > 3) add('change-more', { changeEveryDays: Math.max(3, Math.round(everyDays / 2)) })
  else if (fraction < 0.5) add('change-more', { changeFraction: 0.5 })
  const rung = FEED_LADDER.indexOf(plan.feeding)
  const [leaner, richer] = [FEED_LADDER[rung - 1], FEED_LADDER[rung + 1]]
  if (richer !== undefined) add('feed-more', { feeding: richer })
  if (leaner !== undefined) add('feed-less', { feeding: leaner })
  if (plan.patches.length > 0) {
    if (!isTroubled) add('trim', { massFactor: STEP.trim })
    add('pots', { massFactor: STEP.pots })
  }
  return trials
}
const round = (value: number, per: number): number => Math.round(value * per) / per

/** One member along the plan and along each trial, from the same state. */
export interface MemberTrials {
  readonly member: number
  readonly planned: ArmResult
  readonly changed: readonly ArmResult[]
}

/** What one change would do, paired with the plan as it is. */
export interface TrialEffect extends Trial {
  /** Algae and growth against the plan as it is, in the last week. */
  readonly algaeRatio: Band
  readonly growthRatio: Band
  /** CO2 at the day's peak, after the change [mg/L]. */
  readonly co2Max: Band
  /** Work more or less [min a week]. */
  readonly minutes: number
  readonly waitDays: number
  /** Share of the tanks in which it is for the better. */
  readonly certainty: number
  readonly score: number
}

/** What algae and growth weigh where they are the trouble, and where they are not. */
const HEAVY = 1
const LIGHT = 0.35
/** An hour of work more a week must bring so much. */
const PER_HOUR = 0.2
/** A gain below it, or in too few tanks, is none. Rules of thumb. */
const LEAST_SCORE = 0.08
const LEAST_CERTAINTY = 0.65
const SHOWN = 3

export interface TrialContext {
  readonly plan: Plan
  readonly animals: GasAnimals
  /** Whether algae gain, or are a nuisance already. */
  readonly areAlgaeTrouble: boolean
  /** Whether plants grow at little of what their light allows. */
  readonly isGrowthPoor: boolean
}

/** The best changes, best first; empty where the tank is best left alone. None that would raise a warning that is not there already. */
export function bestTrials(trials: readonly Trial[], members: readonly MemberTrials[], context: TrialContext): TrialEffect[] {
  if (members.length === 0) return []
  const minutesOf = (plan: Plan): number =>
    minutesPerWeek({ timeline: [{ fromDay: 0, plan }], startedOn: plan.startedOn }, settledDay(plan))
  const before = minutesOf(context.plan)
  const weights = { algae: context.areAlgaeTrouble ? HEAVY : LIGHT, growth: context.isGrowthPoor ? HEAVY : LIGHT }
  return trials
    .flatMap((trial, place): TrialEffect[] => {
      const arms = members.flatMap(({ member, planned, changed }): MemberResult[] => {
        const arm = changed[place]
        return arm === undefined ? [] : [{ member, planned, changed: arm }]
      })
      if (arms.length === 0 || raisesWarnings(arms, context.animals)) return []
      const algae = ratiosOf(arms, 'algaeGPerM2')
      const growth = ratiosOf(arms, 'grossGPerDay')
      const minutes = minutesOf(applyLevers(context.plan, trial.levers)) - before
      // Fewer plants grow less, more of them more: cutting is no loss in itself, and planting little of a gain.
      const growthWeight = trial.levers.massFactor === undefined ? weights.growth : trial.code === 'pots' ? LIGHT : 0
      const scores = arms.map((_, index) => -weights.algae * Math.log(algae[index]!) + growthWeight * Math.log(growth[index]!))
      const score = middle(scores) - (PER_HOUR * Math.max(0, minutes)) / 60
      const certainty = scores.filter((one) => one > 0).length / scores.length
      if (score < LEAST_SCORE || certainty < LEAST_CERTAINTY) return []
      return [
        {
          ...trial,
          algaeRatio: bandOver(algae),
          growthRatio: bandOver(growth),
          co2Max: bandOver(arms.map(({ changed }) => at(changed!, 'co2Max', TRIAL_WEEKS - 1))),
          minutes,
          waitDays: WAIT_DAYS[trial.code],
          certainty,
          score,
        },
      ]
    })
    .sort((a, b) => b.score - a.score)
    .slice(0, SHOWN)
}

/** A day by which every programme of the first weeks is over. */
const settledDay = (plan: Plan): string => `${Number(plan.startedOn.slice(0, 4)) + 1}${plan.startedOn.slice(4)}`.replace('-02-29', '-02-28')

const at = ({ weeks }: ArmResult, column: WeekColumn, week: number): number => weeks[week * WEEK_STRIDE + weekColumn(column)]!
const ratiosOf = (arms: readonly MemberResult[], column: WeekColumn): number[] =>
  arms.map(
    ({ planned, changed }) =>
      Math.max(at(changed ?? planned, column, TRIAL_WEEKS - 1), 1e-9) / Math.max(at(planned, column, TRIAL_WEEKS - 1), 1e-9),
  )
const middle = (values: readonly number[]): number => quantileOfSorted(Float64Array.from(values).sort(), 0.5)

/** Whether any week of the change warns of something of which the plan does not, or worse; gas that is already too much may not grow. */
function raisesWarnings(arms: readonly MemberResult[], animals: GasAnimals): boolean {
  for (let week = 0; week < TRIAL_WEEKS; week++) {
    const planned = flagsOf(arms, 'planned', week, animals)
    for (const flag of flagsOf(arms, 'changed', week, animals)) {
      const known = planned.find(({ code }) => code === flag.code || (isOfGas(code) && isOfGas(flag.code)))
      if (known === undefined) return true
      if (isOfGas(flag.code) ? flag.value > known.value + 0.5 || flag.severity !== known.severity : known.severity !== flag.severity)
        return true
    }
  }
  return false
}
