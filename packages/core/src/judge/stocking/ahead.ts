import { drawnLife } from '../../ecosystem/drawnLife.js'
import { bandOver, type Band } from '../../numeric/band.js'
import { DAY } from '../../ecosystem/daySeries.js'
import type { Deeds } from '../../ecosystem/deeds.js'
import { GUILD_COUNT } from '../../ecosystem/state.js'
import { tankFigures } from '../../ecosystem/tankFigures.js'
import type { TimelineEntry } from '../../plan/plan.js'
import { entryAt } from '../../plan/timelineAt.js'

export interface AheadTask {
  readonly timeline: readonly TimelineEntry[]
  readonly deeds: Deeds
  /** The tank's age. */
  readonly today: number
  /** Days from the tank's start, beyond today. */
  readonly days: number
  readonly seed: number
}
/** One drawn tank: its film today, and the days ahead with the animals that are planned. */
export interface MemberAhead {
  /** Ripeness of the biofilm, 0–1. */
  readonly biofilm: number
  /** What one more algae shrimp would find to eat today [mg dry]. */
  readonly intakeMgPerDay: number
  /** From today on, a value a day. */
  readonly ammoniumMgNPerL: Float32Array
  readonly oxygenMinMgPerL: Float32Array
}

/** One member's life, with who is planned ahead. */
export function stockingMember({ timeline, deeds, today, days, seed }: AheadTask, member: number): MemberAhead {
  const { parameters, at } = drawnLife({ timeline, deeds, days, seed }, member)
  const now = Math.min(Math.max(today, 0), days - 1)
  const plan = entryAt(timeline, now)?.plan
  let tasty = 0
  for (let guild = 0; guild < GUILD_COUNT; guild++) tasty += parameters.grazerTaste[guild]! * at(now, DAY.algaeG + guild)
  const half = parameters.grazerHalfGPerM2 * (plan === undefined ? 1 : tankFigures(plan).surfaceM2)
  const ahead = (column: number): Float32Array => Float32Array.from({ length: days - now }, (_, day) => at(now + day, column))
  return {
    biofilm: at(now, DAY.biofilm),
    intakeMgPerDay: 1000 * parameters.grazerMaxGPerDay * ((tasty * tasty) / (half * half + tasty * tasty)),
    ammoniumMgNPerL: ahead(DAY.ammonium),
    oxygenMinMgPerL: ahead(DAY.oxygenMin),
  }
}

/** What the drawn tanks say together. Bands are 10–90 %. */
export interface StockingAhead {
  readonly biofilm: Band
  readonly intakeMgPerDay: Band
  /** Highest ammonium and lowest oxygen within so many days of an arrival; the day counted from today, not below 0. */
  ammoniumAfter(day: number, within: number): Band
  oxygenAfter(day: number, within: number): Band
}

/** The list must not be empty. */
export function stockingAhead(members: readonly MemberAhead[]): StockingAhead {
  const band = (of: (member: MemberAhead) => number): Band => bandOver(members.map(of))
  const span = (series: Float32Array, day: number, within: number): Float32Array => {
    const from = Math.min(Math.max(0, day), series.length - 1)
    return series.subarray(from, Math.max(from + 1, from + within))
  }
  return {
    biofilm: band(({ biofilm }) => biofilm),
    intakeMgPerDay: band(({ intakeMgPerDay }) => intakeMgPerDay),
    ammoniumAfter: (day, within) => band(({ ammoniumMgNPerL }) => Math.max(...span(ammoniumMgNPerL, day, within))),
    oxygenAfter: (day, within) => band(({ oxygenMinMgPerL }) => Math.min(...span(oxygenMinMgPerL, day, within))),
  }
}
