import type { AnimalKind, AnimalSpecies } from './traits.js'

/** How much of a body a length makes. */
export const BODIES = ['slender', 'ordinary', 'deep'] as const
export type Body = (typeof BODIES)[number]
/** Ways of grazing, as they are listed in `grazing.ts`. */
export const GRAZERS = [
  'algae-shrimp',
  'dwarf-shrimp',
  'nerite',
  'ramshorn',
  'small-suckermouth',
  'bristlenose',
  'algae-barb',
  'molly',
] as const
export type GrazerKind = (typeof GRAZERS)[number]

type FromKind =
  | 'leastCount'
  | 'hasRivals'
  | 'isAlone'
  | 'leastL'
  | 'leastLengthCm'
  | 'zone'
  | 'jumps'
  | 'digs'
  | 'eatsPlants'
  | 'eatsShrimp'
  | 'eatsSnails'
  | 'nipsFins'
  | 'hasLongFins'
  | 'gas'
  | 'cover'
  | 'flow'
  | 'breeds'
  | 'copper'
  | 'earliestWeek'
  | 'needs'
  | 'legal'
/** What a row says itself, or takes from its kind. */
export interface KindTraits extends Pick<AnimalSpecies, FromKind> {
  /** `null`: it is not fed by its weight, but what is left over. */
  readonly body: Body | null
  readonly graze: GrazerKind | null
  readonly years: readonly [low: number, value: number, high: number]
}

const FISH: KindTraits = {
  leastCount: 8,
  hasRivals: false,
  isAlone: false,
  leastL: 60,
  leastLengthCm: 60,
  zone: 'mid',
  jumps: 'may',
  digs: 'no',
  eatsPlants: 'no',
  eatsShrimp: 'young',
  eatsSnails: false,
  nipsFins: false,
  hasLongFins: false,
  gas: 'ordinary',
  cover: 'cover-helps',
  flow: 'gentle',
  breeds: 'no',
  copper: 'care',
  earliestWeek: 4,
  needs: ['tests-zero'],
  legal: 'none-known',
  body: 'ordinary',
  graze: null,
  years: [2, 4, 6],
}
const CRUSTACEAN: KindTraits = {
  ...FISH,
  leastCount: 5,
  leastL: 20,
  leastLengthCm: 30,
  zone: 'bottom',
  eatsShrimp: 'no',
  copper: 'deadly',
  body: null,
  years: [1, 2, 3],
}

/** What the animals of a kind have in common. General practice among keepers; a species' own row goes before it. */
export const ANIMALS_OF_KIND: Readonly<Record<AnimalKind, KindTraits>> = {
  snail: {
    ...CRUSTACEAN,
    leastCount: 1,
    leastL: 10,
    leastLengthCm: 20,
    cover: 'open',
    earliestWeek: 2,
    graze: 'nerite',
  },
  'algae-shrimp': { ...CRUSTACEAN, leastL: 40, leastLengthCm: 40, earliestWeek: 3, graze: 'algae-shrimp', years: [2, 4, 6] },
  'small-shoaling-fish': FISH,
  livebearer: { ...FISH, leastCount: 6, zone: 'all', breeds: 'freely', eatsPlants: 'no' },
  'dwarf-shrimp': {
    ...CRUSTACEAN,
    leastCount: 10,
    gas: 'sensitive',
    breeds: 'slowly',
    earliestWeek: 5,
    needs: ['tests-zero', 'biofilm'],
    graze: 'dwarf-shrimp',
  },
  prawn: { ...CRUSTACEAN, leastL: 60, leastLengthCm: 60, eatsShrimp: 'young', jumps: 'readily' },
  'bottom-fish': { ...FISH, leastCount: 6, zone: 'bottom', digs: 'sifts', earliestWeek: 5, needs: ['tests-zero', 'rooted'] },
  'algae-eating-fish': {
    ...FISH,
    leastCount: 5,
    jumps: 'readily',
    flow: 'brisk',
    zone: 'all',
    eatsPlants: 'tender',
    earliestWeek: 6,
    needs: ['tests-zero', 'biofilm'],
    graze: 'algae-barb',
    years: [5, 8, 10],
  },
  'mid-shoaling-fish': { ...FISH, earliestWeek: 5 },
  'labyrinth-fish': { ...FISH, leastCount: 1, zone: 'top', hasRivals: true, earliestWeek: 5 },
  'surface-fish': { ...FISH, leastCount: 10, zone: 'top', jumps: 'readily', earliestWeek: 6 },
  rainbowfish: { ...FISH, jumps: 'readily', flow: 'brisk', earliestWeek: 6 },
  killifish: { ...FISH, leastCount: 3, zone: 'top', jumps: 'readily', earliestWeek: 6, years: [1, 2, 3] },
  suckermouth: {
    ...FISH,
    leastCount: 6,
    zone: 'bottom',
    eatsShrimp: 'no',
    earliestWeek: 7,
    needs: ['tests-zero', 'mature-film'],
    graze: 'small-suckermouth',
    years: [3, 5, 8],
  },
  crayfish: {
    ...CRUSTACEAN,
    leastCount: 1,
    hasRivals: true,
    digs: 'digs',
    eatsPlants: 'tender',
    eatsShrimp: 'young',
    eatsSnails: true,
    cover: 'needs-cover',
    earliestWeek: 6,
  },
  'fan-shrimp': { ...CRUSTACEAN, leastCount: 2, flow: 'brisk', earliestWeek: 8, needs: ['tests-zero', 'mature-film'], years: [3, 5, 8] },
  'micro-predator': { ...FISH, leastCount: 1, eatsShrimp: 'adult', cover: 'needs-cover', earliestWeek: 8 },
  'dwarf-cichlid': {
    ...FISH,
    leastCount: 2,
    zone: 'bottom',
    hasRivals: true,
    digs: 'sifts',
    cover: 'needs-cover',
    eatsShrimp: 'adult',
    breeds: 'slowly',
    earliestWeek: 8,
    needs: ['tests-zero', 'stable'],
    years: [2, 3, 5],
  },
  'plant-eating-fish': {
    ...FISH,
    leastCount: 5,
    leastL: 400,
    leastLengthCm: 150,
    eatsPlants: 'yes',
    eatsShrimp: 'adult',
    earliestWeek: 8,
    years: [8, 12, 20],
  },
  'large-cichlid': {
    ...FISH,
    leastCount: 5,
    hasRivals: true,
    eatsShrimp: 'adult',
    cover: 'needs-cover',
    earliestWeek: 10,
    needs: ['tests-zero', 'stable'],
    years: [7, 10, 14],
  },
}
