import type { PlantKind } from './plan.js'

/** What happened: shapes only. Instants are ISO UTC; ids are UUIDs of version 7, made by whoever logs. */

export const READING_QUANTITIES = [
  'pH',
  'alkalinity',
  'hardness',
  'ammonia',
  'nitrite',
  'nitrate',
  'phosphate',
  'potassium',
  'iron',
  'temperature',
  'indicator',
  'bubbles',
  'lightPower',
  'cylinderPressure',
  'cylinderMass',
  'filmDays',
  'evaporated',
  'oxygen',
  'ppfd',
  'conductivity',
] as const
export type ReadingQuantity = (typeof READING_QUANTITIES)[number]

/** `<` lies below what the kit can read, `>` above it. */
export const QUALIFIERS = ['=', '<', '>'] as const
export type Qualifier = (typeof QUALIFIERS)[number]

/** When in the gas day a reading was taken, or of a sample that stood open for a day; CO2 is judged by it. */
export const MOMENTS = ['gas-on', 'lights-on', 'gas-off', 'degassed'] as const
export type Moment = (typeof MOMENTS)[number]

export const ANIMAL_STATES = ['lively', 'hiding', 'gasping', 'dead'] as const
export type AnimalState = (typeof ANIMAL_STATES)[number]
/** Colours of the reference indicator, from little CO2 to much. */
export const INDICATOR_COLOURS = ['blue', 'blue-green', 'green', 'yellow-green', 'yellow'] as const
export type IndicatorColour = (typeof INDICATOR_COLOURS)[number]
export const OUTLET_STATES = ['flowing', 'weak', 'stopped'] as const
export type OutletState = (typeof OUTLET_STATES)[number]

export const SIGNS = [
  'brown-dust',
  'green-dust',
  'green-spot',
  'thread',
  'beard',
  'staghorn',
  'blue-green-mat',
  'green-water',
  'surface-film',
  'haze',
  'melt',
  'pale-new-leaves',
  'pale-old-leaves',
  'pinholes',
  'twisted-tips',
  'stalled',
  'lower-leaves-lost',
  'gasping',
  'pearling',
  'smell',
] as const
export type Sign = (typeof SIGNS)[number]

interface Happened {
  readonly id: string
  readonly at: string
  /** Name that the device was given; `null` where it has none. */
  readonly recordedBy: string | null
  readonly note: string | null
}
/** One quantity, in its canonical unit, beside what the person typed. */
export interface Reading extends Happened {
  readonly kind: 'reading'
  readonly quantity: ReadingQuantity
  readonly value: number
  readonly qualifier: Qualifier
  readonly enteredText: string
  readonly enteredUnit: string
  /** What the kit reports (ion or element), where that matters. */
  readonly basis: string | null
  readonly method: string | null
  readonly moment: Moment | null
  /** Readings taken with one act share its id. */
  readonly eventId: string | null
}
export interface Glance extends Happened {
  readonly kind: 'glance'
  readonly isAllFine: boolean
  readonly animals: AnimalState | null
  readonly indicator: IndicatorColour | null
  readonly outlet: OutletState | null
}
/** On top of what the plan doses. `salt` is an id of core's salt list; null: a bottle, which the model counts where the cupboard has one of its name. */
export interface Dose extends Happened {
  readonly kind: 'dose'
  readonly salt: string | null
  readonly grams: number | null
  readonly millilitres: number | null
  readonly bottle: string | null
}
export interface WaterChange extends Happened {
  readonly kind: 'change'
  readonly fraction: number
  readonly hasWiped: boolean
}
export interface Trim extends Happened {
  readonly kind: 'trim'
  /** Shaken wet; `null` when it was not weighed. */
  readonly wetG: number | null
  /** Empty: all kinds. */
  readonly kinds: readonly PlantKind[]
}
/** What was done with plants after the planting day. */
export const PLANT_DEEDS = ['added', 'replanted', 'moved', 'thinned', 'failed', 'given-away', 'arrived'] as const
export type PlantDeed = (typeof PLANT_DEEDS)[number]
export const PLANT_COUNTS = ['pot', 'bunch', 'cup', 'portion'] as const
export type PlantCount = (typeof PLANT_COUNTS)[number]
/** In what a plant's leaves grew: farm-grown in moist air, under water, or in a culture cup. */
export const RAISED = ['in-air', 'under-water', 'in-culture'] as const
export type Raised = (typeof RAISED)[number]
/** Plants that came, went or stand elsewhere now. The planting map tells what was planted at first. */
export interface PlantsChanged extends Happened {
  readonly kind: 'plants'
  readonly deed: PlantDeed
  /** Its id in the library; `null` where only its kind is told. */
  readonly species: string | null
  /** Its name as it was then. */
  readonly plant: string | null
  readonly plantKind: PlantKind
  readonly count: number
  readonly countedIn: PlantCount
  /** The count in portions, and their dry mass as planted, by what was known of the plant then; `null` takes what is usual of its kind. */
  readonly portions: number | null
  readonly dryG: number | null
  readonly raised: Raised
  /** A patch of the map: where they stand or stood. `null`: a place of their own. */
  readonly bed: string | null
  /** Only of moved ones: the patch where they stand now. */
  readonly toBed: string | null
  /** Only of arrived ones: civil date until which they are kept apart. */
  readonly heldUntil: string | null
}
export interface Death extends Happened {
  readonly kind: 'death'
  readonly animal: string
  readonly count: number
}
export interface Purchase extends Happened {
  readonly kind: 'purchase'
  readonly what: string
  readonly cost: number | null
  readonly currency: string | null
}
export interface Note extends Happened {
  readonly kind: 'note'
  readonly note: string
}
export interface SignSeen extends Happened {
  readonly kind: 'sign'
  readonly sign: Sign
  readonly where: string | null
  /** 1 a trace, 2 plain, 3 much. */
  readonly amount: 1 | 2 | 3
}
export interface Photo extends Happened {
  readonly kind: 'photo'
  /** SHA-256 of the stored picture, hex. */
  readonly sha256: string
  readonly widthPx: number
  readonly heightPx: number
  /** Pictures of one spot are compared. */
  readonly spot: string
}
export type JournalEvent = Glance | Dose | WaterChange | Trim | PlantsChanged | Death | Purchase | Note | SignSeen | Photo
export type JournalRecord = Reading | JournalEvent
export type RecordKind = JournalRecord['kind']
export const RECORD_KINDS = [
  'reading',
  'glance',
  'dose',
  'change',
  'trim',
  'plants',
  'death',
  'purchase',
  'note',
  'sign',
  'photo',
] as const satisfies readonly RecordKind[]

/** What became of one job on one day. Jobs are derived, never stored; this keys on (ruleId, dueOn). */
export interface JobRecord {
  readonly ruleId: string
  readonly dueOn: string
  readonly state: 'done' | 'skipped' | 'moved'
  /** Only of a moved one: its new day. */
  readonly movedTo: string | null
  readonly reason: string | null
  readonly at: string
  readonly recordedBy: string | null
}

/** One field of the plan that changed its value from a day on. */
export interface SettingChange {
  readonly id: string
  /** Civil date in the tank's zone from which it is in force. */
  readonly effectiveOn: string
  readonly path: string
  readonly from: unknown
  readonly to: unknown
  readonly planRevision: number
  readonly why: string | null
}
