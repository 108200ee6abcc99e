import type { Dimension } from '../quantity/dimensions.js'
import type { Datum, Trust } from './datum.js'
import { PLANT_KINDS } from './plantKinds.js'

export const PLANT_FORMS = [
  'carpet',
  'grass-runner',
  'stem',
  'free-stem',
  'rosette',
  'runner-rosette',
  'bulb',
  'rhizome',
  'moss',
  'liverwort',
  'alga-ball',
  'floater',
] as const
export type PlantForm = (typeof PLANT_FORMS)[number]
export const PLANT_PLACES = ['front', 'mid', 'back', 'hardscape', 'surface'] as const
export type PlantPlace = (typeof PLANT_PLACES)[number]
export const LEAF_OUTLINES = [
  'linear',
  'ribbon',
  'lanceolate',
  'elliptic',
  'ovate',
  'round',
  'spoon',
  'heart',
  'arrow',
  'pinnate',
  'divided',
  'needle',
  'frond',
  'clover',
  'thallus',
  'feathery',
] as const
export type LeafOutline = (typeof LEAF_OUTLINES)[number]
export const LEAF_MARGINS = ['entire', 'wavy', 'toothed', 'lobed'] as const
export type LeafMargin = (typeof LEAF_MARGINS)[number]
export const HABITS = ['upright', 'bushy', 'arching', 'creeping', 'hanging', 'cushion'] as const
export type Habit = (typeof HABITS)[number]
export const ARRANGEMENTS = ['opposite', 'alternate', 'whorl', 'rosette', 'distichous', 'single-on-runner'] as const
export type Arrangement = (typeof ARRANGEMENTS)[number]
export const SHADES = [
  'light-green',
  'green',
  'dark-green',
  'olive',
  'bronze',
  'brown',
  'yellow',
  'orange',
  'pink',
  'red',
  'purple',
] as const
export type Shade = (typeof SHADES)[number]
export const RED_NEEDS = ['none', 'light', 'light-and-lean-nitrogen'] as const
export const CARBON_NEEDS = ['none', 'helps', 'needed'] as const
export type CarbonNeed = (typeof CARBON_NEEDS)[number]
export const HARDNESS_LIKINGS = ['soft', 'any', 'hard-liking'] as const
export const FEEDING_ROUTES = ['root', 'both', 'column'] as const
export type FeedingRoute = (typeof FEEDING_ROUTES)[number]
export const MELTS = ['none', 'slight', 'marked', 'full'] as const
export type Melt = (typeof MELTS)[number]
export const SOLD_AS = ['pot-emersed', 'pot-submersed', 'cup', 'bunch', 'mat', 'loose'] as const
export const ATTACHMENTS = ['must', 'can', 'no'] as const
export const RESPROUTING = ['well', 'poorly', 'no'] as const
export const TOPS_USES = ['replant', 'discard'] as const
export const EASES = ['easy', 'medium', 'demanding'] as const
export type Ease = (typeof EASES)[number]
export const DRY_STARTS = ['good', 'possible', 'no'] as const
export const SENSITIVITIES = [
  'copper',
  'glutaral',
  'peroxide',
  'salt',
  'sudden-change',
  'moving',
  'fresh-ammonia',
  'hard-water',
  'heat',
  'shade',
  'grazers',
] as const
export const LEGAL_STANDINGS = ['none-known', 'listed-somewhere', 'widely-listed'] as const
export type LegalStanding = (typeof LEGAL_STANDINGS)[number]
export const NAME_STANDINGS = ['settled', 'divided', 'often-wrong'] as const
/** `divided`: authors differ, or it moved of late. `often-wrong`: what is sold under this name is often another plant. */
export type NameStanding = (typeof NAME_STANDINGS)[number]

/** Traits that are figures: what they are a number of, and between what they may lie. */
export const RANGE_TRAITS = {
  /** Under water, in good supply, untrimmed. */
  matureHeightCm: { dimension: 'length', least: 0.02, most: 300 },
  /** After splitting, halving and stripping. */
  plantingHeightCm: { dimension: 'length', least: 0.02, most: 100 },
  /** Width of a grown plant. */
  spreadCm: { dimension: 'length', least: 0.02, most: 200 },
  /** Between two portions. */
  spacingCm: { dimension: 'length', least: 0.2, most: 100 },
  leafLengthCm: { dimension: 'length', least: 0.01, most: 250 },
  leafWidthCm: { dimension: 'length', least: 0.01, most: 60 },
  leavesPerNode: { dimension: 'count', least: 1, most: 40 },
  internodeStrongCm: { dimension: 'length', least: 0.02, most: 30 },
  internodeWeakCm: { dimension: 'length', least: 0.02, most: 40 },
  /** Of its mass, at its best. */
  doublingDays: { dimension: 'days', least: 1, most: 400 },
  riseStrongCmPerWeek: { dimension: 'length', least: 0, most: 60 },
  riseWeakCmPerWeek: { dimension: 'length', least: 0, most: 60 },
  /** Until new leaves stand, from a farm-grown pot and from a culture cup. */
  newLeavesPotWeeks: { dimension: 'ratio', least: 0, most: 20 },
  newLeavesCupWeeks: { dimension: 'ratio', least: 0, most: 20 },
  /** How far from its mother a daughter may come up within eight weeks. */
  runnerCm: { dimension: 'length', least: 0, most: 100 },
  portionsPerPot: { dimension: 'count', least: 1, most: 100 },
  portionsPerBunch: { dimension: 'count', least: 1, most: 100 },
  portionsPerCup: { dimension: 'count', least: 1, most: 200 },
  /** Dry. */
  startGPerPot: { dimension: 'salt', least: 0.001, most: 50 },
  /** A portion covers a disc of this radius at first, and so much more each week, once it has rooted. */
  closingStartCm: { dimension: 'length', least: 0.01, most: 30 },
  closingCmPerWeek: { dimension: 'length', least: 0, most: 10 },
  closingLagWeeks: { dimension: 'ratio', least: 0, most: 20 },
  trimIntervalWeeks: { dimension: 'ratio', least: 0.1, most: 104 },
  cutBackCm: { dimension: 'length', least: 0, most: 100 },
} as const satisfies Record<string, { readonly dimension: Dimension; readonly least: number; readonly most: number }>
export type RangeTrait = keyof typeof RANGE_TRAITS

