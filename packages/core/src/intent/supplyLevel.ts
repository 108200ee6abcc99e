import { monthlyCost, runningParts, type RunningPart } from '../budget/running.js'
import { tankFigures, type TankFigures } from '../ecosystem/tankFigures.js'
import { addedGasLine, hasGas } from '../gas/linesOf.js'
import { longestRampMin } from '../plan/fields.js'
import { datePlusDays } from '../plan/clock.js'
import type { Pace, Plan, PlanIntent } from '../plan/plan.js'
import type { JobKind } from '../routine/jobKinds.js'
import { minutesByKind } from '../routine/jobs.js'

export const SUPPLY_LEVELS = ['gentle', 'moderate', 'strong'] as const
export type SupplyLevel = (typeof SUPPLY_LEVELS)[number]

export interface LevelFacts {
  /** On the ground, mean of the floor [µmol m⁻² s⁻¹]; rules of thumb: gentle 25–40, moderate 40–70, strong 70–130. */
  readonly ppfd: number
  readonly hours: number
  readonly hasGas: boolean
  readonly feeding: Plan['feeding']
  readonly everyDays: number
  readonly fraction: number
  readonly difficulty: 1 | 2 | 3
}
export const LEVEL: Readonly<Record<SupplyLevel, LevelFacts>> = {
  gentle: { ppfd: 32, hours: 8, hasGas: false, feeding: 'ground-led', everyDays: 14, fraction: 0.3, difficulty: 1 },
  moderate: { ppfd: 55, hours: 7.5, hasGas: true, feeding: 'lean-column', everyDays: 7, fraction: 0.4, difficulty: 2 },
  strong: { ppfd: 90, hours: 8, hasGas: true, feeding: 'rich-column', everyDays: 7, fraction: 0.5, difficulty: 3 },
}
const LEVEL_OF_PACE: Readonly<Record<Pace, SupplyLevel>> = { quiet: 'gentle', steady: 'moderate', fast: 'strong' }

/** A settled tank's day, from which its upkeep is counted; the first weeks ask for more. */
const SETTLED_DAY = 84

/** The plan with a level's light, gas, feed and changes. Lamps are dimmed to it as far as they reach. */
export function withSupplyLevel(plan: Plan, level: SupplyLevel): Plan {
  const facts = LEVEL[level]
  const full = tankFigures({ ...plan, lamps: plan.lamps.map((lamp) => ({ ...lamp, dimFraction: 1 })) }).ppfd
  const [window] = plan.lightWindows
  return {
    ...plan,
    lamps: plan.lamps.map((lamp) => ({ ...lamp, dimFraction: full <= 0 ? 1 : Math.round(Math.min(1, facts.ppfd / full) * 100) / 100 })),
    lightWindows:
      window === undefined
        ? [{ id: 't1', on: '12:00', hours: facts.hours, rampMin: 30 }]
        : [{ ...window, hours: facts.hours, rampMin: Math.min(window.rampMin, longestRampMin(facts.hours)) }],
    gasLines: !facts.hasGas ? [] : hasGas(plan) ? plan.gasLines : [addedGasLine('c1')],
    feeding: facts.feeding,
    changes: { ...plan.changes, everyDays: facts.everyDays, fraction: facts.fraction },
  }
}

export interface LevelCost {
  readonly level: SupplyLevel
  readonly hoursPerWeek: number
  readonly minutesByKind: ReadonlyMap<JobKind, number>
  readonly costPerMonth: number
  readonly runningParts: readonly RunningPart[]
  readonly figures: TankFigures
  readonly difficulty: LevelFacts['difficulty']
}
/** Upkeep of a settled tank by kind of work [min a week]: tests, changes, trims, glass and the rest. */
export const upkeepMinutes = (plan: Plan): ReadonlyMap<JobKind, number> =>
  minutesByKind({ timeline: [{ fromDay: 0, plan }], startedOn: plan.startedOn }, datePlusDays(plan.startedOn, SETTLED_DAY))
const hoursOf = (minutes: ReadonlyMap<JobKind, number>): number => [...minutes.values()].reduce((sum, one) => sum + one, 0) / 60
export const upkeepHours = (plan: Plan): number => hoursOf(upkeepMinutes(plan))

export const levelCosts = (plan: Plan): LevelCost[] =>
  SUPPLY_LEVELS.map((level) => {
    const levelled = withSupplyLevel(plan, level)
    const figures = tankFigures(levelled)
    const minutes = upkeepMinutes(levelled)
    const parts = runningParts(levelled, figures)
    return {
      level,
      figures,
      minutesByKind: minutes,
      hoursPerWeek: hoursOf(minutes),
      runningParts: parts,
      costPerMonth: monthlyCost(parts),
      difficulty: LEVEL[level].difficulty,
    }
  })

/** The level that the intent asks for: the pace's, lowered while its upkeep takes more than the hours that there are. */
export function proposedLevel(
  intent: PlanIntent,
  costs: readonly Pick<LevelCost, 'level' | 'hoursPerWeek'>[],
): { readonly level: SupplyLevel; readonly isLoweredForHours: boolean } {
  const wanted =
    intent.pace === null
      ? intent.wishes.some((wish) => wish === 'red-stems' || wish === 'fine-carpet')
        ? 'moderate'
        : 'gentle'
      : LEVEL_OF_PACE[intent.pace]
  const hours = intent.hoursPerWeek
  const fits = (level: SupplyLevel): boolean => hours === null || (costs.find((cost) => cost.level === level)?.hoursPerWeek ?? 0) <= hours
  const downwards = SUPPLY_LEVELS.slice(0, SUPPLY_LEVELS.indexOf(wanted) + 1).reverse()
  const level = downwards.find(fits) ?? 'gentle'
  return { level, isLoweredForHours: level !== wanted }
}
