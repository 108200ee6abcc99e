import { monthlyCost, runningParts, type RunningPart } from '../budget/running.js'
import { tankFigures, type TankFigures } from '../ecosystem/tankFigures.js'
import { addedGasLine, hasGas } from '../gas/linesOf.js'
import { longestRampMin } from '../plan/fields.js'
import { datePlusDays } from '../plan/clock.js'
import type { Pace, Plan, PlanIntent, Wish } from '../plan/plan.js'
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

/** Light on the ground from which red stems colour [µmol m⁻² s⁻¹]; rule of thumb 50–80. */
export const RED_PPFD = 60

/** Why a wish cannot be had: no level brings it with these lamps, the pace that was said keeps below it, or the hours do. */
export type UnmetReason = 'lamp' | 'pace' | 'hours'
export interface UnmetWish {
  readonly wish: Wish
  readonly reason: UnmetReason
}
export interface Proposal {
  /** `null` until something was said that a level could follow from. */
  readonly level: SupplyLevel | null
  readonly isLoweredForHours: boolean
  /** What was wished for and cannot be had at that level. */
  readonly unmet: readonly UnmetWish[]
}
type Costed = Pick<LevelCost, 'level' | 'hoursPerWeek'> & { readonly figures: Pick<TankFigures, 'ppfd'> }

const brings = ({ level, figures }: Costed, wish: Wish): boolean =>
  wish === 'red-stems' ? figures.ppfd >= RED_PPFD : wish === 'fine-carpet' ? LEVEL[level].hasGas : true

/** The level that fits everything that was said: within the pace and the hours, the one that brings the most of what is wished for; then the nearest to the pace, or the gentlest where none was said. What it cannot bring is told with its reason. */
export function proposedLevel({ pace, hoursPerWeek, wishes }: PlanIntent, costs: readonly Costed[]): Proposal {
  if (pace === null && hoursPerWeek === null && wishes.length === 0) return { level: null, isLoweredForHours: false, unmet: [] }
  const rankOf = (level: SupplyLevel): number => SUPPLY_LEVELS.indexOf(level)
  const isInPace = ({ level }: Costed): boolean => pace === null || rankOf(level) <= rankOf(LEVEL_OF_PACE[pace])
  const isInHours = (cost: Costed): boolean => hoursPerWeek === null || cost.hoursPerWeek <= hoursPerWeek
  const count = (cost: Costed): number => wishes.filter((wish) => brings(cost, wish)).length
  const best = (allowed: readonly Costed[]): Costed | undefined =>
    [...allowed].sort((a, b) => count(b) - count(a) || (pace === null ? 1 : -1) * (rankOf(a.level) - rankOf(b.level)))[0]
  const inPace = costs.filter(isInPace)
  const chosen = best(inPace.filter(isInHours)) ?? costs.find(({ level }) => level === 'gentle')
  if (chosen === undefined) return { level: 'gentle', isLoweredForHours: false, unmet: [] }
  const reasonOf = (wish: Wish): UnmetReason => {
    const bringing = costs.filter((cost) => brings(cost, wish))
    return bringing.length === 0 ? 'lamp' : bringing.some(isInPace) ? 'hours' : 'pace'
  }
  return {
    level: chosen.level,
    isLoweredForHours: rankOf(chosen.level) < rankOf((best(inPace) ?? chosen).level),
    unmet: wishes.filter((wish) => !brings(chosen, wish)).map((wish) => ({ wish, reason: reasonOf(wish) })),
  }
}
