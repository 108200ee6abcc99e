import type { Assumption } from '../plan/fields.js'
import { requireWithin } from '../quantity/outOfRange.js'
import type { GasWater } from './gasDay.js'

/** What a fermentation bottle is made of. */
export interface Bottle {
  readonly sugarG: number
  readonly waterMl: number
  readonly yeastG: number
}
/** Grams of CO2 from a gram of sucrose: four of CO2 (44.009) from one of sucrose (342.30) and water. */
const CO2_PER_SUGAR = (4 * 44.009) / 342.3
/** Of it, what comes before alcohol or want of food stops the yeast. Rule of thumb 0.6–0.85. */
export const FERMENTED: Assumption = { low: 0.6, value: 0.75, high: 0.85 }
/** More sugar than this stays behind: alcohol stops baker's yeast near 10–12 % by volume [g per mL of water]. Rule of thumb. */
const MOST_SUGAR_G_PER_ML = 0.2
/** The first days, until the yeast has grown [d]. */
const RISE_DAYS = 0.7
/** A gram in a litre is through in about so many days; half of the yeast takes longer by so much. Rules of thumb: 3–7 weeks in all by recipe, slower when cool. */
const DECAY_DAYS_AT_1_G_PER_L = 14
const YEAST_POWER = 0.5
const USUAL_ROOM_C = 22
/** Twice as fast ten degrees warmer. Rule of thumb 1.8–2.5. */
const Q10 = 2

/** What can be mixed sensibly. */
export const BOTTLE_RANGE: Readonly<Record<keyof Bottle, readonly [number, number]>> = {
  sugarG: [20, 1000],
  waterMl: [200, 5000],
  yeastG: [0.1, 10],
}

/** All that a bottle gives [g]. */
export const bottleG = ({ sugarG, waterMl }: Bottle, fermented: number = FERMENTED.value): number =>
  Math.min(sugarG, waterMl * MOST_SUGAR_G_PER_ML) * CO2_PER_SUGAR * fermented

/** Grams of CO2 on each day from mixing on: it rises for a day or two, holds, and fades over weeks. */
export function bottleDays(bottle: Bottle, { roomC = USUAL_ROOM_C, days = 56, fermented = FERMENTED.value } = {}): number[] {
  for (const name of ['sugarG', 'waterMl', 'yeastG'] as const) requireWithin(name, bottle[name], ...BOTTLE_RANGE[name])
  const yeastGPerL = (bottle.yeastG / bottle.waterMl) * 1000
  const pace = Q10 ** ((roomC - USUAL_ROOM_C) / 10)
  const decay = DECAY_DAYS_AT_1_G_PER_L / yeastGPerL ** YEAST_POWER / pace
  const rise = Math.min(RISE_DAYS / pace, decay / 2)
  // (1 − e^(−t/rise))·e^(−t/decay), its whole area one.
  const both = (rise * decay) / (rise + decay)
  const given = (t: number): number => (decay * (1 - Math.exp(-t / decay)) - both * (1 - Math.exp(-t / both))) / (decay - both)
  const whole = bottleG(bottle, fermented)
  return Array.from({ length: days }, (_, day) => whole * (given(day + 1) - given(day)))
}

/** Day on which a new bottle is to be mixed: the first after the best day that gives under a share of it. */
export function remixDay(days: readonly number[], share = REMIX_SHARE): number {
  const best = Math.max(...days)
  const top = days.indexOf(best)
  const day = days.findIndex((grams, place) => place > top && grams < share * best)
  return day === -1 ? days.length : day
}
const REMIX_SHARE = 0.4

/** CO2 [mg/L] that a flow which never stops comes to, day and night, where nothing takes it up. */
export const unstoppedMgPerL = (gPerDay: number, dissolvedShare: number, { waterL, kPerH, equilibriumMgPerL }: GasWater): number =>
  equilibriumMgPerL + ((gPerDay * 1000) / 24) * (dissolvedShare / (waterL * kPerH))
