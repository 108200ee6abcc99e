import type { JobKind, JobValues } from '@jovrin/core'
import { counted } from '../plural.js'
import type { Sentence } from '../tell.js'

/** Nobody told how many: nothing is said of it. */
const someOf = (told: string, count: number): string =>
  count === 0 ? '' : `${counted(count, { one: 'animal', other: 'animals' }, told)}, `

/** What a job is called. */
export const jobTitleWords = {
  'dark-start': 'Fill, if you start dark',
  'soak-wood': 'Soak the wood, if it floats or stains',
  'order-ground': 'Order the ground',
  'kit-check': 'Run the kit, level, leak-test',
  cylinder: 'Gas: cylinder filled, leak test',
  'ph-pen': 'Calibrate the pH pen',
  'water-store': 'Fill the barrel',
  'plants-order': 'Order the plants',
  layout: 'Lay out stones and wood',
  'paint-fix': 'Glue and screw',
  'trial-flood': 'Trial flood',
  'plants-arrive': 'Plants arrive',
  'mix-water': 'Make the water ready',
  planting: 'Plant',
  flood: 'Flood the tank',
  mist: 'Mist and air',
  mould: 'Look for mould',
  change: 'Change water',
  'light-step': 'Light, next step',
  'gas-check': 'Check the gas',
  dose: 'Dose',
  'dose-to-level': 'Test and dose to level',
  'test-nitrogen': 'Test ammonia and nitrite',
  'test-water': 'Test the water',
  trim: 'Trim',
  glass: 'Wipe the glass',
  filter: 'Clean the filter',
  diffuser: 'Clean the diffuser',
  counter: 'Look after the bubble counter',
  tabs: 'Renew root tabs',
  release: 'Plants kept apart may go in',
  'weigh-cylinder': 'Weigh the cylinder',
  photo: 'Same-spot photo',
  melt: 'Net out melt',
  grazers: 'Grazers may come',
  fish: 'Fish may come',
  'away-stock': 'Before you leave: stocks',
  'away-light': 'Light for the absence',
  'away-check': 'Before you leave: last look',
  'away-visit': 'Visit while you are away',
  'away-back': 'Back home: first look',
  'order-gas': 'Order CO2',
  'swap-cylinder': 'Swap the cylinder',
} satisfies Record<JobKind, string>

type JobSentences = { readonly [Kind in JobKind]: Sentence<JobValues[Kind]> }

const piece = { one: 'piece', other: 'pieces' }
const pot = { one: 'pot', other: 'pots' }
const nothingMore = (): string => ''

