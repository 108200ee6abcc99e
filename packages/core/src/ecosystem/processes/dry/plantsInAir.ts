import { LEDGER_C } from '../../ledger.js'
import { DETRITUS, EMERSED, FE, GROUND, GROUND_NITRATE, GROUP_COUNT, K, N, NUTRIENT_COUNT, P, STORE, SUBMERSED } from '../../state.js'
import { POOL, saturation } from '../../step.js'
import { mortalityPerH, ROOT_HALF, sizeUptake } from '../plants.js'
import type { Process } from '../process.js'

/** Plants in moist air under film: all they take up comes by root, all carbon from the air; new leaves are air-grown, leaves that grew under water wither. What dies lies as litter on the ground. */
export const plantsInAir: Process = {
  name: 'plants in air',

  demand(step) {
    const { state, parameters, site, want, rootUptake, leafNitrate, rootSaturation, capacityOfGroup, perStoreOfGroup } = step
    const { poreL } = site
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++)
      rootSaturation[nutrient] =
        poreL > 0
          ? saturation(state[GROUND + nutrient]! / (poreL * parameters.retardation[nutrient]!), ROOT_HALF * step.halfUptake[nutrient]!)
          : 0
    const nitrate = poreL > 0 ? saturation(state[GROUND_NITRATE]! / poreL, ROOT_HALF * parameters.halfNitrate) : 0
    sizeUptake(step)
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
      const max = parameters.storeMax[nutrient]!
      const perRoom = 1 / (max - parameters.storeMin[nutrient]!)
      for (let group = 0; group < GROUP_COUNT; group++) {
        if (step.foot[group]! === 0) continue
        const at = group * NUTRIENT_COUNT + nutrient
        const room = Math.min(1, Math.max(0, (max - state[STORE + at]! * perStoreOfGroup[group]!) * perRoom))
        const capacity = capacityOfGroup[group]! * max * room
        const fromRoot = capacity * rootSaturation[nutrient]!
        rootUptake[at] = fromRoot
        want[POOL.ground + nutrient] = want[POOL.ground + nutrient]! + fromRoot
        if (nutrient !== N) continue
        // What ammonium leaves open, nitrate of the pores may fill.
        leafNitrate[group] = (capacity - fromRoot) * nitrate
        want[POOL.nitrate] = want[POOL.nitrate]! + leafNitrate[group]!
      }
    }
  },

  apply(step) {
    const { state, parameters, ledger, granted, dtH, daily } = step
    let litterG = 0
    let nitrateMg = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      if (step.foot[group]! === 0) continue
      const submersed = state[SUBMERSED + group]!
      const emersed = state[EMERSED + group]!
      const biomass = Math.max(submersed + emersed, 1e-9)
      const gross = step.grossG[group]!
      const overflow = step.overflowG[group]!
      const net = gross * (1 - parameters.exudation)
      const respired =
        (parameters.respirationPerDay[group]! * daily.q10 * (submersed + emersed)) / 24 + (1 - parameters.growthEfficiency) * net
      step.netG[group] = net
      step.respiredG[group] = respired
      step.liftPerH[group] = 0
      const deathPerH = mortalityPerH(step, group)
      const deadSubmersed = (deathPerH + parameters.witherPerDay / 24) * submersed
      const deadEmersed = deathPerH * emersed
      const dead = deadSubmersed + deadEmersed
      step.deadShare[group] = dead / biomass
      const submersedShare = submersed / biomass
      state[EMERSED + group] = Math.max(emersed + dtH * (net - respired * (1 - submersedShare) - deadEmersed), 1e-12)
      state[SUBMERSED + group] = Math.max(submersed + dtH * (-respired * submersedShare - deadSubmersed), 0)
      litterG += dtH * (dead + parameters.exudation * gross + overflow)
      ledger.book(LEDGER_C, dtH * parameters.carbonMgPerG * (gross + overflow - respired))

      const nitrate = dtH * step.leafNitrate[group]! * granted[POOL.nitrate]!
      nitrateMg += nitrate
      for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
        const at = group * NUTRIENT_COUNT + nutrient
        const store = state[STORE + at]!
        const rooted = step.rootUptake[at]! * granted[POOL.ground + nutrient]!
        step.rootUptake[at] = rooted
        const shed = dtH * (nutrient === FE ? 1 : 1 - parameters.resorption) * step.deadShare[group]! * store
        state[STORE + at] = store + dtH * rooted + (nutrient === N ? nitrate : 0) - shed
        state[GROUND + nutrient] = state[GROUND + nutrient]! - dtH * rooted
        if (nutrient === N) state[DETRITUS + 1] = state[DETRITUS + 1]! + shed
        else if (nutrient === P) state[DETRITUS + 2] = state[DETRITUS + 2]! + shed
        else if (nutrient === K) state[GROUND + K] = state[GROUND + K]! + shed
      }
    }
    state[GROUND_NITRATE] = state[GROUND_NITRATE]! - nitrateMg
    state[DETRITUS] = state[DETRITUS]! + parameters.carbonMgPerG * litterG
  },
}
