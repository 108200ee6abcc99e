import type { Dimension } from '../quantity/dimensions.js'
import { SALT_IDS } from '../quantity/saltFormulas.js'
import {
  BED_STANDS,
  BED_STARTS,
  DENSITIES,
  DIFFUSERS,
  FEEDING_SCHOOLS,
  FILTER_MEDIA,
  FILTER_STATES,
  FIXINGS,
  FLOORS,
  GAS_CONTROLS,
  GROUND_KINDS,
  HARDSCAPE_MATERIALS,
  LAMP_KINDS,
  LAYOUT_KINDS,
  LIGHT_MEDIA,
  LIGHT_METERS,
  LIGHT_STARTS,
  PACES,
  PLANT_KINDS,
  REGULATORS,
  SPOT_FIXINGS,
  SPOT_LAYINGS,
  STAND_RESTS,
  SURFACES,
  TAB_KINDS,
  TOPS,
  VIEW_SIDES,
  WISHES,
  ZONE_PURPOSES,
  type Plan,
} from './plan.js'
import { CONDITIONER_BINDS, CONDITIONER_PLACES, DISINFECTANTS, FIRST_WEEKS, MINERAL_SALTS, SOURCE_KINDS, TOP_UPS } from './planWater.js'
import { AWAY_FOODS } from './planAbsence.js'
import { START_METHODS } from './planStart.js'
import { CHELATES, FEED_FORMS, FEED_SIGNS, LABEL_SPECIES, LABEL_UNITS, WEEKDAYS } from './planFeed.js'

/** What is taken for "don't know": a common value and the range it may well lie in (about ±1.6 standard deviations of its logarithm). Rules of thumb all of them. */
export interface Assumption {
  readonly value: number
  readonly low: number
  readonly high: number
}

/** One number of a plan. Ranges are wide on purpose: odd input warns and passes, nonsense is refused. */
export interface NumberField {
  readonly dimension: Dimension
  readonly range: readonly [min: number, max: number]
  /** Where most tanks lie; outside it an answer is questioned and let pass. */
  readonly usual?: readonly [low: number, high: number]
  readonly unknown?: Assumption
  readonly isWhole?: true
  /** It has no "don't know". */
  readonly isSure?: true
}
/** One answer in words. */
export interface ChoiceField {
  readonly choices: readonly string[]
  readonly isSure?: true
}

type Item<List> = NonNullable<List> extends readonly (infer Entry)[] ? Entry : never
type KindOf<T> =
  NonNullable<T> extends number
    ? 'number'
    : NonNullable<T> extends boolean
      ? 'flag'
      : NonNullable<T> extends string
        ? string extends NonNullable<T>
          ? 'text'
          : 'choice'
        : 'inner'
/** Paths to the leaves of a document that are of a kind; `*` stands for any item of a list. */
type Leaves<T, Kind, At extends string = ''> =
  KindOf<T> extends Kind
    ? At
    : KindOf<T> extends 'inner'
      ? NonNullable<T> extends readonly unknown[]
        ? Leaves<Item<T>, Kind, `${At}/*`>
        : {
            [Key in keyof NonNullable<T> & string]: Leaves<NonNullable<T>[Key], Kind, At extends '' ? Key : `${At}/${Key}`>
          }[keyof NonNullable<T> & string]
      : never
export type ValueAt<T, Path extends string> = Path extends `${infer Key}/${infer Rest}`
  ? Key extends '*'
    ? ValueAt<Item<T>, Rest>
    : ValueAt<NonNullable<T>[Key & keyof NonNullable<T>], Rest>
  : Path extends '*'
    ? Item<T>
    : NonNullable<T>[Path & keyof NonNullable<T>]
/** Ground of a zone is described as the ground of the whole floor is, a map that is kept aside as the map is; plants are described by their own table of traits. */
export type Described = Omit<Plan, 'schemaVersion' | 'zones' | 'flora' | 'fauna' | 'variants'> & {
  readonly zones: readonly Omit<Plan['zones'][number], 'layers'>[]
}
export type NumberPath = Leaves<Described, 'number'>
export type ChoicePath = Leaves<Described, 'choice'>
export type FlagPath = Leaves<Described, 'flag'>
/** A field that takes `null` must not be sure, one that does not must be: the shape of the plan decides. */
type FieldAt<Path extends string, Field extends { readonly isSure?: true }> =
  null extends ValueAt<Described, Path> ? Omit<Field, 'isSure'> & { readonly isSure?: never } : Field & { readonly isSure: true }

