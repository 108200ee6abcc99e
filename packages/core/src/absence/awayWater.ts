import type { TankFigures } from '../ecosystem/tankFigures.js'
import { commonAnswers } from '../plan/answers.js'
import { daysBetween, monthsBetween } from '../plan/clock.js'
import type { Absence } from '../plan/planAbsence.js'
import type { Plan } from '../plan/plan.js'
import { evaporationMmPerDay, EVAPORATION_SPREAD } from '../tank/evaporation.js'
import { waterCInMonth } from '../tank/waterTemperature.js'

interface Range {
  readonly low: number
  readonly value: number
  readonly high: number
}
/** What evaporates while nobody fills up. */
export interface AwayWater {
  readonly mmPerDay: Range
  readonly lPerDay: Range
  /** In all. */
  readonly litres: Range
  /** What an automatic top-up holds covers so many days; `null` without one. */
  readonly storeDays: Range | null
  /** The longest time without anybody and without a top-up [d]. */
  readonly aloneDays: number
  /** How far the water falls in it [cm]. */
  readonly fallCm: Range
  readonly mayFallCm: number
  /** `short`: by the cautious end it falls past the line. */
  readonly is: 'enough' | 'short'
  /** By the cautious end, at the end of each day away [cm]. */
  readonly fallCmOfDay: readonly number[]
  /** To fill up at each visit, or once at the end [L]. */
  readonly refillL: number
}

const times = ({ low, value, high }: Range, factor: number): Range => ({ low: low * factor, value: value * factor, high: high * factor })
/** Of a place with a roof over the tank nothing evaporates. */
const LEAST_MM = 1e-6

/** Litres that go in the air, and how far the water falls against the lines of skimmer, heater and intake. By the room's month of leaving and the planned warmth; nobody measured it, so it is told with its range. */
export function awayWater(plan: Plan, { room, surfaceM2, temperatureC }: TankFigures, absence: Absence): AwayWater {
  const days = daysBetween(absence.leaveOn, absence.backOn)
  const leaveDay = daysBetween(plan.startedOn, absence.leaveOn)
  const month = monthsBetween(plan.startedOn, leaveDay, leaveDay + 1)[0]?.month ?? 0 // the first day is always there
  const roomC = room.monthlyC[month] ?? room.waterC
  const mm = evaporationMmPerDay(waterCInMonth(plan, temperatureC, month), { roomC, humidityFraction: room.humidityFraction }, room.top)
  const mmPerDay: Range = { low: mm / EVAPORATION_SPREAD, value: mm, high: mm * EVAPORATION_SPREAD }
  const lPerDay = times(mmPerDay, surfaceM2)
  const { topUpL, visitEveryDays } = absence
  const stored = (perDay: number): number => (topUpL ?? 0) / Math.max(perDay, LEAST_MM * surfaceM2)
  const storeDays = topUpL === null ? null : { low: stored(lPerDay.high), value: stored(lPerDay.value), high: stored(lPerDay.low) }
  // A visit fills up; a store lasts from the day of leaving, or from the last visit that filled it.
  const between = Math.min(days, visitEveryDays ?? days)
  const alone = (covered: number): number => Math.max(0, between - covered)
  const fallCm: Range = {
    low: (mmPerDay.low * alone(storeDays?.high ?? 0)) / 10,
    value: (mmPerDay.value * alone(storeDays?.value ?? 0)) / 10,
    high: (mmPerDay.high * alone(storeDays?.low ?? 0)) / 10,
  }
  const mayFallCm = commonAnswers().number('absences/*/mayFallCm', absence.mayFallCm)
  return {
    mmPerDay,
    lPerDay,
    litres: times(lPerDay, days),
    storeDays,
    aloneDays: alone(storeDays?.low ?? 0),
    fallCm,
    mayFallCm,
    is: fallCm.high > mayFallCm ? 'short' : 'enough',
    fallCmOfDay: Array.from({ length: days }, (_, at) => {
      const sinceFilled = (at % between) + 1
      return (mmPerDay.high * Math.max(0, sinceFilled - (storeDays?.low ?? 0))) / 10
    }),
    refillL: lPerDay.value * between,
  }
}
