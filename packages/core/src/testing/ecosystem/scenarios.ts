import type { NutrientAmounts } from '../../feed/nutrients.js'
import type { TapWater } from '../../water/tapOf.js'
import type { Conditions, Forcing, Method, Site, TankEvent, TimedEvent } from '../../ecosystem/forcing.js'
import { DEFAULT_PARAMETERS, type Parameters } from '../../ecosystem/parameters.js'
import { PRODUCT_METHOD, simulate, type Run } from '../../ecosystem/simulate.js'
import { startState } from '../../ecosystem/startState.js'
import { PROTOTYPE_CHEMISTRY } from './prototypeChemistry.js'
import { UNSTABLE_GAS } from './unstableGas.js'

/** The independent scenarios of the model: one reference tank and its variations, in the units of the expected trajectories (ions, mg/L; fixed 00:00 events). */
interface Dose {
  NO3?: number
  NH4?: number
  PO4?: number
  K?: number
  Fe?: number
  Ca?: number
  Mg?: number
}
interface Setting {
  ppfd: number
  photo: number
  co2: number
  flow: number
  agit: number
  skim: number
  food: number
  dose: Dose
}
interface Scenario extends Setting {
  V: number
  A: number
  depth: number
  soil: keyof typeof SOIL
  soilL: number
  T: number
  on: number
  ramp: number
  co2Pre: number
  co2Off: number
  co2Max: number | null
  tapK: number
  plants: number[]
  emersed: number[]
  foot: number[]
  change: (day: number) => number
  trim: ((day: number) => TankEvent | null) | null
  schedule: ((day: number) => Partial<Setting>) | null
  tabs: ((day: number) => number[] | null) | null
  foodStart: number
  grazers: number
  grazersStart: number
  wood: number
  aob: number
  nob: number
  biofilm: number
}

const SOIL = {
  rich: { S: [130, 25, 60, 30], O: [260, 80, 250, 300], v: 1, buffer: 25, alk: 0.35, Si: 60 },
  buffer: { S: [15, 8, 25, 20], O: [90, 30, 120, 150], v: 1, buffer: 25, alk: 0.35, Si: 60 },
  capped: { S: [130, 25, 60, 30], O: [260, 80, 250, 300], v: 0.25, buffer: 12, alk: 0.6, Si: 90 },
  inert: { S: [0.5, 0.5, 1, 2], O: [0, 0, 0, 0], v: 1, buffer: 0, alk: 1.5, Si: 40 },
}

export function usualChanges(day: number): number {
  if (day === 0) return 0
  if (day < 7) return 0.5
  if (day < 14) return day % 2 === 0 ? 0.5 : 0
  if (day < 28) return day % 3 === 0 ? 0.5 : 0
  return day % 7 === 0 ? 0.5 : 0
}
const weekly = (day: number): number => (day % 7 === 0 && day > 0 ? 0.5 : 0)
const never = (): number => 0
const trimAbove =
  (laiLimitOfGroup: number[], cut: number) =>
  (day: number): TankEvent | null =>
    day % 7 === 0 && day > 0 ? { kind: 'trim-above', laiLimitOfGroup, cut } : null
const trimAllOn =
  (days: number[], cut: number) =>
  (day: number): TankEvent | null =>
    days.includes(day) ? { kind: 'trim', cutOfGroup: new Array<number>(6).fill(cut) } : null
const from =
  (day: number, setting: Partial<Setting>) =>
  (today: number): Partial<Setting> =>
    today >= day ? setting : {}

