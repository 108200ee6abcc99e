import { datePlusDays, fromUnit, UNKNOWN_SOURCE, UNPLANNED, type Plan } from '@jovrin/core'
import { bank, layer, outline, piece, PROFILE, zone } from './layouts.js'

/** The made-up library's tanks; ages in days at the demo's "today". */
export interface DemoTank {
  readonly id: string
  readonly age: number
  /** As it is now. */
  readonly plan: (startedOn: string) => Plan
  /** Settings that led to it: each is what held before its day. */
  readonly changes: readonly DemoChange[]
}
interface DemoChange {
  /** Day of the tank's age from which the new value holds. */
  readonly day: number
  readonly why: string
  readonly path: string
  readonly before: unknown
}
const change = (day: number, path: string, before: unknown, why: string): DemoChange => ({ day, path, before, why })

const common = (
  name: string,
  startedOn: string,
): Pick<Plan, keyof typeof UNPLANNED | 'schemaVersion' | 'name' | 'startedOn' | 'timeZone' | 'roomCo2Ppm' | 'isTrimmed' | 'sources'> => ({
  ...UNPLANNED,
  room: { monthlyC: [19.5, 19.5, 20, 20.5, 21.5, 23, 24.5, 24.5, 22.5, 21, 20, 19.5], humidityFraction: 0.48, sunHours: 0, volumeM3: 180 },
  schemaVersion: 3,
  name,
  startedOn,
  timeZone: 'Europe/Berlin',
  roomCo2Ppm: 650,
  isTrimmed: true,
  sources: [
    {
      ...UNKNOWN_SOURCE,
      id: 'tap',
      pH: 7.6,
      calciumMgPerL: 36,
      magnesiumMgPerL: 8.5,
      silicaMgSiPerL: fromUnit('silica', 9, 'mg SiO2/L'),
      disinfectant: 'chlorine',
      alkalinityMeqPerL: fromUnit('alkalinity', 4.5, '°dKH'),
      hardnessMmolPerL: fromUnit('hardness', 7, '°dGH'),
      nitrateMgNPerL: fromUnit('nitrate', 5, 'mg NO3/L'),
      phosphateMgPPerL: fromUnit('phosphate', 0.1, 'mg PO4/L'),
    },
  ],
})

const RIVER_BED = outline(
  [40, 0],
  [64, 0],
  [60, 12, 1],
  [69, 24, 1],
  [60, 36, 1],
  [66, 48],
  [61.5, 48],
  [54, 36, 1],
  [58, 24, 1],
  [44, 12, 1],
)
const SAND_FRONT = outline([30, 0], [73.4, 0], [73.4, 9], [58, 12, 1], [42, 8, 1])

