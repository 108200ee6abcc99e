import { leastSquares } from '../../numeric/leastSquares.js'
import type { LightReading, Plan } from '../../plan/plan.js'
import type { InnerSize } from '../../tank/vessel.js'
import { fieldOf } from '../field/fieldOf.js'
import { boxOf } from '../litPlane.js'
import type { AnsweredLamp, Light } from '../lampsOf.js'

/** A value with the range in which nine of ten lie. */
export interface FittedValue {
  readonly value: number
  readonly low: number
  readonly high: number
  /** The readings narrowed it; else it is still what was assumed. */
  readonly isTold: boolean
}
export interface FittedReading {
  readonly reading: LightReading
  /** What the field said there before, and says with the fitted values. */
  readonly before: number
  readonly after: number
  /** Too far off for a meter: read it again, or look what stood in the way. */
  readonly isOdd: boolean
}
export const LIGHT_FIT_DOUBTS = ['few', 'same-height', 'lamps-alike', 'phone-only'] as const
/** Why something cannot be told. */
export type LightFitDoubt = (typeof LIGHT_FIT_DOUBTS)[number]
export interface LightFit {
  /** Flux at full power over what the plan had, lamp by lamp. */
  readonly lamps: readonly { readonly id: string; readonly factor: FittedValue; readonly fluxUmolPerS: number }[]
  readonly attenuationPerM: FittedValue
  readonly readings: readonly FittedReading[]
  readonly doubts: readonly LightFitDoubt[]
}

/** Spread of the logarithm of what a lamp really gives, by what is known of it. Rules of thumb. */
const FLUX_SPREAD = { flux: 0.12, lumens: 0.18, watts: 0.25, nothing: 0.45 } as const
/** Of how much the water takes: as typed, or unknown; it may be stained. Rules of thumb. */
const WATER_SPREAD = { typed: 0.25, unknown: 0.5 } as const
/** Of one reading: place and tilt of the sensor, ripples. */
const READ_SPREAD = { meter: 0.07, phone: 0.1 } as const
/** Of all readings of a phone together: its sensor, and lux into photons (±25 %). */
const PHONE_SPREAD = 0.14
/** A value counts as told once its spread is so much less than before. */
const TOLD = { lamp: 0.7, water: 0.8 } as const
/** 90 % of a normal distribution. */
const Z90 = 1.645
const ODD = 3
/** Of a value that is held. */
const HELD_SPREAD = 1e-4
const SAME_HEIGHT_CM = 8
const NODES_PER_M = [0.05, 0.2, 0.45, 0.9, 1.8, 3.5, 7] as const

interface FitTask {
  readonly plan: Pick<Plan, 'lamps' | 'light'>
  readonly light: Pick<Light, 'lamps' | 'attenuationPerM'>
  readonly inner: InnerSize
}

/** Corrects flux and water by readings: least squares of the logarithms, held by what was known before. `null` without readings or lamps. */
export function fitReadings({ plan, light, inner }: FitTask): LightFit | null {
  const readings = plan.light.readings.filter(({ heightCm }) => heightCm < inner.waterDepthCm)
  const { lamps } = light
  if (readings.length === 0 || lamps.length === 0 || lamps.every(({ fluxUmolPerS }) => fluxUmolPerS <= 0)) return null
  const shares = readings.map((reading) => lamps.map((lamp) => sharesOf(reading, lamp, inner)))
  const fluxSpread = plan.lamps.map((lamp) =>
    lamp.fluxUmolPerS !== null
      ? FLUX_SPREAD.flux
      : lamp.lumens !== null
        ? FLUX_SPREAD.lumens
        : lamp.watts !== null
          ? FLUX_SPREAD.watts
          : FLUX_SPREAD.nothing,
  )
  const waterSpread = plan.light.attenuationPerM === null ? WATER_SPREAD.unknown : WATER_SPREAD.typed
  const water = lamps.length
  const phone = water + 1
  const mapped = (place: number, values: readonly number[]): number => {
    const kPerM = light.attenuationPerM * Math.exp(values[water]!)
    return lamps.reduce((sum, _, lamp) => sum + Math.exp(values[lamp]! + between(shares[place]![lamp]!, kPerM)), 0)
  }
  const residualsWith =
    (spreadOfWater: number) =>
    (values: readonly number[]): number[] => [
      ...readings.map(({ ppfd, method }, place) => {
        const bias = method === 'phone' ? values[phone]! : 0
        return (Math.log(mapped(place, values)) + bias - Math.log(ppfd)) / READ_SPREAD[method]
      }),
      ...lamps.map((_, lamp) => values[lamp]! / fluxSpread[lamp]!),
      values[water]! / spreadOfWater,
      values[phone]! / PHONE_SPREAD,
    ]
  const start = Array.from({ length: phone + 1 }, () => 0)
  const steps = start.map(() => 1e-3)
  const free = leastSquares({ start, residuals: residualsWith(waterSpread), steps })
  if (free === null) return null
  // Water that the readings leave open stays as it was, and the lamps are fitted to that water.
  const isWaterTold = Math.sqrt(free.spread[water]![water]!) < TOLD.water * waterSpread
  const fit = isWaterTold ? free : leastSquares({ start, residuals: residualsWith(HELD_SPREAD), steps })
  if (fit === null) return null
  const { values, spread } = fit
  const fitted = (place: number, base: number, before: number): FittedValue => {
    const deviation = Math.sqrt(spread[place]![place]!)
    const value = base * Math.exp(values[place]!)
    return {
      value,
      low: value * Math.exp(-Z90 * deviation),
      high: value * Math.exp(Z90 * deviation),
      isTold: deviation < TOLD.lamp * before,
    }
  }
  const fittedLamps = lamps.map((lamp, place) => ({
    id: lamp.id,
    factor: fitted(place, 1, fluxSpread[place]!),
    fluxUmolPerS: (lamp.fluxUmolPerS / lamp.dimFraction) * Math.exp(values[place]!),
  }))
  const attenuationPerM = { ...fitted(water, light.attenuationPerM, waterSpread), isTold: isWaterTold }
  return {
    lamps: fittedLamps,
    attenuationPerM,
    readings: readings.map((reading, place) => {
      const after = mapped(place, values)
      const off = (Math.log(after / reading.ppfd) + (reading.method === 'phone' ? values[phone]! : 0)) / READ_SPREAD[reading.method]
      return { reading, before: mapped(place, start), after, isOdd: Math.abs(off) > ODD }
    }),
    doubts: doubtsOf(readings, fittedLamps, attenuationPerM),
  }
}

