import type {
  Moment,
  AnimalState,
  IndicatorColour,
  OutletState,
  PlantCount,
  PlantDeed,
  Raised,
  ReadingQuantity,
  RecordKind,
  Sign,
} from '@jovrin/core'
import { counted } from '../plural.js'

export const momentWords = {
  'gas-on': 'gas on',
  'lights-on': 'lights on',
  'gas-off': 'gas off',
  degassed: 'degassed sample',
} satisfies Record<Moment, string>

export const animalStateWords = { lively: 'lively', hiding: 'hiding', gasping: 'gasping', dead: 'one died' } satisfies Record<
  AnimalState,
  string
>

export const indicatorColourWords = {
  blue: 'blue',
  'blue-green': 'blue-green',
  green: 'green',
  'yellow-green': 'yellow-green',
  yellow: 'yellow',
} satisfies Record<IndicatorColour, string>

export const outletStateWords = { flowing: 'flowing', weak: 'weak', stopped: 'stopped' } satisfies Record<OutletState, string>

export const readingQuantityWords = {
  pH: 'pH',
  alkalinity: 'KH',
  hardness: 'GH',
  ammonia: 'Ammonia (total)',
  nitrite: 'Nitrite',
  nitrate: 'Nitrate',
  phosphate: 'Phosphate',
  potassium: 'Potassium',
  iron: 'Iron',
  temperature: 'Temperature',
  indicator: 'Indicator colour',
  bubbles: 'Bubbles a second',
  lightPower: 'Light power',
  cylinderPressure: 'Cylinder pressure',
  cylinderMass: 'Cylinder on the scale',
  filmDays: 'Days until film shows',
  evaporated: 'Evaporated',
  oxygen: 'Oxygen',
  ppfd: 'Light (PPFD)',
  conductivity: 'Conductivity',
} satisfies Record<ReadingQuantity, string>

export const recordKindWords = {
  reading: 'Reading',
  glance: 'Check',
  dose: 'Dose',
  change: 'Water change',
  trim: 'Trim',
  plants: 'Plants',
  death: 'Death',
  purchase: 'Purchase',
  note: 'Note',
  sign: 'Sign',
  photo: 'Photo',
} satisfies Record<RecordKind, string>

export const plantDeedWords = {
  added: 'added',
  replanted: 'replanted (tops or runners)',
  moved: 'moved',
  thinned: 'thinned out',
  failed: 'failed',
  'given-away': 'given away',
  arrived: 'arrived, kept apart',
} satisfies Record<PlantDeed, string>

/** `told`: the number as the reader writes it. */
export const plantCountWords = {
  count: {
    pot: (count: number, told: string) => counted(count, { one: 'pot', other: 'pots' }, told),
    bunch: (count: number, told: string) => counted(count, { one: 'bunch', other: 'bunches' }, told),
    cup: (count: number, told: string) => counted(count, { one: 'culture cup', other: 'culture cups' }, told),
    portion: (count: number, told: string) => counted(count, { one: 'portion', other: 'portions' }, told),
  } satisfies Record<PlantCount, (count: number, told: string) => string>,
  unit: { pot: 'pots', bunch: 'bunches', cup: 'culture cups', portion: 'portions' } satisfies Record<PlantCount, string>,
} as const

export const raisedWords = {
  'in-air': 'farm-grown, in air',
  'under-water': 'grown under water',
  'in-culture': 'culture cup',
} satisfies Record<Raised, string>

export const signWords = {
  'brown-dust': 'brown dust that wipes off',
  'green-dust': 'green dust on the glass',
  'green-spot': 'hard green spots',
  thread: 'threads',
  beard: 'dark tufts',
  staghorn: 'grey branching tufts',
  'blue-green-mat': 'blue-green slimy mat',
  'green-water': 'green water',
  'surface-film': 'film on the surface',
  haze: 'white haze',
  melt: 'leaves melting',
  'pale-new-leaves': 'new leaves pale',
  'pale-old-leaves': 'old leaves pale',
  pinholes: 'pinholes in leaves',
  'twisted-tips': 'tips twisted or small',
  stalled: 'growth stalled',
  'lower-leaves-lost': 'lower leaves lost',
  gasping: 'animals gasping',
  pearling: 'pearling',
  smell: 'smell',
} satisfies Record<Sign, string>