const riverTank = (startedOn: string): Plan => ({
  ...common('Reading-room river', startedOn),
  vessel: { lengthCm: 110, widthCm: 50, heightCm: 45, glassCm: 1, freeboardCm: 2, top: 'open' },
  temperatureC: 24,
  intent: {
    layout: 'valley',
    pace: 'fast',
    hoursPerWeek: 2,
    money: 2400,
    views: ['front', 'left'],
    wishes: ['fine-carpet', 'shoal', 'shrimps'],
  },
  stand: {
    massKg: 62,
    kitMassKg: 14,
    rests: 'feet',
    feet: 6,
    footAreaCm2: 16,
    floor: 'solid',
    cornersMm: { frontLeft: 0, frontRight: 1.2, backLeft: 0.4, backRight: 1.4 },
  },
  layers: [layer('soil', 'rich-soil', 3.5, 8.5)],
  zones: [
    zone('bed', 'River bed', 'cosmetic', RIVER_BED, [layer('bedsand', 'sand', 1.8, 4.5)]),
    zone('left', 'Left bank', 'planted', outline([0, 26], [30, 26], [43, 33], [46, 48], [0, 48]), [
      layer('leftbase', 'porous-base', 2, 3),
      layer('leftsoil', 'rich-soil', 4.5, 9.5),
    ]),
    zone('right', 'Right bank', 'planted', outline([74, 30], [90, 24], [108, 22], [108, 48], [76, 48]), [
      layer('rightbase', 'porous-base', 2, 3),
      layer('rightsoil', 'rich-soil', 4, 10),
    ]),
  ],
  barriers: [
    { id: 'walla', line: bank(RIVER_BED, (x, y) => x < 52 + y / 5), heightCm: 5 },
    { id: 'wallb', line: bank(RIVER_BED, (x, y) => x >= 52 + y / 5), heightCm: 5 },
  ],
  tabs: [
    [6, 40],
    [14, 43],
    [22, 40],
    [30, 43],
    [38, 42],
    [80, 42],
    [88, 40],
    [96, 43],
    [103, 40],
  ].map(([xCm = 0, yCm = 0], index) => ({ id: `t${index + 1}`, kind: 'capsule', xCm, yCm })),
  hardscape: [
    piece(
      'stones',
      { name: 'Main stone', material: 'granite', massKg: 9, heightCm: 25, sunkCm: 3, profile: PROFILE.peak },
      outline([23, 24], [30, 19], [41, 20], [45, 28], [39, 34], [28, 34], [22, 30]),
    ),
    piece(
      'second',
      { name: 'Second stone', material: 'granite', massKg: 4.2, heightCm: 14, sunkCm: 2, profile: PROFILE.lean },
      outline([70, 22], [77, 18], [85, 20], [86, 28], [79, 32], [71, 29]),
    ),
    piece(
      'third',
      { name: 'Third stone', material: 'granite', massKg: 1.6, heightCm: 9, sunkCm: 1.5, profile: PROFILE.slab },
      outline([14, 15], [19, 12], [25, 14], [24, 20], [17, 21]),
    ),
    piece(
      'small',
      { name: 'Bank stone', material: 'granite', massKg: 0.8, heightCm: 6, sunkCm: 1, profile: PROFILE.slab },
      outline([66, 10], [70, 8], [75, 10], [73, 15], [67, 15]),
    ),
    piece(
      'pebble',
      { name: 'Bed stone', material: 'granite', massKg: 0.4, heightCm: 4, sunkCm: 0.5 },
      outline([46, 16], [50, 14], [53, 17], [51, 20], [47, 20]),
    ),
    piece(
      'branch',
      { name: 'Long branch', material: 'wood', massKg: 2.4, heightCm: 17, sunkCm: 2, fixing: 'screwed', profile: PROFILE.branchRight },
      outline([27, 33], [36, 30], [50, 33], [62, 29], [66, 31], [53, 37], [40, 38], [29, 38]),
    ),
    piece(
      'twig',
      { name: 'Short branch', material: 'wood', massKg: 1.1, heightCm: 14.5, sunkCm: 2, fixing: 'tied', profile: PROFILE.branchLeft },
      outline([74, 36], [82, 33], [94, 36], [98, 40], [88, 41], [77, 40]),
    ),
  ],
  filters: [{ id: 'canister', ratedLPerH: 2600, headCm: 130, media: 'usual', watts: 26 }],
  outlets: [
    { id: 'pipe', xCm: 105, yCm: 42, zCm: 38, headingDeg: 196, pitchDeg: 4, boreMm: 17 },
    { id: 'low', xCm: 3, yCm: 42, zCm: 14, headingDeg: -28, pitchDeg: 0, boreMm: 13 },
  ],
  climate: { heaterW: 200, coolerW: null },
  logistics: { purifiedFraction: 0.3, purifierLPerDay: 90, barrelL: 120, wastePerL: 2.5 },
  money: {
    currency: 'EUR',
    electricityPerKwh: 0.34,
    gasPerKg: 9,
    waterPerM3: 4.6,
    saltsPerKg: 16,
    plantsPerMonth: 4,
    columns: [
      { id: 'first', name: 'Good kit' },
      { id: 'k2', name: 'Modest kit' },
    ],
    prices: [
      ['tank', 340, 210],
      ['stand', 260, 120],
      ['mat', 18, 12],
      ['lamp:strip', 320, 140],
      ['timer', 14, 9],
      ['cylinder:gas', 95, 70],
      ['regulator:gas', 165, 80],
      ['diffuser:gas', 24, 12],
      ['indicator', 19, 9],
      ['filter:canister', 230, 120],
      ['heater', 38, 22],
      ['cooler', 60, 25],
      ['ground:rich-soil', 29, 24],
      ['ground:sand', 11, 8],
      ['ground:porous-base', 19, 15],
      ['capsules', 12, 9],
      ['barrier', 9, 4],
      ['hardscape:granite', 4.5, 3],
      ['hardscape:wood', 16, 12],
      ['plants:carpet', 6.5, 5],
      ['plants:stems', 4.8, 4],
      ['plants:rhizome', 9, 7],
      ['plants:rosette', 6, 5],
      ['plants:moss', 7, 6],
      ['counter:gas', 14, 7],
      ['sundry:thermometer', 6, 4],
      ['sundry:scissors', 26, 12],
      ['sundry:hose', 12, 8],
      ['test:pH', 11, 8],
      ['test:alkalinity', 9, 7],
      ['test:nitrate', 16, 12],
      ['test:phosphate', 17, 13],
      ['sundry:conditioner', 9, 6],
      ['sundry:check-valve', 6, 4],
      ['sundry:tweezers', 22, 9],
      ['sundry:sprayer', 7, 5],
      ['sundry:buckets', 12, 8],
      ['sundry:hose-clips', 8, 5],
    ].flatMap(([item, dear, modest], index) => [
      { id: `pa${index}`, item: String(item), column: 'first', price: Number(dear) },
      { id: `pb${index}`, item: String(item), column: 'k2', price: Number(modest) },
    ]),
    extras: [{ id: 'e1', name: 'Leak alarm', count: 1 }],
    owned: ['sundry:towels', 'sundry:film'],
  },
  patches: [
    { id: 'carpet', kind: 'carpet', footFraction: 0.3, density: 'full', pots: null },
    { id: 'stems', kind: 'stems', footFraction: 0.38, density: 'full', pots: null },
    { id: 'rhizome', kind: 'rhizome', footFraction: 0.12, density: 'half', pots: null },
    { id: 'rosette', kind: 'rosette', footFraction: 0.12, density: 'full', pots: null },
    { id: 'moss', kind: 'moss', footFraction: 0.05, density: 'half', pots: null },
  ],
  lamps: [{ id: 'strip', fluxUmolPerS: null, watts: 68, lengthCm: 100, aboveWaterCm: 16, dimFraction: 0.72 }],
  lightWindows: [{ id: 'day', on: '11:30', hours: 8, rampMin: 30 }],
  gasLines: [
    {
      id: 'gas',
      control: 'timer',
      diffuser: 'reactor',
      peakMgPerL: null,
      cylinderKg: 2,
      bubblesPerS: 3.2,
      bubbleMl: 0.07,
      linePressureBar: 0.8,
      beforeLightMin: 120,
      beforeDarkMin: 60,
      limitMgPerL: null,
    },
  ],
  flow: { surface: 'ripple', hasSkimmer: true, turnoverPerH: 8, filter: 'seeded' },
  feeding: 'rich-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeksMore: true },
  animals: { foodGPerDay: 0.35, grazers: 14, grazersFromDay: 30, fishFromDay: 44 },
})

