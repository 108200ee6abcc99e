import { normal, randomOf, streamOf } from '../numeric/random.js'
import { CHOICE_FIELDS, NUMBER_FIELDS, type Assumption, type ChoicePath, type NumberField, type NumberPath } from './fields.js'

/** What an unknown answer is made of where the answer itself has no common value, but follows from the size of the tank. Rules of thumb. */
export const UNKNOWN_TRAITS = {
  wattsPerL: { value: 0.4, low: 0.25, high: 0.7, asks: 'lamps/*/watts' },
  /** Photon flux per watt at the wall, white LED [µmol/J]; lamps of which only the watts are known are seldom the good ones. */
  efficacyUmolPerJ: { value: 1.4, low: 1, high: 2.2, asks: 'lamps/*/fluxUmolPerS' },
  /** Lit length over the tank's. */
  lampLengthShare: { value: 0.8, low: 0.4, high: 1, asks: 'lamps/*/lengthCm' },
  foodGPerDayPerL: { value: 0.002, low: 0.0005, high: 0.006, asks: 'animals/foodGPerDay' },
  grazersPerL: { value: 0.05, low: 0.015, high: 0.1, asks: 'animals/groups/*/count' },
  /** Stand and kit that nobody weighed, by the litre of the outer size. */
  standKgPerL: { value: 0.22, low: 0.15, high: 0.35, asks: 'stand/massKg' },
  kitKgPerL: { value: 0.08, low: 0.05, high: 0.15, asks: 'stand/kitMassKg' },
  /** Pump power by its real flow [W per L/h]. */
  pumpWPerLPerH: { value: 0.02, low: 0.01, high: 0.03, asks: 'filters/*/watts' },
} as const satisfies Readonly<Record<string, Assumption & { readonly asks: NumberPath | null }>>
export type UnknownTrait = keyof typeof UNKNOWN_TRAITS

/** Numbers that have a common value for "don't know". */
export type AnsweredPath = {
  [Path in NumberPath]: (typeof NUMBER_FIELDS)[Path] extends { readonly unknown: Assumption } ? Path : never
}[NumberPath]

/** For whom unknown answers are drawn: one member of an ensemble. */
export interface Draw {
  readonly seed: number
  readonly member: number
}

/** Answers a plan's questions: the one place in which "don't know" becomes a value. Without a draw an unknown takes its common value; with one, a value from its range that depends only on (seed, member, the field's own name, place). */
export class Answers {
  /** Paths of what was answered "don't know". */
  readonly assumed = new Set<NumberPath | ChoicePath>()

  constructor(private readonly draw: Draw | null = null) {}

  /** `place` tells several of a kind apart (second lamp, third layer). */
  number(path: AnsweredPath, given: number | null | undefined, place = 0): number {
    const { unknown }: NumberField = NUMBER_FIELDS[path]
    if (unknown === undefined) throw new TypeError(`${path} has no common value`)
    return given ?? this.unknown(path, unknown, path, place)
  }

  /** What stands for an answer that follows from the tank's size; told as unknown under the question that asks for it. */
  trait(trait: UnknownTrait, place = 0): number {
    const { asks, ...assumption } = UNKNOWN_TRAITS[trait]
    return this.unknown(trait, assumption, asks, place)
  }

  /** An unknown with a common value of its own: a share that differs by plant kind, say. */
  unknown(name: string, { value, low, high }: Assumption, asks: NumberPath | null, place = 0): number {
    if (asks !== null) this.assumed.add(asks)
    if (this.draw === null || low >= high) return value
    const spread = Math.log(high / low) / 3.2 // low and high stand for about ±1.6 standard deviations
    return Math.min(high, Math.max(low, value * Math.exp(spread * normal(this.chanceOf(name, place)))))
  }

  /** One of some words. Half the draws keep the common answer; all share the rest. */
  choice<Path extends ChoicePath, Word extends (typeof CHOICE_FIELDS)[Path]['choices'][number]>(
    path: Path,
    given: Word | null,
    standard: Word,
  ): Word {
    if (given !== null) return given
    this.assumed.add(path)
    if (this.draw === null) return standard
    const words = CHOICE_FIELDS[path].choices as readonly string[] as readonly Word[] // the path's own words
    const roll = this.chanceOf(path, 0)()
    return roll < 0.5 ? standard : (words[Math.floor((roll - 0.5) * 2 * words.length)] ?? standard)
  }

  private chanceOf(name: string, place: number) {
    const { seed, member } = this.draw ?? { seed: 0, member: 0 }
    return randomOf(seed, streamOf(`${name} ${place} ${member}`))
  }
}
/** The common answers, for what is drawn and checked. */
export const commonAnswers = (): Answers => new Answers()
