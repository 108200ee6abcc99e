import { bandOver, type Band } from '../numeric/band.js'
import { quantileOfSorted } from '../numeric/statistics.js'
import type { MemberResult } from './forecast.js'
import type { DayCurve } from './simulate.js'
import { PLANT_GROUPS, type PlantGroup } from '../planting/kinds.js'
import { FEEDERS, type Feeder } from './state.js'
import { STRANDS, SUPPLIES, WEEK_STRIDE, weekColumn, type Strand, type Supply, type WeekColumn } from './weekSummary.js'

export type Arm = 'planned' | 'changed'

const weeksOf = (result: MemberResult, arm: Arm): Float64Array =>
  (arm === 'changed' ? (result.changed ?? result.planned) : result.planned).weeks

/** 10, 50 and 90 % of the ensemble for one column in one week. The list must not be empty. */
export function bandOf(results: readonly MemberResult[], arm: Arm, column: WeekColumn, week: number): Band {
  return bandOver(results.map((result) => weeksOf(result, arm)[week * WEEK_STRIDE + weekColumn(column)]!))
}

/** 10, 50 and 90 % of the difference changed − planned, member by member: what the levers do, free of what the members disagree on. */
export function changeBand(results: readonly MemberResult[], column: WeekColumn, week: number): Band {
  const at = week * WEEK_STRIDE + weekColumn(column)
  return bandOver(results.map((result) => weeksOf(result, 'changed')[at]! - weeksOf(result, 'planned')[at]!))
}

/** As `changeBand`, for the ratio; amounts of algae only mean something as ratios. */
export function ratioBand(results: readonly MemberResult[], column: WeekColumn, week: number): Band {
  const at = week * WEEK_STRIDE + weekColumn(column)
  return bandOver(results.map((result) => weeksOf(result, 'changed')[at]! / Math.max(weeksOf(result, 'planned')[at]!, 1e-9)))
}

/** Share of the ensemble in which the levers move a column up or down by more than `least`. */
export function changeShares(
  results: readonly MemberResult[],
  column: WeekColumn,
  week: number,
  least: number,
): { readonly up: number; readonly down: number } {
  const at = week * WEEK_STRIDE + weekColumn(column)
  const moves = results.map((result) => weeksOf(result, 'changed')[at]! - weeksOf(result, 'planned')[at]!)
  return {
    up: moves.filter((move) => move > least).length / moves.length,
    down: moves.filter((move) => move < -least).length / moves.length,
  }
}

/** Below this a supply is short of what the light asks for. */
export const AMPLE = 0.85
/** With hardly any light nothing else can be short of it. */
const DARK = 0.02

/** What holds growth back in one week: the thinnest of the four that serve the light, or light itself where all four are ample. */
export function limitingStrand(results: readonly MemberResult[], arm: Arm, week: number): Strand {
  if (bandOf(results, arm, 'light', week).median < DARK) return 'light'
  let thinnest: Strand = 'light'
  let width = AMPLE
  for (const strand of STRANDS) {
    if (strand === 'light') continue
    const { median } = bandOf(results, arm, strand, week)
    if (median < width) {
      width = median
      thinnest = strand
    }
  }
  return thinnest
}

export interface KindLimit {
  readonly kind: PlantGroup
  /** What holds it back most, and a second within 0.05; light where nothing else does; empty where even light is ample. */
  readonly supplies: readonly Supply[]
  /** Of what its light allows; of light, against the most that it can use. */
  readonly fraction: number
}