const shallowTank = (startedOn: string): Plan => ({
  ...common('Stairwell shallow', startedOn),
  vessel: { lengthCm: 75, widthCm: 45, heightCm: 30, glassCm: 0.8, freeboardCm: 2, top: 'open' },
  temperatureC: 23.5,
  intent: {
    layout: 'shallow',
    pace: 'steady',
    hoursPerWeek: 1.5,
    money: 1100,
    views: ['front', 'above'],
    wishes: ['fine-carpet', 'shrimps'],
  },
  layers: [layer('soil', 'rich-soil', 3, 6)],
  zones: [
    zone(
      'shore',
      'Shore',
      'planted',
      outline([0, 18], [20, 22, 1], [30, 30], [34, 43.4], [0, 43.4]),
      [layer('shoresoil', 'rich-soil', 5, 9)],
      [
        { id: 'h1', xCm: 4, yCm: 40, heightCm: 9.5 },
        { id: 'h2', xCm: 26, yCm: 30, heightCm: 6.5 },
        { id: 'h3', xCm: 4, yCm: 20, heightCm: 6 },
      ],
    ),
    zone('sand', 'Sand front', 'cosmetic', SAND_FRONT, [layer('frontsand', 'sand', 2, 2.5)]),
  ],
  barriers: [{ id: 'walls', line: bank(SAND_FRONT, (_x, y) => y > 0.5), heightCm: 4 }],
  hardscape: [
    piece(
      'wood',
      { name: 'Root', material: 'staining-wood', massKg: 2.7, heightCm: 17, sunkCm: 2, fixing: 'weighted', profile: PROFILE.branchRight },
      outline([17, 22], [28, 18], [42, 21], [53, 19], [55, 23], [44, 28], [30, 29], [19, 27]),
    ),
    piece(
      'wood2',
      {
        name: 'Small root',
        material: 'staining-wood',
        massKg: 1.3,
        heightCm: 12,
        sunkCm: 1.5,
        fixing: 'wedged',
        profile: PROFILE.branchLeft,
      },
      outline([48, 30], [58, 27], [67, 30], [66, 34], [55, 35], [49, 34]),
    ),
    piece(
      'lava1',
      { name: 'Lava', material: 'lava', massKg: 1.4, heightCm: 9, sunkCm: 1, profile: PROFILE.slab },
      outline([12, 13], [18, 10], [24, 12], [24, 18], [16, 19]),
    ),
  ],
  filters: [{ id: 'canister', ratedLPerH: 900, headCm: 100, media: 'usual', watts: 9 }],
  outlets: [{ id: 'pipe', xCm: 71, yCm: 40, zCm: 23, headingDeg: 195, pitchDeg: 0, boreMm: 12 }],
  patches: [
    { id: 'carpet', kind: 'carpet', footFraction: 0.45, density: 'half', pots: null },
    { id: 'stems', kind: 'stems', footFraction: 0.2, density: 'half', pots: null },
    { id: 'rhizome', kind: 'rhizome', footFraction: 0.12, density: 'half', pots: null },
  ],
  lamps: [{ id: 'strip', fluxUmolPerS: null, watts: 40, lengthCm: 65, aboveWaterCm: 20, dimFraction: 0.6 }],
  lightWindows: [{ id: 'day', on: '12:00', hours: 7, rampMin: 30 }],
  gasLines: [
    {
      id: 'gas',
      control: 'timer',
      diffuser: 'in-tank',
      peakMgPerL: null,
      cylinderKg: 0.5,
      bubblesPerS: null,
      bubbleMl: null,
      linePressureBar: null,
      beforeLightMin: 90,
      beforeDarkMin: 60,
      limitMgPerL: null,
    },
  ],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, filter: 'new' },
  feeding: 'lean-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeksMore: true },
  animals: { foodGPerDay: 0, grazers: 6, grazersFromDay: 35, fishFromDay: 60 },
})

