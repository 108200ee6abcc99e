import { MEQ_PER_DKH, MMOL_PER_DGH } from '../../quantity/physicalConstants.js'
import { trustOf, type Confidence, type Datum } from '../datum.js'
import { GRAZING_OF } from './grazing.js'
import { ANIMALS_OF_KIND, type Body, type KindTraits } from './kinds.js'
import type { AnimalKind, AnimalSpecies, Bearing } from './traits.js'

type Four = readonly [min: number, goodLow: number, goodHigh: number, max: number]
/** Waters by hardness: what most animals of a kind of water bear [°dGH, °dKH]. General practice among keepers. */
export const WATERS = {
  black: { gh: [0, 0, 4, 8], kh: [0, 0, 2, 4] },
  bee: { gh: [2, 4, 6, 8], kh: [0, 0, 2, 4] },
  soft: { gh: [0, 1, 10, 15], kh: [0, 0, 6, 10] },
  any: { gh: [2, 4, 15, 20], kh: [0, 1, 10, 15] },
  /** Shells dissolve in soft water. */
  snail: { gh: [4, 6, 20, 30], kh: [1, 3, 15, 20] },
  hard: { gh: [6, 8, 20, 30], kh: [3, 4, 12, 20] },
} as const satisfies Record<string, { readonly gh: Four; readonly kh: Four }>

/** One row of the library: what it says itself; the rest it takes from its kind. */
export interface AnimalRow extends Partial<KindTraits> {
  readonly name: string
  readonly older?: readonly string[]
  readonly word: string
  readonly kind: AnimalKind
  readonly confidence?: Confidence
  /** Low, usual and high, grown. */
  readonly cm: readonly [low: number, value: number, high: number]
  readonly warm: Four
  readonly pH: Four
  readonly water: keyof typeof WATERS
  /** Of the algae shrimp's grazing, where it is not its kind's. */
  readonly units?: readonly [low: number, value: number, high: number]
}

/** Small letters, figures and hyphens of a name. */
const idOf = (name: string): string => name.toLowerCase().replace(/[^a-z0-9]+/g, '-')

export function animalSpecies(row: AnimalRow): AnimalSpecies {
  const { name, older = [], word, kind, confidence = 'C', cm, warm, pH, water, units, ...said } = row
  const { body, graze, years, ...traits } = { ...ANIMALS_OF_KIND[kind], ...said }
  const trust = trustOf(confidence)
  const bears = ([min, goodLow, goodHigh, max]: Four, factor = 1): Bearing => ({
    min: min * factor,
    goodLow: goodLow * factor,
    goodHigh: goodHigh * factor,
    max: max * factor,
    ...trust,
  })
  const grazing = graze === null ? null : GRAZING_OF[graze]
  return {
    id: idOf(name),
    group: 'animal',
    name,
    olderNames: older,
    word,
    kind,
    adultCm: datum(cm, confidence),
    temperatureC: bears(warm),
    pH: bears(pH),
    hardnessMmolPerL: bears(WATERS[water].gh, MMOL_PER_DGH),
    alkalinityMeqPerL: bears(WATERS[water].kh, MEQ_PER_DKH),
    foodMgPerDay: foodOf(body, cm[1]),
    grazing: grazing === null || units === undefined ? grazing : { ...grazing, units: datum(units, 'C') },
    lifespanYears: datum(years, 'C'),
    ...traits,
    ...trust,
  }
}

const datum = ([low, value, high]: readonly [number, number, number], confidence: Confidence): Datum => ({
  value,
  low,
  high,
  ...trustOf(confidence),
})

/** Wet mass of a grown fish over the cube of its length [g/cm³]. Rules of thumb after length–weight tables of small fish; ×/÷ 1.5 with the food below. */
const MASS_G_PER_CM3: Readonly<Record<Body, number>> = { slender: 0.006, ordinary: 0.009, deep: 0.015 }
/** Shrimps and snails live on what is there; what is fed to them on top [mg]. Rule of thumb. */
const LEFT_OVERS: Datum = { value: 1, low: 0.2, high: 5, ...trustOf('C') }
const EITHER_WAY = 1.5

/** Dry food of a grown animal in a day at 25 °C: 2.5 % of its wet mass under 1 g, 1.5 % to 10 g, 1 % above. General practice among keepers of ornamental fish, ×/÷ 1.5. */
function foodOf(body: Body | null, lengthCm: number): Datum {
  if (body === null) return LEFT_OVERS
  const massG = MASS_G_PER_CM3[body] * lengthCm ** 3
  const value = massG * 1000 * (massG < 1 ? 0.025 : massG <= 10 ? 0.015 : 0.01)
  return { value, low: value / EITHER_WAY, high: value * EITHER_WAY, ...trustOf('C') }
}
