import type { AnimalSpecies, Gate, GateAnswer, GateCheckKind, GATE_CHECKS, Zone } from '@jovrin/core'
import { counted } from '../../plural.js'
import type { Sentence } from '../../tell.js'

/** The sheet of the animals. */
export const animalsWords = {
  none: 'No animals are planned. Search a species and plan it for a day, or describe who lives here already.',
  search: 'Species, by any of its names',
  searchLabel: 'Add a species',
  noneFound: 'No animal of the library has that name.',
  addUnknown: 'Add animals of an unknown kind',
  some: { 'some-grazers': 'Grazing shrimps, kind unknown', 'some-fish': 'Fish, kind unknown' } as Readonly<Record<string, string>>,
  someOf: (count: string, name: string) => `${count} ${name}`,
  noneAnyMore: 'none any more',
  origin: 'From where',
  originWhy: 'Shop, breeder, another tank: who to ask when something comes up.',
  delete: (name: string) => `Delete ${name}`,
  register: 'Who lives here, and who is to come',
  here: (day: string) => `in since day ${day}`,
  toCome: (day: string) => `to come on day ${day}`,
  lost: (count: number, told: string) => `${counted(count, { one: 'loss', other: 'losses' }, told)} in the journal`,
  setTo: (count: string) => `Set to ${count} from today`,
  move: {
    open: 'Move …',
    openOf: (name: string) => `Move ${name} to another tank`,
    title: (name: string) => `Move ${name} to another tank`,
    to: 'To tank',
    count: 'How many',
    go: 'Move today',
    note: 'They stand there as a group of today, and less of them here. Look at that tank’s gate first, and never move animals out of a tank with sick ones.',
    done: (count: string, name: string, tank: string) => `${count} ${name} moved to ${tank}. Each tank’s Undo takes its own half back.`,
    failed: (tank: string) => `${tank} could not be changed; nothing was moved.`,
    noOther: 'There is no other tank to move them to.',
  },
  load: 'Food and load',
  foodSum: 'What they need, once all are in',
  foodNow: 'Fed today',
  nitrogen: 'Nitrogen in it',
  loadClass: 'Load',
  perL: (mg: string) => `${mg} of food a day for each litre`,
  classes: {
    none: 'no load',
    light: 'light: nitrogen has to be dosed',
    medium: 'medium',
    heavy: 'heavy: nitrogen perhaps not dosed at all, and many changes',
  },
  grazers: 'They graze like so many algae shrimps',
  film: 'Film to eat today, by the model',
  filmTold: (here: string, low: string, high: string) => `${here} a day for one more algae shrimp (${low} to ${high})`,
  ripeness: 'Ripeness of the biofilm, by the model',
  hungry: (least: string) =>
    `Under ${least} a day grazers go hungry: fewer of them, or blanched greens and tablets besides. They never make up for gas, light or plants.`,
  order: 'In which order, and may they',
  orderWhy: 'Groups a week apart, cleaners first. The model runs this tank’s life ahead with all of them in.',
  inGroups: 'Put those to come in groups a week apart',
  filmSeen: 'Film seen on glass, stones or wood',
  filmSeenWhy: 'Brown or green film that a finger smears. Suckermouths starve without it, whatever the week.',
  yes: 'yes',
  no: 'no',
  heads: { day: 'Day', who: 'Who', food: 'Of all food', ammonia: 'Ammonia after it', oxygen: 'Oxygen by night', gate: 'Today' },
  waits: 'The model runs …',
  tooMuch: 'too much for animals',
  band: (value: string, low: string, high: string) => `${value} (${low} to ${high})`,
  shareOf: (share: string) => `about ${share}`,
  inNow: 'in',
  verdict: {
    wait: 'Not yet: something speaks against it.',
    ask: 'Not known yet: look first.',
    may: 'Nothing known speaks against it today. Nobody can call it safe.',
  } satisfies Record<Gate['verdict'], string>,
  shortVerdict: { wait: 'not yet', ask: 'look first', may: 'nothing known against it' } satisfies Record<Gate['verdict'], string>,
  mark: { met: '✓', 'not-met': '✕', unknown: '?' } satisfies Record<GateAnswer, string>,
  answer: { met: 'so', 'not-met': 'not so', unknown: 'not known' } satisfies Record<GateAnswer, string>,
  gateOf: (name: string) => `May ${name} come today?`,
  drip: 'Bring them in, drip by drip',
  dripWhy: 'The water they come in, from the shop or a strip; unknown takes the least.',
  bag: 'Water they come in',
  bagC: 'Temperature',
  steps: {
    dim: 'Lamps off. Gas was turned down the day before.',
    float: (minutes: string) => `Float the closed bag for ${minutes}.`,
    drip: (minutes: string, litres: string, rate: string) =>
      `Then into a clean bucket, and drip ${litres} of tank water to them within ${minutes}: about ${rate}, cool ones wrapped or heated.`,
    heldBy: {
      hardnessMmolPerL: 'The GH takes the time.',
      alkalinityMeqPerL: 'The KH takes the time.',
    },
    ammonia:
      'Travelled for more than six hours: their water may hold ammonia, which turns toxic as soon as the open bag loses its CO2. Put a binder in it first; without one do not drip, but net them over as soon as the warmth is the same.',
    net: 'Net them over. Their water goes down the drain, never into the tank.',
    after: 'No food and little light that day. Look at their breathing after one hour and before lights-on; test ammonia on day 2 and 5.',
  },
  unhurried:
    'Two to four weeks in a tank of their own keep pests and sickness out: enter them there first, and here for the day on which they move.',
  zone: { top: 'top', mid: 'middle', bottom: 'bottom', all: 'everywhere' } satisfies Record<Zone, string>,
  zoneLine: (zone: string, who: string) => `${zone}: ${who}`,
  zoneEmpty: (zone: string) => `${zone}: nobody`,
  sheetDescription: (name: string) => `${name} from the front, with who lives at the top, in the middle and at the bottom`,
  library: {
    find: 'Find an animal',
    count: (count: number, told: string) => counted(count, { one: 'animal', other: 'animals' }, told),
    hint: 'What four of five well-kept tanks show, and in brackets what is borne. A: well documented, B: commonly reported, C: estimate. Names move; older ones find them too. Whether a species may be kept where you live, the list there tells.',
    head: {
      name: 'Name',
      size: 'Grown',
      warmth: 'Warmth',
      pH: 'pH',
      gh: 'GH',
      kh: 'KH',
      least: 'At least',
      litres: 'From',
      week: 'From week',
      traits: 'What it does and wants',
      confidence: 'Trust',
    },
  },
  facts: {
    size: (cm: string) => `up to ${cm}`,
    warmth: (low: string, high: string) => `${low} to ${high}`,
    least: (count: string) => `from ${count} on`,
    litres: (litres: string) => `from ${litres} on`,
  },
} as const