/** What holds back each plant kind that stands in the tank; by the same rule as the whole. */
export function limitsByKind(results: readonly MemberResult[], arm: Arm, week: number): KindLimit[] {
  return PLANT_GROUPS.flatMap((kind): KindLimit[] => {
    if (bandOf(results, arm, `biomass.${kind}`, week).median < 1e-6) return []
    const widthOf = (supply: Supply): number => bandOf(results, arm, `${kind}.${supply}`, week).median
    const found = SUPPLIES.filter((supply) => supply !== 'light')
      .map((supply) => ({ supply, fraction: widthOf(supply) }))
      .sort((a, b) => a.fraction - b.fraction)
    const [first, second] = found
    const light = widthOf('light')
    if (first === undefined || first.fraction >= AMPLE || light < DARK)
      return [{ kind, supplies: light < AMPLE ? ['light'] : [], fraction: light }]
    const isClose = second !== undefined && second.fraction - first.fraction < 0.05
    return [{ kind, supplies: isClose ? [first.supply, second.supply] : [first.supply], fraction: first.fraction }]
  })
}

/** What holds growth back, told apart as far as the model does. */
export type Hold = Exclude<Strand, 'feed'> | Extract<Supply, `store${string}` | 'minerals'>
const NUTRIENTS = ['storeN', 'storeP', 'storeK', 'storeFe', 'minerals'] as const
export interface Growth {
  /** Of what this light allows. */
  readonly share: Band
  readonly strand: Strand
  readonly heldBackBy: Hold
  /** Carbon that is short in the first hours of light and ample later. */
  readonly isShortEarly: boolean
  /** Growth is as good as nothing. */
  readonly hasStopped: boolean
}

/** Below this share of its peak CO2 is short when the lights come on. */
const EARLY_SHARE = 0.6
/** Relative growth [1/day] below which nothing is seen to grow; slow plants of a quiet tank make twice that. Rule of thumb. */
const STOPPED_PER_DAY = 0.0012

/** How plants grow in one week, and what holds them back. */
export function growthOf(results: readonly MemberResult[], arm: Arm, week: number): Growth {
  const strand = limitingStrand(results, arm, week)
  const middle = (column: WeekColumn): number => bandOf(results, arm, column, week).median
  return {
    share: bandOf(results, arm, 'growthShare', week),
    strand,
    heldBackBy: strand === 'feed' ? scarcestNutrient(middle) : strand,
    isShortEarly: strand === 'carbon' && middle('co2AtLightsOn') < EARLY_SHARE * middle('co2Max'),
    hasStopped: middle('plantGrowth') < STOPPED_PER_DAY,
  }
}

/** Of all kinds together, by their mass. */
function scarcestNutrient(middle: (column: WeekColumn) => number): (typeof NUTRIENTS)[number] {
  const masses = PLANT_GROUPS.map((kind) => middle(`biomass.${kind}`))
  const widthOf = (nutrient: (typeof NUTRIENTS)[number]): number =>
    PLANT_GROUPS.reduce((sum, kind, index) => sum + masses[index]! * middle(`${kind}.${nutrient}`), 0)
  return NUTRIENTS.reduce<(typeof NUTRIENTS)[number]>((least, next) => (widthOf(next) < widthOf(least) ? next : least), 'storeN')
}

/** Named is what gives at least this part of all that helps the algae on, and so much a day over all guilds; below it a tank is as clean as tanks get. Rules of thumb. */
const NAMED_PART = 0.2
const NAMED_LEAST_PER_DAY = 0.1

/** What helps the algae on in one week, most first. */
export function algaeFedBy(results: readonly MemberResult[], arm: Arm, week: number): Feeder[] {
  const parts = FEEDERS.map((feeder) => ({ feeder, amount: bandOf(results, arm, `fed.${feeder}`, week).median }))
  const all = parts.reduce((sum, { amount }) => sum + amount, 0)
  return all <= 0
    ? []
    : parts
        .filter(({ amount }) => amount >= Math.max(NAMED_PART * all, NAMED_LEAST_PER_DAY))
        .sort((a, b) => b.amount - a.amount)
        .map(({ feeder }) => feeder)
}