const archiveTank = (startedOn: string): Plan => ({
  ...common('Archive tank', startedOn),
  vessel: { lengthCm: 65, widthCm: 38, heightCm: 40, glassCm: 0.8, freeboardCm: 2, top: 'open' },
  temperatureC: 23,
  intent: { layout: 'wood-and-stones', pace: 'quiet', hoursPerWeek: 1, money: null, views: ['front'], wishes: ['shoal'] },
  layers: [layer('gravel', 'gravel', 3, 5)],
  tabs: [
    [12, 26],
    [24, 29],
    [36, 26],
    [48, 29],
    [54, 24],
  ].map(([xCm = 0, yCm = 0], index) => ({ id: `t${index + 1}`, kind: 'tab', xCm, yCm })),
  tabProduct: { name: 'Root tabs, pack of 10', pack: 10, price: 8, renewDays: 90 },
  hardscape: [
    piece(
      'lava',
      { name: 'Lava hill', material: 'lava', massKg: 3.4, heightCm: 16, sunkCm: 1, profile: PROFILE.peak },
      outline([17, 15], [25, 11], [33, 14], [34, 22], [26, 26], [17, 22]),
    ),
    piece(
      'lava2',
      { name: 'Lava foot', material: 'lava', massKg: 1.7, heightCm: 10, sunkCm: 1, profile: PROFILE.lean },
      outline([38, 17], [45, 14], [50, 18], [47, 24], [40, 24]),
    ),
    piece(
      'lava3',
      { name: 'Lava crumb', material: 'lava', massKg: 0.9, heightCm: 6, sunkCm: 0.5, profile: PROFILE.slab },
      outline([9, 11], [13, 8], [17, 10], [15, 14], [10, 14]),
    ),
  ],
  filters: [{ id: 'canister', ratedLPerH: 700, headCm: 90, media: 'packed', watts: 7 }],
  outlets: [{ id: 'pipe', xCm: 3, yCm: 30, zCm: 30, headingDeg: -12, pitchDeg: 6, boreMm: 12 }],
  patches: [
    { id: 'rhizome', kind: 'rhizome', footFraction: 0.3, density: 'full', pots: null },
    { id: 'moss', kind: 'moss', footFraction: 0.2, density: 'full', pots: null },
    { id: 'rosette', kind: 'rosette', footFraction: 0.2, density: 'half', pots: null },
  ],
  lamps: [{ id: 'strip', fluxUmolPerS: null, watts: 18, lengthCm: 55, aboveWaterCm: 14, dimFraction: 0.5 }],
  lightWindows: [{ id: 'day', on: '10:00', hours: 8, rampMin: 30 }],
  gasLines: [],
  flow: { surface: 'ripple', hasSkimmer: false, turnoverPerH: 5, filter: 'mature' },
  feeding: 'lean-column',
  changes: { fraction: 0.3, everyDays: 14, firstWeeksMore: false },
  animals: { foodGPerDay: 0.15, grazers: 8, grazersFromDay: 40, fishFromDay: 60 },
})

