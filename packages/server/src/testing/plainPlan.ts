import { UNKNOWN_LAMP, UNKNOWN_SOURCE, UNPLACED, UNPLANNED, type Plan } from '@jovrin/core'

export const TANK_ID = '01920000-0000-7000-8000-0000000000aa'

export const plainPlan = (change: Partial<Plan> = {}): Plan => ({
  ...UNPLANNED,
  schemaVersion: 11,
  name: 'Reading-room river',
  startedOn: '2026-09-01',
  timeZone: 'Europe/Berlin',
  vessel: { lengthCm: 60, widthCm: 35, heightCm: 36, glassCm: 0.8, freeboardCm: 2, top: 'open' },
  temperatureC: 24.5,
  roomCo2Ppm: 600,
  sources: [{ ...UNKNOWN_SOURCE, id: 'tap', alkalinityMeqPerL: 1.4, hardnessMmolPerL: 1.2, nitrateMgNPerL: 0.5, phosphateMgPPerL: 0.02 }],
  layers: [{ id: 'g1', ground: 'rich-soil', frontCm: 4, backCm: 7, product: null }],
  hardscape: [{ ...UNPLACED, id: 's1', material: 'granite', massKg: 5 }],
  patches: [{ id: 'p1', kind: 'stems', footFraction: 0.5, density: 'half', pots: null }],
  lamps: [{ ...UNKNOWN_LAMP, id: 'l1', watts: 30, lengthCm: 50, aboveWaterCm: 12, dimFraction: 0.8 }],
  lightWindows: [{ id: 't1', on: '12:00', hours: 8, rampMin: 30 }],
  gasLines: [],
  flow: { surface: 'ripple', hasSkimmer: false, turnoverPerH: 7, lossTimes: null, filter: 'new' },
  feeding: 'lean-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeks: 'daily' },
  animals: { groups: [], foodGPerDay: null },
  isTrimmed: true,
  ...change,
})
