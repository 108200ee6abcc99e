import { LEDGER_C, LEDGER_N, LEDGER_P } from '../ledger.js'
import {
  AMMONIUM,
  biomassOf,
  CALCIUM,
  CARPET,
  DETRITUS,
  DISSOLVED,
  EMERSED,
  FE,
  FLOATER,
  GROUND,
  GROUP_COUNT,
  IRON,
  K,
  MAGNESIUM,
  N,
  NITRATE,
  NUTRIENT_COUNT,
  P,
  PHOSPHATE,
  POTASSIUM,
  STEMS,
  STORE,
  SUBMERSED,
  UNDER_LIGHT,
} from '../state.js'
import { POOL, saturation, type Step } from '../step.js'
import type { Process } from './process.js'

/** Hours of full growth a day that uptake capacity is sized for. */
const CAPACITY_HOURS = 10
/** Roots meet richer water than leaves, and are less keen. */
export const ROOT_HALF = 4
/** The pool that each stored nutrient's leaf uptake draws on; nitrogen has two and is handled apart. */
const LEAF_POOL = [-1, POOL.phosphate, POOL.potassium, POOL.iron] as const
const WATER_SLOT = [-1, PHOSPHATE, POTASSIUM, IRON] as const

/** Growth, uptake by leaf and root, respiration, death, melt and lift-off of the six plant groups. */
export const plants: Process = {
  name: 'plants',

  demand(step) {
    const { state, parameters, site, want, health, leafAmmonium, leafNitrate, leafUptake, rootUptake, capacityOfGroup, perStoreOfGroup } =
      step
    const { halfUptake, leafSaturation, rootSaturation } = step
    const ammonium = saturation(state[AMMONIUM]!, parameters.halfAmmonium)
    const nitrate = saturation(state[NITRATE]!, parameters.halfNitrate) * (1 - 0.6 * ammonium)
    const shared = ammonium + nitrate > 1 ? 1 / (ammonium + nitrate) : 1
    const { poreL } = site
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
      if (nutrient !== N) leafSaturation[nutrient] = saturation(state[WATER_SLOT[nutrient]!]!, halfUptake[nutrient]!)
      rootSaturation[nutrient] =
        poreL > 0
          ? saturation(state[GROUND + nutrient]! / (poreL * parameters.retardation[nutrient]!), ROOT_HALF * halfUptake[nutrient]!)
          : 0
    }
    sizeUptake(step)
    let leafArea = 0
    let growing = 0
    let carbon = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      if (step.foot[group]! === 0) continue // absent; its rates stay zero
      leafArea += parameters.leafM2PerG[group]! * biomassOf(state, group) * health[group]!
      growing += step.grossG[group]!
      if (group !== FLOATER) carbon += step.grossG[group]! + step.overflowG[group]!
    }
    step.healthyLeafM2PerM2 = leafArea / site.surfaceM2
    want[POOL.calcium] = want[POOL.calcium]! + growing * parameters.calciumMgPerG
    want[POOL.magnesium] = want[POOL.magnesium]! + growing * parameters.magnesiumMgPerG
    want[POOL.carbon] = want[POOL.carbon]! + carbon * parameters.carbonMgPerG

    const isShared = step.method.uptake === 'shared'
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) {
      const max = parameters.storeMax[nutrient]!
      const perRoom = 1 / (max - parameters.storeMin[nutrient]!)
      let byLeaf = 0
      let byRoot = 0
      for (let group = 0; group < GROUP_COUNT; group++) {
        if (step.foot[group]! === 0) continue
        const at = group * NUTRIENT_COUNT + nutrient
        const room = Math.min(1, Math.max(0, (max - state[STORE + at]! * perStoreOfGroup[group]!) * perRoom))
        const capacity = capacityOfGroup[group]! * max * room
        // What the roots do not find the leaves may take: a root-feeder over poor ground lives from the water.
        const rootShare = parameters.rootShare[group]!
        const fromRoot = capacity * rootShare * rootSaturation[nutrient]!
        const leafCapacity = isShared ? capacity - fromRoot : capacity * (1 - rootShare)
        rootUptake[at] = fromRoot
        byRoot += fromRoot
        if (nutrient === N) {
          leafAmmonium[group] = leafCapacity * ammonium * shared
          leafNitrate[group] = leafCapacity * nitrate * shared
          byLeaf += leafCapacity
        } else {
          const uptake = leafCapacity * leafSaturation[nutrient]!
          leafUptake[at] = uptake
          byLeaf += uptake
        }
      }
      want[POOL.ground + nutrient] = want[POOL.ground + nutrient]! + byRoot
      if (nutrient === N) {
        want[POOL.ammonium] = want[POOL.ammonium]! + byLeaf * ammonium * shared
        want[POOL.nitrate] = want[POOL.nitrate]! + byLeaf * nitrate * shared
      } else want[LEAF_POOL[nutrient]!] = want[LEAF_POOL[nutrient]!]! + byLeaf
    }
  },

  apply(step) {
    const { state, parameters, ledger, granted, dtH, daily } = step
    const waterL = step.site.waterL
    const mineralShare = Math.min(granted[POOL.calcium]!, granted[POOL.magnesium]!)
    let grown = 0
    let deadC = 0
    let dissolvedC = 0
    let liftedC = 0
    for (let group = 0; group < GROUP_COUNT; group++) {
      if (step.foot[group]! === 0) continue
      const submersed = state[SUBMERSED + group]!
      const emersed = state[EMERSED + group]!
      if (submersed + emersed === 0) continue // not planted yet
      const biomass = Math.max(submersed + emersed, 1e-9)
      const carbonShare = group === FLOATER ? 1 : granted[POOL.carbon]!
      const gross = step.grossG[group]! * carbonShare * mineralShare
      const overflow = step.overflowG[group]! * carbonShare
      step.grossG[group] = gross
      step.overflowG[group] = overflow
      grown += gross

      const net = gross * (1 - parameters.exudation)
      const respired =
        (parameters.respirationPerDay[group]! * daily.q10 * (submersed + emersed)) / 24 + (1 - parameters.growthEfficiency) * net
      step.netG[group] = net
      step.respiredG[group] = respired

      const deathPerH = mortalityPerH(step, group)
      const liftPerH = group === CARPET ? (parameters.liftPerDay * Math.max(0, step.lift[group]! - parameters.liftThreshold)) / 0.2 / 24 : 0
      const deadSubmersed = deathPerH * submersed
      const deadEmersed = deathPerH * emersed + (step.site.meltTimes * parameters.meltPerDay[group]! * emersed) / 24
      const dead = deadSubmersed + deadEmersed
      const leaked = (parameters.leakPerDay * (1 - step.health[group]!) * (submersed + emersed)) / 24
      step.deadShare[group] = dead / biomass
      step.liftPerH[group] = liftPerH

      const submersedShare = submersed / biomass
      state[SUBMERSED + group] = Math.max(
        submersed + dtH * (net - respired * submersedShare - deadSubmersed - liftPerH * submersed - leaked * submersedShare),
        1e-12,
      )
      state[EMERSED + group] = Math.max(
        emersed + dtH * (-respired * (1 - submersedShare) - deadEmersed - liftPerH * emersed - (leaked * emersed) / biomass),
        0,
      )

      deadC += dead
      dissolvedC += parameters.exudation * gross + overflow + leaked
      liftedC += liftPerH * (submersed + emersed)
      const fixedMg = dtH * parameters.carbonMgPerG * (gross + overflow)
      const respiredMg = dtH * parameters.carbonMgPerG * respired
      if (group === FLOATER) ledger.book(LEDGER_C, fixedMg - respiredMg)
      else {
        step.carbonFixedMg += fixedMg
        step.carbonRespiredMg += respiredMg
      }
    }
    state[DETRITUS] = state[DETRITUS]! + dtH * parameters.carbonMgPerG * deadC
    state[DISSOLVED] = state[DISSOLVED]! + (dtH * parameters.carbonMgPerG * dissolvedC) / waterL
    ledger.book(LEDGER_C, -dtH * parameters.carbonMgPerG * liftedC)
    state[CALCIUM] = state[CALCIUM]! - (dtH * grown * parameters.calciumMgPerG) / waterL
    state[MAGNESIUM] = state[MAGNESIUM]! - (dtH * grown * parameters.magnesiumMgPerG) / waterL
    for (let nutrient = 0; nutrient < NUTRIENT_COUNT; nutrient++) applyStores(step, nutrient)
  },
}

