import type { StartMethod, PREPARATIONS, PROGRAMME_STEPS, PreparationCode, ProgrammeCode, ProgrammeStep } from '@jovrin/core'
import { counted } from '../plural.js'
import type { Sentence } from '../tell.js'

type PreparationSentences = { readonly [Code in PreparationCode]: Sentence<(typeof PREPARATIONS)[Code]> }
type ProgrammeSentences = { readonly [Code in ProgrammeCode]: Sentence<(typeof PROGRAMME_STEPS)[Code]['values']> }

const piece = { one: 'piece', other: 'pieces' }

/** The preparations of a build, each a whole sentence. */
export const preparationWords = {
  'dark-start': () => 'If you start dark: lay the ground and fill now, no plants and no light until ammonia and nitrite are gone.',
  'soak-wood': (v, n) =>
    `If you soak the wood (${counted(n.pieces, piece, v.pieces)}): put it in now, weighed down; change the water when it browns. Fixed or weighted wood may go in dry.`,
  'order-ground': (v) => `Order ground: ${v.ground} in the tank.`,
  'paint-fix': (v) => `If you glue or screw: ${v.drying} to dry.`,
  'kit-check': () => 'Filter, heater, lamp, timers: run them for a day, in a bucket or in the tank. Level the stand, then leak-test.',
  cylinder: () => 'Cylinder filled by a licensed filler; new seal, leak test with soapy water, working pressure set.',
  'ph-pen': () => 'Calibrate the pH pen; mix reference solution for the indicator.',
  'water-store': () => 'Start the purifier and fill the barrel.',
  layout: (v, n) => `Lay out stones and wood (${counted(n.pieces, piece, v.pieces)}) dry; photograph; move; photograph again.`,
  'trial-flood': () => 'Trial flood for 24 h, then drain.',
  'plants-order': (v) => `Order plants, about ${v.pots} pots, to arrive the day before.`,
  'plants-arrive': (v) => `Plants arrive (${v.pots} pots): open, keep damp and cool, take out wool and gel, split.`,
  'mix-water': (v) => `Have ${v.water} of water ready, tempered and conditioned.`,
  planting: (v) => `Planting: about ${v.portions} portions, ${v.work}. Spray every ten minutes.`,
  flood: (v) =>
    `Flood: cut the carpet first, then fill with about ${v.water}, slowly, on to a plate. Filter, heater and gas on the same day; nine tenths are changed the day after.`,
} satisfies PreparationSentences

/** The steps of the first weeks. */
export const programmeWords = {
  'change-none': () => 'none',
  'change-large': (v) => `one large, ${v.share}`,
  'change-daily': (v) => `daily, ${v.share}`,
  'change-every-other': (v) => `every other day, ${v.share}`,
  'change-twice': (v) => `twice a week, ${v.share}`,
  'change-regular': (v) => `every ${v.every}, ${v.share}`,
  'light-none': () => 'none',
  'light-step': (v) => `${v.light} at ${v.power}`,
  'gas-none': () => 'none',
  'gas-high-then-less': (v) =>
    `no animals yet: high from the first day under water, up to ${v.most} at gas-off, less over two to three weeks`,
  'gas-before-animals': (v) => `no animals yet: up to ${v.most} at gas-off may be used`,
  'gas-turn-down': () => 'turn it down to 15 mg/L by the day the animals come',
  'gas-with-animals': (v) => `from 15 mg/L up over a week, at most ${v.most} at gas-off`,
  'feed-none': () => 'nothing yet',
  'feed-no-nitrogen': () => 'the ground feeds: no N, no P; K, Mg, traces from day one',
  'feed-by-signs': () => 'N and P when new leaves pale or tests read low',
  'feed-half-or-sign': () => 'half the N and P, sooner if new leaves pale or tests read low; K, Mg, traces in full',
  'feed-quarter': () => 'a quarter',
  'feed-half': () => 'half',
  'feed-full': () => 'in full, by the method',
  'feed-part': (v) => `N and P ${v.nitrogen}, the rest ${v.rest}`,
  'animals-grazers': () => 'grazers, after two tests at zero',
  'animals-fish': () => 'fish, a few at a time',
  'work-melt': () => 'net out melt',
  'work-tests': () => 'test ammonia and nitrite twice a week',
  'work-dark-tests': () => 'test ammonia, nitrite and KH; keep it warm',
  'work-plant': () => 'change nine tenths, then plant',
  'work-mist': () => 'mist daily, film off for some minutes; water below the lowest ground',
  'work-flood': () => 'cut the carpet, flood, filter and gas on',
  'normal-dark-ammonia': () => 'ammonia climbs for weeks; haze, tannin',
  'normal-dark-nitrite': () => 'ammonia falls, nitrite climbs, then falls too',
  'normal-dry-still': () => 'nothing seems to grow: roots come first',
  'normal-dry-mould': () => 'white fluff on wood and dead leaves: air, wipe, take out',
  'normal-dry-creep': () => 'runners creep, new leaves are smaller and firmer',
  'normal-melt-of-carpet': () => 'some air-grown leaves melt; new ones follow',
  'normal-haze': () => 'haze, tannin, a film',
  'normal-melt': () => 'leaves grown in air melt',
  'normal-brown-film': () => 'brown film',
  'normal-green-dust': () => 'green dust, some green spot',
  'normal-settling': () => 'settling',
} satisfies ProgrammeSentences

/** The ways in which a tank may begin. */
export const startMethodWords = {
  wet: 'planted and filled at once',
  dark: 'dark start: filled, cycled without plants and light',
  dry: 'dry start: planted in moist ground, flooded later',
} satisfies Record<StartMethod, string>

export const startupWords = {
  notNormal: 'Never normal: threads, dark tufts, a blue-green mat, a stink.',
  notNormalDry: 'Never normal: mould that spreads over living leaves, stems that turn black and soft, a stink.',
} as const

export const laneWords = {
  change: 'Water',
  light: 'Light',
  gas: 'Gas',
  feed: 'Feed',
  animals: 'Animals',
  work: 'Work',
  normal: 'Normal now',
} satisfies Record<ProgrammeStep['lane'], string>
