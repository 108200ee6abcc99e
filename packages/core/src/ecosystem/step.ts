import type { Speciation, WaterConstants } from './chemistry.js'
import type { Conditions, Method, Site } from './forcing.js'
import { Ledger } from './ledger.js'
import { kernelParameters, type Parameters } from './parameters.js'
import { inShapeOf, templateOf } from './stableShape.js'
import { FEEDERS, GROUP_COUNT, GUILD_COUNT, NUTRIENT_COUNT, STATE_SIZE } from './state.js'

/** Pools that several consumers compete for in one step. */
export const POOL = {
  ammonium: 0,
  nitrite: 1,
  nitrate: 2,
  phosphate: 3,
  potassium: 4,
  iron: 5,
  calcium: 6,
  magnesium: 7,
  silicon: 8,
  carbon: 9,
  ground: 10,
} as const
export const POOL_COUNT = POOL.ground + NUTRIENT_COUNT

const SITE_TEMPLATE: Site = templateOf({
  waterL: 1,
  surfaceM2: 1,
  depthM: 1,
  poreL: 1,
  groundExchange: 1,
  softenToMeqPerL: 1,
  acidBufferMeq: 1,
  footOfGroup: [],
  meltTimes: 1,
  hardM2: 1,
  filterCeilingMg: 1,
  airCo2Ppm: 1,
})

/** As `Conditions`, with no limit written as infinity: the kernel then needs no case of its own for a timer. */
export type KernelConditions = Omit<Conditions, 'gasLimitMgPerL'> & { readonly gasLimitMgPerL: number }
const CONDITIONS_TEMPLATE: KernelConditions = templateOf({
  temperatureC: 1,
  agitation: 1,
  skimmer: 1,
  transferTimes: 1,
  flow: 1,
  ppfd: 1,
  lightOfGroup: new Float64Array(),
  lightShareOfStep: new Float64Array(),
  gasShareOfStep: new Float64Array(),
  gasMgPerH: 1,
  gasLimitMgPerL: 1,
  isDry: false,
  foodGPerDay: 1,
  grazers: 1,
  grazerTaste: new Float64Array(),
})
export const kernelConditions = (conditions: Conditions): KernelConditions =>
  inShapeOf(CONDITIONS_TEMPLATE, { ...conditions, gasLimitMgPerL: conditions.gasLimitMgPerL ?? Infinity })

/** What one step works on. One is made per run and filled anew in each step: the step allocates nothing. */
export class Step {
  readonly state = new Float64Array(STATE_SIZE)
  readonly ledger = new Ledger()
  /** Wanted from each pool [mg/h]. */
  readonly want = new Float64Array(POOL_COUNT)
  /** Share of the wish that each pool grants, 0–1, so that no pool falls below zero (after Burchard et al. 2003). */
  readonly granted = new Float64Array(POOL_COUNT)

  conditions = CONDITIONS_TEMPLATE // set by the runner before the first step, and when they change
  daily!: Daily // as above
  /** Middle of the step, share of the peak light and share of the step with the valve open. */
  lightShare = 0
  gasShare = 0

  // Canopy
  readonly lai = new Float64Array(GROUP_COUNT)
  readonly cover = new Float64Array(GROUP_COUNT)
  readonly topPpfd = new Float64Array(GROUP_COUNT)
  /** Share of the light that stain and film on the leaves let through. */
  clearShare = 1
  algaePpfd = 0

  // Water
  readonly water: Speciation = { hydrogen: 1e-7, co2MmolPerL: 0.5, bicarbonateMmolPerL: 0.5 }
  co2MgPerL = 0
  bicarbonateMgPerL = 0

