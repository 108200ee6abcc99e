import {
  DENSITIES, FEEDING_SCHOOLS, FILTER_STATES, GAS_CONTROLS, GROUND_KINDS, HARDSCAPE_MATERIALS, PLAN_SCHEMA_VERSION, PLANT_KINDS, SURFACES, type Plan,
} from '@jovrin/core'
import { z } from 'zod'

/** A quantity that a person may not know. Zod's own number refuses NaN and infinities. */
const known = (min: number, max: number) => z.number().min(min).max(max).nullable()
const LocalId = z.string().regex(/^[a-z][a-z0-9]{0,23}$/)
const Clock = z.string().regex(/^([01]\d|2[0-3]):[0-5]\d$/)
const CivilDate = z.iso.date().refine((date) => date >= '1990-01-01' && date <= '2100-12-31', { error: 'date_range' })
const TimeZone = z.string().max(64).refine(isTimeZone, { error: 'time_zone' })

function isTimeZone(name: string): boolean {
  try {
    new Intl.DateTimeFormat('en', { timeZone: name })
    return true
  } catch {
    return false
  }
}

/** Ranges of the plan's numbers, where the form and the API agree. Wide on purpose: odd input warns and passes, nonsense is refused. */
export const PLAN_RANGE = {
  lengthCm: [10, 600],
  widthCm: [10, 300],
  heightCm: [10, 200],
  glassCm: [0.2, 6],
  freeboardCm: [0, 100],
  temperatureC: [10, 36],
  roomCo2Ppm: [280, 5000],
  alkalinityMeqPerL: [0, 15],
  hardnessMmolPerL: [0, 15],
  nitrateMgNPerL: [0, 50],
  phosphateMgPPerL: [0, 10],
  layerCm: [0, 100],
  massKg: [0, 1000],
  footFraction: [0, 1],
  pots: [0, 2000],
  fluxUmolPerS: [0, 20_000],
  watts: [0, 10_000],
  lampLengthCm: [1, 600],
  aboveWaterCm: [0, 200],
  dimFraction: [0, 1],
  hours: [0, 24],
  rampMin: [0, 240],
  bubblesPerS: [0, 50],
  bubbleMl: [0.01, 0.5],
  linePressureBar: [0, 6],
  gasLeadMin: [0, 480],
  gasLimitMgPerL: [5, 80],
  turnoverPerH: [0, 40],
  changeFraction: [0, 1],
  everyDays: [1, 60],
  foodGPerDay: [0, 100],
  grazers: [0, 2000],
  day: [0, 5000],
} as const satisfies Record<string, readonly [number, number]>
export type PlanRange = keyof typeof PLAN_RANGE

const maybe = (range: PlanRange) => known(PLAN_RANGE[range][0], PLAN_RANGE[range][1])
const sure = (range: PlanRange) => z.number().min(PLAN_RANGE[range][0]).max(PLAN_RANGE[range][1])
const listOf = <T extends z.ZodType>(item: T, max: number) =>
  z
    .array(item)
    .max(max)
    .refine((list) => new Set(list.map((entry) => (entry as { id: string }).id)).size === list.length, { error: 'duplicate_id' })

const PlanDocument = z
  .strictObject({
    schemaVersion: z.literal(PLAN_SCHEMA_VERSION),
    name: z.string().trim().min(1).max(80),
    startedOn: CivilDate,
    timeZone: TimeZone,
    vessel: z.strictObject({ lengthCm: maybe('lengthCm'), widthCm: maybe('widthCm'), heightCm: maybe('heightCm'), glassCm: maybe('glassCm'), freeboardCm: maybe('freeboardCm') }),
    temperatureC: maybe('temperatureC'),
    roomCo2Ppm: maybe('roomCo2Ppm'),
    sources: listOf(
      z.strictObject({ id: LocalId, alkalinityMeqPerL: maybe('alkalinityMeqPerL'), hardnessMmolPerL: maybe('hardnessMmolPerL'), nitrateMgNPerL: maybe('nitrateMgNPerL'), phosphateMgPPerL: maybe('phosphateMgPPerL') }),
      8,
    ),
    layers: listOf(z.strictObject({ id: LocalId, ground: z.enum(GROUND_KINDS), frontCm: maybe('layerCm'), backCm: maybe('layerCm') }), 12),
    hardscape: listOf(z.strictObject({ id: LocalId, material: z.enum(HARDSCAPE_MATERIALS), massKg: maybe('massKg') }), 200),
    patches: listOf(z.strictObject({ id: LocalId, kind: z.enum(PLANT_KINDS), footFraction: maybe('footFraction'), density: z.enum(DENSITIES).nullable(), pots: maybe('pots') }), 200),
    lamps: listOf(
      z.strictObject({ id: LocalId, fluxUmolPerS: maybe('fluxUmolPerS'), watts: maybe('watts'), lengthCm: maybe('lampLengthCm'), aboveWaterCm: maybe('aboveWaterCm'), dimFraction: maybe('dimFraction') }),
      20,
    ),
    lightWindows: listOf(z.strictObject({ id: LocalId, on: Clock, hours: sure('hours'), rampMin: sure('rampMin') }), 6),
    gasLines: listOf(
      z.strictObject({
        id: LocalId,
        control: z.enum(GAS_CONTROLS),
        bubblesPerS: maybe('bubblesPerS'),
        bubbleMl: maybe('bubbleMl'),
        linePressureBar: maybe('linePressureBar'),
        beforeLightMin: sure('gasLeadMin'),
        beforeDarkMin: sure('gasLeadMin'),
        limitMgPerL: maybe('gasLimitMgPerL'),
      }),
      4,
    ),
    flow: z.strictObject({ surface: z.enum(SURFACES).nullable(), hasSkimmer: z.boolean(), turnoverPerH: maybe('turnoverPerH'), filter: z.enum(FILTER_STATES).nullable() }),
    feeding: z.enum(FEEDING_SCHOOLS),
    changes: z.strictObject({ fraction: sure('changeFraction'), everyDays: z.int().min(PLAN_RANGE.everyDays[0]).max(PLAN_RANGE.everyDays[1]), firstWeeksMore: z.boolean() }),
    animals: z.strictObject({ foodGPerDay: maybe('foodGPerDay'), grazers: maybe('grazers'), grazersFromDay: z.int().min(0).max(PLAN_RANGE.day[1]), fishFromDay: z.int().min(0).max(PLAN_RANGE.day[1]) }),
    isTrimmed: z.boolean(),
  })
  .refine((plan) => plan.vessel.heightCm === null || plan.vessel.freeboardCm === null || plan.vessel.freeboardCm <= plan.vessel.heightCm * 0.8, { error: 'freeboard_deep', path: ['vessel', 'freeboardCm'] })
  .refine((plan) => plan.lightWindows.every((window) => window.rampMin <= window.hours * 30 + 1e-9), { error: 'ramp_long', path: ['lightWindows', 0, 'rampMin'] })

/** A whole plan as it crosses any boundary; core's type is the one shape. */
export const PlanSchema: z.ZodType<Plan> = PlanDocument
