import type { GasLine, Lamp, Piece, Plan, TabProduct } from './plan.js'
import { UNSET_AMOUNTS } from './planFeed.js'
import { WET_START } from './planStart.js'
import { UNKNOWN_WATER } from './planWater.js'

/** The parts of a plan that nobody has said anything about yet. */
export const UNPLANNED = {
  start: WET_START,
  intent: { layout: null, pace: null, hoursPerWeek: null, money: null, views: ['front'], wishes: [] },
  stand: {
    massKg: null,
    kitMassKg: null,
    rests: null,
    feet: null,
    footAreaCm2: null,
    floor: null,
    cornersMm: { frontLeft: null, frontRight: null, backLeft: null, backRight: null },
  },
  room: {
    monthlyC: [null, null, null, null, null, null, null, null, null, null, null, null],
    humidityFraction: null,
    sunHours: null,
    windowFacingDeg: null,
    latitudeDeg: null,
    volumeM3: null,
  },
  zones: [],
  barriers: [],
  tabs: [],
  beds: [],
  spots: [],
  variants: [],
  light: { attenuationPerM: null, start: null, readings: [] },
  flora: [],
  tabProduct: null,
  filters: [],
  outlets: [],
  climate: { heaterW: null, coolerW: null },
  muted: [],
  feed: {
    amounts: UNSET_AMOUNTS,
    phases: [],
    macroDays: [],
    traceDays: [],
    skipsChangeDay: false,
    countsWater: false,
    pauses: [],
    cupboard: [],
  },
  water: UNKNOWN_WATER,
  logistics: { purifiedFraction: null, purifierLPerDay: null, barrelL: null, wastePerL: null },
  money: {
    currency: 'EUR',
    electricityPerKwh: null,
    gasPerKg: null,
    waterPerM3: null,
    saltsPerKg: null,
    plantsPerMonth: null,
    columns: [{ id: 'first', name: '' }],
    prices: [],
    extras: [],
    owned: [],
  },
  fauna: [],
  absences: [],
} as const satisfies Partial<Plan>

/** What the pack of a tab does not say. */
export const UNKNOWN_TAB = { nitrogenMg: null, phosphorusMg: null, potassiumMg: null, ironMg: null } as const satisfies Partial<TabProduct>

/** A lamp of which nothing is known. */
export const UNKNOWN_LAMP = {
  kind: null,
  fluxUmolPerS: null,
  lumens: null,
  watts: null,
  lengthCm: null,
  widthCm: null,
  xCm: null,
  yCm: null,
  aboveWaterCm: null,
  tiltDeg: 0,
  beamExponent: null,
  dimFraction: null,
} as const satisfies Omit<Lamp, 'id'>

/** A line that nobody has tuned: on a timer, open before lights-on by what most tanks need, shut before dark. */
export const UNTUNED_LINE = {
  control: 'timer',
  diffuser: null,
  dissolvedFraction: null,
  peakMgPerL: null,
  cylinderKg: null,
  emptyKg: null,
  regulator: null,
  workingBar: null,
  sharedWith: null,
  bubblesPerS: null,
  bubbleMl: null,
  linePressureBar: null,
  beforeLightMin: 90,
  beforeDarkMin: 60,
  limitMgPerL: null,
} as const satisfies Omit<GasLine, 'id'>

/** A piece that has no place in the tank yet. */
export const UNPLACED = {
  name: '',
  massKg: null,
  volumeL: null,
  outline: null,
  profile: null,
  heightCm: null,
  sunkCm: 0,
  fixing: 'none',
} as const satisfies Omit<Piece, 'id' | 'material'>