function doubtsOf(
  readings: readonly LightReading[],
  lamps: readonly { readonly factor: FittedValue }[],
  attenuation: FittedValue,
): LightFitDoubt[] {
  const heights = readings.filter(({ medium }) => medium === 'water').map(({ heightCm }) => heightCm)
  const isFlat = heights.length === 0 || Math.max(...heights) - Math.min(...heights) < SAME_HEIGHT_CM
  const doubts: readonly (readonly [LightFitDoubt, boolean])[] = [
    ['few', readings.length < 3],
    ['same-height', isFlat && !attenuation.isTold],
    ['lamps-alike', lamps.length > 1 && lamps.some(({ factor }) => !factor.isTold)],
    ['phone-only', readings.every(({ method }) => method === 'phone')],
  ]
  return doubts.flatMap(([doubt, holds]) => (holds ? [doubt] : []))
}

/** Logarithm of what one lamp brings to a reading's place, by how much the water takes. */
function sharesOf({ xCm, yCm, heightCm, medium }: LightReading, lamp: AnsweredLamp, inner: InnerSize): readonly number[] {
  const at = (attenuationPerM: number): number => {
    const box = { ...boxOf({ attenuationPerM, inner, heightCm }), isEmpty: medium === 'air' }
    const [ppfd] = fieldOf([lamp], box, Float64Array.of(xCm), Float64Array.of(yCm)).ppfd
    return Math.log(Math.max(ppfd!, LEAST_PPFD))
  }
  return medium === 'air' ? [at(0)] : NODES_PER_M.map(at)
}
const LEAST_PPFD = 1e-9

/** Between the nodes by straight lines: the logarithm is nearly one line. */
function between(logs: readonly number[], kPerM: number): number {
  if (logs.length === 1) return logs[0]!
  const above = NODES_PER_M.findIndex((node) => node >= kPerM)
  const right = above < 0 ? NODES_PER_M.length - 1 : Math.max(1, above)
  const [from, to] = [NODES_PER_M[right - 1]!, NODES_PER_M[right]!]
  return logs[right - 1]! + ((logs[right]! - logs[right - 1]!) * (kPerM - from)) / (to - from)
}

/** The plan with what the readings told: flux of the lamps they saw, and how much the water takes where they say. */
export function withFit<Fitted extends Pick<Plan, 'lamps' | 'light'>>(plan: Fitted, fit: LightFit): Fitted {
  const rounded = (value: number): number => Number(value.toPrecision(3))
  return {
    ...plan,
    lamps: plan.lamps.map((lamp) => {
      const found = fit.lamps.find(({ id }) => id === lamp.id)
      return found === undefined || !Number.isFinite(found.fluxUmolPerS) ? lamp : { ...lamp, fluxUmolPerS: rounded(found.fluxUmolPerS) }
    }),
    light: fit.attenuationPerM.isTold ? { ...plan.light, attenuationPerM: rounded(fit.attenuationPerM.value) } : plan.light,
  }
}