const ON_FLOOR = { dimension: 'length', range: [-600, 1200], isSure: true } as const
/** Of what hangs over the floor and may stand beyond it; the middle where nobody says. */
const OVER_FLOOR = { dimension: 'length', range: [-600, 1200] } as const
const ABOVE_FLOOR = { dimension: 'length', range: [0, 200], isSure: true } as const
const CORNER = { dimension: 'thickness', range: [-200, 200], usual: [-20, 20] } as const
const RATE = { dimension: 'money', range: [0, 100_000] } as const
const PRICE = { dimension: 'money', range: [0, 1e7] } as const
const FROM_DAY = { dimension: 'day', range: [0, 5000], isWhole: true, isSure: true } as const
const HARD = { dimension: 'concentration', range: [0, 600] } as const
const WATER_C = { dimension: 'temperature', range: [0, 40], usual: [3, 28] } as const
const CONDUCTS = { dimension: 'conductivity', range: [0, 5000], usual: [5, 1500] } as const
const TAB = { dimension: 'content', range: [0, 5000], usual: [0, 500] } as const
const FED = { dimension: 'concentration', range: [0, 500] } as const
const BEFORE = { dimension: 'minutes', range: [0, 480], isSure: true } as const

/** Every number of a plan, once. Schema, sentences about ranges, hints, assumed values and the names of dated changes follow from it. */
export const NUMBER_FIELDS = {
  'intent/hoursPerWeek': { dimension: 'hours', range: [0, 80], usual: [0.5, 10] },
  'intent/money': { dimension: 'money', range: [0, 1e9] },
  'vessel/lengthCm': { dimension: 'length', range: [10, 600], usual: [25, 200], unknown: { value: 60, low: 45, high: 90 } },
  'vessel/widthCm': { dimension: 'length', range: [10, 300], usual: [18, 80], unknown: { value: 35, low: 28, high: 45 } },
  'vessel/heightCm': { dimension: 'length', range: [10, 200], usual: [18, 70], unknown: { value: 36, low: 30, high: 45 } },
  'vessel/glassCm': { dimension: 'length', range: [0.2, 6], usual: [0.3, 2], unknown: { value: 0.8, low: 0.5, high: 1.2 } },
  'vessel/freeboardCm': { dimension: 'length', range: [0, 100], usual: [0, 10], unknown: { value: 2, low: 1, high: 4 } },
  'stand/massKg': { dimension: 'mass', range: [0, 5000] },
  'stand/kitMassKg': { dimension: 'mass', range: [0, 5000] },
  'stand/feet': { dimension: 'count', range: [1, 60], isWhole: true, unknown: { value: 4, low: 4, high: 6 } },
  'stand/footAreaCm2': { dimension: 'area', range: [0.5, 10_000], unknown: { value: 12, low: 4, high: 30 } },
  'stand/cornersMm/frontLeft': CORNER,
  'stand/cornersMm/frontRight': CORNER,
  'stand/cornersMm/backLeft': CORNER,
  'stand/cornersMm/backRight': CORNER,
  'room/monthlyC/*': { dimension: 'temperature', range: [-10, 50], usual: [12, 34] },
  'room/humidityFraction': { dimension: 'fraction', range: [0, 1], unknown: { value: 0.5, low: 0.35, high: 0.65 } },
  'room/sunHours': { dimension: 'hours', range: [0, 16] },
  'room/windowFacingDeg': { dimension: 'angle', range: [0, 360] },
  'room/latitudeDeg': { dimension: 'angle', range: [-90, 90], usual: [-60, 70] },
  'room/volumeM3': { dimension: 'space', range: [2, 5000], usual: [15, 150], unknown: { value: 40, low: 25, high: 70 } },
  temperatureC: { dimension: 'temperature', range: [10, 36], usual: [18, 30], unknown: { value: 24.5, low: 22.5, high: 26.5 } },
  roomCo2Ppm: { dimension: 'airShare', range: [280, 5000], usual: [400, 2000], unknown: { value: 700, low: 450, high: 1500 } },
  'sources/*/alkalinityMeqPerL': {
    dimension: 'alkalinity',
    range: [0, 15],
    usual: [0, 7],
    unknown: { value: 1.8, low: 0.7, high: 4 },
  },
  'sources/*/hardnessMmolPerL': { dimension: 'hardness', range: [0, 15], usual: [0, 4], unknown: { value: 1.4, low: 0.6, high: 3 } },
  'sources/*/nitrateMgNPerL': { dimension: 'nitrate', range: [0, 50], usual: [0, 12], unknown: { value: 1.6, low: 0.3, high: 6 } },
  'sources/*/phosphateMgPPerL': {
    dimension: 'phosphate',
    range: [0, 10],
    usual: [0, 2],
    unknown: { value: 0.05, low: 0.01, high: 0.4 },
  },
  'sources/*/pH': { dimension: 'pH', range: [4, 11], usual: [6, 9] },
  'sources/*/calciumMgPerL': { ...HARD, usual: [0, 160] },
  'sources/*/magnesiumMgPerL': { ...HARD, usual: [0, 50] },
  'sources/*/part': { dimension: 'fraction', range: [0, 1], isSure: true },
  'sources/*/potassiumMgPerL': { ...HARD, usual: [0, 12] },
  'sources/*/sodiumMgPerL': { ...HARD, usual: [0, 120] },
  'sources/*/copperMgPerL': { dimension: 'concentration', range: [0, 10], usual: [0, 0.2] },
  'sources/*/conductivityUsPerCm': CONDUCTS,
  'sources/*/temperatureC': { ...WATER_C, unknown: { value: 12, low: 6, high: 18 } },
  'sources/*/reports/*/alkalinityMeqPerL': { dimension: 'alkalinity', range: [0, 15], usual: [0, 7] },
  'sources/*/reports/*/hardnessMmolPerL': { dimension: 'hardness', range: [0, 15], usual: [0, 4] },
  'sources/*/reports/*/nitrateMgNPerL': { dimension: 'nitrate', range: [0, 50], usual: [0, 12] },
  'sources/*/reports/*/conductivityUsPerCm': CONDUCTS,
  'sources/*/reports/*/temperatureC': WATER_C,
  'water/hardnessMmolPerL': { dimension: 'hardness', range: [0, 15], usual: [0, 3] },
  'water/caMgMassRatio': { dimension: 'ratio', range: [0.2, 20], usual: [1.5, 6], unknown: { value: 3, low: 2, high: 4 } },
  'water/alkalinityMeqPerL': { dimension: 'alkalinity', range: [0, 15], usual: [0, 4] },
  'water/conditioner/labelMl': { dimension: 'dosing', range: [0.01, 1000], usual: [0.1, 50] },
  'water/conditioner/labelL': { dimension: 'volume', range: [0.1, 100_000], usual: [1, 1000] },
  'water/kit/bucketL': { dimension: 'volume', range: [0.1, 1000], usual: [1, 50], unknown: { value: 10, low: 10, high: 10 } },
  'water/kit/fillS': { dimension: 'seconds', range: [1, 36_000], usual: [10, 600] },
  'water/kit/drainS': { dimension: 'seconds', range: [1, 36_000], usual: [10, 600] },
  'water/kit/hotC': { dimension: 'temperature', range: [25, 99], usual: [40, 65], unknown: { value: 50, low: 42, high: 60 } },
  'water/kit/boilerL': { dimension: 'volume', range: [1, 5000], usual: [5, 400] },
  'water/kit/boilerW': { dimension: 'power', range: [100, 100_000], usual: [1000, 27_000] },
  'sources/*/silicaMgSiPerL': { dimension: 'silica', range: [0, 60], usual: [0, 14], unknown: { value: 2, low: 0.7, high: 6 } },
  'layers/*/frontCm': { dimension: 'length', range: [0, 100], usual: [0.5, 20], unknown: { value: 4, low: 2.5, high: 6 } },
  'layers/*/backCm': { dimension: 'length', range: [0, 100], usual: [0.5, 30], unknown: { value: 7, low: 4.5, high: 10 } },
  'layers/*/product/bagL': { dimension: 'volume', range: [0.1, 2000], isSure: true },
  'layers/*/product/bulkKgPerL': { dimension: 'bulk', range: [0.1, 4] },
  'layers/*/product/porosity': { dimension: 'fraction', range: [0.05, 0.95] },
  'layers/*/product/price': PRICE,
  'zones/*/outline/*/xCm': ON_FLOOR,
  'zones/*/outline/*/yCm': ON_FLOOR,
  'zones/*/heights/*/xCm': ON_FLOOR,
  'zones/*/heights/*/yCm': ON_FLOOR,
  'zones/*/heights/*/heightCm': { dimension: 'length', range: [0, 150], isSure: true },
  'barriers/*/line/*/xCm': ON_FLOOR,
  'barriers/*/line/*/yCm': ON_FLOOR,
  'barriers/*/heightCm': { dimension: 'length', range: [0.5, 60], isSure: true },
  'tabs/*/xCm': ON_FLOOR,
  'tabs/*/yCm': ON_FLOOR,
  'tabProduct/pack': { dimension: 'count', range: [1, 5000], isWhole: true, isSure: true },
  'tabProduct/price': PRICE,
  'tabProduct/renewDays': { dimension: 'days', range: [7, 2000], isSure: true },
  'tabProduct/nitrogenMg': TAB,
  'tabProduct/phosphorusMg': TAB,
  'tabProduct/potassiumMg': TAB,
  'tabProduct/ironMg': TAB,
  'hardscape/*/massKg': { dimension: 'mass', range: [0, 1000], usual: [0, 80], unknown: { value: 5, low: 1, high: 12 } },
  'hardscape/*/volumeL': { dimension: 'volume', range: [0, 500] },
  'hardscape/*/outline/*/xCm': ON_FLOOR,
  'hardscape/*/outline/*/yCm': ON_FLOOR,
  'hardscape/*/profile/*/xCm': ON_FLOOR,
  'hardscape/*/profile/*/zCm': ABOVE_FLOOR,
  'hardscape/*/heightCm': { dimension: 'length', range: [0, 200], usual: [1, 60] },
  'hardscape/*/sunkCm': { ...ABOVE_FLOOR, usual: [0, 20] },
  'patches/*/footFraction': { dimension: 'fraction', range: [0, 1] },
  'patches/*/pots': { dimension: 'count', range: [0, 2000] },
  'beds/*/outline/*/xCm': ON_FLOOR,
  'beds/*/outline/*/yCm': ON_FLOOR,
  'beds/*/plants/*/share': { dimension: 'fraction', range: [0.01, 1], isSure: true },
  'beds/*/spacingCm': { dimension: 'length', range: [0.3, 80], usual: [1, 40] },
  'beds/*/cutCm': { dimension: 'length', range: [0.5, 150], usual: [1, 30] },
  'spots/*/alongFraction': { dimension: 'fraction', range: [0, 1], isSure: true },
  'spots/*/upFraction': { dimension: 'fraction', range: [0, 1], isSure: true },
  'spots/*/widthCm': { dimension: 'length', range: [0.5, 150], isSure: true },
  'spots/*/heightCm': { dimension: 'length', range: [0.5, 100], isSure: true },
  'lamps/*/fluxUmolPerS': { dimension: 'photonFlux', range: [0, 20_000], usual: [8, 800] },
  'lamps/*/lumens': { dimension: 'luminousFlux', range: [0, 2_000_000], usual: [300, 60_000] },
  'lamps/*/watts': { dimension: 'power', range: [0, 10_000], usual: [4, 400] },
  'lamps/*/lengthCm': { dimension: 'length', range: [1, 600], usual: [8, 200] },
  'lamps/*/widthCm': { dimension: 'length', range: [0.5, 300], usual: [2, 60] },
  'lamps/*/xCm': OVER_FLOOR,
  'lamps/*/yCm': OVER_FLOOR,
  'lamps/*/aboveWaterCm': { dimension: 'length', range: [0, 200], usual: [2, 50], unknown: { value: 12, low: 4, high: 25 } },
  'lamps/*/tiltDeg': { dimension: 'angle', range: [-60, 60], usual: [-30, 30], isSure: true },
  'lamps/*/beamExponent': { dimension: 'ratio', range: [0.5, 60], usual: [0.8, 12] },
  'lamps/*/dimFraction': { dimension: 'fraction', range: [0, 1], unknown: { value: 0.8, low: 0.5, high: 1 } },
  'light/attenuationPerM': {
    dimension: 'attenuation',
    range: [0.05, 10],
    usual: [0.2, 3],
    unknown: { value: 0.45, low: 0.3, high: 0.6 },
  },
  'light/readings/*/xCm': ON_FLOOR,
  'light/readings/*/yCm': ON_FLOOR,
  'light/readings/*/heightCm': ABOVE_FLOOR,
  'light/readings/*/ppfd': { dimension: 'ppfd', range: [0.5, 3000], usual: [5, 400], isSure: true },
  'lightWindows/*/hours': { dimension: 'hours', range: [0, 24], usual: [4, 12], isSure: true },
  'lightWindows/*/rampMin': { dimension: 'minutes', range: [0, 240], isSure: true },
  'gasLines/*/bubblesPerS': { dimension: 'bubbles', range: [0, 50], usual: [0.2, 10] },
  'gasLines/*/peakMgPerL': { dimension: 'concentration', range: [5, 150], usual: [10, 60], unknown: { value: 30, low: 25, high: 35 } },
  'gasLines/*/dissolvedFraction': { dimension: 'fraction', range: [0.02, 1], usual: [0.25, 0.98] },
  'gasLines/*/bubbleMl': { dimension: 'bubble', range: [0.01, 0.5], unknown: { value: 0.07, low: 0.05, high: 0.1 } },
  'gasLines/*/linePressureBar': { dimension: 'pressure', range: [0, 6], unknown: { value: 0.8, low: 0.1, high: 2 } },
  'gasLines/*/beforeLightMin': BEFORE,
  'gasLines/*/beforeDarkMin': BEFORE,
  'gasLines/*/limitMgPerL': { dimension: 'concentration', range: [5, 80], usual: [10, 40], unknown: { value: 30, low: 25, high: 35 } },
  'gasLines/*/cylinderKg': { dimension: 'mass', range: [0.01, 100], usual: [0.4, 10], unknown: { value: 2, low: 0.5, high: 5 } },
  'gasLines/*/workingBar': { dimension: 'pressure', range: [0.2, 10], usual: [1, 4], unknown: { value: 2, low: 1.5, high: 3 } },
  'gasLines/*/emptyKg': { dimension: 'mass', range: [0, 200], usual: [0.3, 20] },
  'flow/turnoverPerH': { dimension: 'turnover', range: [0, 40], usual: [2, 15], unknown: { value: 7, low: 4, high: 11 } },
  'flow/lossTimes': { dimension: 'ratio', range: [0.05, 20], usual: [0.3, 4] },
  'filters/*/ratedLPerH': { dimension: 'flow', range: [0, 50_000], usual: [50, 5000] },
  'filters/*/headCm': { dimension: 'length', range: [0, 500], unknown: { value: 120, low: 70, high: 200 } },
  'filters/*/watts': { dimension: 'power', range: [0, 10_000] },
  'outlets/*/xCm': ON_FLOOR,
  'outlets/*/yCm': ON_FLOOR,
  'outlets/*/zCm': ABOVE_FLOOR,
  'outlets/*/headingDeg': { dimension: 'angle', range: [-360, 360], isSure: true },
  'outlets/*/pitchDeg': { dimension: 'angle', range: [-90, 90], isSure: true },
  'outlets/*/boreMm': { dimension: 'thickness', range: [3, 100], isSure: true },
  'climate/heaterW': { dimension: 'power', range: [0, 10_000] },
  'climate/coolerW': { dimension: 'power', range: [0, 10_000] },
  'money/electricityPerKwh': RATE,
  'money/gasPerKg': RATE,
  'money/waterPerM3': RATE,
  'money/saltsPerKg': RATE,
  'money/plantsPerMonth': RATE,
  'money/prices/*/price': { ...PRICE, isSure: true },
  'money/extras/*/count': { dimension: 'count', range: [1, 1000], isSure: true },
  'logistics/purifiedFraction': { dimension: 'fraction', range: [0, 1] },
  'logistics/purifierLPerDay': { dimension: 'yield', range: [0, 5000] },
  'logistics/barrelL': { dimension: 'volume', range: [0, 5000] },
  'logistics/wastePerL': { dimension: 'ratio', range: [0, 20], unknown: { value: 2, low: 1, high: 4 } },
  'feed/amounts/nitrateMgNPerL': { dimension: 'nitrate', range: [0, 100], usual: [0, 9] },
  'feed/amounts/ammoniumMgNPerL': { dimension: 'ammonia', range: [0, 20], usual: [0, 1.4] },
  'feed/amounts/phosphateMgPPerL': { dimension: 'phosphate', range: [0, 50], usual: [0, 2.5] },
  'feed/amounts/potassiumMgPerL': { ...FED, usual: [0, 40] },
  'feed/amounts/calciumMgPerL': { ...FED, usual: [0, 30] },
  'feed/amounts/magnesiumMgPerL': { ...FED, usual: [0, 10] },
  'feed/amounts/ironMgPerL': { ...FED, range: [0, 20], usual: [0, 0.8] },
  'feed/phases/*/fromDay': { dimension: 'day', range: [0, 5000], isWhole: true },
  'feed/phases/*/nitrogenPhosphorusFraction': { dimension: 'fraction', range: [0, 2], usual: [0, 1], isSure: true },
  'feed/phases/*/restFraction': { dimension: 'fraction', range: [0, 2], usual: [0, 1], isSure: true },
  'feed/cupboard/*/mix/*/grams': { dimension: 'salt', range: [0, 100_000], isSure: true },
  'feed/cupboard/*/label/*/value': { dimension: 'ratio', range: [0, 1_000_000], isSure: true },
  'feed/cupboard/*/bottleMl': {
    dimension: 'dosing',
    range: [1, 100_000],
    usual: [50, 5000],
    unknown: { value: 500, low: 250, high: 1000 },
  },
  'feed/cupboard/*/densityGPerMl': { dimension: 'bulk', range: [0.7, 2.5], usual: [1, 1.3], unknown: { value: 1.05, low: 1, high: 1.3 } },
  'feed/cupboard/*/raiseMl': { dimension: 'dosing', range: [0.01, 10_000] },
  'feed/cupboard/*/raiseL': { dimension: 'volume', range: [0.1, 100_000] },
  'feed/cupboard/*/packG': { dimension: 'salt', range: [1, 1_000_000] },
  'feed/cupboard/*/price': PRICE,
  'feed/cupboard/*/pumpMlPerMin': { dimension: 'pumping', range: [0.05, 5000], usual: [0.5, 120] },
  'feed/cupboard/*/pumpTimesPerDay': { dimension: 'count', range: [1, 96], isWhole: true },
  'changes/fraction': { dimension: 'fraction', range: [0, 1], isSure: true },
  'changes/everyDays': { dimension: 'days', range: [1, 60], isWhole: true, isSure: true },
  'start/endsOnDay': { dimension: 'day', range: [1, 200], isWhole: true, usual: [21, 70], unknown: { value: 35, low: 28, high: 56 } },
  'start/dryLightHours': { dimension: 'hours', range: [1, 16], usual: [8, 12], unknown: { value: 10, low: 8, high: 12 } },
  'animals/foodGPerDay': { dimension: 'fodder', range: [0, 100], usual: [0, 5] },
  'animals/groups/*/count': { dimension: 'count', range: [0, 2000], isWhole: true, usual: [1, 60] },
  'animals/groups/*/fromDay': FROM_DAY,
  'absences/*/visitEveryDays': { dimension: 'days', range: [1, 30], isWhole: true, usual: [1, 7] },
  'absences/*/topUpL': { dimension: 'volume', range: [0, 2000], usual: [1, 200] },
  'absences/*/mayFallCm': { dimension: 'length', range: [0.2, 60], usual: [1, 10], unknown: { value: 2.5, low: 1.5, high: 4 } },
} as const satisfies { readonly [Path in NumberPath]: FieldAt<Path, NumberField> }

