import { fromUnit, toUnit, UNIT_CHOICES, type ChosenDimension, type UnitOf, type UnitPreferences } from './units.js'

/** Dimensions that everybody reads in one unit. `digits`: significant digits of a told value, 3 where none are named. */
const FIXED = {
  /** Whole things. */
  count: { unit: '' },
  /** Of a whole, 0–1. */
  fraction: { unit: '%', factor: 100 },
  /** One thing over another, without a unit. */
  ratio: { unit: '', digits: 2 },
  pH: { unit: '' },
  angle: { unit: '°', digits: 2 },
  /** Work and waiting, told in hours from one hour on. */
  minutes: { unit: 'min' },
  seconds: { unit: 's' },
  hours: { unit: 'h' },
  days: { unit: 'days' },
  /** Of the tank's age. */
  day: { unit: '' },
  power: { unit: 'W' },
  ppfd: { unit: 'µmol/m²/s' },
  photonFlux: { unit: 'µmol/s' },
  luminousFlux: { unit: 'lm' },
  /** Of light in water, by the natural logarithm. */
  attenuation: { unit: '/m', digits: 2 },
  speed: { unit: 'm/s', digits: 2 },
  dailyLight: { unit: 'mol/m²', digits: 2 },
  surface: { unit: 'm²' },
  gasRate: { unit: 'g/h', digits: 2 },
  gasADay: { unit: 'g/day', digits: 2 },
  airShare: { unit: 'ppm' },
  concentration: { unit: 'mg/L' },
  conductivity: { unit: 'µS/cm' },
  turnover: { unit: '/h', digits: 2 },
  bubbles: { unit: '/s' },
  bubble: { unit: 'mL' },
  /** Salts are weighed in grams everywhere: recipes, labels and pocket scales know nothing else. */
  salt: { unit: 'g' },
  /** Of a stock or a bottle. */
  dosing: { unit: 'mL', digits: 2 },
  pumping: { unit: 'mL/min', digits: 2 },
  /** In a tab or a capsule. */
  content: { unit: 'mg', digits: 2 },
  pressure: { unit: 'bar' },
  press: { unit: 'kPa', digits: 2 },
  force: { unit: 'N' },
  bulk: { unit: 'kg/L' },
  fodder: { unit: 'g/day' },
  /** In the currency that the quantity carries. */
  money: { unit: '' },
} as const satisfies Record<string, { readonly unit: string; readonly factor?: number; readonly digits?: number }>

const INCH_CM = 2.54
const LB_KG = 0.45359237
const FOOT_M = 0.3048
const US_GALLON_L = 3.785411784
const IMPERIAL_GALLON_L = 4.54609

/** Dimensions whose unit follows the one chosen for another. */
const FOLLOWS = {
  /** Bores, films and shims; canonical mm. */
  thickness: { of: 'length', units: { cm: ['mm', 1], in: ['in', 1 / (10 * INCH_CM)] } },
  /** Canonical mm to the metre. */
  slope: { of: 'length', units: { cm: ['mm/m', 1], in: ['in/ft', (FOOT_M * 100) / INCH_CM / 1000] } },
  /** Canonical cm². */
  area: { of: 'length', units: { cm: ['cm²', 1], in: ['in²', 1 / INCH_CM ** 2] } },
  /** Of rooms; canonical m³. */
  space: { of: 'length', units: { cm: ['m³', 1], in: ['ft³', 1 / FOOT_M ** 3] } },
  /** Canonical L/h. */
  flow: {
    of: 'volume',
    units: { L: ['L/h', 1], 'US gal': ['US gal/h', 1 / US_GALLON_L], 'imp gal': ['imp gal/h', 1 / IMPERIAL_GALLON_L] },
  },
  /** Canonical L/day. */
  yield: {
    of: 'volume',
    units: { L: ['L/day', 1], 'US gal': ['US gal/day', 1 / US_GALLON_L], 'imp gal': ['imp gal/day', 1 / IMPERIAL_GALLON_L] },
  },
  /** Canonical kg/m². */
  load: { of: 'mass', units: { kg: ['kg/m²', 1], lb: ['lb/ft²', FOOT_M ** 2 / LB_KG] } },
} as const satisfies Record<string, { readonly of: ChosenDimension; readonly units: Readonly<Record<string, readonly [string, number]>> }>

