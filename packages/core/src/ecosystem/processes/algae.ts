import { LEDGER_C, LEDGER_N, LEDGER_P } from '../ledger.js'
import {
  ALGAE,
  AMMONIUM,
  BIOFILM,
  biomassOf,
  CO2_SWING,
  CYANO,
  DETRITUS,
  DIATOM,
  DISSOLVED,
  DUST,
  GROUP_COUNT,
  GUILD_COUNT,
  NITRATE,
  PHOSPHATE,
  POTASSIUM,
  SILICON,
} from '../state.js'
import { POOL, saturation, type Step } from '../step.js'
import type { Process } from './process.js'

/** Area on which the spore rain was set [m²]. */
const SPORE_AREA_M2 = 0.54
const GRAZED_TO_DETRITUS = 0.6
/** A film too thin to see is always there; what it takes to keep it so comes from outside, like spores. */
const LEAST_ALGAE_G = 1e-9
/** Share of a dead diatom's silica that dissolves again. */
const SILICA_BACK = 0.3
/** The mat's nitrogen factor never falls below this: it fixes its own. */
const FIXER_FLOOR = 0.6

/** Five guilds: growth raised by triggers, losses to biofilm and to the life in a healthy canopy, grazing, spores. */
export const algae: Process = {
  name: 'algae',

  demand(step) {
    const { state, parameters, want, algaeGrowthG, algaeLossPerH, invasionPerH } = step
    const { hostM2, stressedShare } = colonised(step)
    const plantPressure = saturation(step.healthyLeafM2PerM2, parameters.plantAreaHalf)
    const nitrogen = saturation(state[AMMONIUM]! + state[NITRATE]!, parameters.algaeHalfN)
    const phosphorus = saturation(state[PHOSPHATE]!, parameters.algaeHalfP)
    const silicon = saturation(state[SILICON]!, parameters.algaeHalfSi)
    const reachable = step.co2MgPerL + parameters.algaeBicarbonateUse * step.bicarbonateMgPerL
    const carbon = reachable / (parameters.algaeHalfCo2 + reachable)
    const ammonia = saturation(state[AMMONIUM]!, parameters.ammoniaHalf)
    const organics = saturation(state[DISSOLVED]! ** 2, parameters.organicsHalf ** 2)
    const swing = saturation(state[CO2_SWING]! ** 2, parameters.swingHalf ** 2)
    let grown = 0
    const fed = step.algaeFed
    fed.fill(0)
    for (let guild = 0; guild < GUILD_COUNT; guild++) {
      const mass = state[ALGAE + guild]!
      const loss =
        (parameters.algaeLossPerDay[guild]! * step.daily.algaeLossQ10 +
          parameters.algaeBiofilmLoss[guild]! * state[BIOFILM]! +
          parameters.algaePlantLoss[guild]! * plantPressure) /
        24
      algaeLossPerH[guild] = loss
      let rate = 0
      if (step.algaePpfd > 0) {
        let trigger =
          parameters.triggerNone[guild]! +
          parameters.triggerAmmonia[guild]! * ammonia +
          parameters.triggerOrganics[guild]! * organics +
          parameters.triggerSwing[guild]! * swing +
          parameters.triggerStress[guild]! * stressedShare
        trigger = Math.min(1, trigger)
        if (guild === CYANO) trigger *= 1 - 0.7 * step.conditions.flow
        let nutrients = Math.min(guild === CYANO ? Math.max(nitrogen, FIXER_FLOOR) : nitrogen, phosphorus)
        if (guild === DIATOM) nutrients = Math.min(nutrients, silicon)
        const untriggered =
          parameters.algaeGrowthPerH[guild]! *
          step.daily.algaeOfTemperature[guild]! *
          Math.tanh(step.algaePpfd / parameters.algaeHalfLightPpfd[guild]!) *
          carbon *
          nutrients
        rate = untriggered * trigger
        fed[0] = fed[0]! + untriggered * parameters.triggerAmmonia[guild]! * ammonia
        fed[1] = fed[1]! + untriggered * parameters.triggerOrganics[guild]! * organics
        fed[2] = fed[2]! + untriggered * parameters.triggerSwing[guild]! * swing
        fed[3] = fed[3]! + untriggered * parameters.triggerStress[guild]! * stressedShare
      }
      invasionPerH[guild] = rate - loss
      fed[4] = fed[4]! + (parameters.algaePlantLoss[guild]! * (1 - plantPressure)) / 24
      // On open glass there is no canopy that wears the film down.
      if (guild === DUST)
        step.dustOnGlassPerH =
          rate - (parameters.algaeLossPerDay[guild]! * step.daily.algaeLossQ10 + parameters.algaeBiofilmLoss[guild]! * state[BIOFILM]!) / 24
      const ceiling = parameters.algaeCeilingGPerM2[guild]! * hostM2
      const growth = ceiling > 0 ? rate * mass * Math.max(0, 1 - mass / ceiling) : 0
      algaeGrowthG[guild] = growth
      grown += growth
    }
    step.algaeWaterN = Math.min(1, nitrogen / 0.9)
    const preferred = parameters.ammoniumPreference * state[AMMONIUM]!
    step.algaeAmmoniumShare = preferred / (preferred + state[NITRATE]! + 1e-9)
    const wantedN = parameters.algaeNMgPerG * (grown - algaeGrowthG[CYANO]! * (1 - step.algaeWaterN))
    want[POOL.ammonium] = want[POOL.ammonium]! + wantedN * step.algaeAmmoniumShare
    want[POOL.nitrate] = want[POOL.nitrate]! + wantedN * (1 - step.algaeAmmoniumShare)
    want[POOL.phosphate] = want[POOL.phosphate]! + grown * parameters.algaePMgPerG
    want[POOL.potassium] = want[POOL.potassium]! + grown * parameters.algaeKMgPerG
    want[POOL.silicon] = want[POOL.silicon]! + algaeGrowthG[DIATOM]! * parameters.algaeSiMgPerG
    want[POOL.carbon] = want[POOL.carbon]! + grown * parameters.carbonMgPerG
  },

  apply(step) {
    const { state, parameters, granted, ledger, dtH } = step
    const { surfaceM2, waterL } = step.site
    const common = Math.min(
      granted[POOL.ammonium]!,
      granted[POOL.nitrate]!,
      granted[POOL.phosphate]!,
      granted[POOL.potassium]!,
      granted[POOL.carbon]!,
    )
    const grazing = grazingRate(step)
    const spores = (parameters.sporesGPerDay * (dtH / 24) * surfaceM2) / SPORE_AREA_M2
    let grown = 0
    let lost = 0
    let grazed = 0
    let waterN = 0
    let fixedN = 0
    let settled = spores * GUILD_COUNT
    for (let guild = 0; guild < GUILD_COUNT; guild++) {
      const mass = state[ALGAE + guild]!
      const growth = step.algaeGrowthG[guild]! * (guild === DIATOM ? Math.min(common, granted[POOL.silicon]!) : common)
      const wantedLoss = (step.algaeLossPerH[guild]! + grazing * tasteFor(step, guild)) * mass
      // A crowd of grazers would eat more in a step than there is: what dies and what is eaten share what stands.
      const there = mass / dtH + growth
      const share = wantedLoss > there ? there / wantedLoss : 1
      const dying = step.algaeLossPerH[guild]! * mass * share
      const eaten = grazing * tasteFor(step, guild) * mass * share
      const nitrogen = growth * parameters.algaeNMgPerG
      const fromWater = guild === CYANO ? nitrogen * step.algaeWaterN : nitrogen
      waterN += fromWater
      fixedN += nitrogen - fromWater
      grown += growth
      lost += dying
      grazed += eaten
      step.algaeGrowthG[guild] = growth
      const next = mass + dtH * (growth - dying - eaten) + spores
      state[ALGAE + guild] = Math.max(next, LEAST_ALGAE_G)
      settled += Math.max(LEAST_ALGAE_G - next, 0)
      if (guild === DIATOM) state[SILICON] = state[SILICON]! + (dtH * (-growth + dying * SILICA_BACK) * parameters.algaeSiMgPerG) / waterL
    }
    const shed = dtH * (lost + GRAZED_TO_DETRITUS * grazed)
    state[DETRITUS] = state[DETRITUS]! + parameters.carbonMgPerG * shed
    state[DETRITUS + 1] = state[DETRITUS + 1]! + parameters.algaeNMgPerG * shed
    state[DETRITUS + 2] = state[DETRITUS + 2]! + parameters.algaePMgPerG * shed
    const eatenUp = dtH * (1 - GRAZED_TO_DETRITUS) * grazed
    step.carbonMineralMg += eatenUp * parameters.carbonMgPerG
    step.mineralNMg += eatenUp * parameters.algaeNMgPerG
    state[PHOSPHATE] = state[PHOSPHATE]! + (eatenUp * parameters.algaePMgPerG - dtH * grown * parameters.algaePMgPerG) / waterL
    state[POTASSIUM] = state[POTASSIUM]! - (dtH * grown * parameters.algaeKMgPerG) / waterL
    step.waterUptakeAmmoniumMg += dtH * waterN * step.algaeAmmoniumShare
    step.waterUptakeNitrateMg += dtH * waterN * (1 - step.algaeAmmoniumShare)
    step.carbonFixedMg += dtH * parameters.carbonMgPerG * grown
    ledger.book(LEDGER_C, settled * parameters.carbonMgPerG)
    ledger.book(LEDGER_N, settled * parameters.algaeNMgPerG + dtH * fixedN)
    ledger.book(LEDGER_P, settled * parameters.algaePMgPerG)
  },
}

