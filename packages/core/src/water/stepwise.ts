import { fromUnit } from '../quantity/units.js'

/** What animals have to get used to. Canonical units. */
export interface WaterState {
  readonly temperatureC: number
  readonly hardnessMmolPerL: number
  readonly alkalinityMeqPerL: number
}
export type WaterQuality = keyof WaterState
export const WATER_QUALITIES = ['temperatureC', 'hardnessMmolPerL', 'alkalinityMeqPerL'] as const satisfies readonly WaterQuality[]
export interface StepwiseTask {
  readonly from: WaterState
  readonly to: WaterState
  /** By which a day may move each, above 0. */
  readonly mostPerDay: WaterState
  /** Of the water changed in a day at most, 0.01–1. */
  readonly mostFraction: number
}
export interface WaterStep {
  readonly day: number
  readonly fraction: number
  readonly after: WaterState
  /** What holds this day's change down; `null` where it is the largest change allowed. */
  readonly heldBy: WaterQuality | null
}
export interface Stepwise {
  readonly steps: readonly WaterStep[]
  /** Whether it comes near enough within the days that are looked at. */
  readonly arrives: boolean
}
/** By which animals may see water move in a day: two degrees of warmth, one of GH, one of KH. General practice 1–2; shrimps half. */
export const USUAL_PER_DAY: WaterState = {
  temperatureC: 2,
  hardnessMmolPerL: fromUnit('hardness', 1, '°dGH'),
  alkalinityMeqPerL: fromUnit('alkalinity', 1, '°dKH'),
}
/** Of the water, in one day with animals. General practice. */
export const MOST_STEP_FRACTION = 0.5
/** Near enough to stop [as the qualities]: half a degree of warmth, of GH and of KH. */
const NEAR: WaterState = { temperatureC: 0.5, hardnessMmolPerL: 0.09, alkalinityMeqPerL: 0.18 }
const MOST_DAYS = 60

/** One change a day, each as large as the slowest of the limits lets it be, until the tank is near enough to the new water. The temperature moves by the change alone: a heater does what is left. */
export function stepwiseChange({ from, to, mostPerDay, mostFraction }: StepwiseTask): Stepwise {
  const steps: WaterStep[] = []
  let now = from
  for (let day = 1; day <= MOST_DAYS && !isNear(now, to); day++) {
    let [fraction, heldBy]: [number, WaterQuality | null] = [mostFraction, null]
    for (const quality of WATER_QUALITIES) {
      const gap = Math.abs(to[quality] - now[quality])
      const allowed = gap > 0 ? mostPerDay[quality] / gap : Infinity
      if (allowed < fraction) [fraction, heldBy] = [allowed, quality]
    }
    const before = now
    const mixed = (quality: WaterQuality): number => before[quality] + fraction * (to[quality] - before[quality])
    now = {
      temperatureC: mixed('temperatureC'),
      hardnessMmolPerL: mixed('hardnessMmolPerL'),
      alkalinityMeqPerL: mixed('alkalinityMeqPerL'),
    }
    steps.push({ day, fraction, after: now, heldBy })
  }
  return { steps, arrives: isNear(now, to) }
}
const isNear = (now: WaterState, to: WaterState): boolean =>
  WATER_QUALITIES.every((quality) => Math.abs(to[quality] - now[quality]) <= NEAR[quality] + 1e-12)
