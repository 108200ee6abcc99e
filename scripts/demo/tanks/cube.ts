import { UNKNOWN_LAMP, UNPLANNED, UNTUNED_LINE, type Plan } from '@jovrin/core'
import { layer, outline, piece, PROFILE } from '../layouts.js'
import type { MapPatch, MapSpot } from '../maps.js'
import { common } from './common.js'
import { keeps } from './animals.js'

/** On a window sill of the children's corner: stones, a lawn that roots under film, and no water yet. */
export const cubeTank = (startedOn: string): Plan => ({
  ...common('Window cube', startedOn),
  start: { method: 'dry', endsOnDay: 42, dryLightHours: 10 },
  vessel: { lengthCm: 33, widthCm: 33, heightCm: 33, glassCm: 0.5, freeboardCm: 2, top: 'covered' },
  temperatureC: 24,
  intent: { layout: 'stones', pace: 'steady', hoursPerWeek: 1, money: 350, views: ['front', 'left'], wishes: ['fine-carpet', 'shrimps'] },
  layers: [layer('soil', 'rich-soil', 3, 7)],
  hardscape: [
    piece(
      'slate1',
      { name: 'Main stone', material: 'slate', massKg: 1.5, heightCm: 15, sunkCm: 2, profile: PROFILE.lean },
      outline([15, 15], [21, 13], [24, 17], [21, 22], [16, 20]),
    ),
    piece(
      'slate2',
      { name: 'Second stone', material: 'slate', massKg: 0.7, heightCm: 9, sunkCm: 1.5, profile: PROFILE.peak },
      outline([7, 18], [12, 17], [13, 21], [9, 23]),
    ),
    piece(
      'slate3',
      { name: 'Third stone', material: 'slate', massKg: 0.35, heightCm: 5, sunkCm: 1, profile: PROFILE.slab },
      outline([23, 9], [27, 8], [28, 12], [24, 12]),
    ),
  ],
  filters: [{ id: 'hangon', ratedLPerH: 300, headCm: 30, media: 'light', watts: 4 }],
  outlets: [{ id: 'lip', xCm: 16, yCm: 31, zCm: 29, headingDeg: 270, pitchDeg: -10, boreMm: 16 }],
  patches: [{ id: 'carpet', kind: 'carpet', footFraction: 0.8, density: 'thin', pots: null }],
  lamps: [{ ...UNKNOWN_LAMP, id: 'panel', kind: 'panel', watts: 18, lengthCm: 28, widthCm: 12, aboveWaterCm: 12, dimFraction: 0.9 }],
  lightWindows: [{ id: 'day', on: '09:00', hours: 8, rampMin: 15 }],
  gasLines: [{ ...UNTUNED_LINE, id: 'gas', cylinderKg: 0.5, beforeLightMin: 90, beforeDarkMin: 60 }],
  flow: { surface: null, hasSkimmer: false, turnoverPerH: null, lossTimes: null, filter: 'new' },
  feeding: 'lean-column',
  feed: { ...UNPLANNED.feed, macroDays: ['mon', 'wed', 'fri'], traceDays: ['tue', 'thu', 'sat'] },
  changes: { fraction: 0.5, everyDays: 7, firstWeeks: 'every-other' },
  ...keeps(null, ['neocaridina-davidi', 12, 84]),
})

/** Plugs wide apart: the weeks under film shall close them. */
export const CUBE_MAP: readonly MapPatch[] = [
  { outline: outline([0, 0], [32, 0], [32, 13], [20, 12, 1], [12, 15, 1], [0, 14]), plants: [['micranthemum-tweediei', 1]], start: 'cup' },
  { outline: outline([0, 16], [7, 16.5, 1], [8, 25], [0, 26]), plants: [['staurogyne-repens', 1]] },
  { outline: outline([0, 27.5], [32, 25, 1], [32, 32], [0, 32]), plants: [['eleocharis-pusilla', 1]], start: 'cup' },
]
export const CUBE_SPOTS: readonly MapSpot[] = [
  {
    piece: 'slate2',
    alongFraction: 0.5,
    upFraction: 0.55,
    widthCm: 4,
    heightCm: 2.5,
    species: 'taxiphyllum-barbieri',
    laying: 'chopped',
    start: 'cup',
  },
]