type Checks = typeof GATE_CHECKS
type GateSentences = {
  readonly [Check in GateCheckKind]: { readonly met: string; readonly 'not-met': Sentence<Checks[Check]>; readonly unknown: string }
}
const NOT_ASKED = ''
/** What each check of the gate says, by its answer. */
export const gateWords: GateSentences = {
  together: {
    met: 'Plants and water are together.',
    'not-met': () => 'Plants and water are not together yet.',
    unknown: NOT_ASKED,
  },
  tests: {
    met: 'Ammonia and nitrite were at zero twice, by the lowest step of the kit.',
    'not-met': () => 'Ammonia and nitrite have not both been at zero twice, a day or more apart.',
    unknown: 'Ammonia and nitrite were not tested of late.',
  },
  toxic: {
    met: 'No toxic share of ammonia, no nitrite.',
    'not-met': () => 'Un-ionised ammonia or nitrite is in the range that troubles animals, or would be with the gas driven out.',
    unknown: 'The toxic share is not known: it takes ammonia and the pH of the same days.',
  },
  losses: {
    met: 'No losses in the last two weeks.',
    'not-met': (v, n) => `${counted(n.lost, { one: 'animal', other: 'animals' }, v.lost)} died within two weeks: find the cause first.`,
    unknown: NOT_ASKED,
  },
  gas: {
    met: 'Gas is turned down.',
    'not-met': (v) =>
      `CO2 comes to about ${v.peak} at gas-off: turn it down to ${v.most} the day before, then up again over a week by their breathing.`,
    unknown: 'CO2 is not known: pH and KH at gas-off, or the indicator’s colour.',
  },
  pH: {
    met: 'The pH is one that they bear.',
    'not-met': (v) => `The highest pH of the week was ${v.here}; they bear ${v.low} to ${v.high}.`,
    unknown: 'The pH was not measured of late.',
  },
  week: {
    met: 'The tank is old enough.',
    'not-met': (v) => `Usually not before day ${v.earliest} from planting; today is day ${v.here}.`,
    unknown: NOT_ASKED,
  },
  biofilm: {
    met: 'The biofilm is ripe enough, by the model.',
    'not-met': (v) => `The biofilm is ripe to ${v.here} by the model; they want ${v.least}.`,
    unknown: 'How ripe the biofilm is, the model has not told yet.',
  },
  'mature-film': {
    met: 'Film is ripe by the model, and seen.',
    'not-met': (v) =>
      `No film to live on: none is seen, or the model finds it ripe to ${v.here} only; they want ${v.least} and film that is seen.`,
    unknown: 'Look whether brown or green film is on glass, stones or wood.',
  },
  food: {
    met: 'There is film for them to live on.',
    'not-met': () => 'No film is seen: they live on it. Wait, or feed greens and tablets from the first day.',
    unknown: 'By the model there is little film to live on: look whether you see some.',
  },
  stable: {
    met: 'No setting was changed for four weeks.',
    'not-met': (v) => `The last change of a setting was ${v.days} ago; they want ${v.least} without one.`,
    unknown: NOT_ASKED,
  },
  rooted: {
    met: 'Plants have had eight weeks to root.',
    'not-met': (v) =>
      `They turn the ground over: wait until plants have rooted, about day ${v.earliest} from planting; today is day ${v.here}.`,
    unknown: NOT_ASKED,
  },
  apart: {
    met: 'The last group came a week ago or more.',
    'not-met': (v) => `The last group came ${v.days} ago; leave ${v.least} between groups.`,
    unknown: NOT_ASKED,
  },
  company: {
    met: 'Nobody here eats or harasses them, nor they anybody.',
    'not-met': () => 'They do not go together with somebody who lives here.',
    unknown: NOT_ASKED,
  },
}

/** Traits of an animal as one line. */
export const animalTraitWords = {
  gas: { sensitive: 'little CO2', ordinary: 'usual CO2' },
  jumps: { no: '', may: 'may jump or climb', readily: 'jumps' },
  digs: { no: '', sifts: 'sifts the ground', digs: 'digs' },
  eatsPlants: { no: '', tender: 'eats tender plants', yes: 'eats plants' },
  eatsShrimp: { no: '', young: 'eats young shrimps', adult: 'eats shrimps' },
  cover: { 'needs-cover': 'needs hiding places', 'cover-helps': '', open: '' },
  flow: { still: 'still water', gentle: '', brisk: 'flowing water' },
  legal: {
    'none-known': '',
    'listed-somewhere': 'listed in some places: check yours',
    'widely-listed': 'often forbidden: check the list where you live',
  },
} as const satisfies {
  readonly [Trait in 'gas' | 'jumps' | 'digs' | 'eatsPlants' | 'eatsShrimp' | 'cover' | 'flow' | 'legal']: Record<
    AnimalSpecies[Trait],
    string
  >
}