/** Uptake at empty stores of each group, sized for its growth at its best and its health. */
export function sizeUptake(step: Step): void {
  const { state, parameters, health, capacityOfGroup, perStoreOfGroup } = step
  for (let group = 0; group < GROUP_COUNT; group++) {
    if (step.foot[group]! === 0) continue
    const biomass = biomassOf(state, group)
    capacityOfGroup[group] =
      parameters.uptakeScale *
      parameters.maxGrowthPerH[group]! *
      CAPACITY_HOURS *
      (1000 / 24) *
      biomass *
      (0.5 + 0.5 * health[group]!) *
      step.daily.growthOfTemperature[group]!
    perStoreOfGroup[group] = 1 / (1000 * Math.max(biomass, 1e-9))
  }
}

/** Death rate [1/h]: base turnover, shade, strain, hunger and heat; slow growers lose less. */
export function mortalityPerH(step: Step, group: number): number {
  const { state, parameters, daily } = step
  const shaded = 1 / (1 + (state[UNDER_LIGHT + group]! / parameters.shadeHalfH) ** 2)
  const pace = Math.sqrt(parameters.maxGrowthPerH[group]! / parameters.maxGrowthPerH[STEMS]!)
  const hunger = parameters.hungerLossPerDay * (1 - step.fNutrients[group]!) ** 2
  const heat = Math.max(0, step.conditions.temperatureC - 26) * parameters.heatLossPerDayC[group]!
  step.baseLoss[group] = pace * (hunger + parameters.shadeLossPerDay * shaded)
  step.lift[group] = shaded * Math.min(1.5, step.lai[group]! / parameters.liftLai)
  const perDay =
    parameters.turnoverPerDay[group]! * daily.q10 +
    pace * (parameters.shadeLossPerDay * shaded + parameters.strainLossPerDay * (1 - step.health[group]!) + hunger) +
    heat
  return perDay / 24
}

