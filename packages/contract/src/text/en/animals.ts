import type { AnimalSpecies, GateCheckKind, GATE_CHECKS } from '@jovrin/core'
import { counted } from '../plural.js'
import type { Sentence } from '../tell.js'

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
