import { PLANT_GROUPS } from '../planting/kinds.js'
/** The whole state is one flat Float64Array; these are the slots. Order and units are part of the public checkpoint format (see `MODEL_VERSION`). */

export const GROUP_COUNT = PLANT_GROUPS.length
export const CARPET = 0
export const STEMS = 1
export const FLOATER = 5

export const ALGAE_GUILDS = ['diatom', 'dust', 'hair', 'tuft', 'cyano'] as const
export type AlgaeGuild = (typeof ALGAE_GUILDS)[number]
export const GUILD_COUNT = 5
export const DIATOM = 0
export const DUST = 1
export const CYANO = 4

/** Nutrients that are stored in plants and in the ground: N, P, K, Fe, in this order. */
export const NUTRIENT_COUNT = 4
export const N = 0
export const P = 1
export const K = 2
export const FE = 3

// Dissolved in the water [mg element/L]
export const AMMONIUM = 0
export const NITRITE = 1
export const NITRATE = 2
export const PHOSPHATE = 3
export const POTASSIUM = 4
export const IRON = 5
export const CALCIUM = 6
export const MAGNESIUM = 7
export const SILICON = 8
export const CARBON = 9 // total inorganic carbon [mmol/L]
export const ALKALINITY = 10 // [meq/L]
export const OXYGEN = 11 // [mg/L]
export const DISSOLVED = 12 // 3: C, N, P of labile dissolved organics [mg/L]
export const TANNIN = 15 // [mg C/L]
export const WOOD = 16 // tannin still in the wood [mg C]
export const DETRITUS = 17 // 3: C, N, P on floor and in the filter [mg]
export const SUBMERSED = 20 // 6 groups, tissue grown under water [g DW]
export const EMERSED = 26 // 6 groups, tissue grown in air [g DW]
export const STORE = 32 // 6 groups × 4 nutrients [mg], row = group
export const STRAIN = 56 // 6: excess-light memory [h/day]
export const UNDER_LIGHT = 62 // 6: light at the canopy's bottom [h/day]
export const ALGAE = 68 // 5 guilds [g DW]
export const AMMONIA_OXIDISERS = 73 // [mg DW]
export const NITRITE_OXIDISERS = 74 // [mg DW]
export const BIOFILM = 75 // maturity 0–1
export const FILM = 76 // surface film 0–1
export const GROUND = 77 // 4: exchangeable and in pore water [mg]
export const GROUND_NITRATE = 81 // in pore water [mg]
export const RESERVOIR = 82 // 4: slow store of the ground, tabs too [mg]
export const ACID_BUFFER = 86 // softening left in the ground [meq]
export const SILICA = 87 // soluble, in new ground and stones [mg]
export const USUAL_CO2 = 88 // daylight mean over some days [mg/L]
export const CO2_SWING = 89 // mean relative deviation from it
export const INDICATOR_CO2 = 90 // what an indicator drop sees [mg/L]
export const STATE_SIZE = 91

/** Dry mass [g] of one plant group, both kinds of tissue. */
export const biomassOf = (state: Readonly<Float64Array>, group: number): number => state[SUBMERSED + group]! + state[EMERSED + group]!

export function totalBiomass(state: Readonly<Float64Array>): number {
  let sum = 0
  for (let group = 0; group < GROUP_COUNT; group++) sum += biomassOf(state, group)
  return sum
}

/** What helps algae on: triggers of their growth, and room that no healthy leaf claims. */
export const FEEDERS = ['ammonia', 'organics', 'swings', 'stress', 'bareness'] as const
export type Feeder = (typeof FEEDERS)[number]