/** Books uptake of one nutrient on both sides, and what dead and lifted tissue takes along. Some N, P and K is withdrawn before a leaf dies; lost K goes straight to the water. */
function applyStores(step: Step, nutrient: number): void {
  const { state, parameters, granted, ledger, dtH } = step
  const waterL = step.site.waterL
  const grantedRoot = granted[POOL.ground + nutrient]!
  const grantedLeaf = nutrient === N ? 0 : granted[LEAF_POOL[nutrient]!]!
  const shedShare = dtH * (nutrient === FE ? 1 : 1 - parameters.resorption)
  let taken = 0
  let rooted = 0
  let shed = 0
  let lifted = 0
  for (let group = 0; group < GROUP_COUNT; group++) {
    if (step.foot[group]! === 0) continue
    const at = group * NUTRIENT_COUNT + nutrient
    const store = state[STORE + at]!
    const root = step.rootUptake[at]! * grantedRoot
    step.rootUptake[at] = root
    let leafMg: number
    if (nutrient === N) {
      const ammonium = step.leafAmmonium[group]! * granted[POOL.ammonium]! * dtH
      const nitrate = step.leafNitrate[group]! * granted[POOL.nitrate]! * dtH
      step.waterUptakeAmmoniumMg += ammonium
      step.waterUptakeNitrateMg += nitrate
      leafMg = ammonium + nitrate
    } else leafMg = step.leafUptake[at]! * grantedLeaf * dtH
    const lost = shedShare * step.deadShare[group]! * store
    const gone = dtH * step.liftPerH[group]! * store
    state[STORE + at] = store + leafMg + dtH * root - lost - gone
    taken += leafMg
    rooted += root
    shed += lost
    lifted += gone
  }
  state[GROUND + nutrient] = state[GROUND + nutrient]! - dtH * rooted
  if (nutrient !== N) state[WATER_SLOT[nutrient]!] = state[WATER_SLOT[nutrient]!]! - taken / waterL
  if (nutrient === N) {
    state[DETRITUS + 1] = state[DETRITUS + 1]! + shed
    ledger.book(LEDGER_N, -lifted)
  } else if (nutrient === P) {
    state[DETRITUS + 2] = state[DETRITUS + 2]! + shed
    ledger.book(LEDGER_P, -lifted)
  } else if (nutrient === K) state[POTASSIUM] = state[POTASSIUM]! + shed / waterL
}
