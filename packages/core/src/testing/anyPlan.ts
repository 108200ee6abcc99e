import fc from 'fast-check'
import { anyPlant, datum } from './anyPlant.js'
import {
  FEEDING_SCHOOLS,
  FIXINGS,
  GROUND_KINDS,
  HARDSCAPE_MATERIALS,
  LAMP_KINDS,
  PLANT_KINDS,
  SPOT_FIXINGS,
  SPOT_LAYINGS,
  ZONE_PURPOSES,
  type Plan,
} from '../plan/plan.js'
import { FEED_SIGNS, LABEL_SPECIES, LABEL_UNITS, UNKNOWN_PRODUCT, WEEKDAYS, type FeedProduct } from '../plan/planFeed.js'
import { SALT_IDS } from '../quantity/saltFormulas.js'
import { START_METHODS, type PlanStart } from '../plan/planStart.js'
import { FIRST_WEEKS, MINERAL_SALTS, SOURCE_KINDS, TOP_UPS, UNKNOWN_SOURCE, UNKNOWN_WATER } from '../plan/planWater.js'
import type { PlanV1 } from '../plan/upgrade/planV1.js'
import { v1to2 } from '../plan/upgrade/v1to2.js'
import { v2to3 } from '../plan/upgrade/v2to3.js'
import { v3to4 } from '../plan/upgrade/v3to4.js'
import { v4to5 } from '../plan/upgrade/v4to5.js'
import { v5to6 } from '../plan/upgrade/v5to6.js'
import { v6to7 } from '../plan/upgrade/v6to7.js'
import { v7to8 } from '../plan/upgrade/v7to8.js'
import { v8to9 } from '../plan/upgrade/v8to9.js'
import { v9to10 } from '../plan/upgrade/v9to10.js'
import { v10to11 } from '../plan/upgrade/v10to11.js'