const USUAL_TRIM = trimAbove([5, 4.5, 5, 6, 5, 1.2], 0.4)
const BASE: Scenario = {
  V: 200,
  A: 0.54,
  depth: 0.42,
  soil: 'rich',
  soilL: 22,
  T: 24.5,
  agit: 0.5,
  skim: 0,
  flow: 0.7,
  ppfd: 90,
  photo: 8,
  on: 12,
  ramp: 0.5,
  co2: 2900,
  co2Pre: 2,
  co2Off: 1,
  co2Max: 30,
  dose: { NO3: 1.2, PO4: 0.15, K: 1.2, Fe: 0.03 },
  tapK: 1,
  plants: [4, 10, 3, 4, 1, 0],
  emersed: [0.7, 0.7, 0.5, 0.8, 0.3, 0],
  foot: [0.35, 0.35, 0.1, 0.15, 0.05, 0.6],
  change: usualChanges,
  trim: USUAL_TRIM,
  schedule: null,
  tabs: null,
  food: 0.4,
  foodStart: 42,
  grazers: 10,
  grazersStart: 28,
  wood: 0,
  aob: 0.1,
  nob: 0.1,
  biofilm: 0.02,
}
const RICH: Dose = { NO3: 3, PO4: 0.45, K: 3, Fe: 0.06 }
const LEAN: Dose = { NO3: 0, NH4: 0, PO4: 0.03, K: 0.7, Fe: 0.02 }
const NONE = [1e-6, 1e-6, 1e-6, 1e-6, 1e-6, 1e-6]
const DENSE = [5, 22, 3, 6, 1, 0]
const SPARSE = [1, 1.5, 1, 1, 0.3, 0]
const ADULT: Partial<Scenario> = { grazers: 0, emersed: [0, 0, 0, 0, 0, 0], soil: 'buffer', aob: 20, nob: 10, biofilm: 0.5, dose: RICH }
const TABS = (day: number): number[] | null => (day % 60 === 0 ? [600, 120, 500, 60] : null)
const CARPET: Partial<Scenario> = { plants: [8, 4, 1, 1, 0, 0], foot: [0.6, 0.2, 0.1, 0.15, 0.05, 0.6], ppfd: 120 }
const INERT: Partial<Scenario> = { food: 0, soil: 'inert' }
const probe = (group: number): Partial<Scenario> => ({
  ...ADULT,
  trim: null,
  plants: NONE.map((mass, index) => (index === group ? 0.3 : 0) + mass),
  ppfd: group === 2 || group === 4 ? 60 : 130,
  photo: 9,
  foot: [0.3, 0.3, 0.3, 0.3, 0.3, 0.3],
  grazers: 40,
  grazersStart: 0,
})
const HALF = BASE.plants.map((mass) => mass / 2)

