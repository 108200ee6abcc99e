/** How a tank is fertilised, besides the school that it follows: shapes only. `null` leaves an answer to the school. */

import type { SaltId } from '../quantity/saltFormulas.js'
import type { FeedingSchool } from './plan.js'

export const WEEKDAYS = ['mon', 'tue', 'wed', 'thu', 'fri', 'sat', 'sun'] as const
export type Weekday = (typeof WEEKDAYS)[number]
export const FEED_SIGNS = ['pale-new-leaves', 'nitrogen-low'] as const
/** Upon which a phase of feeding begins: new leaves turn pale, or ammonium and nitrate both read low. */
export type FeedSign = (typeof FEED_SIGNS)[number]
export const FEED_FORMS = ['salt', 'stock', 'bottle'] as const
/** A dry salt, a bottle mixed by the grower, or a bottle with a label. */
export type FeedForm = (typeof FEED_FORMS)[number]
export const LABEL_UNITS = ['percent', 'mg-per-ml', 'raises'] as const
/** Percent by mass, mg in a millilitre, or so many mg/L by so many millilitres in so many litres. */
export type LabelUnit = (typeof LABEL_UNITS)[number]
export const LABEL_SPECIES = [
  'NO3',
  'N_nitrate',
  'NH4',
  'N_ammonium',
  'N_urea',
  'N',
  'PO4',
  'P',
  'P2O5',
  'K',
  'K2O',
  'Ca',
  'CaO',
  'Mg',
  'MgO',
  'Fe',
  'Cu',
] as const
/** What labels count; `N` does not say in which form. */
export type LabelSpecies = (typeof LABEL_SPECIES)[number]
export const CHELATES = ['edta', 'dtpa', 'eddha', 'gluconate'] as const
/** What keeps a bottle's iron dissolved. */
export type Chelate = (typeof CHELATES)[number]

/** Of the element. In a week, or the level that is held where the school measures; as the school where nobody says. */
export interface FeedAmounts {
  /** The amounts hold while the tank follows the school they were set for. */
  readonly school: FeedingSchool | null
  readonly nitrateMgNPerL: number | null
  /** Ammonium and urea: fast nitrogen. */
  readonly ammoniumMgNPerL: number | null
  readonly phosphateMgPPerL: number | null
  readonly potassiumMgPerL: number | null
  readonly calciumMgPerL: number | null
  readonly magnesiumMgPerL: number | null
  readonly ironMgPerL: number | null
}
/** Shares of the amounts from a day of the tank's age on, or from the day on which a sign was seen. */
export interface FeedPhase {
  readonly id: string
  readonly sign: FeedSign | null
  /** With a sign: from here at the latest; `null` waits for the sign. */
  readonly fromDay: number | null
  /** Civil date on which the sign was seen. */
  readonly seenOn: string | null
  readonly nitrogenPhosphorusFraction: number
  readonly restFraction: number
}
/** Days without any dose, both included. */
export interface FeedPause {
  readonly id: string
  readonly from: string
  readonly to: string
}
export interface MixedSalt {
  readonly id: string
  readonly salt: SaltId
  readonly grams: number
}
export interface LabelLine {
  readonly id: string
  readonly species: LabelSpecies
  readonly value: number
}
/** Something that is dosed. What its form does not ask for stays empty. */
export interface FeedProduct {
  readonly id: string
  readonly name: string
  readonly form: FeedForm
  readonly salt: SaltId | null
  /** Salts of a bottle that was mixed here, and the volume they were brought to. */
  readonly mix: readonly MixedSalt[]
  /** Of a full bottle; of a pump's container. */
  readonly bottleMl: number | null
  readonly labelUnit: LabelUnit | null
  readonly label: readonly LabelLine[]
  readonly densityGPerMl: number | null
  /** "So many millilitres raise so many litres by". */
  readonly raiseMl: number | null
  readonly raiseL: number | null
  readonly chelate: Chelate | null
  /** In a pack of salt. */
  readonly packG: number | null
  readonly price: number | null
  /** Measured over a minute; a pump doses it. */
  readonly pumpMlPerMin: number | null
  readonly pumpTimesPerDay: number | null
}
export interface PlanFeed {
  readonly amounts: FeedAmounts
  /** As ground and school propose where there are none. */
  readonly phases: readonly FeedPhase[]
  /** Days on which nitrogen, phosphorus, potassium, calcium and magnesium are dosed; every day where there are none. */
  readonly macroDays: readonly Weekday[]
  /** Days on which iron and traces are dosed. */
  readonly traceDays: readonly Weekday[]
  readonly skipsChangeDay: boolean
  /** What new water brings in a week is taken off. */
  readonly countsWater: boolean
  readonly pauses: readonly FeedPause[]
  /** What there is to dose with; the school's usual salts, or its bottle, where it is empty. */
  readonly cupboard: readonly FeedProduct[]
}

export const UNSET_AMOUNTS = {
  school: null,
  nitrateMgNPerL: null,
  ammoniumMgNPerL: null,
  phosphateMgPPerL: null,
  potassiumMgPerL: null,
  calciumMgPerL: null,
  magnesiumMgPerL: null,
  ironMgPerL: null,
} as const satisfies FeedAmounts
/** Of which nothing is known but its name and form. */
export const UNKNOWN_PRODUCT = {
  salt: null,
  mix: [],
  bottleMl: null,
  labelUnit: null,
  label: [],
  densityGPerMl: null,
  raiseMl: null,
  raiseL: null,
  chelate: null,
  packG: null,
  price: null,
  pumpMlPerMin: null,
  pumpTimesPerDay: null,
} as const satisfies Omit<FeedProduct, 'id' | 'name' | 'form'>
