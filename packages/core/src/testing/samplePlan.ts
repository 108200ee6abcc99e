import type { Plan } from '../plan/plan.js'
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

/** A plan as the first released version wrote it. It stays as it is, so that old documents go on being read. */
export const samplePlanV1: PlanV1 = {
  schemaVersion: 1,
  name: 'Sample',
  startedOn: '2026-09-01',
  timeZone: 'Europe/Berlin',
  vessel: { lengthCm: 110, widthCm: 50, heightCm: 45, glassCm: 1, freeboardCm: 2 },
  temperatureC: 24.5,
  roomCo2Ppm: 600,
  sources: [{ id: 'w1', alkalinityMeqPerL: 1.4, hardnessMmolPerL: 1.2, nitrateMgNPerL: 0.5, phosphateMgPPerL: 0.02 }],
  layers: [{ id: 'g1', ground: 'rich-soil', frontCm: 4, backCm: 8 }],
  hardscape: [
    { id: 's1', material: 'granite', massKg: 14 },
    { id: 's2', material: 'wood', massKg: 3 },
  ],
  patches: [
    { id: 'p1', kind: 'carpet', footFraction: 0.35, density: 'half', pots: null },
    { id: 'p2', kind: 'stems', footFraction: 0.35, density: 'full', pots: null },
    { id: 'p3', kind: 'rhizome', footFraction: 0.1, density: 'half', pots: null },
    { id: 'p4', kind: 'rosette', footFraction: 0.12, density: 'half', pots: null },
  ],
  lamps: [{ id: 'l1', fluxUmolPerS: null, watts: 72, lengthCm: 100, aboveWaterCm: 15, dimFraction: 0.8 }],
  lightWindows: [{ id: 't1', on: '12:00', hours: 8, rampMin: 30 }],
  gasLines: [
    {
      id: 'c1',
      control: 'timer',
      bubblesPerS: null,
      bubbleMl: null,
      linePressureBar: null,
      beforeLightMin: 120,
      beforeDarkMin: 60,
      limitMgPerL: null,
    },
  ],
  flow: { surface: 'ripple', hasSkimmer: false, turnoverPerH: 7, filter: 'new' },
  feeding: 'rich-column',
  changes: { fraction: 0.5, everyDays: 7, firstWeeksMore: true },
  animals: { foodGPerDay: 0.4, grazers: 10, grazersFromDay: 28, fishFromDay: 42 },
  isTrimmed: true,
}

/** A plain planted tank for tests, everything answered. */
export const samplePlan: Plan = v10to11(v9to10(v8to9(v7to8(v6to7(v5to6(v4to5(v3to4(v2to3(v1to2(samplePlanV1))))))))))