export type LeadWord = 'growth-stopped' | 'plants-ahead' | 'about-even' | 'algae-gaining'
export interface Lead {
  readonly word: LeadWord
  /** Share of the ensemble in which the plants hold their ground. */
  readonly aheadFraction: number
  readonly perDay: Band
  /** Against a week before, member by member; `null` in the first week. */
  readonly trend: Band | null
  /** Against the saved plan, member by member; `null` when no lever was moved. */
  readonly againstPlan: Band | null
  /** Days until film shows on wiped glass: rule of thumb, from the growth of dust algae. */
  readonly wipeDays: Band
  readonly growth: Growth
  /** Median. */
  readonly algaeGPerM2: number
  readonly fedBy: readonly Feeder[]
  /** Weeks 1–5 are judged against what is normal then. */
  readonly isYoung: boolean
}

/** Between these a lead is as good as even [1/day]. */
const EVEN = 0.02
const AHEAD_SHARE = 0.7
const EVEN_SHARE = 0.4
const YOUNG_DAYS = 35
/** A wipe takes seven tenths; film shows again when it is back. */
const FILM_GROWTH = 1 / 0.3
const WIPE_LEAST_DAYS = 2
export const WIPE_MOST_DAYS = 21

/** `age`: days since plants and water are together. */
export function leadOf(results: readonly MemberResult[], arm: Arm, week: number, age: number): Lead {
  const at = (result: MemberResult, which: number): number => weeksOf(result, arm)[which * WEEK_STRIDE + weekColumn('lead')]!
  const aheadFraction = results.filter((result) => at(result, week) > -EVEN).length / results.length
  const trendValues = Float64Array.from(results, (result) => at(result, week) - at(result, Math.max(week - 1, 0))).sort()
  const invasion = bandOf(results, arm, 'dustOnGlass', week)
  const growth = growthOf(results, arm, week)
  const daysFor = (perDay: number): number =>
    Math.min(WIPE_MOST_DAYS, Math.max(WIPE_LEAST_DAYS, Math.log(FILM_GROWTH) / Math.max(perDay, 1e-6)))
  return {
    // Starved plants are ahead of nothing.
    word: growth.hasStopped
      ? 'growth-stopped'
      : aheadFraction >= AHEAD_SHARE
        ? 'plants-ahead'
        : aheadFraction >= EVEN_SHARE
          ? 'about-even'
          : 'algae-gaining',
    aheadFraction,
    perDay: bandOf(results, arm, 'lead', week),
    trend: week === 0 ? null : bandOver(trendValues),
    againstPlan: arm === 'changed' && results.some((result) => result.changed !== null) ? changeBand(results, 'lead', week) : null,
    wipeDays: { low: daysFor(invasion.high), median: daysFor(invasion.median), high: daysFor(invasion.low) },
    growth,
    algaeGPerM2: bandOf(results, arm, 'algaeGPerM2', week).median,
    fedBy: algaeFedBy(results, arm, week),
    isYoung: age + week * 7 < YOUNG_DAYS,
  }
}

/** A typical day of one week: hour by hour the median of the members whose hours were kept; `null` when there are none. */
export function typicalDay(results: readonly MemberResult[], arm: Arm, week: number): DayCurve | null {
  const curves = results.flatMap((result) => (arm === 'changed' ? (result.changed ?? result.planned) : result.planned).curves[week] ?? [])
  const [first] = curves
  if (first === undefined) return null
  const medianOf = (pick: (curve: DayCurve) => Float64Array): Float64Array =>
    Float64Array.from({ length: pick(first).length }, (_, index) =>
      quantileOfSorted(Float64Array.from(curves, (curve) => pick(curve)[index]!).sort(), 0.5),
    )
  return {
    day: first.day,
    ppfd: medianOf((curve) => curve.ppfd),
    co2MgPerL: medianOf((curve) => curve.co2MgPerL),
    pH: medianOf((curve) => curve.pH),
    oxygenMgPerL: medianOf((curve) => curve.oxygenMgPerL),
    indicatorCo2MgPerL: medianOf((curve) => curve.indicatorCo2MgPerL),
  }
}
