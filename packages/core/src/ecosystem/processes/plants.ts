import { LEDGER_C, LEDGER_N, LEDGER_P } from '../ledger.js'
import {
  AMMONIUM, biomassOf, CALCIUM, CARPET, DETRITUS, DISSOLVED, EMERSED, FE, FLOATER, GROUND, GROUP_COUNT, IRON, K, MAGNESIUM, N, NITRATE, NUTRIENT_COUNT, P, PHOSPHATE, POTASSIUM, STEMS, STORE, SUBMERSED, UNDER_LIGHT,
} from '../state.js'
import { POOL, saturation, type Step } from '../step.js'
import type { Process } from './process.js'

/** Hours of full growth a day that uptake capacity is sized for. */
const CAPACITY_HOURS = 10
/** Roots meet richer water than leaves, and are less keen. */
const ROOT_HALF = 4
/** The pool that each stored nutrient's leaf uptake draws on; nitrogen has two and is handled apart. */
const LEAF_POOL = [-1, POOL.phosphate, POOL.potassium, POOL.iron] as const
const WATER_SLOT = [-1, PHOSPHATE, POTASSIUM, IRON] as const

/** Growth, uptake by leaf and root, respiration, death, melt and lift-off of the six plant groups. */
export const plants: Process = {
  name: 'plants',

  demand(step) {
    const { state, parameters, site, want, health, leafAmmonium, leafNitrate, leafUptake, rootUptake } = step
    const { halfUptake, leafSaturation, rootSaturation } = step
    const ammonium = saturation(state[AMMONIUM]!, parameters.halfAmmonium)
    const nitrate = saturation(state[NITRATE]!, parameters.halfNitrate) * (1 - 0.6 * ammonium)
    const shared = ammonium + nitrate > 1 ? 1 / (ammonium + nitrate) : 1
    const poreL = 0.4 * site.groundL
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
      if (nutrient !== N) leafSaturation[nutrient] = saturation(state[WATER_SLOT[nutrient]!]!, halfUptake[nutrient]!)
      rootSaturation[nutrient] = poreL > 0 ? saturation(state[GROUND + nutrient]! / (poreL * parameters.retardation[nutrient]!), ROOT_HALF * halfUptake[nutrient]!) : 0
    }
    let leafArea = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      if (step.foot[group]! === 0) continue // absent; its rates stay zero
      const biomass = biomassOf(state, group)
      const growthScale = parameters.uptakeScale * parameters.maxGrowthPerH[group]! * CAPACITY_HOURS * (1000 / 24) * biomass * (0.5 + 0.5 * health[group]!) * step.daily.growthOfTemperature[group]!
      leafArea += parameters.leafM2PerG[group]! * biomass * health[group]!
      // Without ground a root-feeder still takes only its leaf's share from the water.
      const rootShare = parameters.rootShare[group]!
      const leafShare = 1 - rootShare
      const perStore = 1 / (1000 * Math.max(biomass, 1e-9))
      for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
        const at = group * NUTRIENT_COUNT + nutrient
        const min = parameters.storeMin[nutrient]!
        const max = parameters.storeMax[nutrient]!
        const room = Math.min(1, Math.max(0, (max - state[STORE + at]! * perStore) / (max - min)))
        const capacity = growthScale * max * room
        if (nutrient === N) {
          leafAmmonium[group] = capacity * leafShare * ammonium * shared
          leafNitrate[group] = capacity * leafShare * nitrate * shared
          want[POOL.ammonium] = want[POOL.ammonium]! + leafAmmonium[group]!
          want[POOL.nitrate] = want[POOL.nitrate]! + leafNitrate[group]!
        } else {
          const uptake = capacity * leafShare * leafSaturation[nutrient]!
          leafUptake[at] = uptake
          want[LEAF_POOL[nutrient]!] = want[LEAF_POOL[nutrient]!]! + uptake
        }
        const fromRoot = capacity * rootShare * rootSaturation[nutrient]!
        rootUptake[at] = fromRoot
        want[POOL.ground + nutrient] = want[POOL.ground + nutrient]! + fromRoot
      }
      want[POOL.calcium] = want[POOL.calcium]! + step.grossG[group]! * parameters.calciumMgPerG
      want[POOL.magnesium] = want[POOL.magnesium]! + step.grossG[group]! * parameters.magnesiumMgPerG
      if (group !== FLOATER) want[POOL.carbon] = want[POOL.carbon]! + (step.grossG[group]! + step.overflowG[group]!) * parameters.carbonMgPerG
    }
    step.healthyLeafM2PerM2 = leafArea / site.surfaceM2
  },

  apply(step) {
    const { state, parameters, ledger, granted, dtH, daily } = step
    const waterL = step.site.waterL
    const mineralShare = Math.min(granted[POOL.calcium]!, granted[POOL.magnesium]!)
    let grown = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      if (step.foot[group]! === 0) continue
      const biomass = Math.max(biomassOf(state, group), 1e-9)
      const submersed = state[SUBMERSED + group]!
      const emersed = state[EMERSED + group]!
      const carbonShare = group === FLOATER ? 1 : granted[POOL.carbon]!
      const gross = step.grossG[group]! * carbonShare * mineralShare
      const overflow = step.overflowG[group]! * carbonShare
      step.grossG[group] = gross
      step.overflowG[group] = overflow
      grown += gross

      const net = gross * (1 - parameters.exudation)
      const respired = (parameters.respirationPerDay[group]! * daily.q10 * (submersed + emersed)) / 24 + (1 - parameters.growthEfficiency) * net
      const exudedC = (parameters.exudation * gross + overflow) * parameters.carbonMgPerG
      step.netG[group] = net
      step.respiredG[group] = respired

      const deathPerH = mortalityPerH(step, group)
      const liftPerH = group === CARPET ? ((parameters.liftPerDay * Math.max(0, step.lift[group]! - parameters.liftThreshold)) / 0.2) / 24 : 0
      const deadSubmersed = deathPerH * submersed
      const deadEmersed = deathPerH * emersed + (parameters.meltPerDay[group]! * emersed) / 24
      const dead = deadSubmersed + deadEmersed
      const leaked = (parameters.leakPerDay * (1 - step.health[group]!) * (submersed + emersed)) / 24
      step.deadG[group] = dead

      const submersedShare = submersed / biomass
      const emersedShare = emersed / biomass
      state[SUBMERSED + group] = Math.max(submersed + dtH * (net - respired * submersedShare - deadSubmersed - liftPerH * submersed - leaked * submersedShare), 1e-12)
      state[EMERSED + group] = Math.max(emersed + dtH * (-respired * (1 - submersedShare) - deadEmersed - liftPerH * emersed - leaked * emersedShare), 0)

      applyStores(step, group, dead / biomass, liftPerH)
      state[DETRITUS] = state[DETRITUS]! + dtH * parameters.carbonMgPerG * dead
      state[DISSOLVED] = state[DISSOLVED]! + (dtH * (exudedC + leaked * parameters.carbonMgPerG)) / waterL
      ledger.book(LEDGER_C, -dtH * parameters.carbonMgPerG * liftPerH * (submersed + emersed))

      const fixedMg = dtH * parameters.carbonMgPerG * (gross + overflow)
      const respiredMg = dtH * parameters.carbonMgPerG * respired
      if (group === FLOATER) ledger.book(LEDGER_C, fixedMg - respiredMg)
      else {
        step.carbonFixedMg += fixedMg
        step.carbonRespiredMg += respiredMg
      }
    }
    state[CALCIUM] = state[CALCIUM]! - (dtH * grown * parameters.calciumMgPerG) / waterL
    state[MAGNESIUM] = state[MAGNESIUM]! - (dtH * grown * parameters.magnesiumMgPerG) / waterL
  },
}

