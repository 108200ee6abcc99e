import type { TankFigures } from '../ecosystem/tankFigures.js'
import { daysBetween, monthsBetween } from '../plan/clock.js'
import { STILL_DAYS, type Absence } from '../plan/planAbsence.js'
import { animalGroups, nameOfAnimal } from '../plan/planAnimals.js'
import type { Plan } from '../plan/plan.js'
import { phaseOn, plantedAge } from '../plan/startPhase.js'
import { quantities, type Dimensions, type NumbersOf, type Quantities } from '../quantity/quantity.js'
import { waterCInMonth } from '../tank/waterTemperature.js'
import { awayWater } from './awayWater.js'
import { longestFastDays } from './awayStocks.js'
import { FAST_DAYS, SHORT_DAYS } from './proposedAbsence.js'

/** What may go wrong by the plan alone, gravest first, with the values that the sentence tells. */
export const AWAY_DANGERS = {
  'dry-start': { every: 'days' },
  dark: {},
  young: { week: 'count' },
  'water-falls': { fall: 'length', line: 'length' },
  fast: { days: 'days', most: 'days' },
  arrivals: { day: 'day' },
  warm: { water: 'temperature' },
  long: { days: 'days' },
  unprepared: {},
  'no-doses': { days: 'days' },
} as const satisfies Readonly<Record<string, Dimensions>>
export type AwayDangerCode = keyof typeof AWAY_DANGERS
export interface AwayDanger {
  readonly code: AwayDangerCode
  readonly values: Quantities
  /** Whom it concerns; '' where nobody named them. */
  readonly name: string
}

/** Under film the leaves dry within days. Rule of thumb. */
const DRY_DAYS = 2
/** Until then changes are many, and tests decide. General practice, six to eight weeks. */
const YOUNG_DAYS = 42
/** Without a change for so long salts and organics gather, whoever tops up. Rule of thumb 21–28. */
const LONG_DAYS = 21
/** Warmer than this water holds little oxygen, and nobody is there to see it. Rule of thumb. */
const WARM_C = 28
/** Plants live so long from what they stored. Rule of thumb 7–14. */
const STORED_DAYS = 10

export function awayDangers(plan: Plan, figures: TankFigures, absence: Absence): AwayDanger[] {
  const dayOf = (date: string): number => daysBetween(plan.startedOn, date)
  const [leaveDay, backDay] = [dayOf(absence.leaveOn), dayOf(absence.backOn)]
  const days = backDay - leaveDay
  const found: AwayDanger[] = []
  const danger = <Code extends AwayDangerCode>(code: Code, numbers: NumbersOf<(typeof AWAY_DANGERS)[Code]>, name = ''): void =>
    void found.push({ code, values: quantities(AWAY_DANGERS[code], numbers), name })

  const phase = phaseOn(plan, leaveDay)
  if (phase === 'dry' && days > DRY_DAYS && (absence.visitEveryDays ?? Infinity) > DRY_DAYS) danger('dry-start', { every: DRY_DAYS })
  if (phase === 'dark') danger('dark', {})
  const age = plantedAge(plan, leaveDay)
  if (phase === 'planted' && age < YOUNG_DAYS && days >= SHORT_DAYS) danger('young', { week: Math.floor(age / 7) + 1 })
  const water = awayWater(plan, figures, absence)
  if (phase !== 'dry' && water.is === 'short') danger('water-falls', { fall: water.fallCm.high, line: water.mayFallCm })
  const isFed = animalGroups(plan).some(({ group }) => group.fromDay < backDay) && figures.foodGPerDay > 0
  const fast = longestFastDays(absence)
  if (isFed && fast > FAST_DAYS) danger('fast', { days: fast, most: FAST_DAYS })
  for (const { group, species } of animalGroups(plan))
    if (group.fromDay > leaveDay - STILL_DAYS && group.fromDay <= backDay) danger('arrivals', { day: group.fromDay }, nameOfAnimal(species))
  const warmestC = Math.max(
    ...monthsBetween(plan.startedOn, leaveDay, backDay).map(({ month }) => waterCInMonth(plan, figures.temperatureC, month)),
  )
  if (warmestC > WARM_C) danger('warm', { water: warmestC })
  if (days > LONG_DAYS) danger('long', { days })
  if (days >= SHORT_DAYS && absence.lowerFrom === null && figures.lightHours > 0) danger('unprepared', {})
  if (plan.feeding !== 'none' && !absence.isDosed && days > STORED_DAYS) danger('no-doses', { days })
  return found
}
