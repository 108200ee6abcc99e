import { AMMONIUM, BIOFILM, DETRITUS, DISSOLVED, PHOSPHATE, TANNIN, WOOD } from '../state.js'
import type { Process } from './process.js'

/** Fate of food [share]: respired or excreted at once, to detritus; the rest is kept as animal growth and leaves the balance. C, N, P. */
const FOOD_TO_WATER = [0.6, 0.6, 0.35] as const
const FOOD_TO_DETRITUS = [0.25, 0.2, 0.35] as const

/** C, N, P of the food of this step [mg]; kept here so that the step allocates nothing. */
const foodOf = new Float64Array(3)

/** Decay of detritus and dissolved organics, food, and tannin from wood. First-order decays are exact; runs before other processes add to the pools that it reads. */
export const organics: Process = {
  name: 'organics',
  demand() {
    // Decay takes nothing that others compete for.
  },
  apply(step) {
    const { state, parameters, ledger, dtH, daily } = step
    const waterL = step.site.waterL
    const dtDays = dtH / 24
    const biofilm = state[BIOFILM]!
    const detritusShare = 1 - Math.exp(((-parameters.detritusDecayPerDay * daily.q10 * (0.5 + 0.5 * biofilm)) / 24) * dtH)
    const dissolvedShare = 1 - Math.exp(((-parameters.dissolvedDecayPerDay * daily.q10 * (0.3 + 0.7 * biofilm)) / 24) * dtH)
    const foodMg = ((step.conditions.foodGPerDay * 1000) / 24) * dtH
    foodOf[0] = foodMg * parameters.foodC
    foodOf[1] = foodMg * parameters.foodN
    foodOf[2] = foodMg * parameters.foodP
    for (let element = 0; element < 3; element++) {
      const rotted = state[DETRITUS + element]! * detritusShare
      const respired = state[DISSOLVED + element]! * dissolvedShare
      const food = foodOf[element]!
      state[DETRITUS + element] = state[DETRITUS + element]! - rotted + food * FOOD_TO_DETRITUS[element]!
      state[DISSOLVED + element] = state[DISSOLVED + element]! - respired + (parameters.detritusToDissolved * rotted) / waterL
      const mineral = (1 - parameters.detritusToDissolved) * rotted + respired * waterL + food * FOOD_TO_WATER[element]!
      if (element === 0) step.carbonMineralMg += mineral
      else if (element === 1) step.mineralNMg += mineral
      else state[PHOSPHATE] = state[PHOSPHATE]! + mineral / waterL
      ledger.book(element, food * (FOOD_TO_WATER[element]! + FOOD_TO_DETRITUS[element]!))
    }

    const bleached = state[TANNIN]! * daily.bleachedShare
    const released = state[WOOD]! * daily.woodShare
    state[TANNIN] = state[TANNIN]! - bleached + released / waterL
    state[WOOD] = state[WOOD]! - released
    state[DISSOLVED] = state[DISSOLVED]! + bleached
    state[BIOFILM] = biofilm + dtDays * parameters.biofilmPerDay * biofilm * (1 - biofilm)
  },
}

/** Mineral nitrogen of this step goes to ammonium. */
export function releaseMineralN(state: Float64Array, mineralNMg: number, waterL: number): void {
  state[AMMONIUM] = state[AMMONIUM]! + mineralNMg / waterL
}
