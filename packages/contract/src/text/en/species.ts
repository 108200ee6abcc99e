import type {
  AssumedFrom,
  Confidence,
  GrowthClass,
  LightClass,
  NameStanding,
  PlantForm,
  PlantPlace,
  PlantTrait,
  RunnerClass,
  SanityCode,
  Shade,
} from '@jovrin/core'
import type { RowFault } from '../../species/plantTable.js'

export const plantFormWords = {
  carpet: 'Creeping carpet',
  'grass-runner': 'Grass with runners',
  stem: 'Stem',
  'free-stem': 'Rootless stem',
  rosette: 'Rosette',
  'runner-rosette': 'Rosette with runners',
  bulb: 'Bulb or tuber',
  rhizome: 'Rhizome',
  moss: 'Moss',
  liverwort: 'Thallus',
  'alga-ball': 'Alga ball',
  floater: 'Floater',
} satisfies Record<PlantForm, string>

export const plantPlaceWords = {
  front: 'Front',
  mid: 'Middle',
  back: 'Back',
  hardscape: 'On wood and stone',
  surface: 'Surface',
} satisfies Record<PlantPlace, string>

export const growthClassWords = { fast: 'fast', medium: 'medium', slow: 'slow' } satisfies Record<GrowthClass, string>
export const lightClassWords = { low: 'low', medium: 'medium', high: 'high', 'very-high': 'very high' } satisfies Record<LightClass, string>
export const runnerWords = { none: 'none', 'under-5': 'under 5 cm', '5-15': '5 to 15 cm', 'over-15': 'over 15 cm' } satisfies Record<
  RunnerClass,
  string
>

export const shadeWords = {
  'light-green': 'light green',
  green: 'green',
  'dark-green': 'dark green',
  olive: 'olive',
  bronze: 'bronze',
  brown: 'brown',
  yellow: 'yellow',
  orange: 'orange',
  pink: 'pink',
  red: 'red',
  purple: 'purple',
} satisfies Record<Shade, string>

/** Every class of every trait, by the trait. */
export const plantClassWords = {
  carbon: { none: 'not needed', helps: 'helps', needed: 'needed' },
  ease: { easy: 'easy', medium: 'medium', demanding: 'demanding' },
  hardness: { soft: 'soft water (KH up to 3)', any: 'any', 'hard-liking': 'likes hard water' },
  feeding: { root: 'through roots', both: 'roots and water', column: 'from the water' },
  attaches: { must: 'only on wood or stone', can: 'on wood or stone too', no: 'in the ground' },
  melt: { none: 'none', slight: 'slight (under 20 % of leaves)', marked: 'marked (20 to 60 %)', full: 'full (over 60 %)' },
  resprouts: { well: 'sprouts again well', poorly: 'sprouts again poorly', no: 'does not sprout again' },
  tops: { replant: 'replant the tops', discard: 'discard the cuttings' },
  dryStart: { good: 'good', possible: 'possible', no: 'no' },
  redNeeds: { none: '–', light: 'light', 'light-and-lean-nitrogen': 'light and little nitrogen' },
  legal: {
    'none-known': 'no listing known: check the list where you live',
    'listed-somewhere': 'listed in some places: check the list where you live',
    'widely-listed': 'listed in many places, often forbidden: check the list where you live',
  },
  soldAs: {
    'pot-emersed': 'pot, grown in air',
    'pot-submersed': 'pot, grown under water',
    cup: 'culture cup',
    bunch: 'bunch',
    mat: 'mat',
    loose: 'loose',
  },
  sensitiveTo: {
    copper: 'copper',
    glutaral: 'glutaral',
    peroxide: 'peroxide',
    salt: 'salt',
    'sudden-change': 'sudden changes',
    moving: 'being moved',
    'fresh-ammonia': 'ammonia of a fresh ground',
    'hard-water': 'hard water',
    heat: 'heat',
    shade: 'shade',
    grazers: 'grazing animals',
  },
  outline: {
    linear: 'linear',
    ribbon: 'ribbon',
    lanceolate: 'lanceolate',
    elliptic: 'elliptic',
    ovate: 'ovate',
    round: 'round',
    spoon: 'spoon-shaped',
    heart: 'heart-shaped',
    arrow: 'arrow-shaped',
    pinnate: 'pinnate',
    divided: 'finely divided',
    needle: 'needle',
    frond: 'small frond',
    clover: 'clover',
    thallus: 'thallus',
    feathery: 'feathery',
  },
  margin: { entire: 'entire', wavy: 'wavy', toothed: 'toothed', lobed: 'lobed' },
  habit: { upright: 'upright', bushy: 'bushy', arching: 'arching', creeping: 'creeping', hanging: 'hanging', cushion: 'cushion' },
  arrangement: {
    opposite: 'opposite',
    alternate: 'alternate',
    whorl: 'whorls',
    rosette: 'rosette',
    distichous: 'in two rows',
    'single-on-runner': 'single, along a runner',
  },
} as const

