import {
  DENSITIES,
  DISINFECTANTS,
  FEEDING_SCHOOLS,
  FILTER_MEDIA,
  FILTER_STATES,
  FIXINGS,
  FLOORS,
  GAS_CONTROLS,
  GROUND_KINDS,
  HARDSCAPE_MATERIALS,
  LAYOUT_KINDS,
  MOST_CORNERS,
  outlineFault,
  PACES,
  PLAN_SCHEMA_VERSION,
  PLANT_KINDS,
  STAND_RESTS,
  SURFACES,
  TAB_KINDS,
  TOPS,
  VIEW_SIDES,
  WISHES,
  ZONE_PURPOSES,
  type Plan,
  type Vertex,
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
  hoursPerWeek: [0, 80],
  money: [0, 1e9],
  standKg: [0, 5000],
  feet: [1, 60],
  footAreaCm2: [0.5, 10_000],
  cornerMm: [-200, 200],
  roomC: [-10, 50],
  humidityFraction: [0, 1],
  sunHours: [0, 16],
  tapPh: [4, 11],
  hardMgPerL: [0, 600],
  silicaMgSiPerL: [0, 60],
  onFloorCm: [-600, 1200],
  heightPointCm: [0, 150],
  bagL: [0.1, 2000],
  bulkKgPerL: [0.1, 4],
  porosity: [0.05, 0.95],
  price: [0, 1e7],
  renewDays: [7, 2000],
  pack: [1, 5000],
  barrierCm: [0.5, 60],
  volumeL: [0, 500],
  pieceCm: [0, 200],
  ratedLPerH: [0, 50_000],
  headCm: [0, 500],
  headingDeg: [-360, 360],
  pitchDeg: [-90, 90],
  boreMm: [3, 100],
  rate: [0, 100_000],
  purifierLPerDay: [0, 5000],
  barrelL: [0, 5000],
  wastePerL: [0, 20],
  count: [1, 1000],
} as const satisfies Record<string, readonly [number, number]>
export type PlanRange = keyof typeof PLAN_RANGE

const maybe = (range: PlanRange) => known(PLAN_RANGE[range][0], PLAN_RANGE[range][1])
const sure = (range: PlanRange) => z.number().min(PLAN_RANGE[range][0]).max(PLAN_RANGE[range][1])
const listOf = <T extends z.ZodType>(item: T, max: number) =>
  z
    .array(item)
    .max(max)
    .refine((list) => new Set(list.map((entry) => (entry as { id: string }).id)).size === list.length, { error: 'duplicate_id' })

const OnFloor = { xCm: sure('onFloorCm'), yCm: sure('onFloorCm') }
const VertexSchema = z.strictObject({ ...OnFloor, isRound: z.boolean() })
/** A line that bounds an area. What lies outside the glass is let pass: the findings offer to cut it. */
const Outline: z.ZodType<readonly Vertex[]> = z
  .array(VertexSchema)
  .min(3)
  .max(MOST_CORNERS)
  .superRefine((outline, context) => {
    const fault = outline.length < 3 ? null : outlineFault(outline)
    if (fault !== null) context.addIssue({ code: 'custom', message: `outline_${fault.replaceAll('-', '_')}` })
  })
const ProductName = z.string().trim().max(80)
const GroundProductSchema = z.strictObject({
  name: ProductName,
  bagL: sure('bagL'),
  bulkKgPerL: maybe('bulkKgPerL'),
  porosity: maybe('porosity'),
  price: maybe('price'),
})
const Layers = listOf(
  z.strictObject({
    id: LocalId,
    ground: z.enum(GROUND_KINDS),
    frontCm: maybe('layerCm'),
    backCm: maybe('layerCm'),
    product: GroundProductSchema.nullable(),
  }),
  12,
)
const ItemKey = z.string().min(1).max(120)

