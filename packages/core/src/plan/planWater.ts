/** Which waters a tank is changed with, and what is done to them first: shapes only. `null` is the answer "don't know". */

export const SOURCE_KINDS = ['mains', 'softened', 'well', 'rain'] as const
/** Purified water is no source: a purifier makes it of one, and `logistics` tells its share. */
export type SourceKind = (typeof SOURCE_KINDS)[number]
export const DISINFECTANTS = ['none', 'chlorine', 'chloramine'] as const
export type Disinfectant = (typeof DISINFECTANTS)[number]
export const MINERAL_SALTS = [
  'calcium-sulfate-dihydrate',
  'calcium-chloride-dihydrate',
  'calcium-chloride-anhydrous',
  'magnesium-sulfate-heptahydrate',
  'potassium-bicarbonate',
  'sodium-bicarbonate',
  'calcium-carbonate',
] as const
/** What soft water is given calcium, magnesium and alkalinity with. */
export type MineralSalt = (typeof MINERAL_SALTS)[number]
export const CONDITIONER_BINDS = ['chlorine', 'chloramine'] as const
/** A conditioner that binds chloramine binds chlorine too, and the ammonia that comes out of it. */
export type ConditionerBinds = (typeof CONDITIONER_BINDS)[number]
export const CONDITIONER_PLACES = ['container', 'tank'] as const
/** Into the bucket or barrel with the new water, or into the tank before the hose runs. */
export type ConditionerPlace = (typeof CONDITIONER_PLACES)[number]
export const FIRST_WEEKS = ['same', 'daily', 'every-other', 'twice'] as const
/** Changes of the first four weeks: as later; daily at first; every other day at first; twice a week. Weeks with plants in the water; a dark or dry start has none before. */
export type FirstWeeks = (typeof FIRST_WEEKS)[number]
export const TOP_UPS = ['as-changes', 'purified'] as const
/** What replaces evaporated water. */
export type TopUp = (typeof TOP_UPS)[number]

/** What a report of the water works, or a test of one's own, says of one day. */
export interface WaterReport {
  readonly id: string
  /** Civil date. */
  readonly on: string
  readonly alkalinityMeqPerL: number | null
  readonly hardnessMmolPerL: number | null
  readonly nitrateMgNPerL: number | null
  readonly conductivityUsPerCm: number | null
  readonly temperatureC: number | null
}
export interface WaterSource {
  readonly id: string
  /** '' where the kind says enough. */
  readonly name: string
  readonly kind: SourceKind
  /** Of what is not purified, taken against the sum of all sources' parts. */
  readonly part: number
  readonly alkalinityMeqPerL: number | null
  /** Calcium and magnesium together. */
  readonly hardnessMmolPerL: number | null
  readonly nitrateMgNPerL: number | null
  readonly phosphateMgPPerL: number | null
  readonly pH: number | null
  readonly calciumMgPerL: number | null
  readonly magnesiumMgPerL: number | null
  readonly potassiumMgPerL: number | null
  readonly sodiumMgPerL: number | null
  readonly copperMgPerL: number | null
  readonly silicaMgSiPerL: number | null
  readonly conductivityUsPerCm: number | null
  /** As it comes out of the cold tap, or stands in its barrel. */
  readonly temperatureC: number | null
  readonly disinfectant: Disinfectant | null
  readonly reports: readonly WaterReport[]
}
export interface Conditioner {
  /** "So many millilitres for so many litres". */
  readonly labelMl: number | null
  readonly labelL: number | null
  readonly binds: ConditionerBinds | null
  readonly place: ConditionerPlace
  /** Also in the weeks before the first animal. */
  readonly beforeAnimals: boolean
}
/** What a change is carried out with. */
export interface ChangeKit {
  /** A bucket of so many litres takes so many seconds to fill from the hose, and to fill from the draining hose. */
  readonly bucketL: number | null
  readonly fillS: number | null
  readonly drainS: number | null
  readonly hotC: number | null
  /** Hot water that the boiler gives before it has to heat again. */
  readonly boilerL: number | null
  readonly boilerW: number | null
}
export interface PlanWater {
  /** Aims of the new water; where nobody says, as the sources make it. */
  readonly hardnessMmolPerL: number | null
  /** Ca : Mg by mass. */
  readonly caMgMassRatio: number | null
  readonly alkalinityMeqPerL: number | null
  readonly minerals: readonly MineralSalt[]
  readonly topUp: TopUp
  readonly conditioner: Conditioner
  readonly kit: ChangeKit
}

/** Of which nothing is known: the whole of what is not purified, from the mains. */
export const UNKNOWN_SOURCE = {
  name: '',
  kind: 'mains',
  part: 1,
  alkalinityMeqPerL: null,
  hardnessMmolPerL: null,
  nitrateMgNPerL: null,
  phosphateMgPPerL: null,
  pH: null,
  calciumMgPerL: null,
  magnesiumMgPerL: null,
  potassiumMgPerL: null,
  sodiumMgPerL: null,
  copperMgPerL: null,
  silicaMgSiPerL: null,
  conductivityUsPerCm: null,
  temperatureC: null,
  disinfectant: null,
  reports: [],
} as const satisfies Omit<WaterSource, 'id'>
/** A report that tells nothing yet. */
export const NO_REPORT = {
  alkalinityMeqPerL: null,
  hardnessMmolPerL: null,
  nitrateMgNPerL: null,
  conductivityUsPerCm: null,
  temperatureC: null,
} as const satisfies Omit<WaterReport, 'id' | 'on'>
/** Nobody has said anything about it. */
export const UNKNOWN_WATER = {
  hardnessMmolPerL: null,
  caMgMassRatio: null,
  alkalinityMeqPerL: null,
  minerals: [],
  topUp: 'as-changes',
  conditioner: { labelMl: null, labelL: null, binds: null, place: 'container', beforeAnimals: true },
  kit: { bucketL: null, fillS: null, drainS: null, hotC: null, boilerL: null, boilerW: null },
} as const satisfies PlanWater
