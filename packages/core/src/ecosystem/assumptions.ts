import { normal, randomOf } from '../numeric/random.js'

/** What is taken for an answer "don't know": a common value and the range it may well lie in. Rules of thumb all of them. */
export interface Assumption {
  readonly value: number
  readonly low: number
  readonly high: number
}

export const ASSUMED = {
  lengthCm: { value: 60, low: 45, high: 90 },
  widthCm: { value: 35, low: 28, high: 45 },
  heightCm: { value: 36, low: 30, high: 45 },
  glassCm: { value: 0.8, low: 0.5, high: 1.2 },
  freeboardCm: { value: 2, low: 1, high: 4 },
  temperatureC: { value: 24.5, low: 22.5, high: 26.5 },
  roomCo2Ppm: { value: 700, low: 450, high: 1500 },
  alkalinityMeqPerL: { value: 1.8, low: 0.7, high: 4 },
  hardnessMmolPerL: { value: 1.4, low: 0.6, high: 3 },
  nitrateMgNPerL: { value: 1.6, low: 0.3, high: 6 },
  phosphateMgPPerL: { value: 0.05, low: 0.01, high: 0.4 },
  frontCm: { value: 4, low: 2.5, high: 6 },
  backCm: { value: 7, low: 4.5, high: 10 },
  massKg: { value: 5, low: 1, high: 12 },
  footFraction: { value: 0.2, low: 0.1, high: 0.35 },
  wattsPerL: { value: 0.4, low: 0.25, high: 0.7 },
  /** Photon flux per watt at the wall, white LED [µmol/J]. */
  efficacy: { value: 1.8, low: 1.2, high: 2.6 },
  lampLengthFraction: { value: 0.8, low: 0.4, high: 1 },
  aboveWaterCm: { value: 12, low: 4, high: 25 },
  dimFraction: { value: 0.8, low: 0.5, high: 1 },
  bubbleMl: { value: 0.07, low: 0.05, high: 0.1 },
  linePressureBar: { value: 0.8, low: 0.1, high: 2 },
  turnoverPerH: { value: 7, low: 4, high: 11 },
  foodGPerDayPerL: { value: 0.002, low: 0.0005, high: 0.006 },
  grazersPerL: { value: 0.05, low: 0.015, high: 0.1 },
  waterAttenuationPerM: { value: 0.45, low: 0.3, high: 0.6 },
} as const satisfies Record<string, Assumption>
export type AssumedField = keyof typeof ASSUMED

const FIELDS = Object.keys(ASSUMED)
/** Unknown answers that are words, each with a stream of chance of its own. */
const CHOICES = ['surface', 'density'] as const
export type AssumedChoice = (typeof CHOICES)[number]

/** Answers a plan's questions. Without a draw an unknown takes its common value; with one, a value from its range that depends only on (seed, member, field, place). */
export class Answers {
  readonly assumed = new Set<string>()

  constructor(private readonly draw: { readonly seed: number; readonly member: number } | null) {}

  /** `place` tells several of a kind apart (second lamp, third layer). */
  number(field: AssumedField, given: number | null | undefined, place = 0): number {
    if (given !== null && given !== undefined) return given
    this.assumed.add(field)
    const { value, low, high } = ASSUMED[field]
    if (this.draw === null) return value
    const spread = Math.log(high / low) / 3.2 // low and high stand for about ±1.6 standard deviations
    const random = randomOf(this.draw.seed, this.draw.member * 4096 + FIELDS.indexOf(field) * 32 + (place % 31) + 1) // the thirty-second of a kind shares the first one's chance
    return Math.min(high, Math.max(low, value * Math.exp(spread * normal(random))))
  }

  choice<T extends string>(field: AssumedChoice, given: T | null, standard: T, others: readonly T[]): T {
    if (given !== null) return given
    this.assumed.add(field)
    if (this.draw === null) return standard
    const random = randomOf(this.draw.seed, this.draw.member * 4096 + 2048 + CHOICES.indexOf(field))
    const roll = random()
    // Half the draws keep the common answer; the others share the rest.
    return roll < 0.5 ? standard : (others[Math.floor((roll - 0.5) * 2 * others.length)] ?? standard)
  }
}
