import type { Datum, Trust } from '../datum.js'
import type { LegalStanding } from '../traits.js'

/** Groups of animals, in the usual order of stocking. */
export const ANIMAL_KINDS = [
  'snail',
  'algae-shrimp',
  'small-shoaling-fish',
  'livebearer',
  'dwarf-shrimp',
  'prawn',
  'bottom-fish',
  'algae-eating-fish',
  'mid-shoaling-fish',
  'labyrinth-fish',
  'surface-fish',
  'rainbowfish',
  'killifish',
  'suckermouth',
  'crayfish',
  'fan-shrimp',
  'micro-predator',
  'dwarf-cichlid',
  'plant-eating-fish',
  'large-cichlid',
] as const
export type AnimalKind = (typeof ANIMAL_KINDS)[number]
export const ZONES = ['top', 'mid', 'bottom', 'all'] as const
export type Zone = (typeof ZONES)[number]
export const JUMPS = ['no', 'may', 'readily'] as const
export const DIGS = ['no', 'sifts', 'digs'] as const
export const EATS_PLANTS = ['no', 'tender', 'yes'] as const
/** What it can swallow. */
export const EATS_SHRIMP = ['no', 'young', 'adult'] as const
export const GAS_BEARING = ['sensitive', 'ordinary'] as const
export const COVERS = ['needs-cover', 'cover-helps', 'open'] as const
export const FLOWS = ['still', 'gentle', 'brisk'] as const
export const BREEDS = ['no', 'slowly', 'freely'] as const
/** What treatments with copper do to it. */
export const COPPER = ['deadly', 'care'] as const
/** What must be so before it comes, beside its week. */
export const ANIMAL_CONDITIONS = ['tests-zero', 'biofilm', 'mature-film', 'stable', 'rooted'] as const
export type AnimalCondition = (typeof ANIMAL_CONDITIONS)[number]

/** What it bears, and where it is well. */
export interface Bearing extends Trust {
  readonly min: number
  readonly goodLow: number
  readonly goodHigh: number
  readonly max: number
}
/** What one animal eats of algae: in algae shrimps of 4–5 cm, and how it likes each guild (diatoms, dust and spot, hair, tufts, blue-green). */
export interface Grazing {
  readonly units: Datum
  readonly taste: readonly [diatoms: number, dust: number, hair: number, tufts: number, blueGreen: number]
}

/** An animal with every trait answered. */
export interface AnimalSpecies extends Trust {
  readonly id: string
  readonly group: 'animal'
  readonly name: string
  readonly olderNames: readonly string[]
  /** Plain word to show beside the scientific name. */
  readonly word: string
  readonly kind: AnimalKind
  /** Total length, grown. */
  readonly adultCm: Datum
  readonly temperatureC: Bearing
  /** Of the day's mean: a swing that gas alone makes is not counted. */
  readonly pH: Bearing
  readonly hardnessMmolPerL: Bearing
  readonly alkalinityMeqPerL: Bearing
  /** Least number that is well together. */
  readonly leastCount: number
  /** Two of one sex fight. */
  readonly hasRivals: boolean
  /** Only one of it in a tank. */
  readonly isAlone: boolean
  readonly leastL: number
  readonly leastLengthCm: number
  readonly zone: Zone
  readonly jumps: (typeof JUMPS)[number]
  readonly digs: (typeof DIGS)[number]
  readonly eatsPlants: (typeof EATS_PLANTS)[number]
  readonly eatsShrimp: (typeof EATS_SHRIMP)[number]
  readonly eatsSnails: boolean
  readonly nipsFins: boolean
  readonly hasLongFins: boolean
  readonly gas: (typeof GAS_BEARING)[number]
  readonly cover: (typeof COVERS)[number]
  readonly flow: (typeof FLOWS)[number]
  readonly breeds: (typeof BREEDS)[number]
  readonly copper: (typeof COPPER)[number]
  /** Earliest week from planting, and what must be so as well. The later of the two holds. */
  readonly earliestWeek: number
  readonly needs: readonly AnimalCondition[]
  /** Dry food of one grown animal in a day, at 25 °C [mg]. */
  readonly foodMgPerDay: Datum
  readonly grazing: Grazing | null
  readonly lifespanYears: Datum
  readonly legal: LegalStanding
}
