import { drawnLife } from '../ecosystem/drawnLife.js'
import { bandOver, type Band } from '../numeric/band.js'
import { DAY } from '../ecosystem/daySeries.js'
import type { Deeds } from '../ecosystem/deeds.js'
import { GROUP_COUNT, GUILD_COUNT } from '../ecosystem/state.js'
import { daysBetween } from '../plan/clock.js'
import type { Absence } from '../plan/planAbsence.js'
import type { TimelineEntry } from '../plan/plan.js'
import type { ProgrammeFacts } from '../startup/programmed.js'
import { plannedLife, settingsWith } from './withAbsences.js'

export interface AwayTask {
  readonly settings: readonly TimelineEntry[]
  readonly facts: ProgrammeFacts
  readonly deeds: Deeds
  readonly absence: Absence
  readonly seed: number
}
/** The same absence, as it is prepared, and with nothing prepared. */
export const AWAY_COURSES = ['prepared', 'as-is'] as const
export type AwayCourse = (typeof AWAY_COURSES)[number]
/** What one drawn tank comes to between leaving and return. */
export interface AwayEnd {
  /** On the last day away, over the day before leaving. */
  readonly algaeTimes: number
  readonly plantTimes: number
  readonly ammoniumMostMgNPerL: number
  readonly oxygenLeastMgPerL: number
  readonly nitrateLeastMgNPerL: number
}
export type MemberAway = Readonly<Record<AwayCourse, AwayEnd>>

/** Light and feed as they are set, nobody there, and no clean-up before. */
const unprepared = (absence: Absence): Absence => ({ ...absence, lowerFrom: null, cleanOn: null })

/** One member's life along both courses: the same draws. */
export function awayMember({ settings, facts, deeds, absence, seed }: AwayTask, member: number): MemberAway {
  const along = (its: Absence): AwayEnd => {
    const { timeline } = plannedLife(settingsWith(settings, its), facts)
    const startedOn = timeline[0]?.plan.startedOn ?? its.leaveOn
    const [leaveDay, backDay] = [daysBetween(startedOn, its.leaveOn), daysBetween(startedOn, its.backOn)]
    const { at } = drawnLife({ timeline, deeds, days: backDay, seed }, member)
    const sum = (day: number, column: number, count: number): number =>
      Array.from({ length: count }, (_, one) => at(day, column + one)).reduce((total, value) => total + value, 0)
    const span = (column: number): number[] => Array.from({ length: backDay - leaveDay }, (_, day) => at(leaveDay + day, column))
    const over = (column: number, count: number): number =>
      sum(backDay - 1, column, count) / Math.max(1e-6, sum(Math.max(0, leaveDay - 1), column, count))
    return {
      algaeTimes: over(DAY.algaeG, GUILD_COUNT),
      plantTimes: over(DAY.biomassG, GROUP_COUNT),
      ammoniumMostMgNPerL: Math.max(...span(DAY.ammonium)),
      oxygenLeastMgPerL: Math.min(...span(DAY.oxygenMin)),
      nitrateLeastMgNPerL: Math.min(...span(DAY.nitrate)),
    }
  }
  return { prepared: along(absence), 'as-is': along(unprepared(absence)) }
}

export type AwayAhead = Readonly<Record<AwayCourse, Readonly<Record<keyof AwayEnd, Band>>>>

/** What the drawn tanks say together; bands are 10–90 %. The list must not be empty. */
export function awayAhead(members: readonly MemberAway[]): AwayAhead {
  const band = (of: (member: MemberAway) => number): Band => bandOver(members.map(of))
  const course = (which: AwayCourse): Record<keyof AwayEnd, Band> => ({
    algaeTimes: band((member) => member[which].algaeTimes),
    plantTimes: band((member) => member[which].plantTimes),
    ammoniumMostMgNPerL: band((member) => member[which].ammoniumMostMgNPerL),
    oxygenLeastMgPerL: band((member) => member[which].oxygenLeastMgPerL),
    nitrateLeastMgNPerL: band((member) => member[which].nitrateLeastMgNPerL),
  })
  return { prepared: course('prepared'), 'as-is': course('as-is') }
}