const VARIATIONS = {
  base: {},
  HH: { ...ADULT, ppfd: 130 },
  HL: { ...ADULT, ppfd: 130, co2: 0 },
  LH: { ...ADULT, ppfd: 35 },
  LL: { ...ADULT, ppfd: 35, co2: 0 },
  dense: { ppfd: 120, plants: [5, 22, 3, 6, 1, 3] },
  sparse: { ppfd: 120, plants: SPARSE },
  half: { plants: HALF },
  dark: { ppfd: 0, co2: 0, plants: NONE, change: never, trim: null },
  cyc_lit: { ppfd: 60, co2: 0, plants: NONE, change: never, trim: null },
  cyc_plant: {},
  seeded: { aob: 8, nob: 5, biofilm: 0.2 },
  wkonly: { change: weekly },
  daily: { change: (day) => (day > 0 ? 0.5 : 0) },
  capped: { soil: 'capped' },
  lean: { plants: DENSE, ppfd: 110, food: 0, dose: LEAN, schedule: from(147, { dose: { ...LEAN, NO3: 2.5 } }) },
  lean2: { plants: DENSE, ppfd: 110, food: 0, dose: LEAN },
  rich: { plants: DENSE, ppfd: 110, food: 0, dose: RICH },
  EI: { dose: RICH },
  EImax: { dose: RICH, plants: NONE, soil: 'inert', ppfd: 0, change: weekly, food: 0, trim: null },
  lowag: { agit: 0.15 },
  hiag: { agit: 0.8, skim: 0.5 },
  co2x2: { co2Max: null, co2: 4600 },
  co2x1: { co2Max: null, co2: 2300 },
  nopre: { co2Pre: 0 },
  unst: { ppfd: 130, schedule: (day) => ({ co2: 2900 * (UNSTABLE_GAS[day] ?? 1) }) },
  stable: { ppfd: 130 },
  lowCO2: { ppfd: 130, co2: 500 },
  tc: { emersed: [0, 0, 0, 0, 0, 0], plants: HALF },
  notrimcar: { ...CARPET, trim: null },
  trimcar: { ...CARPET, trim: trimAbove([4, 4.5, 5, 6, 5, 1.2], 0.4) },
  trimall: { trim: trimAllOn([98], 0.75) },
  staged: { trim: trimAllOn([98, 107, 116, 125], 1 - 0.25 ** 0.25) },
  trimall130: { ppfd: 130, trim: trimAllOn([98], 0.75) },
  staged130: { ppfd: 130, trim: trimAllOn([98, 107, 116, 125], 1 - 0.25 ** 0.25) },
  warm: { T: 29 },
  wood: { wood: 18000 },
  st_c: {},
  st_a: { schedule: from(98, { co2: 0 }) },
  st_b: { schedule: from(98, { co2: 0, ppfd: 30 }) },
  neglect: { flow: 0.15, agit: 0.25, food: 3, change: (day) => (day < 60 ? usualChanges(day) : 0) },
  busyfish: { food: 3 },
  photo11: { photo: 11 },
  photo6: { photo: 6 },
  light80: { ppfd: 150 },
  inert_tabs: { soil: 'inert', tabs: TABS },
  inert_notabs: { ...INERT, dose: LEAN },
  inert_tabs_lean: { ...INERT, dose: LEAN, tabs: TABS },
  dense_nofl: { ppfd: 120, plants: DENSE },
  sparse_lowlight: { ppfd: 50, plants: SPARSE },
  nh4dose: { dose: { NO3: 0, NH4: 0.35, PO4: 0.15, K: 1.2, Fe: 0.03 } },
  K0: { ...INERT, dose: { ...RICH, K: 0 }, tapK: 0 },
  P0: { ...INERT, dose: { ...RICH, PO4: 0 } },
  Fe0: { ...INERT, dose: { ...RICH, Fe: 0 } },
  rgr_carpet: probe(0),
  rgr_stems: probe(1),
  rgr_epiphyte: probe(2),
  rgr_rosette: probe(3),
  rgr_moss: probe(4),
  rgr_floater: probe(5),
} satisfies Record<string, Partial<Scenario>>
export type ScenarioName = keyof typeof VARIATIONS
export const SCENARIO_NAMES = Object.keys(VARIATIONS) as ScenarioName[]

const mgPerL = (dose: Dose): NutrientAmounts => ({
  nitrateN: ((dose.NO3 ?? 0) * 14) / 62,
  ammoniumN: ((dose.NH4 ?? 0) * 14) / 18,
  phosphateP: ((dose.PO4 ?? 0) * 31) / 95,
  potassium: dose.K ?? 0,
  iron: dose.Fe ?? 0,
  calcium: dose.Ca ?? 0,
  magnesium: dose.Mg ?? 0,
})

const tapOf = (scenario: Scenario, name: ScenarioName): TapWater => ({
  ammoniumMgNPerL: 0,
  nitrateMgNPerL: 14 / 62,
  phosphateMgPPerL: name === 'P0' ? 0 : (0.01 * 31) / 95,
  potassiumMgPerL: scenario.tapK,
  ironMgPerL: 0,
  calciumMgPerL: 25,
  magnesiumMgPerL: 6,
  siliconMgPerL: 0.7,
  alkalinityMeqPerL: 1.4,
})

function conditionsOf(scenario: Scenario, today: Partial<Setting>, day: number, stepMin: number): Conditions {
  const now = { ...scenario, ...today }
  const steps = 1440 / stepMin
  const middleH = (index: number): number => ((index + 0.5) * stepMin) / 60
  return {
    temperatureC: scenario.T,
    agitation: now.agit,
    skimmer: now.skim,
    transferTimes: 1,
    flow: now.flow,
    grazerTaste: new Float64Array(5).fill(1),
    ppfd: now.ppfd,
    lightOfGroup: new Float64Array(6).fill(1),
    lightShareOfStep: Float64Array.from({ length: steps }, (_, index) => {
      const x = middleH(index) - now.on
      return Math.min(1, Math.max(0, Math.min(x, now.photo - x) / now.ramp))
    }),
    gasShareOfStep: Float64Array.from({ length: steps }, (_, index) =>
      middleH(index) >= now.on - now.co2Pre && middleH(index) < now.on + now.photo - now.co2Off ? 1 : 0,
    ),
    gasMgPerH: now.co2,
    gasLimitMgPerL: now.co2Max,
    isDry: false,
    foodGPerDay: day >= now.foodStart ? now.food : 0,
    grazers: day >= now.grazersStart ? now.grazers : 0,
  }
}