const PlanDocument = z
  .strictObject({
    schemaVersion: z.literal(PLAN_SCHEMA_VERSION),
    name: z.string().trim().min(1).max(80),
    startedOn: CivilDate,
    timeZone: TimeZone,
    intent: z.strictObject({
      layout: z.enum(LAYOUT_KINDS).nullable(),
      pace: z.enum(PACES).nullable(),
      hoursPerWeek: maybe('hoursPerWeek'),
      money: maybe('money'),
      views: z.array(z.enum(VIEW_SIDES)).max(VIEW_SIDES.length),
      wishes: z.array(z.enum(WISHES)).max(WISHES.length),
    }),
    vessel: z.strictObject({
      lengthCm: maybe('lengthCm'),
      widthCm: maybe('widthCm'),
      heightCm: maybe('heightCm'),
      glassCm: maybe('glassCm'),
      freeboardCm: maybe('freeboardCm'),
      top: z.enum(TOPS).nullable(),
    }),
    stand: z.strictObject({
      massKg: maybe('standKg'),
      kitMassKg: maybe('standKg'),
      rests: z.enum(STAND_RESTS).nullable(),
      feet: z.int().min(PLAN_RANGE.feet[0]).max(PLAN_RANGE.feet[1]).nullable(),
      footAreaCm2: maybe('footAreaCm2'),
      floor: z.enum(FLOORS).nullable(),
      cornersMm: z.strictObject({
        frontLeft: maybe('cornerMm'),
        frontRight: maybe('cornerMm'),
        backLeft: maybe('cornerMm'),
        backRight: maybe('cornerMm'),
      }),
    }),
    room: z.strictObject({
      monthlyC: z.array(maybe('roomC')).length(12),
      humidityFraction: maybe('humidityFraction'),
      sunHours: maybe('sunHours'),
    }),
    temperatureC: maybe('temperatureC'),
    roomCo2Ppm: maybe('roomCo2Ppm'),
    sources: listOf(
      z.strictObject({
        id: LocalId,
        alkalinityMeqPerL: maybe('alkalinityMeqPerL'),
        hardnessMmolPerL: maybe('hardnessMmolPerL'),
        nitrateMgNPerL: maybe('nitrateMgNPerL'),
        phosphateMgPPerL: maybe('phosphateMgPPerL'),
        pH: maybe('tapPh'),
        calciumMgPerL: maybe('hardMgPerL'),
        magnesiumMgPerL: maybe('hardMgPerL'),
        silicaMgSiPerL: maybe('silicaMgSiPerL'),
        disinfectant: z.enum(DISINFECTANTS).nullable(),
      }),
      8,
    ),
    layers: Layers,
    zones: listOf(
      z.strictObject({
        id: LocalId,
        name: z.string().trim().max(60),
        purpose: z.enum(ZONE_PURPOSES),
        outline: Outline,
        layers: Layers,
        heights: listOf(z.strictObject({ id: LocalId, ...OnFloor, heightCm: sure('heightPointCm') }), 40),
      }),
      40,
    ),
    barriers: listOf(
      z.strictObject({
        id: LocalId,
        line: z
          .array(z.strictObject(OnFloor))
          .min(2)
          .max(MOST_CORNERS + 1),
        heightCm: sure('barrierCm'),
      }),
      40,
    ),
    tabs: listOf(z.strictObject({ id: LocalId, kind: z.enum(TAB_KINDS), ...OnFloor }), 1000),
    tabProduct: z
      .strictObject({
        name: ProductName,
        pack: z.int().min(PLAN_RANGE.pack[0]).max(PLAN_RANGE.pack[1]),
        price: maybe('price'),
        renewDays: sure('renewDays'),
      })
      .nullable(),
    hardscape: listOf(
      z.strictObject({
        id: LocalId,
        name: z.string().trim().max(60),
        material: z.enum(HARDSCAPE_MATERIALS),
        massKg: maybe('massKg'),
        volumeL: maybe('volumeL'),
        outline: Outline.nullable(),
        profile: z
          .array(z.strictObject({ xCm: sure('onFloorCm'), zCm: sure('pieceCm') }))
          .min(3)
          .max(MOST_CORNERS)
          .nullable(),
        heightCm: maybe('pieceCm'),
        sunkCm: sure('pieceCm'),
        fixing: z.enum(FIXINGS),
      }),
      200,
    ),
    patches: listOf(
      z.strictObject({
        id: LocalId,
        kind: z.enum(PLANT_KINDS),
        footFraction: maybe('footFraction'),
        density: z.enum(DENSITIES).nullable(),
        pots: maybe('pots'),
      }),
      200,
    ),
    lamps: listOf(
      z.strictObject({
        id: LocalId,
        fluxUmolPerS: maybe('fluxUmolPerS'),
        watts: maybe('watts'),
        lengthCm: maybe('lampLengthCm'),
        aboveWaterCm: maybe('aboveWaterCm'),
        dimFraction: maybe('dimFraction'),
      }),
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
    flow: z.strictObject({
      surface: z.enum(SURFACES).nullable(),
      hasSkimmer: z.boolean(),
      turnoverPerH: maybe('turnoverPerH'),
      filter: z.enum(FILTER_STATES).nullable(),
    }),
    filters: listOf(
      z.strictObject({
        id: LocalId,
        ratedLPerH: maybe('ratedLPerH'),
        headCm: maybe('headCm'),
        media: z.enum(FILTER_MEDIA).nullable(),
        watts: maybe('watts'),
      }),
      8,
    ),
    outlets: listOf(
      z.strictObject({
        id: LocalId,
        ...OnFloor,
        zCm: sure('pieceCm'),
        headingDeg: sure('headingDeg'),
        pitchDeg: sure('pitchDeg'),
        boreMm: sure('boreMm'),
      }),
      12,
    ),
    climate: z.strictObject({ heaterW: maybe('watts'), coolerW: maybe('watts') }),
    logistics: z.strictObject({
      purifiedFraction: maybe('humidityFraction'),
      purifierLPerDay: maybe('purifierLPerDay'),
      barrelL: maybe('barrelL'),
      wastePerL: maybe('wastePerL'),
    }),
    muted: listOf(z.strictObject({ id: LocalId, finding: z.string().min(1).max(80), note: z.string().trim().max(300) }), 200),
    money: z.strictObject({
      currency: z.string().regex(/^[A-Z]{3}$/, { error: 'currency' }),
      electricityPerKwh: maybe('rate'),
      gasPerKg: maybe('rate'),
      waterPerM3: maybe('rate'),
      saltsPerKg: maybe('rate'),
      plantsPerMonth: maybe('rate'),
      columns: listOf(z.strictObject({ id: LocalId, name: z.string().trim().max(40) }), 6).refine((columns) => columns.length > 0, {
        error: 'too_small',
      }),
      prices: listOf(z.strictObject({ id: LocalId, item: ItemKey, column: LocalId, price: sure('price') }), 2000),
      extras: listOf(z.strictObject({ id: LocalId, name: z.string().trim().max(80), count: sure('count') }), 200),
      owned: z.array(ItemKey).max(400),
    }),
    feeding: z.enum(FEEDING_SCHOOLS),
    changes: z.strictObject({
      fraction: sure('changeFraction'),
      everyDays: z.int().min(PLAN_RANGE.everyDays[0]).max(PLAN_RANGE.everyDays[1]),
      firstWeeksMore: z.boolean(),
    }),
    animals: z.strictObject({
      foodGPerDay: maybe('foodGPerDay'),
      grazers: maybe('grazers'),
      grazersFromDay: z.int().min(0).max(PLAN_RANGE.day[1]),
      fishFromDay: z.int().min(0).max(PLAN_RANGE.day[1]),
    }),
    isTrimmed: z.boolean(),
  })
  .refine(
    (plan) => plan.vessel.heightCm === null || plan.vessel.freeboardCm === null || plan.vessel.freeboardCm <= plan.vessel.heightCm * 0.8,
    { error: 'freeboard_deep', path: ['vessel', 'freeboardCm'] },
  )
  .refine((plan) => plan.lightWindows.every((window) => window.rampMin <= window.hours * 30 + 1e-9), {
    error: 'ramp_long',
    path: ['lightWindows', 0, 'rampMin'],
  })

/** Schemas of a plan's parts, for a part that changed by itself. The rules between parts are the whole schema's. */
export const PLAN_PARTS: Readonly<Record<keyof Plan, z.ZodType>> = PlanDocument.shape

/** A whole plan as it crosses any boundary; core's type is the one shape. */
export const PlanSchema: z.ZodType<Plan> = PlanDocument
