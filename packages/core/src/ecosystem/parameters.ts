import { inShapeOf, templateOf } from './stableShape.js'

/** One value per plant group, guild or nutrient. */
export type PerKind = ArrayLike<number>

/** Parameters of the ecosystem model. Lists have one value per plant group, algae guild or nutrient, in the order of `state.ts`.
 *  Confidence: A textbook, B right form and value within about ×2, C rule of thumb tuned on the scenarios. Ranges stand in `drawParameters.ts`. */
export interface Parameters {
  // Plants, per group
  readonly maxGrowthPerH: PerKind // gross carbon gain at light saturation, gC/gC/h; Nielsen & Sand-Jensen (1991), B
  readonly halfLightPpfd: PerKind // light half-bend; Sand-Jensen & Madsen (1991), B
  readonly halfCo2MgPerL: PerKind // Madsen & Sand-Jensen (1991), B
  readonly bicarbonateUse: PerKind // HCO3 use relative to CO2; Maberly & Madsen (2002), B
  readonly respirationPerDay: PerKind // dark, 25 °C; rule of thumb, B
  readonly turnoverPerDay: PerKind // rule of thumb, C
  readonly leafM2PerG: PerKind // aquatic leaves 0.02–0.08; B
  readonly extinction: PerKind // per leaf area index; form of Monsi & Saeki (1953), B
  readonly heightLight: PerKind // light at the group's top over light at the ground; geometry, B
  readonly rootShare: PerKind // of uptake over rich ground, the rest is the leaf’s; direction from Carignan (1982), C
  readonly openLeafShare: PerKind // healthy leaf open to algae, C
  readonly meltPerDay: PerKind // loss of emersed tissue under water, C
  readonly optimumC: PerKind // B
  readonly maximumC: PerKind // B
  readonly heatLossPerDayC: PerKind // extra loss per °C above 26, C
  // Plants, common
  readonly minimumC: number
  readonly curveBend: number // light–carbon co-limitation, form of Thornley (1976), B
  readonly growthEfficiency: number // Penning de Vries (1974), A
  readonly exudation: number // Wetzel & Manny (1972), B
  readonly overflowExudation: number // C
  readonly emersedEfficiency: number // direction from Sand-Jensen et al. (1992), B
  readonly storeMin: PerKind // g/gDW at no growth; Gerloff & Krombholz (1966), B
  readonly storeMax: PerKind // g/gDW full; Duarte (1992), B
  readonly uptakeScale: number // C
  readonly halfAmmonium: number // mg/L, macrophyte kinetics, C
  readonly halfNitrate: number
  readonly halfPhosphate: number
  readonly halfPotassium: number
  readonly halfIron: number
  readonly carbonMgPerG: number // A
  readonly calciumMgPerG: number // C
  readonly magnesiumMgPerG: number // C
  readonly halfCalcium: number // C
  readonly halfMagnesium: number // C
  readonly plantOverlap: number // C
  readonly algaeOverlap: number // C
  readonly strainHalfHealth: number // excess-light hours a day that halve health, C
  readonly strainMemoryH: number // B
  readonly co2MemoryH: number // B
  readonly shadeLossPerDay: number // C
  readonly strainLossPerDay: number // C
  readonly hungerLossPerDay: number // C
  readonly resorption: number // B
  readonly leakPerDay: number // C
  readonly shadeHalfH: number // C
  readonly liftLai: number // C
  readonly liftThreshold: number // C
  readonly liftPerDay: number // C
  readonly trimStrain: number // C
  readonly trimSap: number // C
  readonly trimScraps: number // C
  // Algae, per guild
  readonly algaeGrowthPerH: PerKind // B
  readonly algaeHalfLightPpfd: PerKind // B
  readonly algaeCeilingGPerM2: PerKind // C
  readonly algaeLossPerDay: PerKind // C
  readonly algaeBiofilmLoss: PerKind // C
  readonly algaePlantLoss: PerKind // C; cf. Hilt & Gross (2008)
  readonly triggerNone: PerKind // C
  readonly triggerAmmonia: PerKind // C
  readonly triggerOrganics: PerKind // C
  readonly triggerSwing: PerKind // C
  readonly triggerStress: PerKind // C
  readonly algaeOptimumC: PerKind // B
  readonly algaeMaximumC: PerKind // B
  readonly grazerTaste: PerKind // C
  readonly scrapeShare: PerKind // taken by a full wipe, C
  // Algae, common
  readonly algaeHalfCo2: number
  readonly algaeBicarbonateUse: number
  readonly algaeHalfN: number
  readonly algaeHalfP: number
  readonly algaeHalfSi: number
  readonly algaeNMgPerG: number
  readonly algaePMgPerG: number
  readonly algaeKMgPerG: number
  readonly algaeSiMgPerG: number
  readonly ammoniumPreference: number
  readonly ammoniaHalf: number // trigger, mg N/L, C
  readonly organicsHalf: number // trigger, mg C/L, C
  readonly swingHalf: number // trigger, C
  readonly plantAreaHalf: number // healthy leaf area per floor area, m²/m², C
  readonly sporesGPerDay: number // per 0.54 m², C
  readonly epiphyteShade: number // C
  readonly epiphyteShadeHalfGPerM2: number // C
  readonly grazerMaxGPerDay: number // C
  readonly grazerHalfGPerM2: number // C
  // Bacteria; activated-sludge literature, Henze et al., B
  readonly ammoniaOxidiserGrowth: number
  readonly nitriteOxidiserGrowth: number
  readonly ammoniaOxidiserYield: number
  readonly nitriteOxidiserYield: number
  readonly ammoniaOxidiserDecay: number
  readonly nitriteOxidiserDecay: number
  readonly nitrifierHalfAmmonium: number
  readonly nitrifierHalfNitrite: number
  readonly nitrifierHalfOxygen: number
  readonly nitrifierHalfPh: number // C
  // Organics, C
  readonly detritusDecayPerDay: number
  readonly detritusToDissolved: number
  readonly dissolvedDecayPerDay: number
  readonly biofilmPerDay: number
  readonly tanninAbsorption: number // m⁻¹/(mg/L)
  readonly tanninBleachPerDay: number
  readonly woodReleasePerDay: number
  readonly foodC: number
  readonly foodN: number
  readonly foodP: number
  // Gas
  readonly transferStillMPerH: number // B
  readonly transferAgitatedMPerH: number // B
  readonly transferSkimmerMPerH: number // B
  readonly oxygenBubblingPerH: number // C
  readonly dissolvedGasShare: number // of the injected gas, B
  readonly filmPerDay: number // C
  readonly filmLossPerDay: number // C
  // Ground, C
  readonly retardation: PerKind
  readonly reservoirReleasePerDay: PerKind
  readonly carbonPerReleasedN: number
  readonly poreExchangeMPerDay: number
  readonly denitrificationPerDay: number
  readonly softeningPerDay: number
  readonly ironLossPerDay: number
  readonly silicaLeakPerDay: number
  readonly indicatorLagH: number // B
  // Little alkalinity, and weeks without water
  readonly nitrifierHalfAlkalinity: number // meq/L at which nitrification is halved; direction from wastewater practice, C
  readonly airGrowth: number // growth of leaves in moist air over that under water with ample CO2; rule of thumb, C
  readonly rootedMelt: number // melt of air-grown leaves after a dry start over that of new pots: they stand rooted; general practice, C
  readonly submersedInAir: number // photosynthesis of water-grown leaves in moist air; rule of thumb, C
  readonly witherPerDay: number // their loss in air, C
  readonly soilNitrifierShare: number // nitrifiers that moist ground carries, over what a filter does, C
  readonly moistDenitrification: number // in moist pores over flooded ones, C
}

