import type { Chemistry } from './chemistry.js'
import { FILTER_START, type FilterStart } from './filterStart.js'
import type { Site } from './forcing.js'
import type { TapWater } from '../water/tapOf.js'
import {
  ACID_BUFFER,
  ALGAE,
  ALKALINITY,
  AMMONIA_OXIDISERS,
  AMMONIUM,
  BIOFILM,
  CALCIUM,
  CARBON,
  CO2_SWING,
  DIATOM,
  EMERSED,
  GROUND,
  GROUP_COUNT,
  GUILD_COUNT,
  INDICATOR_CO2,
  IRON,
  MAGNESIUM,
  NITRATE,
  NITRITE_OXIDISERS,
  NUTRIENT_COUNT,
  OXYGEN,
  PHOSPHATE,
  POTASSIUM,
  RESERVOIR,
  SILICA,
  SILICON,
  STATE_SIZE,
  STORE,
  STRAIN,
  SUBMERSED,
  UNDER_LIGHT,
  USUAL_CO2,
  WOOD,
} from './state.js'

/** Fresh tap water holds more CO2 than the room's air would leave in it. Rule of thumb 1–3 times. */
export const TAP_CO2_OVER_AIR = 1.5
/** What new plants are taken to be used to [mg/L], and how far it swings. Rules of thumb. */
export const FIRST_USUAL_CO2 = 8
export const FIRST_CO2_SWING = 0.1

export interface StartOptions {
  readonly site: Site
  readonly tap: TapWater
  readonly temperatureC: number
  readonly chemistry: Chemistry
  readonly plantG: readonly number[]
  /** Share of each group's tissue that grew in air, 0–1. */
  readonly emersedShare: readonly number[]
  /** Stores of new plants, g/gDW. */
  readonly storeShare: readonly number[]
  readonly groundMg: readonly number[]
  readonly reservoirMg: readonly number[]
  readonly silicaMg: number
  readonly woodMgC: number
  readonly filter: FilterStart
}

/** Spores and films that ride in on plants and stones [g per 0.54 m²]. */
const FIRST_DIATOM_G = 0.02
const FIRST_ALGAE_G = 0.015

/** The same tank with nothing over the ground yet: no water, and of bacteria those that are everywhere. */
export function emptied(filled: Float64Array, { surfaceM2 }: Pick<Site, 'surfaceM2'>): Float64Array {
  const state = filled.slice()
  for (let slot: number = AMMONIUM; slot <= ALKALINITY; slot++) state[slot] = 0
  state[INDICATOR_CO2] = 0
  state[AMMONIA_OXIDISERS] = FIRST_SOIL_BACTERIA_MG_PER_M2 * surfaceM2
  state[NITRITE_OXIDISERS] = FIRST_SOIL_BACTERIA_MG_PER_M2 * surfaceM2
  state[BIOFILM] = FILTER_START.new.biofilm
  return state
}
/** On new ground and plants. Rule of thumb, a factor of ten. */
const FIRST_SOIL_BACTERIA_MG_PER_M2 = 0.2

/** A tank just filled and planted: tap water, first spores, new ground. */
export function startState(options: StartOptions): Float64Array {
  const { site, tap, chemistry, filter } = options
  const state = new Float64Array(STATE_SIZE)
  state[AMMONIUM] = tap.ammoniumMgNPerL
  state[NITRATE] = tap.nitrateMgNPerL
  state[PHOSPHATE] = tap.phosphateMgPPerL
  state[POTASSIUM] = tap.potassiumMgPerL
  state[IRON] = tap.ironMgPerL
  state[CALCIUM] = tap.calciumMgPerL
  state[MAGNESIUM] = tap.magnesiumMgPerL
  state[SILICON] = tap.siliconMgPerL
  state[ALKALINITY] = tap.alkalinityMeqPerL
  const water = chemistry.constantsAt(options.temperatureC, site.airCo2Ppm)
  state[CARBON] = chemistry.carbonOf(tap.alkalinityMeqPerL, water.airCo2MmolPerL * TAP_CO2_OVER_AIR, water)
  state[OXYGEN] = water.oxygenSaturationMgPerL
  state[INDICATOR_CO2] = water.airCo2MmolPerL * chemistry.co2MgPerMmol
  for (let group = 0; group < GROUP_COUNT; group++) {
    const mass = options.plantG[group]!
    state[SUBMERSED + group] = mass * (1 - options.emersedShare[group]!)
    state[EMERSED + group] = mass * options.emersedShare[group]!
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++)
      state[STORE + group * NUTRIENT_COUNT + nutrient] = mass * 1000 * options.storeShare[nutrient]!
    state[STRAIN + group] = 1
    state[UNDER_LIGHT + group] = 3
  }
  for (let guild = 0; guild < GUILD_COUNT; guild++)
    state[ALGAE + guild] = ((guild === DIATOM ? FIRST_DIATOM_G : FIRST_ALGAE_G) * site.surfaceM2) / 0.54
  state[AMMONIA_OXIDISERS] = (filter.ammoniaOxidisersMg * site.waterL) / 200
  state[NITRITE_OXIDISERS] = (filter.nitriteOxidisersMg * site.waterL) / 200
  state[BIOFILM] = filter.biofilm
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
    state[GROUND + nutrient] = options.groundMg[nutrient]!
    state[RESERVOIR + nutrient] = options.reservoirMg[nutrient]!
  }
  state[ACID_BUFFER] = site.acidBufferMeq
  state[SILICA] = options.silicaMg
  state[WOOD] = options.woodMgC
  state[USUAL_CO2] = FIRST_USUAL_CO2
  state[CO2_SWING] = FIRST_CO2_SWING
  return state
}
