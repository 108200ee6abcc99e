import { normal, randomOf } from '../numeric/random.js'
import { DEFAULT_PARAMETERS, type Parameters, type PerKind } from './parameters.js'

/** How widely each parameter is known: a factor f means log-normal, ×/÷ f at about ±1.6 standard deviations. Parameters that are not named stay fixed. */
const FACTOR: { readonly [Name in keyof Parameters]?: number } = {
  maxGrowthPerH: 1.35,
  halfLightPpfd: 1.4,
  halfCo2MgPerL: 1.5,
  respirationPerDay: 1.6,
  turnoverPerDay: 2,
  leafM2PerG: 1.4,
  extinction: 1.25,
  heightLight: 1.25,
  openLeafShare: 2,
  meltPerDay: 2,
  heatLossPerDayC: 2,
  exudation: 2,
  overflowExudation: 1.9,
  emersedEfficiency: 1.5,
  storeMin: 1.3,
  storeMax: 1.25,
  uptakeScale: 1.7,
  halfAmmonium: 2.5,
  halfNitrate: 2.5,
  halfPhosphate: 2.5,
  halfPotassium: 2.5,
  halfIron: 2.5,
  carbonMgPerG: 1.1,
  calciumMgPerG: 2,
  magnesiumMgPerG: 2,
  halfCalcium: 2,
  halfMagnesium: 2,
  plantOverlap: 1.4,
  algaeOverlap: 1.5,
  strainHalfHealth: 1.7,
  strainMemoryH: 1.8,
  co2MemoryH: 1.8,
  shadeLossPerDay: 2,
  strainLossPerDay: 2,
  hungerLossPerDay: 2,
  leakPerDay: 2,
  shadeHalfH: 2,
  liftLai: 1.3,
  liftPerDay: 1.3,
  trimStrain: 2,
  trimSap: 2,
  trimScraps: 2,
  algaeGrowthPerH: 1.4,
  algaeHalfLightPpfd: 1.4,
  algaeCeilingGPerM2: 2,
  algaeLossPerDay: 1.5,
  algaeBiofilmLoss: 2,
  algaePlantLoss: 2,
  triggerNone: 1.5,
  triggerAmmonia: 1.5,
  triggerOrganics: 1.5,
  triggerSwing: 1.6,
  triggerStress: 1.5,
  grazerTaste: 2,
  algaeHalfCo2: 3,
  algaeHalfN: 3,
  algaeHalfP: 3,
  algaeHalfSi: 3,
  ammoniaHalf: 3,
  organicsHalf: 2,
  swingHalf: 1.7,
  plantAreaHalf: 2,
  sporesGPerDay: 4,
  grazerMaxGPerDay: 2,
  ammoniaOxidiserGrowth: 1.5,
  nitriteOxidiserGrowth: 1.5,
  ammoniaOxidiserYield: 1.5,
  nitriteOxidiserYield: 1.5,
  ammoniaOxidiserDecay: 2,
  nitriteOxidiserDecay: 2,
  nitrifierHalfAmmonium: 2,
  nitrifierHalfNitrite: 2,
  nitrifierHalfOxygen: 2,
  detritusDecayPerDay: 2,
  dissolvedDecayPerDay: 2,
  biofilmPerDay: 1.7,
  tanninAbsorption: 2,
  tanninBleachPerDay: 2,
  woodReleasePerDay: 2,
  transferStillMPerH: 1.6,
  transferAgitatedMPerH: 1.6,
  transferSkimmerMPerH: 1.6,
  oxygenBubblingPerH: 3,
  dissolvedGasShare: 1.25,
  filmPerDay: 2,
  filmLossPerDay: 2,
  retardation: 2,
  reservoirReleasePerDay: 2,
  carbonPerReleasedN: 2.5,
  poreExchangeMPerDay: 2,
  denitrificationPerDay: 2,
  softeningPerDay: 1.5,
  ironLossPerDay: 2,
  silicaLeakPerDay: 2,
  indicatorLagH: 2,
  nitrifierHalfAlkalinity: 2,
  airGrowth: 1.5,
  rootedMelt: 1.8,
  submersedInAir: 1.5,
  witherPerDay: 2,
  soilNitrifierShare: 3,
  moistDenitrification: 2,
}
/** Known within ± an amount, normal, at about ±1.6 standard deviations. */
const PLUS_MINUS: { readonly [Name in keyof Parameters]?: number } = {
  optimumC: 2,
  maximumC: 2,
  rootShare: 0.15,
  algaeOptimumC: 3,
  nitrifierHalfPh: 0.5,
}
/** Shares stay shares. */
const SHARES = new Set<keyof Parameters>([
  'rootShare',
  'dissolvedGasShare',
  'plantOverlap',
  'algaeOverlap',
  'emersedEfficiency',
  'submersedInAir',
  'moistDenitrification',
  'overflowExudation',
  'exudation',
  'triggerNone',
  'triggerAmmonia',
  'triggerOrganics',
  'triggerSwing',
  'triggerStress',
])
const SHARE_MAX = 0.98

/** Parameters of one member of an ensemble. Depends only on (seed, member), so that two arms of a question, and any two machines, draw the same tank. */
export function drawParameters(seed: number, member: number): Parameters {
  const random = randomOf(seed, member)
  const drawn: Record<string, unknown> = { ...DEFAULT_PARAMETERS } // numbers are replaced by numbers, lists by lists of the same length
  for (const [name, standard] of Object.entries(DEFAULT_PARAMETERS) as [keyof Parameters, number | PerKind][]) {
    const factor = FACTOR[name]
    const amount = PLUS_MINUS[name]
    if (factor === undefined && amount === undefined) continue
    const draw = (value: number): number => {
      const deviate = Math.max(-2.5, Math.min(2.5, normal(random))) / 1.6
      const spread = factor === undefined ? value + (amount ?? 0) * deviate : value * factor ** deviate
      return SHARES.has(name) ? Math.min(SHARE_MAX, Math.max(0, spread)) : spread
    }
    drawn[name] = typeof standard === 'number' ? draw(standard) : Array.from(standard, draw)
  }
  return keepOrdered(drawn as unknown as Parameters)
}

/** Independent draws may cross where one bound must stay above another. */
function keepOrdered(drawn: Parameters): Parameters {
  const above = (low: PerKind, high: PerKind, gap: (low: number) => number): number[] =>
    Array.from(high, (value, index) => Math.max(value, gap(low[index]!)))
  return {
    ...drawn,
    storeMax: above(drawn.storeMin, drawn.storeMax, (low) => low * 1.5),
    maximumC: above(drawn.optimumC, drawn.maximumC, (low) => low + 3),
    algaeMaximumC: above(drawn.algaeOptimumC, drawn.algaeMaximumC, (low) => low + 3),
  }
}