  // Growth of plants, per group
  readonly fLight = new Float64Array(GROUP_COUNT)
  readonly fCarbon = new Float64Array(GROUP_COUNT)
  readonly fStore = new Float64Array(GROUP_COUNT * NUTRIENT_COUNT)
  readonly fNutrients = new Float64Array(GROUP_COUNT)
  readonly bottomLight = new Float64Array(GROUP_COUNT)
  readonly health = new Float64Array(GROUP_COUNT)
  readonly grossG = new Float64Array(GROUP_COUNT)
  readonly overflowG = new Float64Array(GROUP_COUNT)
  readonly netG = new Float64Array(GROUP_COUNT)
  readonly respiredG = new Float64Array(GROUP_COUNT)
  /** Of a group's mass, dying and lifting off [1/h]. */
  readonly deadShare = new Float64Array(GROUP_COUNT)
  readonly liftPerH = new Float64Array(GROUP_COUNT)
  /** Uptake at empty stores [g/h per g of store], and the inverse of the mass [1/mg]. */
  readonly capacityOfGroup = new Float64Array(GROUP_COUNT)
  readonly perStoreOfGroup = new Float64Array(GROUP_COUNT)
  readonly baseLoss = new Float64Array(GROUP_COUNT)
  readonly lift = new Float64Array(GROUP_COUNT)
  readonly leafAmmonium = new Float64Array(GROUP_COUNT)
  readonly leafNitrate = new Float64Array(GROUP_COUNT)
  /** Uptake [mg/h], row = group; the N column of `leafUptake` is unused (split above). */
  readonly leafUptake = new Float64Array(GROUP_COUNT * NUTRIENT_COUNT)
  readonly rootUptake = new Float64Array(GROUP_COUNT * NUTRIENT_COUNT)
  /** How eagerly each nutrient is taken by leaf from the water and by root from the pores, 0–1. */
  readonly leafSaturation = new Float64Array(NUTRIENT_COUNT)
  readonly rootSaturation = new Float64Array(NUTRIENT_COUNT)
  fCalciumMagnesium = 0
  healthyLeafM2PerM2 = 0

  // Algae
  readonly invasionPerH = new Float64Array(GUILD_COUNT)
  readonly algaeGrowthG = new Float64Array(GUILD_COUNT)
  readonly algaeLossPerH = new Float64Array(GUILD_COUNT)
  /** What feeds the algae's growth, in the order of `FEEDERS` [1/h, sum of all guilds]. */
  readonly algaeFed = new Float64Array(FEEDERS.length)
  algaeAmmoniumShare = 0
  dustOnGlassPerH = 0
  algaeWaterN = 1 // share of the cyano mat's nitrogen that comes from the water

  // Bacteria
  ammoniaOxidation = 0 // [mg N/h]
  nitriteOxidation = 0
  ammoniaOxidiserRate = 0 // [1/day]
  nitriteOxidiserRate = 0

  /** Carbon taken up and given back by submersed life in this step [mg C]. */
  carbonFixedMg = 0
  carbonRespiredMg = 0
  carbonMineralMg = 0
  /** Of the nutrients in tissue that died this step [mg]. */
  readonly shedMg = new Float64Array(NUTRIENT_COUNT)
  /** Denitrified in this step [mg N]. */
  denitrifiedMg = 0
  mineralNMg = 0
  waterUptakeNitrateMg = 0
  waterUptakeAmmoniumMg = 0

  readonly parameters: Parameters
  readonly site: Site
  /** 1/(1 − min/max) of each store, so that a full store counts as 1. */
  readonly perStoreRange: Float64Array
  /** As `site.footOfGroup`. */
  readonly foot: Float64Array
  /** Half-saturation of uptake from N (as ammonium), P, K and Fe [mg/L]. */
  readonly halfUptake: Float64Array

  constructor(
    site: Site,
    parameters: Parameters,
    readonly method: Method,
    readonly dtH: number,
  ) {
    this.parameters = kernelParameters(parameters)
    this.site = inShapeOf(SITE_TEMPLATE, site)
    this.foot = Float64Array.from(site.footOfGroup)
    this.perStoreRange = Float64Array.from(
      { length: NUTRIENT_COUNT },
      (_, n) => 1 / (1 - parameters.storeMin[n]! / parameters.storeMax[n]!),
    )
    this.halfUptake = Float64Array.of(parameters.halfAmmonium, parameters.halfPhosphate, parameters.halfPotassium, parameters.halfIron)
  }
}