/** What a job asks for besides its title; '' where the title says it all. */
export const jobTaskWords = {
  'dark-start': nothingMore,
  'soak-wood': (v, n) => counted(n.pieces, piece, v.pieces),
  'order-ground': (v) => v.ground,
  'kit-check': nothingMore,
  cylinder: nothingMore,
  'ph-pen': nothingMore,
  'water-store': nothingMore,
  'plants-order': (v, n) => counted(n.pots, pot, v.pots),
  layout: (v, n) => counted(n.pieces, piece, v.pieces),
  'paint-fix': (v) => `${v.drying} to dry`,
  'trial-flood': nothingMore,
  'plants-arrive': (v, n) => counted(n.pots, pot, v.pots),
  'mix-water': (v) => v.water,
  planting: (v, n) => counted(n.portions, { one: 'portion', other: 'portions' }, v.portions),
  flood: (v) => v.water,
  mist: () => 'until the leaves shine; film off for five minutes; water below the lowest ground; no sun on the glass',
  mould: () => 'wipe fluff off wood, take dead leaves out, open the film a little wider where it comes back',
  change: (v) => `${v.water} (${v.share})`,
  'light-step': (v) => `${v.light} at ${v.power}`,
  'gas-check': () => 'pH at gas-on, lights-on and gas-off; indicator; animals',
  dose: nothingMore,
  'dose-to-level': (v) =>
    `nitrate ${v.nitrate}, phosphate ${v.phosphate}, potassium ${v.potassium}, magnesium ${v.magnesium}, iron ${v.iron}`,
  'test-nitrogen': () => 'two tests at zero, a day apart, before animals',
  'test-water': () => 'pH, KH, nitrate, phosphate',
  trim: () => 'shake wet, weigh; check gas the same day; net scraps',
  glass: nothingMore,
  filter: () => 'in tank water; power off, heater cooled',
  diffuser: () => 'bleach bath outside, rinse, dechlorinate, dry',
  counter: () => 'topped up, with glycerine if it may; soapy water on its joints',
  tabs: (v, n) =>
    `${counted(n.tabs, { one: 'tab', other: 'tabs' }, v.tabs)}, deep in the ground where the map marks them; one that comes up is netted out and half the water changed`,
  release: (v, n) =>
    `${counted(n.portions, { one: 'portion', other: 'portions' }, v.portions)}; look for snails, eggs and thread algae, rinse, plant, and log them as added; farm-grown ones meet no shrimps before two to four weeks in water that was changed`,
  'weigh-cylinder': nothingMore,
  photo: nothingMore,
  melt: () => 'leaves grown in air dissolve now; take them out',
  grazers: (v, n) => `${someOf(v.animals, n.animals)}after two tests at zero; gas turned down first; drip by drip`,
  fish: (v, n) => `${someOf(v.animals, n.animals)}after two tests at zero; gas turned down first; a few at a time, drip by drip`,
  'away-stock': () => 'gas, bottles, food in dated portions, water for topping up: for half as many days again; who looks in is asked',
  'away-light': (v) =>
    `${v.light} at ${v.power}: the timer of the lamp, and of the gas where there is one, so that none flows in the dark; feed goes with it`,
  'away-check': () =>
    'water to the full line; every timer by one clock; gas shuts at night; portions, jug and card laid out; picture of normal taken',
  'away-visit': () => 'as the card says: look, food of the day, water to the line, nothing else',
  'away-back': () => 'animals first: breathing, number; then the water line, the gas, the smell of the outlet; dead leaves out',
  'order-gas': () => 'the scale says that a tenth is left in two weeks',
  'swap-cylinder': () => 'the scale says that a tenth is left; below it pressure falls, and the gas may surge',
} satisfies JobSentences

/** In which order a job is done safely, where that matters; the end check last. */
export const jobOrderWords: { readonly [Kind in JobKind]?: string } = {
  flood:
    'Lamp unplugged while hands are in. Carpet cut to half, cuttings netted out. Tempered water, conditioned, slowly on to a plate or film until the ground is covered; stay while it fills. Then filter, heater and skimmer, then lamp and gas. No animals: gas may stand high now. Fast plants may be added.',
  change:
    'Heater, canister and ultraviolet off, the heater 15 minutes to cool. New water conditioned (the hose straight in: for the whole tank, before it runs) and within {2 K}. Stay while it fills. Then: heater, filter, gas, lamp on?',
  diffuser:
    'Gas shut at the needle. Bath outside the tank, gloves and eye protection, a window open: household bleach 1 to 20 of water without scent or thickener, half an hour at most for ceramic; nothing acid or with ammonia near it. Rinse, then an hour in water with twice the conditioner, until no smell is left. Back in, gas on, bubbles counted, indicator read at gas-off: a clean disc gives more gas.',
  counter:
    'Gas shut at the needle, pressure let down. Fill it as its leaflet says: glycerine or oil does not dry up, water does in weeks. Closed, gas on, soapy water on the joints, bubbles counted anew: they differ by the liquid.',
  'swap-cylinder':
    'Windows open. Timer off, cylinder valve shut, pressure let down through the line, needle shut. New cylinder upright and chained before the regulator goes on; a new seal, no oil or grease, tightened as the connector asks. Opened slowly, soapy water on the joints, the gauge watched for an hour with the cylinder shut. Needle opened little by little, bubbles counted, indicator read at gas-off. Then weigh it with its regulator, and log it.',
  filter: 'Power off, heater cooled. Rinse media in tank water, never from the tap. Then: heater, filter, gas on?',
}

/** One portion of a day's doses. What no scale can weigh is dosed from a stock; iron stands for the traces that come with it. */
export const portionWords = {
  weighed: (name: string, grams: string) => `${name} ${grams}`,
  ofStock: (name: string, ml: string, inG: string) => `${name} ${ml} of stock (${inG} in 500 mL)`,
  ofBottle: (name: string, ml: string) => `${name} ${ml}`,
  ofGuess: (ml: string) => `about ${ml} of the bottle; its label decides`,
} as const

export const calendarFileWords = {
  fileName: (name: string) => `${name}: care`,
  fileNameAll: 'Tanks: care',
} as const
