import { PLAN_SCHEMA_VERSION, type Plan } from './plan.js'
import { UNKNOWN_SOURCE } from './planWater.js'
import { UNKNOWN_LAMP, UNPLANNED, UNTUNED_LINE } from './unplanned.js'

/** A plan in which nothing is known yet: common kit, every number "don't know". */
export const newPlan = (name: string, startedOn: string, timeZone: string): Plan => ({
  ...UNPLANNED,
  schemaVersion: PLAN_SCHEMA_VERSION,
  name,
  startedOn,
  timeZone,
  vessel: { lengthCm: null, widthCm: null, heightCm: null, glassCm: null, freeboardCm: null, top: null },
  temperatureC: null,
  roomCo2Ppm: null,
  sources: [{ id: 'tap', ...UNKNOWN_SOURCE }],
  layers: [{ id: 'g1', ground: 'rich-soil', frontCm: null, backCm: null, product: null }],
  hardscape: [],
  patches: [
    { id: 'carpet', kind: 'carpet', footFraction: 0.35, density: null, pots: null },
    { id: 'stems', kind: 'stems', footFraction: 0.35, density: null, pots: null },
    { id: 'rosette', kind: 'rosette', footFraction: 0.15, density: null, pots: null },
  ],
  lamps: [{ id: 'l1', ...UNKNOWN_LAMP }],
  lightWindows: [{ id: 't1', on: '12:00', hours: 7, rampMin: 30 }],
  gasLines: [{ id: 'c1', ...UNTUNED_LINE }],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, lossTimes: null, filter: null },
  feeding: 'lean-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeks: 'daily' },
  animals: { groups: [], foodGPerDay: null },
  isTrimmed: true,
})