/** Every answer of a plan that is one of some words, once. */
export const CHOICE_FIELDS = {
  'intent/layout': { choices: LAYOUT_KINDS },
  'intent/pace': { choices: PACES },
  'intent/views/*': { choices: VIEW_SIDES, isSure: true },
  'intent/wishes/*': { choices: WISHES, isSure: true },
  'vessel/top': { choices: TOPS },
  'stand/rests': { choices: STAND_RESTS },
  'stand/floor': { choices: FLOORS },
  'sources/*/kind': { choices: SOURCE_KINDS, isSure: true },
  'water/minerals/*': { choices: MINERAL_SALTS, isSure: true },
  'water/topUp': { choices: TOP_UPS, isSure: true },
  'water/conditioner/binds': { choices: CONDITIONER_BINDS },
  'water/conditioner/place': { choices: CONDITIONER_PLACES, isSure: true },
  'start/method': { choices: START_METHODS, isSure: true },
  'absences/*/food': { choices: AWAY_FOODS, isSure: true },
  'changes/firstWeeks': { choices: FIRST_WEEKS, isSure: true },
  'sources/*/disinfectant': { choices: DISINFECTANTS },
  'layers/*/ground': { choices: GROUND_KINDS, isSure: true },
  'zones/*/purpose': { choices: ZONE_PURPOSES, isSure: true },
  'tabs/*/kind': { choices: TAB_KINDS, isSure: true },
  'hardscape/*/material': { choices: HARDSCAPE_MATERIALS, isSure: true },
  'hardscape/*/fixing': { choices: FIXINGS, isSure: true },
  'patches/*/kind': { choices: PLANT_KINDS, isSure: true },
  'patches/*/density': { choices: DENSITIES },
  'beds/*/start': { choices: BED_STARTS, isSure: true },
  'beds/*/stands': { choices: BED_STANDS, isSure: true },
  'spots/*/laying': { choices: SPOT_LAYINGS, isSure: true },
  'spots/*/fixing': { choices: SPOT_FIXINGS, isSure: true },
  'spots/*/start': { choices: BED_STARTS, isSure: true },
  'lamps/*/kind': { choices: LAMP_KINDS },
  'light/start': { choices: LIGHT_STARTS },
  'light/readings/*/medium': { choices: LIGHT_MEDIA, isSure: true },
  'light/readings/*/method': { choices: LIGHT_METERS, isSure: true },
  'gasLines/*/control': { choices: GAS_CONTROLS, isSure: true },
  'gasLines/*/diffuser': { choices: DIFFUSERS },
  'gasLines/*/regulator': { choices: REGULATORS },
  'flow/surface': { choices: SURFACES },
  'flow/filter': { choices: FILTER_STATES },
  'filters/*/media': { choices: FILTER_MEDIA },
  feeding: { choices: FEEDING_SCHOOLS, isSure: true },
  'feed/amounts/school': { choices: FEEDING_SCHOOLS },
  'feed/phases/*/sign': { choices: FEED_SIGNS },
  'feed/macroDays/*': { choices: WEEKDAYS, isSure: true },
  'feed/traceDays/*': { choices: WEEKDAYS, isSure: true },
  'feed/cupboard/*/form': { choices: FEED_FORMS, isSure: true },
  'feed/cupboard/*/salt': { choices: SALT_IDS },
  'feed/cupboard/*/mix/*/salt': { choices: SALT_IDS, isSure: true },
  'feed/cupboard/*/label/*/species': { choices: LABEL_SPECIES, isSure: true },
  'feed/cupboard/*/labelUnit': { choices: LABEL_UNITS },
  'feed/cupboard/*/chelate': { choices: CHELATES },
} as const satisfies {
  readonly [Path in ChoicePath]: FieldAt<Path, ChoiceField> & { readonly choices: readonly ValueAt<Described, Path>[] }
}

