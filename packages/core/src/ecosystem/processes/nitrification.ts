import { ALKALINITY, AMMONIA_OXIDISERS, AMMONIUM, NITRATE, NITRITE, NITRITE_OXIDISERS, OXYGEN } from '../state.js'
import { POOL, saturation, type Step } from '../step.js'
import type { Process } from './process.js'

/** A spore floor [mg per 200 L], so that a sterile tank can still start. */
const FLOOR_AMMONIA = 0.003
const FLOOR_NITRITE = 0.0015

/** Ammonia to nitrite to nitrate by two kinds of bacteria; Monod growth (Henze et al.), exact exponential for their mass. */
export const nitrification: Process = {
  name: 'nitrification',

  demand(step) {
    const { state, parameters, want, daily } = step
    // 1/(1 + 10^(pHhalf − pH)) written with the activity itself
    const common =
      (daily.q10 * saturation(state[OXYGEN]!, parameters.nitrifierHalfOxygen) * alkalinityFactor(step)) /
      (1 + step.water.hydrogen * daily.perHalfHydrogen)
    step.ammoniaOxidiserRate = parameters.ammoniaOxidiserGrowth * common * saturation(state[AMMONIUM]!, parameters.nitrifierHalfAmmonium)
    step.nitriteOxidiserRate = parameters.nitriteOxidiserGrowth * common * saturation(state[NITRITE]!, parameters.nitrifierHalfNitrite)
    step.ammoniaOxidation = (step.ammoniaOxidiserRate * state[AMMONIA_OXIDISERS]!) / parameters.ammoniaOxidiserYield / 24
    step.nitriteOxidation = (step.nitriteOxidiserRate * state[NITRITE_OXIDISERS]!) / parameters.nitriteOxidiserYield / 24
    want[POOL.ammonium] = want[POOL.ammonium]! + step.ammoniaOxidation
    want[POOL.nitrite] = want[POOL.nitrite]! + step.nitriteOxidation
  },

  apply(step) {
    const { state, parameters, granted, dtH, site } = step
    const dtDays = dtH / 24
    step.ammoniaOxidation *= granted[POOL.ammonium]!
    step.nitriteOxidation *= granted[POOL.nitrite]!
    state[AMMONIUM] = state[AMMONIUM]! - (dtH * step.ammoniaOxidation) / site.waterL
    state[NITRITE] = state[NITRITE]! + (dtH * (step.ammoniaOxidation - step.nitriteOxidation)) / site.waterL
    state[NITRATE] = state[NITRATE]! + (dtH * step.nitriteOxidation) / site.waterL
    const ammonia = state[AMMONIA_OXIDISERS]!
    const nitrite = state[NITRITE_OXIDISERS]!
    state[AMMONIA_OXIDISERS] = Math.max(
      ammonia *
        Math.exp(
          dtDays *
            (step.ammoniaOxidiserRate * granted[POOL.ammonium]! * roomFor(ammonia, site.filterCeilingMg) - parameters.ammoniaOxidiserDecay),
        ),
      (FLOOR_AMMONIA * site.waterL) / 200,
    )
    state[NITRITE_OXIDISERS] = Math.max(
      nitrite *
        Math.exp(
          dtDays *
            (step.nitriteOxidiserRate * granted[POOL.nitrite]! * roomFor(nitrite, site.filterCeilingMg) - parameters.nitriteOxidiserDecay),
        ),
      (FLOOR_NITRITE * site.waterL) / 200,
    )
  },
}

/** The acid of nitrification has to be met: where alkalinity is used up, the cycle stands still. */
function alkalinityFactor({ state, parameters, site }: Step): number {
  // Ground that softens holds its own pH: it takes up acid as it takes up base. Rule of thumb, half of what it softens to.
  const held = Math.max(state[ALKALINITY]!, 0.5 * site.softenToMeqPerL) ** 2
  return held / (held + parameters.nitrifierHalfAlkalinity ** 2)
}

const roomFor = (massMg: number, ceilingMg: number): number => Math.max(0, 1 - massMg / ceilingMg)
