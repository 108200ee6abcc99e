import { LEDGER_N } from '../ledger.js'
import {
  AMMONIUM,
  FE,
  GROUND,
  GROUND_NITRATE,
  IRON,
  N,
  NITRATE,
  NUTRIENT_COUNT,
  PHOSPHATE,
  POTASSIUM,
  RESERVOIR,
  SILICA,
  SILICON,
} from '../state.js'
import type { Process } from './process.js'

const WATER_SLOT = [AMMONIUM, PHOSPHATE, POTASSIUM, IRON] as const
/** Iron leaves the ground only, and slowly: it precipitates at the surface. */
const IRON_OUT = 0.2

/** Concentrations at the start of the step, which exchange is reckoned from: one of each nutrient, then nitrate. Kept here so that the step allocates nothing; written and read within one step. */
const waterAtStart = new Float64Array(NUTRIENT_COUNT + 1)
const NITRATE_AT_START = NUTRIENT_COUNT

/** Release from the slow store, exchange between pores and water, denitrification, silica leak. With no ground there is nothing to do. */
export const substrate: Process = {
  name: 'substrate',

  demand({ state }) {
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) waterAtStart[nutrient] = state[WATER_SLOT[nutrient]!]!
    waterAtStart[NITRATE_AT_START] = state[NITRATE]!
  },

  apply(step) {
    const { state, parameters, site, daily, ledger, dtH } = step
    const { waterL, poreL } = site
    const nitrateAtStart = waterAtStart[NITRATE_AT_START]!
    const silica = state[SILICA]! * daily.silicaShare * site.groundExchange
    state[SILICA] = state[SILICA]! - silica
    state[SILICON] = state[SILICON]! + silica / waterL
    step.denitrifiedMg = 0
    if (poreL === 0) return

    const exchangedL = ((parameters.poreExchangeMPerDay * site.groundExchange * site.surfaceM2 * 1000) / 24) * dtH
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
      const released = state[RESERVOIR + nutrient]! * daily.releaseShare[nutrient]!
      state[RESERVOIR + nutrient] = state[RESERVOIR + nutrient]! - released
      const held = Math.max(state[GROUND + nutrient]! + released, 0) // grants may leave a rounding error below zero
      if (nutrient === N) step.carbonMineralMg += released * parameters.carbonPerReleasedN
      const poreMgPerL = held / (poreL * parameters.retardation[nutrient]!)
      let outMg = exchangedL * (poreMgPerL - waterAtStart[nutrient]!)
      // Never more than half of what either side holds, and never more than the others have left in the water.
      const takenMg = nutrient === N ? step.waterUptakeAmmoniumMg : 0
      outMg =
        outMg < 0
          ? -Math.min(-outMg, leftMg(waterAtStart[nutrient]!, state[WATER_SLOT[nutrient]!]!, takenMg, waterL))
          : Math.min(outMg, 0.5 * held)
      if (nutrient === FE) outMg = Math.max(outMg, 0) * IRON_OUT
      state[GROUND + nutrient] = held - outMg
      // Iron from the ground is added after the chelate's decay, by `ironDecay`'s order in the list.
      state[WATER_SLOT[nutrient]!] = state[WATER_SLOT[nutrient]!]! + outMg / waterL
    }
    const nitrateHeld = state[GROUND_NITRATE]!
    let nitrateOut = exchangedL * (nitrateHeld / poreL - nitrateAtStart)
    nitrateOut =
      nitrateOut < 0
        ? -Math.min(-nitrateOut, leftMg(nitrateAtStart, state[NITRATE]!, step.waterUptakeNitrateMg, waterL))
        : Math.min(nitrateOut, 0.5 * nitrateHeld)
    const denitrified = nitrateHeld * daily.denitrifiedShare
    state[GROUND_NITRATE] = Math.max(nitrateHeld - nitrateOut - denitrified, 0)
    state[NITRATE] = state[NITRATE]! + nitrateOut / waterL
    step.denitrifiedMg = denitrified
    ledger.book(LEDGER_N, -denitrified)
  },
}

/** The most [mg] that the ground may take from the water: half of what it held at the start or, if less, of what is left. Leaves' nitrogen is taken out of the water later in the step. */
const leftMg = (atStartMgPerL: number, nowMgPerL: number, takenMg: number, waterL: number): number =>
  Math.max(0, 0.5 * Math.min(atStartMgPerL * waterL, nowMgPerL * waterL - takenMg))

/** Chelated iron falls out of solution. Runs after leaf uptake and before the ground gives iron back. */
export const ironDecay: Process = {
  name: 'iron decay',
  demand() {
    // Loses what is left over.
  },
  apply({ state, daily }) {
    state[IRON] = state[IRON]! * daily.ironKept
  },
}
