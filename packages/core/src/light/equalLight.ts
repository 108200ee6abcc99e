import type { LightWindow } from '../plan/plan.js'
import { defineSum, openSum, reckoned, type OpenedSum } from '../quantity/sum.js'
import { effectiveHoursOf } from './lampsOf.js'

/** Longer than this no plant asks for, and algae gain. Rule of thumb 10–12 h. */
export const MOST_LIGHT_HOURS = 12

export interface EqualLight {
  /** Of all windows together. */
  readonly hours: number
  /** More than a day's light should last: the same daily light cannot be had so. */
  readonly isTooLong: boolean
}

const rampsMin = (lightWindows: readonly LightWindow[]): number => lightWindows.reduce((sum, { rampMin }) => sum + rampMin, 0)

/** Hours of light that give the same daily light at another power: old mol over new µmol/s, ramps kept. */
export function hoursForSameLight(lightWindows: readonly LightWindow[], powerTimes: number): EqualLight {
  if (lightWindows.length === 0 || powerTimes <= 0) return { hours: 0, isTooLong: powerTimes <= 0 }
  const hours = effectiveHoursOf({ lightWindows }) / powerTimes + rampsMin(lightWindows) / 60
  return { hours, isTooLong: hours > MOST_LIGHT_HOURS }
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
    rampMin: reckoned(rampsMin(lightWindows)),
  })