const maybe = (min: number, max: number) => fc.option(fc.double({ min, max, noNaN: true }), { nil: null })
/** Any plan within the ranges that the contract accepts, the odd corners included. */
const anyOldPlan: fc.Arbitrary<PlanV1> = fc.record({
  schemaVersion: fc.constant(1 as const),
  name: fc.constant('x'),
  startedOn: fc.constant('2026-01-01'),
  timeZone: fc.constant('UTC'),
  vessel: fc.record({
    lengthCm: maybe(10, 600),
    widthCm: maybe(10, 300),
    heightCm: maybe(10, 200),
    glassCm: maybe(0.2, 6),
    freeboardCm: maybe(0, 100),
  }),
  temperatureC: maybe(10, 36),
  roomCo2Ppm: maybe(280, 5000),
  sources: fc.array(
    fc.record({
      id: fc.constant('w'),
      alkalinityMeqPerL: maybe(0, 15),
      hardnessMmolPerL: maybe(0, 15),
      nitrateMgNPerL: maybe(0, 50),
      phosphateMgPPerL: maybe(0, 10),
    }),
    { maxLength: 1 },
  ),
  layers: fc.array(
    fc.record({ id: fc.constant('g'), ground: fc.constantFrom(...GROUND_KINDS), frontCm: maybe(0, 100), backCm: maybe(0, 100) }),
    { maxLength: 3 },
  ),
  hardscape: fc.array(fc.record({ id: fc.constant('s'), material: fc.constantFrom(...HARDSCAPE_MATERIALS), massKg: maybe(0, 1000) }), {
    maxLength: 2,
  }),
  patches: fc.array(
    fc.record({
      id: fc.constant('p'),
      kind: fc.constantFrom(...PLANT_KINDS),
      footFraction: maybe(0, 1),
      density: fc.constantFrom('thin', 'half', 'full', null),
      pots: fc.option(fc.integer({ min: 0, max: 2000 }), { nil: null }),
    }),
    { maxLength: 6 },
  ),
  lamps: fc.array(
    fc.record({
      id: fc.constant('l'),
      fluxUmolPerS: maybe(0, 20_000),
      watts: maybe(0, 10_000),
      lengthCm: maybe(1, 600),
      aboveWaterCm: maybe(0, 200),
      dimFraction: maybe(0, 1),
    }),
    { maxLength: 2 },
  ),
  lightWindows: fc.array(
    fc.record({
      id: fc.constant('t'),
      on: fc.constantFrom('00:00', '06:15', '12:00', '23:55'),
      hours: fc.double({ min: 0, max: 24, noNaN: true }),
      rampMin: fc.constant(0),
    }),
    { maxLength: 2 },
  ),
  gasLines: fc.array(
    fc.record({
      id: fc.constant('c'),
      control: fc.constantFrom('none', 'timer', 'controller'),
      diffuser: fc.constantFrom('in-tank' as const, 'in-line' as const, 'reactor' as const, null),
      peakMgPerL: maybe(5, 150),
      cylinderKg: fc.constant(null),
      bubblesPerS: maybe(0, 50),
      bubbleMl: maybe(0.01, 0.5),
      linePressureBar: maybe(0, 6),
      beforeLightMin: fc.integer({ min: 0, max: 480 }),
      beforeDarkMin: fc.integer({ min: 0, max: 480 }),
      limitMgPerL: maybe(5, 80),
    }),
    { maxLength: 1 },
  ),
  flow: fc.record({
    surface: fc.constantFrom('still', 'ripple', 'strong', null),
    hasSkimmer: fc.boolean(),
    turnoverPerH: maybe(0, 40),
    filter: fc.constantFrom('new', 'seeded', 'mature', null),
  }),
  feeding: fc.constantFrom(...FEEDING_SCHOOLS),
  changes: fc.record({
    fraction: fc.double({ min: 0, max: 1, noNaN: true }),
    everyDays: fc.integer({ min: 1, max: 60 }),
    firstWeeksMore: fc.boolean(),
  }),
  animals: fc.record({
    foodGPerDay: maybe(0, 100),
    grazers: maybe(0, 2000),
    grazersFromDay: fc.integer({ min: 0, max: 60 }),
    fishFromDay: fc.integer({ min: 0, max: 60 }),
  }),
  isTrimmed: fc.boolean(),
})
const anyCorner = fc.record({
  xCm: fc.double({ min: -20, max: 620, noNaN: true }),
  yCm: fc.double({ min: -20, max: 320, noNaN: true }),
  isRound: fc.boolean(),
})
const anyLayer = fc.record({
  id: fc.constant('g'),
  ground: fc.constantFrom(...GROUND_KINDS),
  frontCm: maybe(0, 100),
  backCm: maybe(0, 100),
  product: fc.constant(null),
})
/** Outlines of any shape: the sums must stand even those that the boundary would refuse. */
const anyZone = fc.record({
  id: fc.constant('z'),
  name: fc.constant(''),
  purpose: fc.constantFrom(...ZONE_PURPOSES),
  outline: fc.array(anyCorner, { maxLength: 9 }),
  layers: fc.array(anyLayer, { maxLength: 2 }),
  heights: fc.array(
    fc.record({
      id: fc.constant('h'),
      xCm: fc.double({ min: 0, max: 200, noNaN: true }),
      yCm: fc.double({ min: 0, max: 100, noNaN: true }),
      heightCm: fc.double({ min: 0, max: 60, noNaN: true }),
    }),
    { maxLength: 3 },
  ),
})
const anyPiece = fc.record({
  id: fc.constant('s'),
  name: fc.constant(''),
  material: fc.constantFrom(...HARDSCAPE_MATERIALS),
  massKg: maybe(0, 1000),
  volumeL: maybe(0, 400),
  outline: fc.option(fc.array(anyCorner, { maxLength: 7 }), { nil: null }),
  profile: fc.constant(null),
  heightCm: maybe(0, 150),
  sunkCm: fc.double({ min: 0, max: 50, noNaN: true }),
  fixing: fc.constantFrom(...FIXINGS),
})
/** Beds of any shape, with plants that the plan knows and one that it does not. */
const anyBed = fc.record({
  id: fc.constantFrom('b1', 'b2'),
  name: fc.constant(''),
  outline: fc.array(anyCorner, { maxLength: 7 }),
  plants: fc.array(
    fc.record({
      id: fc.constant('p'),
      species: fc.constantFrom('stem', 'carpet', 'floater', 'unknown'),
      share: fc.double({ min: 0.01, max: 1, noNaN: true }),
    }),
    { maxLength: 3 },
  ),
  start: fc.constantFrom('pot' as const, 'cup' as const),
  spacingCm: maybe(0.3, 80),
  stands: fc.constantFrom('water' as const, 'air' as const),
  cutCm: maybe(0.5, 150),
})
/** Spots on pieces that are there and that are not, with plants known and unknown. */
const anySpot = fc.record({
  id: fc.constant('m'),
  piece: fc.constantFrom('s', 'gone'),
  alongFraction: fc.double({ min: 0, max: 1, noNaN: true }),
  upFraction: fc.double({ min: 0, max: 1, noNaN: true }),
  widthCm: fc.double({ min: 0.5, max: 150, noNaN: true }),
  heightCm: fc.double({ min: 0.5, max: 100, noNaN: true }),
  species: fc.constantFrom('stem', 'carpet', 'unknown', null),
  laying: fc.constantFrom(...SPOT_LAYINGS),
  fixing: fc.constantFrom(...SPOT_FIXINGS),
  start: fc.constantFrom('pot' as const, 'cup' as const),
})
const FLORA = [
  anyPlant({}, { id: 'stem', name: 'Stem' }),
  anyPlant({ form: 'carpet', kind: 'carpet', matureHeightCm: datum(5) }, { id: 'carpet', name: 'Carpet' }),
  anyPlant({ form: 'floater', kind: 'floater', places: ['surface'] }, { id: 'floater', name: 'Floater' }),
]
const anyLampPlace = fc.record({
  kind: fc.constantFrom(...LAMP_KINDS, null),
  lumens: maybe(0, 2_000_000),
  widthCm: maybe(0.5, 300),
  xCm: maybe(-600, 1200),
  yCm: maybe(-600, 1200),
  tiltDeg: fc.double({ min: -60, max: 60, noNaN: true }),
  beamExponent: maybe(0.5, 60),
})
const anyShare = fc.constantFrom(0, 0.25, 0.5, 1)
const anyProduct: fc.Arbitrary<Omit<FeedProduct, 'id'>> = fc.oneof(
  fc.record({ salt: fc.constantFrom(...SALT_IDS) }).map(({ salt }) => ({ ...UNKNOWN_PRODUCT, name: salt, form: 'salt' as const, salt })),
  fc
    .record({ salt: fc.constantFrom(...SALT_IDS), grams: fc.double({ min: 0, max: 100, noNaN: true }), bottleMl: maybe(100, 1000) })
    .map(({ salt, grams, bottleMl }) => ({
      ...UNKNOWN_PRODUCT,
      name: 'Mixed',
      form: 'stock' as const,
      mix: [{ id: 'm1', salt, grams }],
      bottleMl,
    })),
  fc
    .record({
      labelUnit: fc.constantFrom(...LABEL_UNITS, null),
      species: fc.uniqueArray(fc.constantFrom(...LABEL_SPECIES), { maxLength: 5 }),
      value: fc.double({ min: 0, max: 20, noNaN: true }),
      raiseMl: maybe(0.1, 100),
      raiseL: maybe(1, 1000),
    })
    .map(({ species, value, ...label }) => ({
      ...UNKNOWN_PRODUCT,
      ...label,
      name: 'Bottle',
      form: 'bottle' as const,
      label: species.map((one, at) => ({ id: `l${at}`, species: one, value })),
    })),
)
const anyFeed: fc.Arbitrary<Plan['feed']> = fc.record({
  amounts: fc.record({
    school: fc.constantFrom(...FEEDING_SCHOOLS, null),
    nitrateMgNPerL: maybe(0, 10),
    ammoniumMgNPerL: maybe(0, 2),
    phosphateMgPPerL: maybe(0, 3),
    potassiumMgPerL: maybe(0, 40),
    calciumMgPerL: maybe(0, 30),
    magnesiumMgPerL: maybe(0, 10),
    ironMgPerL: maybe(0, 1),
  }),
  phases: fc
    .array(
      fc
        .record({
          sign: fc.constantFrom(...FEED_SIGNS, null),
          fromDay: fc.option(fc.integer({ min: 0, max: 90 })),
          seenOn: fc.constantFrom('2026-01-20', '2026-09-10', null),
          nitrogenPhosphorusFraction: anyShare,
          restFraction: anyShare,
        })

        .map((phase) => ({ id: 'f', ...phase })),
      { maxLength: 3 },
    )
    .map((phases) => phases.map((phase, at) => ({ ...phase, id: `f${at}` }))),
  macroDays: fc.uniqueArray(fc.constantFrom(...WEEKDAYS), { maxLength: 4 }),
  traceDays: fc.uniqueArray(fc.constantFrom(...WEEKDAYS), { maxLength: 4 }),
  skipsChangeDay: fc.boolean(),
  countsWater: fc.boolean(),
  pauses: fc.constantFrom([], [{ id: 'p1', from: '2026-01-10', to: '2026-01-20' }]),
  cupboard: fc.array(anyProduct, { maxLength: 4 }).map((products) => products.map((one, at) => ({ id: `c${at}`, ...one }))),
})
/** Further sources of any kind beside the first, aims and salts, and each way of the first weeks. */
const anyWater = fc.record({
  sources: fc
    .array(
      fc.record({
        kind: fc.constantFrom(...SOURCE_KINDS),
        part: fc.double({ min: 0, max: 1, noNaN: true }),
        alkalinityMeqPerL: maybe(0, 15),
        hardnessMmolPerL: maybe(0, 15),
        sodiumMgPerL: maybe(0, 300),
        temperatureC: maybe(0, 40),
      }),
      { maxLength: 2 },
    )
    .map((sources) => sources.map((source, at) => ({ ...UNKNOWN_SOURCE, ...source, id: `x${at}` }))),
  water: fc.record({
    hardnessMmolPerL: maybe(0, 6),
    caMgMassRatio: maybe(0.2, 20),
    alkalinityMeqPerL: maybe(0, 4),
    minerals: fc.uniqueArray(fc.constantFrom(...MINERAL_SALTS), { maxLength: 4 }),
    topUp: fc.constantFrom(...TOP_UPS),
    conditioner: fc.constant(UNKNOWN_WATER.conditioner),
    kit: fc.constant(UNKNOWN_WATER.kit),
  }),
  firstWeeks: fc.constantFrom(...FIRST_WEEKS),
})
const anyStart: fc.Arbitrary<PlanStart> = fc.record({
  method: fc.constantFrom(...START_METHODS),
  endsOnDay: fc.option(fc.integer({ min: 1, max: 200 })),
  dryLightHours: maybe(1, 16),
})
/** Zones, pieces, filters, beds and places of lamps on top of it. */
export const anyPlan: fc.Arbitrary<Plan> = fc
  .tuple(
    anyOldPlan,
    fc.array(anyZone, { maxLength: 3 }),
    fc.array(anyPiece, { maxLength: 3 }),
    maybe(0, 50_000),
    fc.array(anyBed, { maxLength: 3 }),
    fc.array(anySpot, { maxLength: 2 }),
    anyLampPlace,
    maybe(0.05, 10),
    anyFeed,
    anyWater,
    anyStart,
  )
  .map(([old, zones, hardscape, ratedLPerH, beds, spots, lampPlace, attenuationPerM, feed, { sources, water, firstWeeks }, start]) => {
    const today = v10to11(v9to10(v8to9(v7to8(v6to7(v5to6(v4to5(v3to4(v2to3(v1to2(old))))))))))
    return {
      ...today,
      start,
      sources: [...today.sources, ...sources],
      water,
      changes: { ...today.changes, firstWeeks },
      feed,
      lamps: old.lamps.map((lamp) => ({ ...lamp, ...lampPlace })),
      light: { attenuationPerM, start: null, readings: [] },
      zones,
      hardscape,
      beds,
      spots,
      variants: [],
      flora: FLORA,
      filters: [{ id: 'f', ratedLPerH, headCm: null, media: null, watts: null }],
    }
  })
