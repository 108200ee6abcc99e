import { UNKNOWN_TRAITS, type Answers } from '../plan/answers.js'
import { minutesOf } from '../plan/clock.js'
import type { Lamp, LampKind, Plan } from '../plan/plan.js'
import type { InnerSize } from '../tank/vessel.js'
import { MOL_PER_UMOL_H_PER_S } from './dailyLight.js'
import type { FieldLamp } from './field/fieldLamp.js'
import { meanOfPlane } from './litPlane.js'

/** A lamp as it burns now, every answer known. */
export interface AnsweredLamp extends FieldLamp {
  readonly id: string
  readonly kind: LampKind
  readonly dimFraction: number
  /** At full power, at the wall. */
  readonly fullWatts: number
}
export interface Light {
  /** Their flux as dimmed. */
  readonly lamps: readonly AnsweredLamp[]
  readonly fluxUmolPerS: number
  /** Drawn while the lamps burn, as dimmed. */
  readonly lampW: number
  readonly attenuationPerM: number
  /** Mean on a level floor as high as the ground in the mean, at full planned light, in clear water. */
  readonly ppfd: number
  readonly lightHours: number
  readonly dliMolPerM2: number
}

const LEAST_LAMP_CM = 1
/** Lit width over the tank's, and how the light is gathered, by the kind of lamp. Rules of thumb: strips 4–12 cm wide; lenses of 60–120°. */
const KIND: Readonly<Record<LampKind, { readonly widthCm: (inner: InnerSize) => number; readonly beam: number }>> = {
  strip: { widthCm: ({ widthCm }) => Math.min(8, widthCm), beam: 1 },
  panel: { widthCm: ({ widthCm }) => widthCm * 0.5, beam: 1 },
  spot: { widthCm: () => 8, beam: 3 },
}
const SPOT_CM = 8
/** White light-emitting diodes: 55–80 lm for each µmol/s. Rule of thumb. */
export const LUMENS_PER_UMOL_PER_S = 70

/** All lamps of a plan. Flux goes before lumens, lumens before watts; where none is known, watts go by the water and flux by the watts. Lamps that nobody placed share the space: strips from front to back, others side by side. */
export function lampsOf({ lamps }: Pick<Plan, 'lamps'>, answers: Answers, inner: InnerSize, waterL: number): AnsweredLamp[] {
  const unplaced = lamps.filter(({ xCm, yCm }) => xCm === null && yCm === null)
  return lamps.map((lamp, place): AnsweredLamp => {
    const known = lamp.fluxUmolPerS ?? (lamp.lumens === null ? null : lamp.lumens / LUMENS_PER_UMOL_PER_S)
    // Between watts and flux, where one of them is not known.
    const efficacy =
      known !== null && lamp.watts !== null
        ? NaN
        : answers.unknown(
            'efficacyUmolPerJ',
            UNKNOWN_TRAITS.efficacyUmolPerJ,
            known === null ? 'lamps/*/fluxUmolPerS' : 'lamps/*/watts',
            place,
          )
    const watts = lamp.watts ?? (known === null ? answers.trait('wattsPerL', place) * waterL : known / efficacy)
    const dimFraction = answers.number('lamps/*/dimFraction', lamp.dimFraction, place)
    const kind = lamp.kind ?? 'strip'
    const turn = unplaced.indexOf(lamp)
    const share = turn < 0 ? 0.5 : (turn + 0.5) / unplaced.length
    return {
      id: lamp.id,
      kind,
      dimFraction,
      fullWatts: watts,
      fluxUmolPerS: (known ?? efficacy * watts) * dimFraction,
      ...sizeOf(lamp, kind, answers, inner, place),
      xCm: lamp.xCm ?? inner.lengthCm * (kind === 'strip' ? 0.5 : share),
      yCm: lamp.yCm ?? inner.widthCm * (kind === 'strip' ? share : 0.5),
      aboveWaterCm: answers.number('lamps/*/aboveWaterCm', lamp.aboveWaterCm, place),
      tiltDeg: lamp.tiltDeg,
      beamExponent: lamp.beamExponent ?? KIND[kind].beam,
    }
  })
}

function sizeOf(
  { lengthCm, widthCm }: Lamp,
  kind: LampKind,
  answers: Answers,
  inner: InnerSize,
  place: number,
): Pick<FieldLamp, 'lengthCm' | 'widthCm'> {
  const usual = kind === 'spot' ? SPOT_CM : lengthCm === null ? answers.trait('lampLengthShare', place) * inner.lengthCm : NaN
  return { lengthCm: Math.max(lengthCm ?? usual, LEAST_LAMP_CM), widthCm: widthCm ?? KIND[kind].widthCm(inner) }
}

/** Light of a plan on its ground. `groundCm`: mean height of the ground. */
export function lightOf(
  plan: Pick<Plan, 'lamps' | 'lightWindows' | 'light'>,
  answers: Answers,
  inner: InnerSize,
  groundCm: number,
  waterL: number,
): Light {
  const lamps = lampsOf(plan, answers, inner, waterL)
  const attenuationPerM = answers.number('light/attenuationPerM', plan.light.attenuationPerM)
  const ppfd = meanOfPlane({ lamps, attenuationPerM, inner, heightCm: groundCm })
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
