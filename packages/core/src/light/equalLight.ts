import type { LightWindow } from '../plan/plan.js'
import { defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import { effectiveHoursOf } from './lampsOf.js'

/** Longer than this no plant asks for, and algae gain. Rule of thumb 10–12 h. */
export const MOST_LIGHT_HOURS = 12

export interface EqualLight {
  readonly hours: number
  /** More than a day's light should last: the same daily light cannot be had so. */
  readonly isTooLong: boolean
}

/** Hours of the first window that give the same daily light at another power: old mol over new µmol/s, ramps kept. */
export function hoursForSameLight(lightWindows: readonly LightWindow[], powerTimes: number): EqualLight {
  const [first, ...rest] = lightWindows
  if (first === undefined || powerTimes <= 0) return { hours: 0, isTooLong: powerTimes <= 0 }
  const wanted = effectiveHoursOf({ lightWindows }) / powerTimes
  const hours = wanted - effectiveHoursOf({ lightWindows: rest }) + first.rampMin / 60
  return {
    hours: Math.max(0, Math.round(hours * 12) / 12),
    isTooLong: hours + rest.reduce((sum, { hours: h }) => sum + h, 0) > MOST_LIGHT_HOURS,
  }
}

export const equalLightSum = defineSum({
  id: 'light.equal',
  dimension: 'hours',
  terms: { fullHours: 'hours', powerTimes: 'ratio', rampMin: 'minutes' },
  formula: 'fullHours/powerTimes + rampMin/60',
  source: 'Equal daily light: old mol over new µmol/s; a ramp up and one down give half of theirs each',
})
export const openEqualLight = (lightWindows: readonly LightWindow[], powerTimes: number): OpenedSum =>
  openSum(equalLightSum, hoursForSameLight(lightWindows, powerTimes).hours, {
    fullHours: reckoned(effectiveHoursOf({ lightWindows })),
    powerTimes: reckoned(powerTimes),
    rampMin: reckoned(lightWindows[0]?.rampMin ?? 0),
  })