export const traitWords = {
  form: 'Form',
  kind: 'Grows with',
  places: 'Place',
  matureHeightCm: 'Grown height',
  reachesSurface: 'Reaches the surface',
  plantingHeightCm: 'Height as planted',
  spreadCm: 'Width of a grown plant',
  spacingCm: 'Spacing',
  leafLengthCm: 'Leaf length',
  leafWidthCm: 'Leaf width',
  outline: 'Leaf outline',
  margin: 'Leaf margin',
  habit: 'Habit',
  arrangement: 'Leaves stand',
  leavesPerNode: 'Leaves at a node',
  internodeStrongCm: 'Internode in strong light',
  internodeWeakCm: 'Internode in weak light',
  colour: 'Colour',
  redNeeds: 'Red needs',
  doublingDays: 'Doubles its mass in',
  riseStrongCmPerWeek: 'Rises a week, strong light and gas',
  riseWeakCmPerWeek: 'Rises a week, weak light',
  light: 'Light at the plant',
  carbon: 'Gas',
  temperatureC: 'Temperature',
  hardness: 'Water',
  feeding: 'Feeds',
  melt: 'Melt at the start',
  newLeavesPotWeeks: 'New leaves after, from a pot',
  newLeavesCupWeeks: 'New leaves after, from a cup',
  soldAs: 'Sold as',
  attaches: 'Stands',
  buriedRots: 'Rots when buried',
  runnerCm: 'Runners within 8 weeks',
  portionsPerPot: 'Portions in a pot',
  portionsPerBunch: 'Portions in a bunch',
  portionsPerCup: 'Portions in a cup',
  startGPerPot: 'Dry mass of a pot',
  closingStartCm: 'A portion covers at first (radius)',
  closingCmPerWeek: 'Spreads a week (radius)',
  closingLagWeeks: 'Weeks until it spreads',
  trimIntervalWeeks: 'Weeks between trims',
  cutBackCm: 'Cut back to',
  resprouts: 'After a cut',
  tops: 'Cuttings',
  ease: 'Ease',
  dryStart: 'Dry start',
  sensitiveTo: 'Sensitive to',
  legal: 'Legal',
} satisfies Record<PlantTrait, string>

export const confidenceWords = {
  A: 'well documented',
  B: 'commonly reported',
  C: 'estimate',
} satisfies Record<Confidence, string>
export const assumedWords = {
  species: 'as in the species',
  genus: 'assumed, from the genus',
  form: 'assumed, from its form of growth',
} satisfies Record<AssumedFrom, string>
/** The year of the names: opinions move. */
export const NAMES_AS_OF = '2024'
export const nameStandingWords = {
  settled: `Name as of ${NAMES_AS_OF}.`,
  divided: `Name as of ${NAMES_AS_OF}: authors differ, or it moved of late.`,
  'often-wrong': `Name as of ${NAMES_AS_OF}: what is sold under it is often another plant.`,
} satisfies Record<NameStanding, string>

export const sanityWords = {
  twice: (line: string) => `This plant stands in line ${line} already.`,
  noParent: (id: string) => `There is no plant “${id}” whose form this could be.`,
  unanswered: 'Neither this row nor its genus or form says it. Give it, or give the form of growth.',
  fault: {
    'range-turned': 'The figure lies outside its own range: write it as 25 (15-40).',
    'wide-and-sure': 'A range wider than fourfold is an estimate: mark it C.',
    'light-turned': 'It would need more light to live than to be well.',
    'temperature-turned': 'What it bears must reach at least as far as where it is well: 18 (22-28) 31.',
    'planted-taller': 'It would be planted taller than it grows.',
    'carpet-tall': 'A carpet is no taller than 12 cm. Choose another group, or a lower height.',
    'gas-in-the-dark': 'A plant that needs gas does not do well in light under 40 µmol/m²/s.',
    'floater-elsewhere': 'A floater stands at the surface, and reaches it.',
    'rhizome-buried': 'A rhizome plant must be able to stand on wood or stone.',
    'rise-turned': 'It would rise faster in weak light than in strong.',
    'internode-turned': 'Its internodes would be longer in strong light than in weak.',
    'whorl-of-few': 'A whorl has three leaves or more.',
    'red-without-red': 'It asks for light to redden, but its colour in strong light is none of the warm ones.',
    'moss-with-roots': 'Mosses have no roots to feed through.',
    'kind-of-form': 'A floater in form is a floater in the model, and the other way round.',
    'too-close': 'Its portions would stand farther apart than twice its width.',
  } satisfies Record<SanityCode, string>,
} as const

const rowFault = {
  'not-a-figure': (text: string) => `“${text}” is not a figure. Write 25, or better 25 (15-40).`,
  'out-of-range': (text: string) => `“${text}” is outside what this can be.`,
  'range-turned': (text: string) => `“${text}” is turned round: write low ends before high ones, and the figure between them.`,
  'not-a-class': (text: string, allowed = '') => `“${text}” is not one of: ${allowed}.`,
  'not-yes-or-no': (text: string) => `“${text}” is neither yes nor no.`,
  'not-a-temperature': (text: string) => `“${text}” is no temperature range. Write 18 (22-28) 31: bears, is well from, to, bears.`,
  empty: () => 'This is empty, but the column beside it is not: both belong together.',
  'unknown-column': () => 'There is no such column. Delete it, or correct its name.',
  'no-name': () => 'The row has no name.',
  'bad-id': (text: string) => `“${text}” is no id: small letters, digits and hyphens, 80 at most.`,
} satisfies Record<RowFault, (text: string, allowed?: string) => string>
/** Why a row of a table of plants is refused. */
export const plantRowFaultWords = (fault: RowFault, text: string, allowed?: readonly string[]): string =>
  rowFault[fault](text, (allowed ?? []).join(', '))