export const DEFAULT_PARAMETERS: Parameters = {
  maxGrowthPerH: [0.015, 0.029, 0.0046, 0.011, 0.009, 0.021],
  halfLightPpfd: [85, 100, 35, 65, 40, 150],
  halfCo2MgPerL: [7, 6, 4, 6, 6, 1],
  bicarbonateUse: [0.005, 0.02, 0.005, 0.02, 0, 0],
  respirationPerDay: [0.007, 0.011, 0.002, 0.005, 0.004, 0.01],
  turnoverPerDay: [0.004, 0.005, 0.001, 0.003, 0.002, 0.008],
  leafM2PerG: [0.032, 0.028, 0.018, 0.024, 0.03, 0.028],
  extinction: [0.5, 0.42, 0.5, 0.45, 0.55, 0.75],
  heightLight: [1, 1.45, 1.15, 1.25, 1.1, 2.2],
  rootShare: [0.55, 0.4, 0.05, 0.55, 0, 0],
  openLeafShare: [0.04, 0.03, 0.15, 0.06, 0.1, 0.02],
  meltPerDay: [0.08, 0.05, 0.03, 0.1, 0.04, 0.02],
  optimumC: [24, 26, 26, 26, 22, 27],
  maximumC: [32, 36, 35, 36, 31, 38],
  heatLossPerDayC: [0.0015, 0.0006, 0.0004, 0.0004, 0.0015, 0],
  minimumC: 8,
  curveBend: 0.85,
  growthEfficiency: 0.8,
  exudation: 0.04,
  overflowExudation: 0.25,
  emersedEfficiency: 0.4,
  storeMin: [0.01, 0.0012, 0.008, 0.00005],
  storeMax: [0.045, 0.007, 0.045, 0.0006],
  uptakeScale: 1,
  halfAmmonium: 0.05,
  halfNitrate: 0.15,
  halfPhosphate: 0.02,
  halfPotassium: 0.5,
  halfIron: 0.02,
  carbonMgPerG: 400,
  calciumMgPerG: 8,
  magnesiumMgPerG: 3,
  halfCalcium: 1,
  halfMagnesium: 0.4,
  plantOverlap: 0.6,
  algaeOverlap: 0.45,
  strainHalfHealth: 2.5,
  strainMemoryH: 120,
  co2MemoryH: 120,
  shadeLossPerDay: 0.025,
  strainLossPerDay: 0.025,
  hungerLossPerDay: 0.1,
  resorption: 0.3,
  leakPerDay: 0.006,
  shadeHalfH: 1,
  liftLai: 5,
  liftThreshold: 0.55,
  liftPerDay: 0.06,
  trimStrain: 6,
  trimSap: 0.03,
  trimScraps: 0.02,
  algaeGrowthPerH: [0.075, 0.05, 0.0987, 0.0447, 0.0734],
  algaeHalfLightPpfd: [35, 110, 120, 55, 40],
  algaeCeilingGPerM2: [2, 1.5, 10, 8, 6],
  algaeLossPerDay: [0.06, 0.05, 0.055, 0.018, 0.05],
  algaeBiofilmLoss: [0.12, 0.02, 0.02, 0.006, 0.03],
  algaePlantLoss: [0.1, 0.06, 0.1, 0.05, 0.07],
  triggerNone: [0.25, 0.55, 0.14, 0.06, 0.05],
  triggerAmmonia: [0.75, 0.25, 0.45, 0.1, 0.1],
  triggerOrganics: [0, 0.15, 0.23, 0.3, 0.75],
  triggerSwing: [0, 0, 0, 0.35, 0],
  triggerStress: [0, 0.05, 0.3, 0.4, 0.1],
  algaeOptimumC: [22, 31, 31, 31, 34],
  algaeMaximumC: [33, 40, 42, 40, 46],
  grazerTaste: [1, 0.5, 0.5, 0.08, 0.03],
  scrapeShare: [0.7, 0.7, 0.25, 0.1, 0.5],
  algaeHalfCo2: 0.4,
  algaeBicarbonateUse: 0.02,
  algaeHalfN: 0.03,
  algaeHalfP: 0.004,
  algaeHalfSi: 0.25,
  algaeNMgPerG: 50,
  algaePMgPerG: 6,
  algaeKMgPerG: 10,
  algaeSiMgPerG: 200,
  ammoniumPreference: 5,
  ammoniaHalf: 0.2,
  organicsHalf: 5,
  swingHalf: 0.35,
  plantAreaHalf: 2,
  sporesGPerDay: 8e-4,
  epiphyteShade: 0.6,
  epiphyteShadeHalfGPerM2: 10,
  grazerMaxGPerDay: 0.008,
  grazerHalfGPerM2: 3,
  ammoniaOxidiserGrowth: 0.5,
  nitriteOxidiserGrowth: 0.55,
  ammoniaOxidiserYield: 0.13,
  nitriteOxidiserYield: 0.05,
  ammoniaOxidiserDecay: 0.04,
  nitriteOxidiserDecay: 0.03,
  nitrifierHalfAmmonium: 0.4,
  nitrifierHalfNitrite: 0.4,
  nitrifierHalfOxygen: 0.5,
  nitrifierHalfPh: 5.9,
  detritusDecayPerDay: 0.06,
  detritusToDissolved: 0.35,
  dissolvedDecayPerDay: 0.25,
  biofilmPerDay: 0.12,
  tanninAbsorption: 0.1,
  tanninBleachPerDay: 0.015,
  woodReleasePerDay: 0.04,
  foodC: 0.45,
  foodN: 0.075,
  foodP: 0.011,
  transferStillMPerH: 0.02,
  transferAgitatedMPerH: 0.18,
  transferSkimmerMPerH: 0.1,
  oxygenBubblingPerH: 0.3,
  dissolvedGasShare: 0.85,
  filmPerDay: 0.3,
  filmLossPerDay: 0.1,
  retardation: [15, 60, 6, 50],
  reservoirReleasePerDay: [0.015, 0.006, 0.01, 0.004],
  carbonPerReleasedN: 3,
  poreExchangeMPerDay: 0.02,
  denitrificationPerDay: 0.25,
  softeningPerDay: 0.7, // rule of thumb 0.5–1 for new active soil; the stock stands with the ground
  ironLossPerDay: 0.25,
  silicaLeakPerDay: 0.05,
  indicatorLagH: 2,
  nitrifierHalfAlkalinity: 0.15,
  airGrowth: 1.1,
  rootedMelt: 0.4,
  submersedInAir: 0.3,
  witherPerDay: 0.04,
  soilNitrifierShare: 0.05,
  moistDenitrification: 0.3,
}

const lists = (parameters: Parameters): Parameters => {
  const typed = { ...parameters } as Record<string, unknown> // only lists are replaced, by lists of the same length
  for (const [name, value] of Object.entries(parameters)) if (typeof value !== 'number') typed[name] = Float64Array.from(value as PerKind)
  return typed as unknown as Parameters
}
const TEMPLATE = templateOf(lists(DEFAULT_PARAMETERS))

/** The same parameters as the kernel reads them: lists typed, all in one hidden shape. */
export const kernelParameters = (parameters: Parameters): Parameters => inShapeOf(TEMPLATE, lists(parameters))