/** The trajectories know the slower softening of bare pellets; with it the kernel meets them. */
export const SCENARIO_PARAMETERS: Parameters = { ...DEFAULT_PARAMETERS, softeningPerDay: 0.15 }

/** The prototype's rosettes live from their roots nearly alone, and its algae like it cooler. */
export const PROTOTYPE_PARAMETERS: Parameters = {
  ...SCENARIO_PARAMETERS,
  rootShare: [0.55, 0.4, 0.05, 0.8, 0, 0],
  algaeGrowthPerH: [0.075, 0.045, 0.09, 0.037, 0.062],
  algaeOptimumC: [22, 29, 29, 27, 31],
  algaeMaximumC: [33, 38, 40, 36, 44],
  nitrifierHalfAlkalinity: 0,
}

export interface ScenarioOptions {
  readonly stepMin: 10 | 30 | 60
  readonly method?: Method
  readonly parameters?: Parameters
  readonly days?: number
  readonly curveDays?: readonly number[]
}

export const PROTOTYPE_METHOD: Method = { chemistry: PROTOTYPE_CHEMISTRY, gas: 'split', uptake: 'apart' }

export function runScenario(
  name: ScenarioName,
  { stepMin, method = PRODUCT_METHOD, parameters = SCENARIO_PARAMETERS, days = 182, curveDays = [] }: ScenarioOptions,
): Run {
  const scenario: Scenario = { ...BASE, ...(VARIATIONS[name] as Partial<Scenario>) }
  const soil = SOIL[scenario.soil]
  const site: Site = {
    waterL: scenario.V,
    surfaceM2: scenario.A,
    depthM: scenario.depth,
    // The prototype's ground has one porosity.
    poreL: 0.4 * scenario.soilL,
    groundExchange: soil.v,
    softenToMeqPerL: soil.alk,
    acidBufferMeq: soil.buffer * scenario.soilL,
    footOfGroup: scenario.foot,
    meltTimes: 1,
    hardM2: 1.5 * scenario.A,
    filterCeilingMg: (400 * scenario.V) / 200,
    airCo2Ppm: 500,
  }
  const tap = tapOf(scenario, name)
  const spans: Forcing['spans'][number][] = []
  const events: TimedEvent[] = []
  for (let day = 0; day < days; day++) {
    const today = scenario.schedule?.(day) ?? {}
    spans.push({ fromDay: day, conditions: conditionsOf(scenario, today, day, stepMin) })
    const at = (event: TankEvent): void => void events.push({ atMin: day * 1440, event })
    const cut = scenario.trim?.(day)
    if (cut) at(cut)
    const fraction = scenario.change(day)
    if (fraction > 0) at({ kind: 'change', fraction, tap, vacuum: 0.08, wipe: day % 7 === 0 ? 0.5 : 0 })
    at({ kind: 'dose', mgPerL: mgPerL(today.dose ?? scenario.dose) })
    const tabs = scenario.tabs?.(day)
    if (tabs) at({ kind: 'tabs', mgOfNutrient: tabs })
  }
  const start = startState({
    site,
    tap,
    temperatureC: scenario.T,
    chemistry: method.chemistry,
    plantG: scenario.plants,
    emersedShare: scenario.emersed,
    storeShare: [0.03, 0.0045, 0.03, 0.0003],
    groundMg: soil.S.map((mg) => mg * scenario.soilL),
    reservoirMg: soil.O.map((mg) => mg * scenario.soilL),
    silicaMg: soil.Si * scenario.soilL,
    woodMgC: scenario.wood,
    filter: { ammoniaOxidisersMg: scenario.aob, nitriteOxidisersMg: scenario.nob, biofilm: scenario.biofilm },
  })
  return simulate({ forcing: { stepMin, site, spans, events }, parameters, startState: start, days, method, curveDays })
}