const rackTank =
  (name: string, dimFraction: number, hours: number, on: string) =>
  (startedOn: string): Plan => ({
    ...common(name, startedOn),
    vessel: { lengthCm: 42, widthCm: 28, heightCm: 30, glassCm: 0.5, freeboardCm: 2, top: 'open' },
    temperatureC: 24,
    intent: { layout: 'stones', pace: 'steady', hoursPerWeek: 1, money: 400, views: ['front'], wishes: [] },
    layers: [layer('soil', 'lean-soil', 3, 6)],
    hardscape: [
      piece(
        'slate',
        { name: 'Slate', material: 'slate', massKg: 1.3, heightCm: 12, sunkCm: 2, profile: PROFILE.lean },
        outline([11, 12], [17, 10], [21, 13], [19, 17], [12, 17]),
      ),
      piece(
        'slate2',
        { name: 'Low slate', material: 'slate', massKg: 0.7, heightCm: 7.5, sunkCm: 1, profile: PROFILE.slab },
        outline([24, 9], [30, 7], [33, 10], [30, 13], [25, 13]),
      ),
    ],
    filters: [{ id: 'hang', ratedLPerH: 420, headCm: 20, media: 'light', watts: 5 }],
    outlets: [{ id: 'lip', xCm: 20, yCm: 25, zCm: 26, headingDeg: -90, pitchDeg: -15, boreMm: 14 }],
    patches: [
      { id: 'carpet', kind: 'carpet', footFraction: 0.35, density: 'half', pots: null },
      { id: 'stems', kind: 'stems', footFraction: 0.35, density: 'half', pots: null },
      { id: 'rosette', kind: 'rosette', footFraction: 0.15, density: 'half', pots: null },
    ],
    lamps: [{ id: 'strip', fluxUmolPerS: null, watts: 16, lengthCm: 36, aboveWaterCm: 12, dimFraction }],
    lightWindows: [{ id: 'day', on, hours, rampMin: 15 }],
    gasLines: [
      {
        id: 'gas',
        control: 'controller',
        diffuser: 'in-tank',
        peakMgPerL: null,
        cylinderKg: 2,
        bubblesPerS: 0.8,
        bubbleMl: 0.06,
        linePressureBar: 0.5,
        beforeLightMin: 90,
        beforeDarkMin: 60,
        limitMgPerL: 28,
      },
    ],
    flow: { surface: 'ripple', hasSkimmer: false, turnoverPerH: 8, filter: 'seeded' },
    feeding: 'measured-ratio',
    changes: { fraction: 0.4, everyDays: 7, firstWeeksMore: true },
    animals: { foodGPerDay: 0, grazers: 3, grazersFromDay: 28, fishFromDay: 90 },
  })

/** Fixed ids, so that links into the demo keep working. The racks give the same daily light: 5.75 effective hours at full against 9.75 at the share below. */
const RACK_STRONG_H = 6
const RACK_GENTLE_H = 10
const RAMP_H = 0.25
export const DEMO_TANKS: readonly DemoTank[] = [
  {
    id: '01920000-0000-7000-8000-000000000001',
    age: 64,
    plan: riverTank,
    changes: [
      change(21, '/lightWindows/day/hours', 6, 'three weeks old, plants hold'),
      change(28, '/lamps/strip/dimFraction', 0.55, 'carpet stayed pale in front'),
      change(36, '/gasLines/gas/bubblesPerS', 4.1, 'shrimps came up for air at noon'),
      change(49, '/feeding', 'lean-column', 'stems in the back turned yellow below'),
    ],
  },
  {
    id: '01920000-0000-7000-8000-000000000002',
    age: 19,
    plan: shallowTank,
    changes: [change(8, '/gasLines/gas/beforeLightMin', 60, 'pH fell too late')],
  },
  {
    id: '01920000-0000-7000-8000-000000000003',
    age: 420,
    plan: archiveTank,
    changes: [
      change(310, '/lamps/strip/dimFraction', 0.65, 'gas taken off, so less light'),
      change(310, '/changes/everyDays', 7, 'held still from here'),
    ],
  },
  { id: '01920000-0000-7000-8000-000000000004', age: 40, plan: rackTank('Rack left', 0.9, RACK_STRONG_H, '13:00'), changes: [] },
  {
    id: '01920000-0000-7000-8000-000000000005',
    age: 40,
    plan: rackTank('Rack right', (0.9 * (RACK_STRONG_H - RAMP_H)) / (RACK_GENTLE_H - RAMP_H), RACK_GENTLE_H, '11:00'),
    changes: [],
  },
]

export const startOf = (today: string, age: number): string => datePlusDays(today, -age)