/** Death rate [1/h]: base turnover, shade, strain, hunger and heat; slow growers lose less. */
function mortalityPerH(step: Step, group: number): number {
  const { state, parameters, daily } = step
  const shaded = 1 / (1 + (state[UNDER_LIGHT + group]! / parameters.shadeHalfH) ** 2)
  const pace = Math.sqrt(parameters.maxGrowthPerH[group]! / parameters.maxGrowthPerH[STEMS]!)
  const hunger = parameters.hungerLossPerDay * (1 - step.fNutrients[group]!) ** 2
  const heat = Math.max(0, step.conditions.temperatureC - 26) * parameters.heatLossPerDayC[group]!
  step.baseLoss[group] = pace * (hunger + parameters.shadeLossPerDay * shaded)
  step.lift[group] = shaded * Math.min(1.5, step.lai[group]! / parameters.liftLai)
  const perDay = parameters.turnoverPerDay[group]! * daily.q10 + pace * (parameters.shadeLossPerDay * shaded + parameters.strainLossPerDay * (1 - step.health[group]!) + hunger) + heat
  return perDay / 24
}

/** Books uptake on both sides, and what dead and lifted tissue takes along. Some N, P and K is withdrawn before a leaf dies; lost K goes straight to the water. */
function applyStores(step: Step, group: number, deadShare: number, liftPerH: number): void {
  const { state, parameters, granted, ledger, dtH } = step
  const waterL = step.site.waterL
  const ammonium = step.leafAmmonium[group]! * granted[POOL.ammonium]! * dtH
  const nitrate = step.leafNitrate[group]! * granted[POOL.nitrate]! * dtH
  step.waterUptakeAmmoniumMg += ammonium
  step.waterUptakeNitrateMg += nitrate
  for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
    const at = group * NUTRIENT_COUNT + nutrient
    const store = state[STORE + at]!
    const root = step.rootUptake[at]! * granted[POOL.ground + nutrient]!
    step.rootUptake[at] = root
    let leafMg: number
    if (nutrient === N) leafMg = ammonium + nitrate
    else {
      leafMg = step.leafUptake[at]! * granted[LEAF_POOL[nutrient]!]! * dtH
      state[WATER_SLOT[nutrient]!] = state[WATER_SLOT[nutrient]!]! - leafMg / waterL
    }
    const shed = dtH * deadShare * store * (nutrient === FE ? 1 : 1 - parameters.resorption)
    const lifted = dtH * liftPerH * store
    state[STORE + at] = store + leafMg + dtH * root - shed - lifted
    state[GROUND + nutrient] = state[GROUND + nutrient]! - dtH * root
    if (nutrient === N) {
      state[DETRITUS + 1] = state[DETRITUS + 1]! + shed
      ledger.book(LEDGER_N, -lifted)
    } else if (nutrient === P) {
      state[DETRITUS + 2] = state[DETRITUS + 2]! + shed
      ledger.book(LEDGER_P, -lifted)
    } else if (nutrient === K) state[POTASSIUM] = state[POTASSIUM]! + shed / waterL
  }
}