/** Traits of one class. */
export const CLASS_TRAITS = {
  form: PLANT_FORMS,
  /** Which of the model's groups it grows with. */
  kind: PLANT_KINDS,
  outline: LEAF_OUTLINES,
  margin: LEAF_MARGINS,
  habit: HABITS,
  arrangement: ARRANGEMENTS,
  redNeeds: RED_NEEDS,
  hardness: HARDNESS_LIKINGS,
  feeding: FEEDING_ROUTES,
  attaches: ATTACHMENTS,
  resprouts: RESPROUTING,
  tops: TOPS_USES,
  dryStart: DRY_STARTS,
  legal: LEGAL_STANDINGS,
} as const
export type ClassTrait = keyof typeof CLASS_TRAITS
/** Traits of several classes, or of two neighbours. */
export const CLASSES_TRAITS = {
  places: PLANT_PLACES,
  carbon: CARBON_NEEDS,
  soldAs: SOLD_AS,
  ease: EASES,
  sensitiveTo: SENSITIVITIES,
} as const
export type ClassesTrait = keyof typeof CLASSES_TRAITS
export const FLAG_TRAITS = ['reachesSurface', 'buriedRots'] as const
export type FlagTrait = (typeof FLAG_TRAITS)[number]

/** µmol/m²/s at the plant: it lives from `min` on; between `goodLow` and `goodHigh` it has its form and colour. */
export interface LightNeed extends Trust {
  readonly min: number
  readonly good: number
  readonly goodLow: number
  readonly goodHigh: number
}
/** °C: what it bears, and where it is well. */
export interface TemperatureNeed extends Trust {
  readonly min: number
  readonly goodLow: number
  readonly goodHigh: number
  readonly max: number
}
/** What is lost of a start: grown in air, in a pot; grown in a culture cup. */
export interface MeltOfStart {
  readonly pot: Melt
  readonly cup: Melt
}
export interface Colouring {
  readonly weak: readonly Shade[]
  readonly strong: readonly Shade[]
}

/** Everything that is known of how a plant grows. */
export type PlantTraits = Readonly<
  Record<RangeTrait, Datum> & { [Trait in ClassTrait]: (typeof CLASS_TRAITS)[Trait][number] } & {
    [Trait in ClassesTrait]: readonly (typeof CLASSES_TRAITS)[Trait][number][]
  } & Record<FlagTrait, boolean> & { colour: Colouring; melt: MeltOfStart; light: LightNeed; temperatureC: TemperatureNeed }
>
export type PlantTrait = keyof PlantTraits
export const PLANT_TRAITS: readonly PlantTrait[] = [
  'form',
  'kind',
  'places',
  'matureHeightCm',
  'reachesSurface',
  'plantingHeightCm',
  'spreadCm',
  'spacingCm',
  'leafLengthCm',
  'leafWidthCm',
  'outline',
  'margin',
  'habit',
  'arrangement',
  'leavesPerNode',
  'internodeStrongCm',
  'internodeWeakCm',
  'colour',
  'redNeeds',
  'doublingDays',
  'riseStrongCmPerWeek',
  'riseWeakCmPerWeek',
  'light',
  'carbon',
  'temperatureC',
  'hardness',
  'feeding',
  'melt',
  'newLeavesPotWeeks',
  'newLeavesCupWeeks',
  'soldAs',
  'attaches',
  'buriedRots',
  'runnerCm',
  'portionsPerPot',
  'portionsPerBunch',
  'portionsPerCup',
  'startGPerPot',
  'closingStartCm',
  'closingCmPerWeek',
  'closingLagWeeks',
  'trimIntervalWeeks',
  'cutBackCm',
  'resprouts',
  'tops',
  'ease',
  'dryStart',
  'sensitiveTo',
  'legal',
]

/** What a row says itself; what it leaves out it takes from something more general. */
export type SaidTraits = { readonly [Trait in PlantTrait]?: PlantTraits[Trait] }

/** One row of the library: a plant, or what a genus or a form of growth has in common. */
export interface PlantRow {
  readonly id: string
  readonly name: string
  readonly olderNames: readonly string[]
  readonly family: string
  /** The plant of which it is a form. */
  readonly like: string | null
  readonly nameStanding: NameStanding
  /** Of what it says in classes, and of figures that say nothing else. */
  readonly confidence: Datum['confidence']
  readonly source: Datum['source']
  readonly traits: SaidTraits
}
