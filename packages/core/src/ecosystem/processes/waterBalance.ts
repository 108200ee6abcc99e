import { ACID_BUFFER, ALKALINITY, AMMONIUM, CARBON, NITRATE, OXYGEN, SILICON } from '../state.js'
import { releaseMineralN } from './organics.js'
import type { Process } from './process.js'

const ALKALINITY_FLOOR_MEQ_PER_L = 0.05
const OXYGEN_PER_CARBON = 32 / 12
const OXYGEN_PER_NITRIFIED_N = 4.33

/** Sums what the living processes did to ammonium, nitrate, alkalinity, carbon and oxygen. Last of the list: it needs all the others' amounts. */
export const waterBalance: Process = {
  name: 'water balance',
  demand() {
    // Only sums.
  },
  apply(step) {
    const { state, site, parameters, dtH } = step
    const { waterL } = site
    state[AMMONIUM] = state[AMMONIUM]! - step.waterUptakeAmmoniumMg / waterL
    state[NITRATE] = state[NITRATE]! - step.waterUptakeNitrateMg / waterL
    releaseMineralN(state, step.mineralNMg, waterL)
    // Grants keep pools positive up to rounding; what rounding leaves below zero is none. The mass balance would show more.
    for (let slot: number = AMMONIUM; slot <= SILICON; slot++) if (state[slot]! < 0) state[slot] = 0

    // Charge balance: oxidising one ammonium frees two acids; uptake of nitrate leaves a base, of ammonium an acid.
    const base =
      -2 * dtH * step.ammoniaOxidation + step.waterUptakeNitrateMg - step.waterUptakeAmmoniumMg + step.mineralNMg + step.denitrifiedMg
    let alkalinity = state[ALKALINITY]! + base / 14 / waterL
    if (alkalinity > site.softenToMeqPerL && site.acidBufferMeq > 0) {
      const left = state[ACID_BUFFER]! / site.acidBufferMeq
      const softened = Math.min(
        parameters.softeningPerDay * (dtH / 24) * (alkalinity - site.softenToMeqPerL) * left * Math.sqrt(site.groundExchange),
        alkalinity - site.softenToMeqPerL,
        state[ACID_BUFFER]! / waterL,
      )
      alkalinity = Math.max(alkalinity - softened, ALKALINITY_FLOOR_MEQ_PER_L)
      state[ACID_BUFFER] = Math.max(state[ACID_BUFFER]! - softened * waterL, 0)
    }
    state[ALKALINITY] = Math.max(alkalinity, ALKALINITY_FLOOR_MEQ_PER_L)

    const respiredMg = step.carbonRespiredMg + step.carbonMineralMg
    state[CARBON] = state[CARBON]! + (respiredMg - step.carbonFixedMg) / 12 / waterL
    state[OXYGEN] =
      state[OXYGEN]! +
      ((step.carbonFixedMg - respiredMg) * OXYGEN_PER_CARBON -
        OXYGEN_PER_NITRIFIED_N * dtH * (0.75 * step.ammoniaOxidation + 0.25 * step.nitriteOxidation)) /
        waterL
  },
}
