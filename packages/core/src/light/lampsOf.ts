import { UNKNOWN_TRAITS, type Answers } from '../plan/answers.js'
import { minutesOf } from '../plan/clock.js'
import type { Plan } from '../plan/plan.js'
import type { InnerSize } from '../tank/vessel.js'
import { MOL_PER_UMOL_H_PER_S } from './dailyLight.js'
import { floorPpfd } from './floorLight.js'

/** A lamp as it burns now, every answer known. */
export interface AnsweredLamp {
  readonly id: string
  readonly dimFraction: number
  readonly aboveWaterCm: number
  readonly lengthCm: number
  /** At full power, at the wall. */
  readonly fullWatts: number
  /** As dimmed. */
  readonly fluxUmolPerS: number
}
export interface Light {
  readonly lamps: readonly AnsweredLamp[]
  readonly fluxUmolPerS: number
  /** Drawn while the lamps burn, as dimmed. */
  readonly lampW: number
  readonly attenuationPerM: number
  /** Mean on the bare floor at full planned light, clear water. */
  readonly ppfd: number
  readonly lightHours: number
  readonly dliMolPerM2: number
}

const LEAST_LAMP_CM = 1
const LEAST_WATER_CM = 1

/** All lamps of a plan. Flux goes before watts; where neither is known, watts go by the water and flux by the watts. */
export function lampsOf({ lamps }: Pick<Plan, 'lamps'>, answers: Answers, inner: InnerSize, waterL: number): AnsweredLamp[] {
  return lamps.map((lamp, place): AnsweredLamp => {
    const isFluxKnown = lamp.fluxUmolPerS !== null
    // Between watts and flux, where one of them is not known.
    const efficacy =
      isFluxKnown && lamp.watts !== null
        ? NaN
        : answers.unknown(
            'efficacyUmolPerJ',
            UNKNOWN_TRAITS.efficacyUmolPerJ,
            isFluxKnown ? 'lamps/*/watts' : 'lamps/*/fluxUmolPerS',
            place,
          )
    const watts = lamp.watts ?? (lamp.fluxUmolPerS === null ? answers.trait('wattsPerL', place) * waterL : lamp.fluxUmolPerS / efficacy)
    const dimFraction = answers.number('lamps/*/dimFraction', lamp.dimFraction, place)
    return {
      id: lamp.id,
      dimFraction,
      aboveWaterCm: answers.number('lamps/*/aboveWaterCm', lamp.aboveWaterCm, place),
      lengthCm: Math.max(lamp.lengthCm ?? answers.trait('lampLengthShare', place) * inner.lengthCm, LEAST_LAMP_CM),
      fullWatts: watts,
      fluxUmolPerS: (lamp.fluxUmolPerS ?? efficacy * watts) * dimFraction,
    }
  })
}

/** Light of a plan on its ground. `groundCm`: mean height of the ground. */
export function lightOf(
  plan: Pick<Plan, 'lamps' | 'lightWindows'>,
  answers: Answers,
  inner: InnerSize,
  groundCm: number,
  waterL: number,
): Light {
  const lamps = lampsOf(plan, answers, inner, waterL)
  const attenuationPerM = answers.trait('waterAttenuationPerM')
  const ppfd = ppfdAtHeight({ lamps, attenuationPerM }, inner, groundCm)
  return {
    lamps,
    fluxUmolPerS: lamps.reduce((sum, { fluxUmolPerS }) => sum + fluxUmolPerS, 0),
    lampW: lamps.reduce((sum, { fullWatts, dimFraction }) => sum + fullWatts * dimFraction, 0),
    attenuationPerM,
    ppfd,
    lightHours: lightHoursOf(plan),
    dliMolPerM2: ppfd * effectiveHoursOf(plan) * MOL_PER_UMOL_H_PER_S,
  }
}

/** Mean PPFD [µmol m⁻² s⁻¹] over the whole of a level plane, so high above the glass, at full planned light. */
export const ppfdAtHeight = (
  { lamps, attenuationPerM }: Pick<Light, 'lamps' | 'attenuationPerM'>,
  inner: InnerSize,
  heightCm: number,
): number =>
  lamps.reduce(
    (sum, { fluxUmolPerS, lengthCm, aboveWaterCm }) =>
      sum +
      floorPpfd({
        lengthM: inner.lengthCm / 100,
        widthM: inner.widthCm / 100,
        waterDepthM: Math.max(inner.waterDepthCm - heightCm, LEAST_WATER_CM) / 100,
        attenuationPerM,
        fluxUmolPerS,
        lampLengthM: lengthCm / 100,
        aboveWaterM: aboveWaterCm / 100,
      }),
    0,
  )

export const lightHoursOf = ({ lightWindows }: Pick<Plan, 'lightWindows'>): number =>
  Math.min(
    24,
    lightWindows.reduce((sum, { hours }) => sum + hours, 0),
  )
/** Hours at full power that give the same light: a ramp up and one down give half of theirs each. */
export const effectiveHoursOf = ({ lightWindows }: Pick<Plan, 'lightWindows'>): number =>
  lightWindows.reduce((sum, { hours, rampMin }) => sum + Math.max(0, hours - rampMin / 60), 0)

const NOON_MIN = 12 * 60
/** First light of the plan in minutes after midnight; noon where there is none. */
export const lightsOnMin = ({ lightWindows: [first] }: Pick<Plan, 'lightWindows'>): number =>
  first === undefined ? NOON_MIN : minutesOf(first.on)
/** What the lamps of a plan are dimmed to, the brightest of them; `null` without lamps. */
export const dimOf = (lamps: readonly AnsweredLamp[]): number | null =>
  lamps.length === 0 ? null : Math.max(...lamps.map(({ dimFraction }) => dimFraction))
