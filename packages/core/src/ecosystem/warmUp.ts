import type { Plan } from '../plan/plan.js'
import { UNPLANNED } from '../plan/unplanned.js'
import { forecastMember } from './forecast.js'

/** A small plain tank; only the time it takes matters. */
const PLAIN: Plan = {
  ...UNPLANNED,
  schemaVersion: 2,
  name: 'warm-up',
  startedOn: '2026-01-01',
  timeZone: 'UTC',
  vessel: { lengthCm: null, widthCm: null, heightCm: null, glassCm: null, freeboardCm: null, top: null },
  temperatureC: null,
  roomCo2Ppm: null,
  sources: [],
  layers: [{ id: 'g', ground: 'rich-soil', frontCm: null, backCm: null, product: null }],
  hardscape: [],
  patches: [
    { id: 'p', kind: 'stems', footFraction: 0.5, density: null, pots: null },
    { id: 'q', kind: 'carpet', footFraction: 0.5, density: null, pots: null },
  ],
  lamps: [{ id: 'l', fluxUmolPerS: null, watts: null, lengthCm: null, aboveWaterCm: null, dimFraction: null }],
  lightWindows: [{ id: 't', on: '12:00', hours: 8, rampMin: 30 }],
  gasLines: [
    {
      id: 'c',
      control: 'timer',
      bubblesPerS: null,
      bubbleMl: null,
      linePressureBar: null,
      beforeLightMin: 90,
      beforeDarkMin: 60,
      limitMgPerL: null,
    },
  ],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, filter: null },
  feeding: 'rich-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeksMore: true },
  animals: { foodGPerDay: null, grazers: null, grazersFromDay: 0, fishFromDay: 0 },
  isTrimmed: true,
}

/** Runs the kernel a few times, so that the engine has compiled it before a person waits for it. */
export function warmUp(members = 4): void {
  for (let member = 1; member <= members; member++)
    forecastMember({ timeline: [{ fromDay: 0, plan: PLAIN }], today: 0, weeks: 8, seed: 1, levers: {} }, member, new Map())
}
