import { datePlusDays, fromUnit, type Plan } from '@jovrin/core'

/** The made-up library's tanks; ages in days at the demo's "today". */
interface DemoTank {
  readonly id: string
  readonly age: number
  readonly plan: (startedOn: string) => Plan
}

const common = (name: string, startedOn: string): Pick<Plan, 'schemaVersion' | 'name' | 'startedOn' | 'timeZone' | 'roomCo2Ppm' | 'isTrimmed' | 'sources'> => ({
  schemaVersion: 1,
  name,
  startedOn,
  timeZone: 'Europe/Berlin',
  roomCo2Ppm: 650,
  isTrimmed: true,
  sources: [{ id: 'tap', alkalinityMeqPerL: fromUnit('alkalinity', 4.5, '°dKH'), hardnessMmolPerL: fromUnit('hardness', 7, '°dGH'), nitrateMgNPerL: fromUnit('nitrate', 5, 'mg NO3/L'), phosphateMgPPerL: fromUnit('phosphate', 0.1, 'mg PO4/L') }],
})

const riverTank = (startedOn: string): Plan => ({
  ...common('Reading-room river', startedOn),
  vessel: { lengthCm: 110, widthCm: 50, heightCm: 45, glassCm: 1, freeboardCm: 2 },
  temperatureC: 24,
  layers: [{ id: 'soil', ground: 'rich-soil', frontCm: 3.5, backCm: 8.5 }],
  hardscape: [{ id: 'stones', material: 'granite', massKg: 16 }, { id: 'branch', material: 'wood', massKg: 3.5 }],
  patches: [
    { id: 'carpet', kind: 'carpet', footFraction: 0.3, density: 'full', pots: null },
    { id: 'stems', kind: 'stems', footFraction: 0.38, density: 'full', pots: null },
    { id: 'rhizome', kind: 'rhizome', footFraction: 0.12, density: 'half', pots: null },
    { id: 'rosette', kind: 'rosette', footFraction: 0.12, density: 'full', pots: null },
    { id: 'moss', kind: 'moss', footFraction: 0.05, density: 'half', pots: null },
  ],
  lamps: [{ id: 'strip', fluxUmolPerS: null, watts: 68, lengthCm: 100, aboveWaterCm: 16, dimFraction: 0.72 }],
  lightWindows: [{ id: 'day', on: '11:30', hours: 8, rampMin: 30 }],
  gasLines: [{ id: 'gas', control: 'timer', bubblesPerS: 2.6, bubbleMl: 0.07, linePressureBar: 0.8, beforeLightMin: 120, beforeDarkMin: 60, limitMgPerL: null }],
  flow: { surface: 'ripple', hasSkimmer: true, turnoverPerH: 8, filter: 'seeded' },
  feeding: 'rich-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeksMore: true },
  animals: { foodGPerDay: 0.35, grazers: 14, grazersFromDay: 30, fishFromDay: 44 },
})

const shallowTank = (startedOn: string): Plan => ({
  ...common('Stairwell shallow', startedOn),
  vessel: { lengthCm: 75, widthCm: 45, heightCm: 30, glassCm: 0.8, freeboardCm: 2 },
  temperatureC: 23.5,
  layers: [{ id: 'soil', ground: 'rich-soil', frontCm: 3, backCm: 6 }],
  hardscape: [{ id: 'wood', material: 'staining-wood', massKg: 4 }],
  patches: [
    { id: 'carpet', kind: 'carpet', footFraction: 0.45, density: 'half', pots: null },
    { id: 'stems', kind: 'stems', footFraction: 0.2, density: 'half', pots: null },
    { id: 'rhizome', kind: 'rhizome', footFraction: 0.12, density: 'half', pots: null },
  ],
  lamps: [{ id: 'strip', fluxUmolPerS: null, watts: 40, lengthCm: 65, aboveWaterCm: 20, dimFraction: 0.6 }],
  lightWindows: [{ id: 'day', on: '12:00', hours: 7, rampMin: 30 }],
  gasLines: [{ id: 'gas', control: 'timer', bubblesPerS: null, bubbleMl: null, linePressureBar: null, beforeLightMin: 90, beforeDarkMin: 60, limitMgPerL: null }],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, filter: 'new' },
  feeding: 'lean-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeksMore: true },
  animals: { foodGPerDay: 0, grazers: 6, grazersFromDay: 35, fishFromDay: 60 },
})

const archiveTank = (startedOn: string): Plan => ({
  ...common('Archive tank', startedOn),
  vessel: { lengthCm: 65, widthCm: 38, heightCm: 40, glassCm: 0.8, freeboardCm: 2 },
  temperatureC: 23,
  layers: [{ id: 'gravel', ground: 'gravel', frontCm: 3, backCm: 5 }],
  hardscape: [{ id: 'lava', material: 'lava', massKg: 6 }],
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

const rackTank = (name: string, dimFraction: number, hours: number, on: string) => (startedOn: string): Plan => ({
  ...common(name, startedOn),
  vessel: { lengthCm: 42, widthCm: 28, heightCm: 30, glassCm: 0.5, freeboardCm: 2 },
  temperatureC: 24,
  layers: [{ id: 'soil', ground: 'lean-soil', frontCm: 3, backCm: 5 }],
  hardscape: [{ id: 'slate', material: 'slate', massKg: 2 }],
  patches: [
    { id: 'carpet', kind: 'carpet', footFraction: 0.35, density: 'half', pots: null },
    { id: 'stems', kind: 'stems', footFraction: 0.35, density: 'half', pots: null },
    { id: 'rosette', kind: 'rosette', footFraction: 0.15, density: 'half', pots: null },
  ],
  lamps: [{ id: 'strip', fluxUmolPerS: null, watts: 16, lengthCm: 36, aboveWaterCm: 12, dimFraction }],
  lightWindows: [{ id: 'day', on, hours, rampMin: 15 }],
  gasLines: [{ id: 'gas', control: 'controller', bubblesPerS: 0.8, bubbleMl: 0.06, linePressureBar: 0.5, beforeLightMin: 90, beforeDarkMin: 60, limitMgPerL: 28 }],
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
  { id: '01920000-0000-7000-8000-000000000001', age: 64, plan: riverTank },
  { id: '01920000-0000-7000-8000-000000000002', age: 19, plan: shallowTank },
  { id: '01920000-0000-7000-8000-000000000003', age: 420, plan: archiveTank },
  { id: '01920000-0000-7000-8000-000000000004', age: 40, plan: rackTank('Rack left', 0.9, RACK_STRONG_H, '13:00') },
  { id: '01920000-0000-7000-8000-000000000005', age: 40, plan: rackTank('Rack right', (0.9 * (RACK_STRONG_H - RAMP_H)) / (RACK_GENTLE_H - RAMP_H), RACK_GENTLE_H, '11:00') },
]

export const startOf = (today: string, age: number): string => datePlusDays(today, -age)