/** What follows from the conditions and stays until they change. */
export interface Daily {
  readonly water: WaterConstants
  readonly q10: number
  readonly growthOfTemperature: Float64Array // per plant group
  readonly algaeOfTemperature: Float64Array // per guild
  readonly algaeLossQ10: number
  readonly releaseShare: Float64Array // of the reservoir, per nutrient and step
  readonly denitrifiedShare: number
  /** 10^(pH of half nitrification): the inverse of that activity. */
  readonly perHalfHydrogen: number
  // Shares of one step of decays that depend on nothing but time
  readonly strainTurn: number
  readonly indicatorTurn: number
  readonly bleachedShare: number
  readonly woodShare: number
  readonly silicaShare: number
  readonly ironKept: number
  readonly bubbledShare: number
  /** Gas transfer relative to 20 °C. */
  readonly transferOfTemperature: number
}

/** Growth at a temperature relative to its best: cardinal temperature model, 0 outside (Rosso et al. 1993). */
export function temperatureFactor(temperatureC: number, minC: number, bestC: number, maxC: number): number {
  if (temperatureC <= minC || temperatureC >= maxC) return 0
  const above = (temperatureC - maxC) * (temperatureC - minC) ** 2
  const below = (bestC - minC) * ((bestC - minC) * (temperatureC - bestC) - (bestC - maxC) * (bestC + minC - 2 * temperatureC))
  return Math.min(1, Math.max(0, above / below))
}

/** Michaelis–Menten saturation. */
export const saturation = (x: number, half: number): number => x / (half + x)

/** Gas transfer relative to 20 °C, reaeration rule. */
export const transferOfTemperature = (temperatureC: number): number => 1.024 ** (temperatureC - 20) / 1.126

const ALGAE_MIN_C = 5

export function dailyOf(conditions: KernelConditions, site: Site, parameters: Parameters, method: Method, dtH: number): Daily {
  const t = conditions.temperatureC
  const q10 = 2 ** ((t - 25) / 10)
  const dtDays = dtH / 24
  return {
    water: method.chemistry.constantsAt(t, site.airCo2Ppm),
    q10,
    growthOfTemperature: Float64Array.from({ length: GROUP_COUNT }, (_, g) =>
      temperatureFactor(t, parameters.minimumC, parameters.optimumC[g]!, parameters.maximumC[g]!),
    ),
    algaeOfTemperature: Float64Array.from({ length: GUILD_COUNT }, (_, i) =>
      temperatureFactor(t, ALGAE_MIN_C, parameters.algaeOptimumC[i]!, parameters.algaeMaximumC[i]!),
    ),
    algaeLossQ10: q10 ** 0.585, // 1.5 per 10 °C
    releaseShare: Float64Array.from(Array.from(parameters.reservoirReleasePerDay), (k) => 1 - Math.exp(-k * q10 * dtDays)),
    strainTurn: 1 - Math.exp(-dtH / parameters.strainMemoryH),
    indicatorTurn: 1 - Math.exp(-dtH / parameters.indicatorLagH),
    bleachedShare: 1 - Math.exp(-parameters.tanninBleachPerDay * dtDays),
    woodShare: 1 - Math.exp(-parameters.woodReleasePerDay * dtDays),
    silicaShare: 1 - Math.exp(-parameters.silicaLeakPerDay * dtDays),
    ironKept: Math.exp(-parameters.ironLossPerDay * dtDays),
    bubbledShare: 1 - Math.exp(-parameters.oxygenBubblingPerH * dtH),
    perHalfHydrogen: 10 ** parameters.nitrifierHalfPh,
    transferOfTemperature: transferOfTemperature(t),
    denitrifiedShare: 1 - Math.exp(-parameters.denitrificationPerDay * q10 * dtDays),
  }
}