/** All that a number can be a number of. */
export type Dimension = ChosenDimension | keyof typeof FOLLOWS | keyof typeof FIXED

const isChosen = (dimension: Dimension): dimension is ChosenDimension => dimension in UNIT_CHOICES
const isFollowing = (dimension: Dimension): dimension is keyof typeof FOLLOWS => dimension in FOLLOWS

export const DIMENSIONS: readonly Dimension[] = [
  ...(Object.keys(UNIT_CHOICES) as ChosenDimension[]),
  ...(Object.keys(FOLLOWS) as (keyof typeof FOLLOWS)[]),
  ...(Object.keys(FIXED) as (keyof typeof FIXED)[]),
]

function factorOf(dimension: Exclude<Dimension, ChosenDimension>, unit: string): number | null {
  if (isFollowing(dimension)) return unitsFollowing(dimension).find(([, [name]]) => name === unit)?.[1][1] ?? null
  const fixed: { readonly unit: string; readonly factor?: number } = FIXED[dimension]
  return unit === fixed.unit ? (fixed.factor ?? 1) : null
}
const unitsFollowing = (dimension: keyof typeof FOLLOWS) =>
  Object.entries<readonly [unit: string, factor: number]>(FOLLOWS[dimension].units)

/** Units in which a value of a dimension can be told or entered; the canonical one first. */
export const unitsOfDimension = (dimension: Dimension): readonly string[] =>
  isChosen(dimension)
    ? UNIT_CHOICES[dimension]
    : isFollowing(dimension)
      ? unitsFollowing(dimension).map(([, [unit]]) => unit)
      : [FIXED[dimension].unit]

/** A value told in one of the dimension's units, canonical; `null` where the dimension has no such unit. */
export function canonicalOfUnit(dimension: Dimension, told: number, unit: string): number | null {
  if (isChosen(dimension)) return isUnitOf(dimension, unit) ? fromUnit(dimension, told, unit) : null
  const factor = factorOf(dimension, unit)
  return factor === null ? null : told / factor
}
/** The inverse of `canonicalOfUnit`. */
export function toldInUnit(dimension: Dimension, canonical: number, unit: string): number | null {
  if (isChosen(dimension)) return isUnitOf(dimension, unit) ? toUnit(dimension, canonical, unit) : null
  const factor = factorOf(dimension, unit)
  return factor === null ? null : canonical * factor
}
const isUnitOf = (dimension: ChosenDimension, unit: string): unit is UnitOf<ChosenDimension> =>
  (UNIT_CHOICES[dimension] as readonly string[]).includes(unit)

/** The unit in which a reader sees a dimension; '' for a bare number. */
export function unitIn(dimension: Dimension, preferences: UnitPreferences): string {
  if (isChosen(dimension)) return preferences[dimension]
  if (!isFollowing(dimension)) return FIXED[dimension].unit
  const { of } = FOLLOWS[dimension]
  return unitsFollowing(dimension).find(([leading]) => leading === preferences[of])?.[1][0] ?? ''
}

/** A canonical value in the reader's unit. */
export const shownIn = (dimension: Dimension, canonical: number, preferences: UnitPreferences): number =>
  isChosen(dimension)
    ? toUnit(dimension, canonical, preferences[dimension])
    : canonical * (factorOf(dimension, unitIn(dimension, preferences)) ?? NaN)

/** The inverse of `shownIn`. */
export const canonicalFrom = (dimension: Dimension, shown: number, preferences: UnitPreferences): number =>
  canonicalOfUnit(dimension, shown, unitIn(dimension, preferences)) ?? NaN

/** Significant digits of a told value; no household scale tells three of them below a gram. */
export const digitsOf = (dimension: Dimension, canonical: number): number => {
  if ((dimension === 'portion' || dimension === 'salt') && Math.abs(canonical) < 1) return 2
  if (isChosen(dimension) || isFollowing(dimension)) return 3
  const { digits = 3 }: { readonly unit: string; readonly digits?: number } = FIXED[dimension]
  return digits
}
