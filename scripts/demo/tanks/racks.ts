import { UNKNOWN_LAMP, type Plan } from '@jovrin/core'
import { layer, outline, piece, PROFILE } from '../layouts.js'
import { common } from './common.js'
import { keeps } from './animals.js'

/** The racks give the same daily light: 5.75 effective hours at full against 9.75 at the share below. */
const STRONG_H = 6
const GENTLE_H = 10
const RAMP_H = 0.25

const rackTank =
  (name: string, dimFraction: number, hours: number, on: string, sharedWith: string | null) =>
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
    lamps: [{ ...UNKNOWN_LAMP, id: 'strip', watts: 16, lengthCm: 36, aboveWaterCm: 12, dimFraction }],
    lightWindows: [{ id: 'day', on, hours, rampMin: 15 }],
    gasLines: [
      {
        id: 'gas',
        control: 'controller',
        diffuser: 'in-tank',
        dissolvedFraction: null,
        peakMgPerL: null,
        cylinderKg: 2,
        emptyKg: 5.9,
        regulator: 'dual',
        workingBar: null,
        sharedWith,
        bubblesPerS: 0.8,
        bubbleMl: 0.06,
        linePressureBar: 0.5,
        beforeLightMin: 90,
        beforeDarkMin: 60,
        limitMgPerL: 28,
      },
    ],
    flow: { surface: 'ripple', hasSkimmer: false, turnoverPerH: 8, lossTimes: null, filter: 'seeded' },
    feeding: 'measured-ratio',
    changes: { fraction: 0.4, everyDays: 7, firstWeeks: 'daily' },
    ...keeps(null, ['caridina-multidentata', 3, 28]),
  })

/** Both hang on the cylinder of the left one. */
export const RACK_OWNER_ID = '01920000-0000-7000-8000-000000000004'
export const rackLeft = rackTank('Rack left', 0.9, STRONG_H, '13:00', null)
export const rackRight = rackTank('Rack right', (0.9 * (STRONG_H - RAMP_H)) / (GENTLE_H - RAMP_H), GENTLE_H, '11:00', RACK_OWNER_ID)