export const numberField = (path: NumberPath): NumberField => NUMBER_FIELDS[path]

/** A ramp up and a ramp down fit into the hours of light: each takes half of them at most [min]. */
export const longestRampMin = (hours: number): number => Math.min(NUMBER_FIELDS['lightWindows/*/rampMin'].range[1], hours * 30)

const PATHS = [...Object.keys(NUMBER_FIELDS), ...Object.keys(CHOICE_FIELDS)] as readonly (NumberPath | ChoicePath)[]
const patterns = PATHS.map((path) => ({ path, keys: path.split('/') }))

/** The path in these tables of a place in a document, given as a pointer with local ids or places in lists (`/lamps/l1/watts`); `null` where none is described. */
export function fieldPathOf(pointer: string): NumberPath | ChoicePath | null {
  const keys = pointer.split('/').slice(1)
  const told = keys[0] === 'zones' && keys[2] === 'layers' ? keys.slice(2) : keys
  const fits = (pattern: readonly string[]): boolean =>
    pattern.length === told.length && pattern.every((key, index) => key === '*' || key === told[index])
  return patterns.find(({ keys: pattern }) => fits(pattern))?.path ?? null
}
export const isNumberPath = (path: string): path is NumberPath => Object.hasOwn(NUMBER_FIELDS, path)