/** Area that algae can settle on [m²], and the mean stress of the leaves among it, 0–1. */
function colonised(step: Step): { hostM2: number; stressedShare: number } {
  let open = 0
  let stressed = 0
  for (let group = 0; group < GROUP_COUNT; group++) {
    const sick = 1 - step.health[group]!
    const area = step.parameters.leafM2PerG[group]! * biomassOf(step.state, group) * (step.parameters.openLeafShare[group]! + sick)
    open += area
    stressed += area * sick
  }
  scratch.hostM2 = step.site.hardM2 + open
  scratch.stressedShare = stressed / (open + 0.001 * step.site.surfaceM2)
  return scratch
}
/** One object for the whole module: the kernel runs on one thread, and the step allocates nothing. */
const scratch = { hostM2: 0, stressedShare: 0 }

/** Ingestion per gram of taste-weighted algae [1/h]; Holling's third type, so that scarce algae are left alone. */
function grazingRate(step: Step): number {
  const { state, parameters, conditions, site } = step
  let tasty = 0
  for (let guild = 0; guild < GUILD_COUNT; guild++) tasty += tasteFor(step, guild) * state[ALGAE + guild]!
  const half = parameters.grazerHalfGPerM2 * site.surfaceM2
  return ((conditions.grazers * parameters.grazerMaxGPerDay) / 24) * (tasty / (half * half + tasty * tasty))
}

const tasteFor = ({ parameters, conditions }: Step, guild: number): number =>
  parameters.grazerTaste[guild]! * conditions.grazerTaste[guild]!
