import { LEDGER_C, LEDGER_N } from '../../ledger.js'
import {
  AMMONIA_OXIDISERS,
  BIOFILM,
  DETRITUS,
  GROUND,
  GROUND_NITRATE,
  N,
  NITRITE_OXIDISERS,
  NUTRIENT_COUNT,
  P,
  RESERVOIR,
} from '../../state.js'
import { POOL, saturation } from '../../step.js'
import type { Process } from '../process.js'

/** Oxygen in moist pores is that of the air: next to saturation, whatever the warmth. */
const PORE_OXYGEN_MG_PER_L = 8
/** Activity at the pH of moist new soil, 6–7. Rule of thumb 0.6–0.95. */
const PORE_PH_ACTIVITY = 0.8
/** Bacteria that are always there [mg per square metre of ground], so that sterile ground can start. */
const FLOOR_MG_PER_M2 = 0.006

/** Ground under film, without water above it: the slow store is released, litter rots into the ground, ammonium turns to nitrate on moist grains, and part of that is lost in wet pores. What rots and breathes goes to the air. */
export const moistSoil: Process = {
  name: 'moist soil',

  demand(step) {
    const { state, parameters, daily, site, want } = step
    step.ammoniaOxidation = 0
    if (site.poreL === 0) return
    const common = daily.q10 * PORE_PH_ACTIVITY * saturation(PORE_OXYGEN_MG_PER_L, parameters.nitrifierHalfOxygen)
    const ammonium = saturation(state[GROUND + N]! / (site.poreL * parameters.retardation[N]!), parameters.nitrifierHalfAmmonium)
    step.ammoniaOxidiserRate = parameters.ammoniaOxidiserGrowth * common * ammonium
    step.nitriteOxidiserRate = parameters.nitriteOxidiserGrowth * common * ammonium
    step.ammoniaOxidation = (step.ammoniaOxidiserRate * state[AMMONIA_OXIDISERS]!) / parameters.ammoniaOxidiserYield / 24
    want[POOL.ground + N] = want[POOL.ground + N]! + step.ammoniaOxidation
  },

  apply(step) {
    const { state, parameters, daily, granted, ledger, site, dtH } = step
    const dtDays = dtH / 24
    const rotted = 1 - Math.exp(-parameters.detritusDecayPerDay * daily.q10 * (0.5 + 0.5 * state[BIOFILM]!) * dtDays)
    const [litterC, litterN, litterP] = [state[DETRITUS]! * rotted, state[DETRITUS + 1]! * rotted, state[DETRITUS + 2]! * rotted]
    state[DETRITUS] = state[DETRITUS]! - litterC
    state[DETRITUS + 1] = state[DETRITUS + 1]! - litterN
    state[DETRITUS + 2] = state[DETRITUS + 2]! - litterP
    state[GROUND + N] = state[GROUND + N]! + litterN
    state[GROUND + P] = state[GROUND + P]! + litterP
    ledger.book(LEDGER_C, -litterC)
    state[BIOFILM] = state[BIOFILM]! + dtDays * parameters.biofilmPerDay * state[BIOFILM]! * (1 - state[BIOFILM]!)
    if (site.poreL === 0) return

    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
      const released = state[RESERVOIR + nutrient]! * daily.releaseShare[nutrient]!
      state[RESERVOIR + nutrient] = state[RESERVOIR + nutrient]! - released
      state[GROUND + nutrient] = state[GROUND + nutrient]! + released
      if (nutrient === N) ledger.book(LEDGER_C, -released * parameters.carbonPerReleasedN)
    }
    const share = granted[POOL.ground + N]!
    const oxidised = dtH * step.ammoniaOxidation * share
    const lost = state[GROUND_NITRATE]! * daily.denitrifiedShare * parameters.moistDenitrification
    state[GROUND + N] = state[GROUND + N]! - oxidised
    state[GROUND_NITRATE] = state[GROUND_NITRATE]! + oxidised - lost
    ledger.book(LEDGER_N, -lost)
    const ceiling = parameters.soilNitrifierShare * site.filterCeilingMg
    const grow = (slot: number, ratePerDay: number, decayPerDay: number): void => {
      const mass = state[slot]!
      const room = Math.max(0, 1 - mass / ceiling)
      state[slot] = Math.max(mass * Math.exp(dtDays * (ratePerDay * share * room - decayPerDay)), FLOOR_MG_PER_M2 * site.surfaceM2)
    }
    grow(AMMONIA_OXIDISERS, step.ammoniaOxidiserRate, parameters.ammoniaOxidiserDecay)
    grow(NITRITE_OXIDISERS, step.nitriteOxidiserRate, parameters.nitriteOxidiserDecay)
  },
}
