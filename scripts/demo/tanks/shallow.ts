import { UNKNOWN_LAMP, UNKNOWN_PRODUCT, UNPLANNED, type Plan } from '@jovrin/core'
import { bank, layer, outline, piece, PROFILE, zone } from '../layouts.js'
import { common } from './common.js'
import { keeps } from './animals.js'

const SAND_FRONT = outline([30, 0], [73.4, 0], [73.4, 9], [58, 12, 1], [42, 8, 1])

export const shallowTank = (startedOn: string): Plan => ({
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
  lamps: [{ ...UNKNOWN_LAMP, id: 'strip', watts: 40, lengthCm: 65, aboveWaterCm: 20, dimFraction: 0.6 }],
  lightWindows: [{ id: 'day', on: '12:00', hours: 7, rampMin: 30 }],
  gasLines: [
    {
      id: 'gas',
      control: 'timer',
      diffuser: 'in-tank',
      dissolvedFraction: null,
      peakMgPerL: null,
      cylinderKg: 0.5,
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
    },
  ],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, lossTimes: null, filter: 'new' },
  feeding: 'lean-column',
  feed: {
    ...UNPLANNED.feed,
    // Traces apart from phosphate, so that the iron stays in the water.
    macroDays: ['mon', 'wed', 'fri'],
    traceDays: ['tue', 'thu', 'sat'],
    cupboard: [
      { ...UNKNOWN_PRODUCT, id: 'nitrate', name: '', form: 'salt', salt: 'potassium-nitrate', packG: 500, price: 6.5 },
      { ...UNKNOWN_PRODUCT, id: 'phosphate', name: '', form: 'salt', salt: 'monopotassium-phosphate', packG: 250, price: 5 },
      { ...UNKNOWN_PRODUCT, id: 'potassium', name: '', form: 'salt', salt: 'potassium-sulfate', packG: 500, price: 5.5 },
      { ...UNKNOWN_PRODUCT, id: 'magnesium', name: '', form: 'salt', salt: 'magnesium-sulfate-heptahydrate', packG: 500, price: 3.5 },
      {
        ...UNKNOWN_PRODUCT,
        id: 'traces',
        name: 'Trace bottle',
        form: 'bottle',
        labelUnit: 'percent',
        densityGPerMl: 1.04,
        label: [
          { id: 'fe', species: 'Fe', value: 0.9 },
          { id: 'k', species: 'K2O', value: 0.8 },
        ],
        chelate: 'dtpa',
        bottleMl: 250,
        price: 11,
        pumpMlPerMin: 4.2,
        pumpTimesPerDay: 1,
      },
    ],
  },
  changes: { fraction: 0.5, everyDays: 7, firstWeeks: 'daily' },
  ...keeps(null, ['caridina-multidentata', 6, 35], ['boraras-maculatus', 15, 60]),
})
